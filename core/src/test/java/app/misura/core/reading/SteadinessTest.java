package app.misura.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.length.Length;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class SteadinessTest {
    private static final OrderForm FORM = OrderForms.shipped().get("trousers-tailored");
    private static final Instant BEGUN = Instant.parse("2026-11-30T10:00:00Z");

    private final List<Reading> readings = new ArrayList<>();

    private void read(String step, String text, int minute, @Nullable String struck) {
        Instant at = BEGUN.plus(Duration.ofMinutes(minute));
        Strike strike = struck == null ? null : new Strike(struck, at, "dewi");
        Length length = Length.fromMm(10 * Double.parseDouble(text));
        readings.add(new Reading(step, null, text, length, FORM.step(step).play(), at, "dewi", null, strike));
    }

    private Steadiness of(String step) {
        return Steadiness.of(new Sheet(FORM, Wearer.USUAL, Map.of(), readings)).stream()
                .filter(s -> s.value().isOf(step))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void oneTryIsSteadyAndItsTimeIsFromTheReadingBefore() {
        read("D1", "103", 0, null);
        read("D2", "58.5", 2, null);
        assertThat(of("D1"))
                .isEqualTo(new Steadiness(of("D1").value(), 1, 0, false, Length.ZERO, null, Length.fromMm(5)));
        assertThat(of("D2").took()).isEqualTo(Duration.ofMinutes(2));
        assertThat(of("D2").isUnsteady()).isFalse();
    }

    @Test
    void aStruckTryIsUnsteadyAndItsSpreadCounts() {
        read("D1", "103", 0, null);
        read("S1", "87", 1, "tape twisted");
        read("S1", "78.5", 5, null);
        assertThat(of("S1").tries()).isEqualTo(2);
        assertThat(of("S1").strikes()).isEqualTo(1);
        assertThat(of("S1").spread()).isEqualTo(Length.fromMm(85));
        assertThat(of("S1").took()).isEqualTo(Duration.ofMinutes(5));
        assertThat(of("S1").isUnsteady()).isTrue();
    }

    /** What is taken again after a check spoke is a change of mind, and no try that lies apart. */
    @Test
    void aValueTakenAgainIsUnsteadyWhereItCameOutOtherwise() {
        read("U1", "113", 0, null);
        readings.add(readings.get(0).inRound(2));
        assertThat(of("U1").isUnsteady()).isFalse();
        read("U1", "98", 2, null);
        readings.set(2, readings.get(2).inRound(3));
        assertThat(of("U1").changed()).isTrue();
        assertThat(of("U1").spread()).isEqualTo(Length.ZERO);
        assertThat(of("U1").isUnsteady()).isTrue();
    }

    /** Half a centimetre is much for a leg and little for a seat; a step that wants two to agree says how near. */
    @Test
    void howFarTriesMayLieApartIsTheMeasures() {
        read("U1", "104", 0, null);
        read("U1", "105", 1, null);
        read("D1", "103", 2, null);
        read("D1", "104", 3, null);
        read("U2", "82", 4, null);
        read("U2", "83", 5, null);
        assertThat(of("U1").isUnsteady()).isFalse();
        assertThat(of("D1").isUnsteady()).isTrue();
        assertThat(of("U2").nearness()).isEqualTo(FORM.step("U2").within());
        assertThat(of("U2").isUnsteady()).isFalse();
    }

    @Test
    void aPauseIsNoTimeThatAReadingTook() {
        read("D1", "103", 0, null);
        read("D2", "58.5", 45, null);
        assertThat(of("D2").took()).isNull();
    }

    private void struckLater(String step, String text, Strike strike) {
        Length length = Length.fromMm(10 * Double.parseDouble(text));
        readings.add(new Reading(step, null, text, length, FORM.step(step).play(), BEGUN, "dewi", null, strike));
    }

    private double widens(String step) {
        Sheet sheet = new Sheet(FORM, Wearer.USUAL, Map.of(), readings);
        Sheet.Slot slot = sheet.slots().stream()
                .filter(s -> s.id().isOf(step))
                .findFirst()
                .orElseThrow();
        return Steadiness.widens(
                slot, java.util.Objects.requireNonNull(sheet.settled().get(slot.id())), sheet);
    }

    @Test
    void aStrikeOrTriesFarApartMakeAValueLessSure() {
        read("D1", "103", 0, null);
        assertThat(widens("D1")).isEqualTo(1);
        read("D2", "58.5", 1, "not sure");
        read("D2", "58.5", 2, null);
        assertThat(widens("D2")).isEqualTo(1.3);
        read("S1", "87", 3, "tape twisted");
        read("S1", "78.5", 4, null);
        assertThat(widens("S1")).isEqualTo(1.5);
    }

    /** What was known before and is taken once more says nothing of the hand; nor does what is struck another day. */
    @Test
    void whatTheHandDidNotStrikeLeavesAValueAsSure() {
        for (Strike strike : List.of(
                new Strike(Strike.TAKEN_ANEW, BEGUN, "dewi"),
                new Strike(Strike.TAKEN_OVER + "A 12", BEGUN, "dewi"),
                new Strike(Strike.CHANGED, BEGUN, "dewi"),
                new Strike("read once more", BEGUN.plus(Duration.ofHours(3)), "dewi"))) {
            readings.clear();
            struckLater("S1", "87", strike);
            read("S1", "78.5", 5, null);
            assertThat(of("S1").isUnsteady()).as(strike.reason()).isFalse();
            assertThat(widens("S1")).as(strike.reason()).isEqualTo(1);
        }
    }
}
