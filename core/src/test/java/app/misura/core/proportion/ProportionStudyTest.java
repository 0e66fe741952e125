package app.misura.core.proportion;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.finding.Finding;
import app.misura.core.form.OrderForms;
import app.misura.core.measure.Kind;
import app.misura.core.proof.Hands;
import app.misura.core.proof.Proof;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * How often a slip in a girth that no sum checks is warned of by name, on made-up men, women and children of their own kinds
 * that honest hands measured; prints its table. {@code -Dmisura.study=3000} makes it long.
 */
class ProportionStudyTest {
    private static final long SEED = 1618;
    private static final int SHEETS = Integer.getInteger("misura.study", 400);
    private static final double TRUNK_CM = 15;
    private static final double LIMB_CM = 8;

    /** How often a value was slipped, and named. */
    private static final class Count {
        private int of;
        private int named;

        void add(boolean so) {
            of++;
            named += so ? 1 : 0;
        }

        double share() {
            return of == 0 ? 1 : (double) named / of;
        }
    }

    @ParameterizedTest
    @CsvSource({"trousers-tailored", "coat-tailored", "race-suit"})
    void aLargeSlipInAGirthIsNamed(String form) {
        Hands hands = new Hands(OrderForms.shipped().get(form), 1, SEED, true);
        int falseOnes = 0;
        Count trunk = new Count();
        Count limb = new Count();
        Map<String, Count> byValue = new TreeMap<>();
        int children = 0;
        for (int i = 0; i < SHEETS; i++) {
            Sheet honest = hands.honest();
            children += honest.wearer().age() == AgeGroup.CHILD ? 1 : 0;
            falseOnes += warns(Proof.of(honest), "") ? 1 : 0;
            List<Settled> girths = girths(honest);
            Settled value = girths.get(hands.random().nextInt(girths.size()));
            boolean ofTrunk = isTrunk(value);
            double cm = (ofTrunk ? TRUNK_CM : LIMB_CM) * (hands.random().nextBoolean() ? 1 : -1);
            boolean named =
                    warns(Proof.of(Hands.moved(honest, value, cm)), value.step().label());
            (ofTrunk ? trunk : limb).add(named);
            byValue.computeIfAbsent(value.id() + " " + value.step().taken().code(), c -> new Count())
                    .add(named);
        }
        List<String> each = new ArrayList<>();
        byValue.forEach((name, count) -> each.add(String.format(Locale.ROOT, "%s %.0f", name, 100 * count.share())));
        System.out.printf(
                Locale.ROOT,
                "proportion study, seed %d: %s, honest sheets warned of %.1f %%; named: 15 cm in a trunk girth %.0f %%, 8 cm"
                        + " in a limb girth %.0f %%; %s%n",
                SEED,
                form,
                100.0 * falseOnes / SHEETS,
                100 * trunk.share(),
                100 * limb.share(),
                String.join(", ", each));
        assertThat(children).as("children among the bodies").isBetween(SHEETS / 8, SHEETS / 3);
        assertThat((double) falseOnes / SHEETS).as(form).isLessThanOrEqualTo(.02 + 3 * Math.sqrt(.02 * .98 / SHEETS));
        double all = (double) (trunk.named + limb.named) / SHEETS;
        assertThat(all).as(form).isGreaterThanOrEqualTo(.8 - 3 * Math.sqrt(.8 * .2 / SHEETS));
    }

    private static boolean isTrunk(Settled value) {
        return List.of("trunk", "neck").contains(value.step().taken().region());
    }

    private static List<Settled> girths(Sheet sheet) {
        return sheet.settled().values().stream()
                .filter(s -> s.length() != null
                        && s.step().taken().kind() == Kind.GIRTH
                        && s.made().size() == 1)
                .filter(s -> Objects.requireNonNull(s.length()).toCm() > 17)
                .toList();
    }

    private static boolean warns(Proof proof, String step) {
        return proof.findings().stream()
                .filter(Finding::isWarning)
                .filter(f -> f.rule().equals("proportion") || f.rule().equals("left-right"))
                .anyMatch(f -> step.isEmpty() || f.steps().contains(step));
    }
}
