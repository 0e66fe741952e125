package app.misura.core.house;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.measure.Catalogue;
import app.misura.core.measure.Measure;
import app.misura.core.measure.Play;
import app.misura.core.resource.Shipped;
import java.util.EnumMap;
import java.util.Map;
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

    @Test
    void aHouseSetsItsOwnNumbersWithinBounds() {
        HouseNumbers usual = tables.numbers();
        Map<Play, HouseNumbers.Adds> play = new EnumMap<>(usual.play());
        play.put(Play.ONE_FINGER, new HouseNumbers.Adds(25, 12, 5));
        HouseTables own = tables.with(7, new HouseNumbers(play, 12));
        Measure seat = Catalogue.shipped().find("seat-girth").orElseThrow();
        assertThat(own.version()).isEqualTo(7);
        assertThat(own.playMm(Play.ONE_FINGER, seat)).isEqualTo(25);
        assertThat(own.playMm(Play.TWO_FINGERS, seat)).isEqualTo(tables.playMm(Play.TWO_FINGERS, seat));
        assertThat(own.movementMarginMm()).isEqualTo(12);
        assertThat(tables.playMm(Play.ONE_FINGER, seat))
                .as("those that ship stay")
                .isEqualTo(15);
        play.put(Play.ONE_FINGER, new HouseNumbers.Adds(Double.NaN, 12, 5));
        play.remove(Play.EASY);
        HouseNumbers wrong = new HouseNumbers(play, 61);
        assertThat(wrong.faults()).hasSize(3);
        assertThatThrownBy(() -> tables.with(8, wrong)).isInstanceOf(IllegalArgumentException.class);
    }
}
