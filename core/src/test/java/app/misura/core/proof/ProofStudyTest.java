package app.misura.core.proof;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.adjust.Adjustment;
import app.misura.core.adjust.Network;
import app.misura.core.finding.Finding;
import app.misura.core.form.OrderForms;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import app.misura.core.slip.Slip;
import java.util.List;
import java.util.Locale;
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

    private static double share(int part, int whole) {
        return whole == 0 ? 1 : (double) part / whole;
    }

    /** By chance alone so many of a hundred lie off in so few sheets: three standard deviations. */
    private static double chance(double share, int of) {
        return 3 * Math.sqrt(share * (1 - share) / of);
    }

    private static Adjustment adjusted(Sheet sheet, double steadiness) {
        Network network = SheetNetwork.of(sheet, sheet.settled());
        List<Network.Measure> measures = network.measures().stream()
                .map(m -> new Network.Measure(m.id(), m.value(), m.sd() * steadiness, m.increment()))
                .toList();
        return Adjustment.of(new Network(network.settings(), measures, network.closures()));
    }

    private static void say(String line, Object... values) {
        System.out.printf(Locale.ROOT, "proof study, seed " + SEED + ": " + line + "%n", values);
    }

    @ParameterizedTest
    @CsvSource({
        "trousers-tailored, 0.90, 0.97",
        "coat-tailored, 0.82, 0.94",
        "race-suit, 0.67, 0.90",
        "period-upper, 0, 0",
        "long-glove, 0, 0"
    })
    void honestSheetsAreSeldomBlamedAndLargeSlipsAreFound(String form, double found, double foundBySteady) {
        for (double steadiness : new double[] {1, STEADY}) {
            Hands hands = new Hands(OrderForms.shipped().get(form), steadiness, SEED);
            int blamed = 0;
            int warned = 0;
            int flagged = 0;
            int right = 0;
            for (int i = 0; i < SHEETS; i++) {
                Sheet honest = hands.honest();
                blamed += adjusted(honest, steadiness).holds() ? 0 : 1;
                warned += Proof.of(honest).findings().stream()
                                .anyMatch(f -> f.isWarning() && !f.rule().equals("span"))
                        ? 1
                        : 0;
                List<Settled> checked = Hands.checked(honest);
                Settled value = checked.get(hands.random().nextInt(checked.size()));
                Adjustment slipped =
                        adjusted(Hands.moved(honest, value, hands.random().nextBoolean() ? 6 : -6), steadiness);
                flagged += slipped.holds() ? 0 : 1;
                right += !slipped.holds()
                                && slipped.suspects()
                                        .get(0)
                                        .members()
                                        .contains(value.id().toString())
                        ? 1
                        : 0;
            }
            say(
                    "%s, hands x %.1f: honest sheets blamed %.2f %%, warned of %.1f %%; 6 cm flagged %.0f %%, with the"
                            + " right group %.0f %%",
                    form,
                    steadiness,
                    100 * share(blamed, SHEETS),
                    100 * share(warned, SHEETS),
                    100 * share(flagged, SHEETS),
                    100 * share(right, SHEETS));
            double wanted = steadiness == 1 ? found : foundBySteady;
            assertThat(share(blamed, SHEETS)).isLessThanOrEqualTo(0.015 + chance(0.01, SHEETS));
            assertThat(share(right, SHEETS)).isGreaterThanOrEqualTo(wanted - chance(wanted, SHEETS));
        }
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
