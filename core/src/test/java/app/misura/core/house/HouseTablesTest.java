package app.misura.core.house;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.measure.Catalogue;
import app.misura.core.measure.Play;
import app.misura.core.resource.Shipped;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HouseTablesTest {
    private final HouseTables tables = HouseTables.shipped();

    @ParameterizedTest
    @CsvSource({
        "seat-girth,2-fingers,30",
        "calf-girth,2-fingers,20",
        "calf-girth,firm,-5",
        "waist-crotch-loop,2-fingers,10",
        "outside-leg,2-fingers,0",
        "seat-girth,snug,0"
    })
    void playIsTakenByWhereTheTapeLies(String measure, String play, double mm) {
        assertThat(tables.playMm(
                        Play.named(play).orElseThrow(),
                        Catalogue.shipped().find(measure).orElseThrow()))
                .isEqualTo(mm);
    }

    @Test
    void whatLiesBeneathAGirthGoesRoundIt() {
        assertThat(tables.classes().get("G").layers()).isEqualTo(2 * Math.PI, within(1e-12));
        assertThat(tables.classes().get("P").layers()).isEqualTo(2);
        assertThat(tables.classes().get("A").thickness()).isEqualTo(Math.PI / 2, within(1e-12));
    }

    @Test
    void whoIsNotGrownIsPressedLess() {
        assertThat(tables.pressureMmHg(true)).isEqualTo(15);
        assertThat(tables.pressureMmHg(false)).isLessThan(tables.pressureMmHg(true));
    }

    @Test
    void everyFaultIsSaidAtOnce() {
        String wrong = Shipped.text("house/tables.yaml")
                .replace("  easy: {", "  easily: {")
                .replace(
                        "layers: 2 pi, thickness: pi, grow: 15, apart: 6",
                        "layers: 2 moons, thickness: pi, grow: 15, apart: 6")
                .replace("cut: along, layers: 2,", "cut: aslant, layers: 2,")
                .replace("pull: 60, ", "");
        assertThatThrownBy(() -> HouseTables.read(wrong))
                .hasMessageStartingWith("house/tables.yaml: ")
                .hasMessageContaining("play easy has no row")
                .hasMessageContaining("class G: 2 moons is no number")
                .hasMessageContaining("class P: cut must be across or along, not aslant")
                .hasMessageContaining("cloth knit stretches and wants tested, pull and most");
    }
}
