package app.misura.core.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.fit.ChainLine;
import app.misura.core.form.OrderForms;
import app.misura.core.garment.Choices;
import app.misura.core.garment.Garment;
import app.misura.core.garment.Garments;
import app.misura.core.house.HouseTables;
import app.misura.core.proof.Proof;
import app.misura.core.reading.MadeUp;
import app.misura.core.reading.Sheet;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A foam suit is cut by the thickness that was ordered. */
class FoamTest {
    private final Garment suit = Garments.shipped().find("foam-suit").orElseThrow();

    private Choices choices(String thickness) {
        return suit.choices().usual(Map.of("thickness", thickness));
    }

    private ChainLine seat(String thickness) {
        Sheet sheet = new MadeUp(11)
                .sheet(OrderForms.shipped().get("foam-suit"), Map.of("thickness", thickness), HouseTables.shipped());
        return ((Cutting.Cut) Cutting.of(Proof.of(sheet), suit, choices(thickness)))
                .spec()
                .line("seat");
    }

    @Test
    void theAnswerIsTheSheetsThicknessWithItsStretch() {
        assertThat(choices("5 mm").numberOr0("thickness")).isEqualTo(5);
        assertThat(choices("5 mm").numberOr0("tested-across")).isEqualTo(0.18);
        assertThat(choices("3 mm").numberOr0("thickness")).isEqualTo(3);
        assertThat(choices("3 mm").numberOr0("tested-across")).isEqualTo(0.25);
    }

    @Test
    void fiveMillimetresAreSixMoreRoundTheSeatAndStretchLess() {
        ChainLine three = seat("3 mm");
        ChainLine five = seat("5 mm");
        assertThat(five.thickness() - three.thickness()).isEqualTo(2 * Math.PI, within(0.01));
        assertThat(-three.ease().value() / (three.net() + three.ease().value())).isEqualTo(0.05, within(0.001));
        assertThat(-five.ease().value() / (five.net() + five.ease().value())).isEqualTo(0.045, within(0.001));
    }
}
