package app.misura.core.proof;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.adjust.Adjustment;
import app.misura.core.adjust.Network;
import app.misura.core.adjust.Strength;
import app.misura.core.finding.Finding;
import app.misura.core.form.OrderForms;
import app.misura.core.length.Length;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import app.misura.core.slip.Slip;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.apache.commons.statistics.distribution.NormalDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * How often the proof is right on made-up bodies that honest hands measured; prints its table. {@code -Dmisura.study=20000}
 * makes it long.
 */
class ProofStudyTest {
    private static final long SEED = 2718;
    private static final int SHEETS = Integer.getInteger("misura.study", 400);
    /** As steady as the hands of the published cases: 0.3 to 0.7 cm on lengths. */
    private static final double STEADY = 0.6;

    private static final double SLIP_CM = 6;

    private static double share(int part, int whole) {
        return whole == 0 ? 1 : (double) part / whole;
    }

    /** By chance alone so many of a hundred lie off in so few sheets: three standard deviations. */
    private static double chance(double share, int of) {
        return 3 * Math.sqrt(share * (1 - share) / of);
    }

    private static Network network(Sheet sheet, double steadiness) {
        Network network = SheetNetwork.of(sheet, sheet.settled());
        List<Network.Measure> measures = network.measures().stream()
                .map(m -> new Network.Measure(m.id(), m.value(), m.sd() * steadiness, m.increment()))
                .toList();
        return new Network(network.settings(), measures, network.closures());
    }

    private static Adjustment adjusted(Sheet sheet, double steadiness) {
        return Adjustment.of(network(sheet, steadiness));
    }

    private static void say(String line, Object... values) {
        System.out.printf(Locale.ROOT, "proof study, seed " + SEED + ": " + line + "%n", values);
    }

    /**
     * How often the method can find an error of so many cm at best, each value of a sum as likely as any other: what is over
     * the bound by chance and by the error. The error is one that the form can read: 5.7 cm where it reads quarter inches.
     */
    private static double limit(Sheet sheet, double cm, double steadiness) {
        Network network = network(sheet, steadiness);
        double size = sheet.form().increment().snap(Length.fromMm(10 * cm)).to(sheet.unit());
        double bound =
                Objects.requireNonNull(Adjustment.of(network).suspectTest().critical());
        List<String> checked =
                Hands.checked(sheet).stream().map(s -> s.id().toString()).toList();
        return Strength.of(network).noticed().stream()
                .filter(n -> checked.contains(n.id()))
                .mapToDouble(n -> NormalDistribution.of(0, 1).cumulativeProbability(size / n.errorSd() - bound))
                .average()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({"trousers-tailored", "coat-tailored", "race-suit", "period-upper", "long-glove"})
    void honestSheetsAreSeldomBlamedAndLargeSlipsAreFound(String form) {
        for (double steadiness : new double[] {1, STEADY}) {
            Hands hands = new Hands(OrderForms.shipped().get(form), steadiness, SEED);
            int blamed = 0;
            int warned = 0;
            int flagged = 0;
            int right = 0;
            double limit = 0;
            for (int i = 0; i < SHEETS; i++) {
                Sheet honest = hands.honest();
                blamed += adjusted(honest, steadiness).holds() ? 0 : 1;
                warned += Proof.of(honest).findings().stream().anyMatch(ProofStudyTest::isFalse) ? 1 : 0;
                List<Settled> checked = Hands.checked(honest);
                Settled value = checked.get(hands.random().nextInt(checked.size()));
                limit = i == 0 ? limit(honest, SLIP_CM, steadiness) : limit;
                double cm = hands.random().nextBoolean() ? SLIP_CM : -SLIP_CM;
                Adjustment slipped = adjusted(Hands.moved(honest, value, cm), steadiness);
                flagged += slipped.holds() ? 0 : 1;
                right += names(slipped, value) ? 1 : 0;
            }
            say(
                    "%s, hands x %.1f: honest sheets blamed %.2f %%, warned of %.1f %%; 6 cm flagged %.0f %%, with the"
                            + " right group %.0f %%, at best %.0f %%",
                    form,
                    steadiness,
                    100 * share(blamed, SHEETS),
                    100 * share(warned, SHEETS),
                    100 * share(flagged, SHEETS),
                    100 * share(right, SHEETS),
                    100 * limit);
            assertThat(share(blamed, SHEETS)).as(form).isLessThanOrEqualTo(0.015 + chance(0.015, SHEETS));
            // its bodies are of another model than the norms: some of them are unusual by those
            assertThat(share(warned, SHEETS)).as(form).isLessThanOrEqualTo(0.12 + chance(0.12, SHEETS));
            assertThat(share(right, SHEETS)).as(form).isGreaterThanOrEqualTo(limit - 0.03 - chance(limit, SHEETS));
        }
    }

    /** A warning of an honest sheet; spans are left out, for a made-up body may be larger than nearly all are. */
    private static boolean isFalse(Finding finding) {
        return finding.isWarning() && !finding.rule().equals("span");
    }

    private static boolean names(Adjustment adjustment, Settled value) {
        return !adjustment.holds()
                && adjustment.suspects().get(0).members().contains(value.id().toString());
    }

    @ParameterizedTest
    @CsvSource({"trousers-tailored", "coat-tailored", "race-suit", "period-upper"})
    void aSlipIsNamedOnlyWhereItIsNearlySure(String form) {
        Hands hands = new Hands(OrderForms.shipped().get(form), 1, SEED);
        int flagged = 0;
        int named = 0;
        int right = 0;
        int measure = 0;
        for (int i = 0; i < SHEETS; i++) {
            Sheet honest = hands.honest();
            List<Settled> checked = Hands.checked(honest);
            Hands.Done done = hands.slip(honest, checked.get(hands.random().nextInt(checked.size())));
            if (done == null) {
                continue;
            }
            Proof proof = Proof.of(done.sheet());
            if (proof.suspect().isEmpty()) {
                continue;
            }
            flagged++;
            measure += !proof.slips().isEmpty()
                            && proof.slips().get(0).value().equals(done.value().id())
                    ? 1
                    : 0;
            if (proof.slip().isPresent()) {
                Slip slip = proof.slip().get();
                named++;
                boolean same =
                        slip.value().equals(done.value().id()) && slip.would().equals(done.meant());
                right += same ? 1 : 0;
            }
        }
        say(
                "%s: %d slips of the hand flagged, the likeliest names the right measure in %.0f %%; %.0f %% named, of"
                        + " these right %.0f %%",
                form, flagged, 100 * share(measure, flagged), 100 * share(named, flagged), 100 * share(right, named));
        assertThat(flagged).isGreaterThan(SHEETS / 10);
        assertThat(share(right, named)).as(form).isGreaterThanOrEqualTo(0.85 - chance(0.85, Math.max(named, 1)));
    }

    @Test
    void anHonestSheetAsksNothingOfSlips() {
        Hands hands = new Hands(OrderForms.shipped().get("trousers-tailored"), 0.2, SEED);
        for (int i = 0; i < 50; i++) {
            Proof proof = Proof.of(hands.honest());
            assertThat(proof.slips()).isEmpty();
            assertThat(proof.findings()).noneMatch(Finding::isFault);
        }
    }
}
