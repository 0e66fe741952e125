package app.misura.core.norm;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.finding.Finding;
import app.misura.core.form.OrderForms;
import app.misura.core.judging.Judging;
import app.misura.core.measure.Kind;
import app.misura.core.proof.Hands;
import app.misura.core.proof.Proof;
import app.misura.core.reading.MadeUp;
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
 * What the rest of a body says of measured people whom the norms do not know: fitted to nine tenths of them, asked of the last.
 * Their girths and height are their own, what was not measured of them is made up; their sheets are honestly measured, then one
 * girth is slipped at a time. Counted for each measure by itself; prints its table. {@code bin/proof-study} makes it
 * long.
 */
class PeopleStudyTest {
    private static final long SEED = 1618;
    private static final int TENTHS = 10;
    private static final int SHEETS = Integer.getInteger("misura.study", 100);
    private static final double TRUNK_CM = 15;
    private static final double LIMB_CM = 8;

    /** How often something was so. */
    private static final class Count {
        private int of;
        private int so;

        void add(boolean is) {
            of++;
            so += is ? 1 : 0;
        }

        double share() {
            return of == 0 ? 0 : (double) so / of;
        }

        @Override
        public String toString() {
            return String.format(Locale.ROOT, "%.0f", 100 * share());
        }
    }

    @ParameterizedTest
    @CsvSource({"trousers-tailored", "coat-tailored", "race-suit", "foam-suit", "period-upper", "stretch-wear"})
    void aSlipInAGirthOfAMeasuredPersonIsNamed(String form) {
        List<MeasuredPeople.Person> people = MeasuredPeople.all();
        Hands hands = new Hands(OrderForms.shipped().get(form), 1, SEED);
        Count warned = new Count();
        Count blamed = new Count();
        Map<String, Count> named = new TreeMap<>();
        Map<String, Count> within = new TreeMap<>();
        Map<String, Count> alone = new TreeMap<>();
        for (int i = 0; i < SHEETS; i++) {
            int tenth = i % TENTHS;
            List<MeasuredPeople.Person> others = new ArrayList<>();
            for (int p = 0; p < people.size(); p++) {
                if (p % TENTHS != tenth) {
                    others.add(people.get(p));
                }
            }
            Norms norms = Norms.shipped()
                    .with(
                            "nine tenths",
                            MeasuredPeople.shapes(others),
                            Norms.shipped().rules());
            Judging judging = Judging.usual().with(norms);
            MeasuredPeople.Person person = people.get(tenth + TENTHS * (i / TENTHS * 7 % (people.size() / TENTHS)));
            Sheet honest = hands.honest(new MadeUp(i, person.cm())).judged(judging);
            Proof proof = Proof.of(honest);
            warned.add(warns(proof, ""));
            blamed.add(proof.findings().stream().anyMatch(Finding::isFault));
            for (Settled value : girths(honest)) {
                String code = value.step().taken().code();
                boolean trunk = value.step().taken().region().equals("trunk");
                double cm = (trunk ? TRUNK_CM : LIMB_CM) * (hands.random().nextBoolean() ? 1 : -1);
                Proof slipped = Proof.of(Hands.moved(honest, value, cm));
                named.computeIfAbsent(code, c -> new Count())
                        .add(warns(slipped, value.step().label()));
                alone.computeIfAbsent(code, c -> new Count())
                        .add(slipped.findings().stream()
                                .anyMatch(f -> f.rule().equals("proportion")
                                        && f.steps().equals(List.of(value.step().label()))));
                proof.expected().stream()
                        .filter(e -> e.value().equals(value.id()))
                        .forEach(e ->
                                within.computeIfAbsent(code, c -> new Count()).add(Math.abs(e.z()) <= 2));
            }
        }
        System.out.printf(
                Locale.ROOT,
                "people study, seed %d, %d sheets: %s, honest blamed %s %%, warned of %.1f %%; named (15 cm trunk, 8 cm limb) %s;"
                        + " alone %s; honest within 2 sd %s%n",
                SEED,
                SHEETS,
                form,
                blamed,
                100 * warned.share(),
                named,
                alone,
                within);
        assertThat(warned.share()).as("honest sheets warned of").isLessThanOrEqualTo(.05 + chance(.05, SHEETS));
        named.forEach((code, count) -> assertThat(count.share())
                .as(form + " " + code)
                .isGreaterThanOrEqualTo(least(code) - chance(least(code), count.of)));
        assertThat(blamed.share()).as("honest sheets blamed").isLessThanOrEqualTo(.01 + chance(.01, SHEETS));
        within.forEach((code, count) -> assertThat(count.share())
                .as(form + " " + code + " honest within 2 sd")
                .isGreaterThanOrEqualTo(.9 - chance(.9, count.of)));
    }

    /** Two and a half standard deviations of chance of a share. */
    private static double chance(double share, int of) {
        return 2.5 * Math.sqrt(share * (1 - share) / of);
    }

    private static double least(String code) {
        return code.contains("waist") || code.contains("navel") || code.contains("belly")
                ? .6
                : code.contains("seat") || code.contains("chest") ? .8 : .85;
    }

    /** Girths that were measured of people, or are a plain share of such, of one side. */
    private static List<Settled> girths(Sheet sheet) {
        return sheet.settled().values().stream()
                .filter(s -> s.length() != null && s.step().taken().kind() == Kind.GIRTH)
                .filter(s -> isMeasured(s.step().taken().code()))
                .filter(s -> s.id().side() == null || s.id().side() == app.misura.core.measure.Side.LEFT)
                .filter(s -> Objects.requireNonNull(s.length()).toCm() > LIMB_CM + 4)
                .toList();
    }

    private static boolean isMeasured(String code) {
        return List.of(
                        "chest-girth",
                        "upper-chest-girth",
                        "waist-narrow-girth",
                        "navel-girth",
                        "trouser-waist-girth",
                        "seat-girth",
                        "thigh-below-girth",
                        "thigh-crotch-girth",
                        "upper-arm-girth",
                        "forearm-girth",
                        "knee-girth",
                        "calf-girth",
                        "ankle-girth",
                        "wrist-girth")
                .contains(code);
    }

    /** Whether a sheet is warned of by the rest of the body; a step, by whatever names it and is no sum. */
    private static boolean warns(Proof proof, String step) {
        List<String> rules = step.isEmpty() ? List.of("proportion") : List.of("proportion", "left-right", "hard-limit");
        return proof.findings().stream()
                .filter(f -> (f.isWarning() || f.isFault()) && rules.contains(f.rule()))
                .anyMatch(f -> step.isEmpty() || f.steps().contains(step));
    }

    /**
     * Bodies of another model, whose relations differ on purpose: straight lines with additive spreads, a stoutness common to all
     * girths, a fifth of them children, some very thin or very large. What is warned of of them says how far the norms carry.
     */
    @ParameterizedTest
    @CsvSource({"trousers-tailored", "coat-tailored", "race-suit"})
    void bodiesOfAnotherModelAreSeldomWarnedOf(String form) {
        Hands hands = new Hands(OrderForms.shipped().get(form), 1, SEED);
        Map<String, Count> warned = new TreeMap<>();
        for (int i = 0; i < 3 * SHEETS; i++) {
            MadeUp body = new MadeUp(i);
            String kind = body.isChild() ? "children" : body.chest > 118 ? "very large" : "others";
            Proof proof = Proof.of(hands.honest(body));
            warned.computeIfAbsent(kind, k -> new Count()).add(warns(proof, ""));
        }
        System.out.printf(Locale.ROOT, "bodies of another model, %s: warned of %s %%%n", form, warned);
        assertThat(warned.get("children").of).as("children").isBetween(SHEETS / 2, SHEETS);
        assertThat(warned.get("very large").of).as("very large").isGreaterThan(SHEETS / 20);
        warned.forEach(
                (kind, count) -> assertThat(count.share()).as(kind).isLessThanOrEqualTo(.08 + chance(.08, count.of)));
    }
}
