package app.misura.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.misura.core.house.HouseTables;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import java.io.StringReader;
import java.util.Map;
import org.junit.jupiter.api.Test;

class CatalogueTest {
    @Test
    void hasEveryMeasure() {
        assertThat(Catalogue.shipped().all()).hasSize(169);
        Measure seat = Catalogue.shipped().get("seat-girth");
        assertThat(seat.kind()).isEqualTo(Kind.GIRTH);
        assertThat(seat.sdCm()).isEqualTo(0.9);
        assertThat(seat.conditions()).containsExactly(Condition.Aspect.POSTURE);
        assertThat(Catalogue.shipped().get("thigh-crotch-girth").bothSides()).isTrue();
    }

    @Test
    void namesEveryFaultyLine() {
        String header = "code,name,kind,region,sides,path,sd_cm,adult_low_cm,adult_high_cm,conditions\n";
        String csv = header
                + "a,A,girth,trunk,none,p,1,50,40,\nb,B,ring,trunk,none,p,1,40,50,\nb,B,girth,trunk,none,p,1,40,50,moon\n";
        assertThatThrownBy(() -> Catalogue.read(new StringReader(csv)))
                .hasMessageContaining("line 2: a has span 50.0 to 40.0")
                .hasMessageContaining("line 3")
                .hasMessageContaining("line 4: unknown condition moon");
    }

    @Test
    void aConditionThatIsNotStatedIsTheUsualOne() {
        Condition straight = Condition.of(Map.of("joint", "straight", "posture", "standing"));
        assertThat(straight.isSame(Condition.USUAL)).isTrue();
        assertThat(Condition.of(Map.of("joint", "bent")).isSame(Condition.USUAL))
                .isFalse();
        assertThat(Condition.of(Map.of("stance", "shoulder-wide")).isSame(Condition.USUAL))
                .isTrue();
        assertThatThrownBy(() -> Condition.of(Map.of("joint", "loose", "mood", "good")))
                .hasMessageContaining("joint must be one of")
                .hasMessageContaining("\"mood\" is no condition");
    }

    @Test
    void playIsTakenOffByWhereTheTapeLies() {
        assertThat(HouseTables.shipped()
                        .playMm(Play.ONE_FINGER, Catalogue.shipped().get("seat-girth")))
                .isEqualTo(15);
        assertThat(HouseTables.shipped()
                        .playMm(Play.ONE_FINGER, Catalogue.shipped().get("knee-girth")))
                .isEqualTo(10);
        assertThat(HouseTables.shipped()
                        .playMm(Play.ONE_FINGER, Catalogue.shipped().get("crotch-loop")))
                .isEqualTo(5);
        assertThat(HouseTables.shipped()
                        .playMm(Play.ONE_FINGER, Catalogue.shipped().get("inside-leg")))
                .isZero();
    }

    @Test
    void anInchSizedNumberIsRecognised() {
        Measure seat = Catalogue.shipped().get("seat-girth");
        assertThat(seat.likelierUnit(Length.of("38", Unit.CM), Unit.CM, 1)).isEqualTo(Unit.INCH);
        assertThat(seat.likelierUnit(Length.of("98", Unit.CM), Unit.CM, 1)).isNull();
        assertThat(seat.fit(Length.of("50.3", Unit.CM), 1)).isEqualTo(Measure.Fit.IMPOSSIBLY_SMALL);
        assertThat(seat.fit(Length.of("50.5", Unit.CM), 1)).isEqualTo(Measure.Fit.SMALL);
        assertThat(seat.fit(Length.of("50.5", Unit.CM), 0.6)).isEqualTo(Measure.Fit.USUAL);
    }
}
