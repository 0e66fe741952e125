package app.misura.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.form.Settle;
import app.misura.core.form.Step;
import app.misura.core.form.StepSide;
import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.measure.Condition;
import app.misura.core.measure.Kind;
import app.misura.core.measure.Place;
import app.misura.core.measure.Play;
import app.misura.core.proof.Proof;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Values that are no length, and a band with the value that is preferred in it. */
class SaidTest {
    private final OrderForm form = OrderForms.shipped().get("target-coat");
    private final Step mass = step(Kind.MASS);
    private final Step word = step(Kind.WORD);

    private Step step(Kind kind) {
        return form.steps().stream()
                .filter(s -> s.takesReadings() && s.taken().kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    private static Reading reading(Step step, String text) {
        return new Reading(step.label(), null, text, null, step.play(), Instant.EPOCH, "tester", null, null);
    }

    @ParameterizedTest
    @CsvSource({"72, 72 kg", "'72,5', 72.5 kg", "72.5 kg, 72.5 kg", "158 lb, 158 lb", "158LB, 158 lb"})
    void aMassIsKeptAsItWasSaid(String text, String said) {
        assertThat(Judged.of(text, mass, form, 1.0)).isEqualTo(new Judged.Kept(null, false, "kept as " + said));
        assertThat(Said.text(reading(mass, text), mass)).isEqualTo(said);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "abc", "72 cm", "7 2", "72/2", "0", "1000", "-3"})
    void whatIsNoMassIsRefusedInWords(String text) {
        assertThat(Judged.of(text, mass, form, 1.0)).isInstanceOf(Judged.Refused.class);
    }

    /** 25 lb is 11 kg, far under what an adult weighs; so is 300 kg over it. */
    @ParameterizedTest
    @ValueSource(strings = {"25 lb", "300", "30"})
    void anUnusualMassIsAskedAbout(String text) {
        assertThat(Judged.of(text, mass, form, 1.0)).isInstanceOf(Judged.Unusual.class);
    }

    @Test
    void aWordIsKeptAsItIs() {
        assertThat(Judged.of(" 48 R (DE) ", word, form, 1.0)).isInstanceOf(Judged.Kept.class);
        assertThat(Judged.of("x".repeat(41), word, form, 1.0)).isInstanceOf(Judged.Refused.class);
        assertThat(Judged.of("  ", word, form, 1.0)).isInstanceOf(Judged.Refused.class);
        assertThat(Said.text(reading(word, " 48 R "), word)).isEqualTo("48 R");
    }

    @Test
    void neitherTakesPartInAnySum() {
        Sheet sheet = new Sheet(form, Wearer.USUAL, Map.of(), List.of(reading(mass, "72"), reading(word, "48 R")));
        Proof proof = Proof.of(sheet);
        assertThat(proof.settled().values()).extracting(Settled::said).containsExactly("72 kg", "48 R");
        assertThat(proof.adjustment().unchecked()).doesNotContain(mass.label(), word.label());
        assertThat(proof.unchecked()).isEmpty();
    }

    private static Settled band(String... tries) {
        OrderForm trousers = OrderForms.shipped().get("trousers-tailored");
        Step any = trousers.step("U2");
        Step step = new Step(
                "U2",
                "U",
                "Neck seal",
                any.measure(),
                List.of(),
                StepSide.NONE,
                Condition.USUAL,
                Place.ONLY,
                Play.SNUG,
                Settle.BAND,
                Length.ZERO,
                null,
                false,
                Map.of(),
                null,
                null,
                Length.ZERO,
                any.prompt());
        List<Reading> readings = List.of(tries).stream()
                .map(t -> new Reading(
                        "U2", null, t, Length.of(t, Unit.CM), Play.SNUG, Instant.EPOCH, "tester", null, null))
                .toList();
        return Settling.of(ValueId.of("U2"), step, null, readings).orElseThrow();
    }

    @Test
    void ofABandThePreferredOneCounts() {
        Settled settled = band("36", "40", "38");
        assertThat(settled.length()).isEqualTo(Length.of("38", Unit.CM));
        assertThat(settled.note()).isEqualTo(Settled.Note.NONE);
        assertThat(band("36", "40", "36").note()).isEqualTo(Settled.Note.NONE);
        assertThat(band("36", "40", "41").note()).isEqualTo(Settled.Note.OUTSIDE_BAND);
        assertThat(band("36", "40", "35").note()).isEqualTo(Settled.Note.OUTSIDE_BAND);
        assertThat(band("36", "40").note()).isEqualTo(Settled.Note.BAND_OPEN);
        assertThat(band("36").note()).isEqualTo(Settled.Note.BAND_OPEN);
    }
}
