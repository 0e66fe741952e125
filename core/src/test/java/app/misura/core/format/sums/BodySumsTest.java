package app.misura.core.format.sums;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.cut.RandomBody;
import app.misura.core.form.Closure;
import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.form.ValueId;
import app.misura.core.house.HouseTables;
import app.misura.core.measure.Kind;
import app.misura.core.proof.Bracket;
import app.misura.core.proof.Hands;
import app.misura.core.proof.Proof;
import app.misura.core.reading.MadeUp;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Sheets;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BodySumsTest {
    private static final Pattern BAR = Pattern.compile("class=\"ba[rd]\" d=\"([^\"]*)\"");
    private static final Pattern PLACE = Pattern.compile("[MVH ](-?[\\d.]+)(?: (-?[\\d.]+))?");
    private static final long SEED = 3;

    @Test
    void nothingIsDrawnWhereNoSumCanBeJudged() {
        assertThat(BodySums.svg(Proof.of(Sheets.of("P3=171")))).isEmpty();
        assertThat(BodySums.svg(Proof.of(Sheets.of("D1=103 U1=101")))).isEmpty();
        assertThat(BodySums.svg(Proof.of(Sheets.of("D1=103 D2=58 D3=45")))).contains("class=\"bar\"");
    }

    /** Every bar and the feet lie within the picture, on the smallest bodies and the largest. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19})
    void everyBarLiesInThePicture(int body) {
        String svg = BodySums.svg(Proof.of(new RandomBody(SEED + body).sheet(0)));
        Matcher bar = BAR.matcher(svg);
        int bars = 0;
        while (bar.find()) {
            Matcher place = PLACE.matcher(bar.group(1).replaceAll("H[-\\d.]+", ""));
            while (place.find()) {
                double y = Double.parseDouble(place.group(2) == null ? place.group(1) : place.group(2));
                assertThat(y).as("seed %d: %s", SEED + body, bar.group(1)).isBetween(0.0, 430.0);
            }
            bars++;
        }
        assertThat(bars).isGreaterThanOrEqualTo(5);
        assertThat(svg).doesNotContain("NaN");
    }

    private static final Pattern STRIP = Pattern.compile("d=\"M([\\d.]+) ([\\d.]+)h([\\d.]+)v24h-[\\d.]+Z\"");

    /**
     * Sums with halves, doubles and numbers of the form: each strip is as long as what it counts for, so that the two are as
     * far apart as the proof says, to the scale of the longer.
     */
    @ParameterizedTest
    @ValueSource(strings = {"coat-tailored", "race-suit", "foam-suit", "period-upper", "shirt", "occasion-dress"})
    void aTornSumIsDrawnAsFarApartAsItIs(String id) {
        OrderForm form = OrderForms.shipped().get(id);
        Sheet honest = new MadeUp(3).sheet(form, form.answers(Map.of()), HouseTables.shipped());
        int strips = 0;
        int uneven = 0;
        for (Settled value : honest.settled().values()) {
            if (value.length() == null || value.made().size() > 1) {
                continue;
            }
            Proof proof = Proof.of(Hands.moved(honest, value, 9));
            Map<Double, Double> rows = new TreeMap<>();
            Matcher strip = STRIP.matcher(BodySums.svg(proof));
            while (strip.find()) {
                rows.merge(Double.parseDouble(strip.group(2)), Double.parseDouble(strip.group(3)), Double::sum);
            }
            List<Double> lengths = List.copyOf(rows.values());
            List<Bracket> torn = proof.brackets().stream()
                    .filter(b -> b.state().isTorn() && isFlat(b, proof))
                    .toList();
            assertThat(lengths).as(id + " " + value.id()).hasSize(2 * torn.size());
            for (int i = 0; i < torn.size(); i++) {
                Closure closure = torn.get(i).closure();
                double gap = torn.get(i).gap().toCm();
                double parts = sum(closure, closure.parts(), proof)
                        + Math.max(0, closure.added().toCm());
                double wholes = sum(closure, closure.wholes(), proof)
                        + Math.max(0, -closure.added().toCm());
                assertThat(parts - wholes).as(closure.id()).isEqualTo(gap, within(1e-6));
                double scale = Math.max(lengths.get(2 * i), lengths.get(2 * i + 1)) / Math.max(parts, wholes);
                assertThat(lengths.get(2 * i) - lengths.get(2 * i + 1))
                        .as(id + " " + closure.id())
                        .isEqualTo(gap * scale, within(0.6));
                uneven += closure.members().stream().anyMatch(m -> closure.factor(m) != 1) ? 1 : 0;
                strips++;
            }
        }
        System.out.printf("torn sums drawn flat on %s: %d, with a half or a double %d%n", id, strips, uneven);
        assertThat(strips).as("torn sums that are drawn flat").isPositive();
    }

    /** Not one of the two that stand beside a leg. */
    private static boolean isFlat(Bracket bracket, Proof proof) {
        return proof.brackets().stream()
                .filter(b -> b.closure().labels().stream()
                        .map(label -> proof.sheet().form().step(label).taken())
                        .anyMatch(m -> m.kind() == Kind.HEIGHT && m.region().equals("leg")))
                .limit(2)
                .noneMatch(bracket::equals);
    }

    private static double sum(Closure closure, List<ValueId> values, Proof proof) {
        return values.stream()
                .mapToDouble(
                        v -> closure.factor(v) * proof.value(v).orElseThrow().toCm())
                .sum();
    }
}
