package app.misura.core.strength;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.adjust.Network;
import app.misura.core.adjust.Strength;
import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.form.ValueId;
import app.misura.core.judging.Judging;
import app.misura.core.length.Length;
import app.misura.core.norm.Norms;
import app.misura.core.norm.Shape;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class FormStrengthTest {
    private static final OrderForms FORMS = OrderForms.shipped();

    static List<OrderForm> forms() {
        return FORMS.all();
    }

    private static FormStrength of(String form, Judging judging) {
        return FormStrength.of(FORMS.get(form), judging);
    }

    private static FormStrength of(String form) {
        return FormStrength.of(FORMS.get(form), Judging.usual());
    }

    private static Optional<Addition> addition(OrderForm form) {
        return Addition.best(form, Judging.usual(), FORMS);
    }

    /** Two readings of one thing: by hand, bound 2.576, error's sd 0.707, so 3.416 x 0.707. */
    @Test
    void theSmallestErrorIsWorkedOutByHand() {
        Strength strength = Strength.of(new Network(
                Network.Settings.USUAL,
                List.of(
                        new Network.Measure("a", 1.0, 0.5, 0),
                        new Network.Measure("b", null, 0.5, 0),
                        new Network.Measure("c", 1.0, 0.5, 0)),
                List.of(new Network.Closure("k", Map.of("a", 1.0, "b", -1.0), 0, 0))));
        assertThat(strength.noticed()).extracting(Strength.Noticed::id).containsExactly("a", "b");
        assertThat(strength.noticed().get(0).errorSd()).isCloseTo(0.7071, within(1e-4));
        assertThat(strength.noticed().get(0).least()).isCloseTo(2.4154, within(1e-3));
        assertThat(strength.unchecked()).containsExactly("c");
        assertThat(strength.groups()).containsExactly(List.of("a", "b"));
    }

    @Test
    void trousersSayWhatTheyCheckAndWhatTheyCannotTellApart() {
        FormStrength strength = of("trousers-tailored");
        assertThat(strength.noticed())
                .extracting(n -> n.value().toString())
                .containsExactly("D1", "D2", "D3", "S1", "S2", "S3", "S4", "S5", "M1");
        assertThat(strength.unchecked()).extracting(ValueId::toString).contains("U1", "U2", "D9-left", "D9-right");
        assertThat(strength.groups()).contains(List.of(ValueId.of("S3"), ValueId.of("S4"), ValueId.of("S5")));
        assertThat(strength.middle().orElseThrow().toCm()).isBetween(3.0, 8.0);
        assertThat(strength.sharpest().orElseThrow().least())
                .isLessThan(strength.bluntest().orElseThrow().least());
    }

    @Test
    void whatWouldAddMostIsAStepOfAnotherForm() {
        Addition addition = addition(FORMS.get("trousers-tailored-alone")).orElseThrow();
        assertThat(addition.checks()).isNotEmpty();
        assertThat(addition.steps()).hasSizeBetween(1, 2);
    }

    /** Said in its own tape; inches say no more and no less. */
    @ParameterizedTest
    @MethodSource("forms")
    void everyFormHasAStrength(OrderForm form) {
        FormStrength strength = FormStrength.of(form, Judging.usual());
        List<String> values =
                strength.noticed().stream().map(n -> n.value().toString()).toList();
        assertThat(values).doesNotHaveDuplicates();
        assertThat(strength.noticed())
                .allMatch(n -> n.least().isPositive() && n.least().toCm() < 60);
        assertThat(strength.unchecked()).noneMatch(v -> values.contains(v.toString()));
        FormStrength other = FormStrength.of(form.in(form.unit().other()), Judging.usual());
        assertThat(other.noticed()).extracting(n -> n.value().toString()).containsExactlyElementsOf(values);
        addition(form).ifPresent(a -> {
            assertThat(a.checks()).as(form.id()).isNotEmpty().allMatch(strength.unchecked()::contains);
            assertThat(a.steps()).hasSizeBetween(1, 2);
        });
    }

    @Test
    void theRaceSuitIsTheStrongest() {
        long suit = of("race-suit").noticed().size();
        assertThat(forms())
                .allMatch(f -> FormStrength.of(f, Judging.usual()).noticed().size() <= suit);
    }

    /** What stands between two girths and is not read is no reading: the waist alone beside the seat shows little. */
    @Test
    void theRestOfABodyShowsOnlyLargeSlips() {
        FormStrength strength = FormStrength.of(OrderForms.shipped().get("trousers-tailored"), Judging.usual());
        double waist = strength.byBody().stream()
                .filter(n -> n.value().toString().equals("U2"))
                .findFirst()
                .orElseThrow()
                .least()
                .toCm();
        assertThat(waist).as("people differ there by more than a hand").isBetween(15.0, 30.0);
        assertThat(strength.byBody()).extracting(n -> n.value().toString()).contains("U1", "D8", "D9-left");
    }

    @Test
    void aHouseThatExpectsMoreOfBodiesIsToldOfSmallerSlips() {
        Judging usual = Judging.usual();
        Norms norms = usual.norms();
        Judging strict = usual.with(norms.with(
                "half as wide",
                norms.shapes().stream()
                        .map(s -> new Shape(
                                s.like(),
                                s.share(),
                                s.of(),
                                s.mean(),
                                Arrays.stream(s.covariance())
                                        .map(row -> Arrays.stream(row)
                                                .map(c -> c / 4)
                                                .toArray())
                                        .toArray(double[][]::new)))
                        .toList(),
                norms.rules().stream()
                        .map(r -> r.with(r.factors(), r.constant(), r.spread() / 2))
                        .toList()));
        List<FormStrength.Noticed> before = of("coat-tailored", usual).byBody();
        Map<ValueId, Length> then = of("coat-tailored", strict).byBody().stream()
                .collect(Collectors.toMap(FormStrength.Noticed::value, FormStrength.Noticed::least));
        assertThat(before)
                .isNotEmpty()
                .allSatisfy(n -> assertThat(then.get(n.value())).isNotNull().isLessThan(n.least()));
        assertThat(of("coat-tailored", usual.with(Norms.none())).byBody()).isEmpty();
    }
}
