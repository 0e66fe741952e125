package app.misura.core.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.form.ValueId;
import app.misura.core.measure.Side;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Sheets;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class BodyTest {
    @ParameterizedTest
    @MethodSource("app.misura.core.body.Bodies#all")
    void knownGirthsAreDrawn(Body body) {
        Map<String, Double> girths = body.numbers().girths();
        assertThat(body.girthAt("chest", Side.RIGHT)).isEqualTo(girths.get("chest-girth"), within(0.1));
        assertThat(body.girthAt("band", Side.RIGHT)).isEqualTo(girths.get("trouser-waist-girth"), within(0.1));
        assertThat(body.girthAt("seat", Side.RIGHT)).isEqualTo(girths.get("seat-girth"), within(0.1));
    }

    @Test
    void legGirthsMayDifferByside() {
        Map<String, Double> left = new HashMap<>(Map.of("thigh-crotch-girth", 54.0, "knee-girth", 36.0));
        Body body = Body.of(new BodyNumbers(
                170,
                30,
                Map.of("thigh-crotch-girth", 58.0, "knee-girth", 38.0),
                Map.of(Side.LEFT, left),
                Map.of(),
                Map.of()));
        assertThat(body.girthAt("thighTop", Side.LEFT)).isEqualTo(54, within(0.1));
        assertThat(body.girthAt("thighTop", Side.RIGHT)).isEqualTo(58, within(0.1));
        assertThat(body.girthAt("knee", Side.LEFT)).isEqualTo(36, within(0.1));
    }

    @Test
    void knownHeightsAreDrawn() {
        Proof proof = Proof.of(Sheets.of(Sheets.AVERAGE));
        Body body = Body.of(BodyNumbers.of(proof));
        assertThat(body.height()).isEqualTo(171);
        assertThat(body.level("crotch")).isEqualTo(77.5, within(0.1));
        assertThat(body.level("band")).isEqualTo(103, within(0.1));
        assertThat(body.level("knee")).isEqualTo(45, within(0.1));
        assertThat(body.level("seat")).isEqualTo(84.5, within(0.1));
    }

    @Test
    void aSuspectedReadingDoesNotBendTheFigure() {
        Proof proof = Proof.of(Sheets.of(Sheets.AVERAGE.replace(" S1=77.5", " S1=68")));
        assertThat(proof.suspected()).containsExactly(ValueId.of("S1"));
        assertThat(BodyNumbers.of(proof).heights()).doesNotContainKey("crotch");
    }

    @Test
    void sectionsOfKnownExponents() {
        assertThat(Section.factor(2)).isEqualTo(1, within(1e-4));
        assertThat(Section.factor(2.4)).isEqualTo(1.0345, within(1e-3));
        assertThat(Section.factor(3)).isEqualTo(1.0735, within(1e-3));
        assertThat(Section.girth(15.5, 11.1, 2.5)).isEqualTo(87.7, within(0.1));
    }
}
