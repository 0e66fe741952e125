package app.misura.core.norm;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.resource.Shipped;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What ships of bodies is what the measured people say; a body is likely what its numbers make of it. */
class NormsTest {
    private static final Norms NORMS = Norms.shipped();
    private static final List<Known> HONEST = List.of(
            known("height", 170),
            known("seat-girth", 98),
            known("thigh-below-girth", 57),
            known("knee-girth", 36.5),
            known("calf-girth", 36));

    private static Known known(String of, double cm) {
        return new Known(of, of, cm, 0.5, 0);
    }

    private static LikelyBody body(List<Known> known) {
        return LikelyBody.of(NORMS, known, false, 1);
    }

    @Test
    void theShapesThatShipAreThoseOfTheMeasuredPeople() {
        List<MeasuredPeople.Person> people = MeasuredPeople.all();
        assertThat(people).hasSize(300);
        long men = people.stream().filter(MeasuredPeople.Person::isMan).count();
        assertThat(NORMS.people()).contains(men + " men and " + (300 - men) + " women");
        assertThat(NORMS.people())
                .contains("seats from " + least(people, "seat-girth") + " to " + most(people, "seat-girth"));
        assertThat(NORMS.people())
                .contains("heights from " + least(people, "height") + " to " + most(people, "height"));
        List<Shape> fitted = MeasuredPeople.shapes(people);
        for (int s = 0; s < 2; s++) {
            Shape ships = NORMS.shapes().get(s);
            Shape from = fitted.get(s);
            assertThat(ships.of()).isEqualTo(from.of());
            for (int i = 0; i < from.of().size(); i++) {
                assertThat(ships.middleCm(i)).as(from.of().get(i)).isEqualTo(from.middleCm(i), within(0.006));
                for (int j = 0; j <= i; j++) {
                    double correlation = ships.covariance()[i][j] / ships.spread(i) / ships.spread(j);
                    assertThat(correlation)
                            .as(from.of().get(i) + " with " + from.of().get(j))
                            .isEqualTo(from.covariance()[i][j] / from.spread(i) / from.spread(j), within(0.001));
                }
            }
        }
    }

    private static long least(List<MeasuredPeople.Person> people, String key) {
        return people.stream().mapToLong(p -> Math.round(cm(p, key))).min().orElseThrow();
    }

    private static long most(List<MeasuredPeople.Person> people, String key) {
        return people.stream().mapToLong(p -> Math.round(cm(p, key))).max().orElseThrow();
    }

    private static double cm(MeasuredPeople.Person person, String key) {
        Double cm = person.cm().get(key);
        return cm == null ? Double.NaN : cm;
    }

    /** By hand: of two measures of one shape, the mean moves by correlation x ratio of spreads, the rest of the spread is left. */
    @Test
    void whatOneMeasureMakesOfAnotherIsTheTextbooks() {
        Shape shape = new Shape(
                "two", 1, List.of("height", "seat-girth"), new double[] {Math.log(170), Math.log(100)}, new double[][] {
                    {0.0016, 0.0012}, {0.0012, 0.0049}
                });
        Norms two = NORMS.with("two", List.of(shape), List.of());
        LikelyBody body = LikelyBody.of(two, List.of(new Known("h", "height", 180, 0, 0)), false, 1);
        Likely seat = body.likely("seat-girth").orElseThrow();
        double log = Math.log(100) + 0.75 * Math.log(180.0 / 170);
        assertThat(seat.cm()).isEqualTo(Math.exp(log), within(0.01));
        assertThat(seat.sdCm()).isEqualTo(seat.cm() * Math.sqrt(0.0049 - 0.0012 * 0.0012 / 0.0016), within(0.01));
        assertThat(seat.from()).containsExactly("h");
    }

    @Test
    void aBodysShapeIsToldByItsOwnNumbers() {
        List<Known> broad = List.of(
                known("height", 182), known("forearm-girth", 29), known("wrist-girth", 17.5), known("seat-girth", 97));
        List<Known> fine = List.of(
                known("height", 162), known("forearm-girth", 23), known("wrist-girth", 14.8), known("seat-girth", 97));
        assertThat(body(broad).shares().get(0)).isGreaterThan(0.95);
        assertThat(body(fine).shares().get(0)).isLessThan(0.05);
    }

    @Test
    void aRuleHangsOnWhatIsMeasured() {
        Likely thigh = body(List.of(known("seat-girth", 100), known("height", 172)))
                .likely("thigh-crotch-girth")
                .orElseThrow();
        assertThat(thigh.cm()).isBetween(56.0, 63.0);
        Likely read = body(List.of(known("thigh-below-girth", 57), known("seat-girth", 100)))
                .likely("thigh-crotch-girth")
                .orElseThrow();
        assertThat(read.cm()).isEqualTo(58.1, within(0.6));
        assertThat(read.sdCm()).isLessThan(thigh.sdCm());
        assertThat(read.from().get(0)).isEqualTo("thigh-below-girth");
    }

    @Test
    void aChildIsABodyOfItsSize() {
        List<Known> child = List.of(known("height", 125), known("seat-girth", 68), known("navel-girth", 57));
        LikelyBody body = LikelyBody.of(NORMS, child, true, 1);
        assertThat(body.compared())
                .allSatisfy(c -> assertThat(c.isUnusual()).as(c.toString()).isFalse());
        assertThat(body.likely("knee-girth").orElseThrow().cm()).isBetween(23.0, 29.0);
    }

    @Test
    void whoIsNotGrownDiffersMore() {
        List<Known> body = List.of(known("height", 160), known("seat-girth", 88), known("navel-girth", 70));
        assertThat(share(LikelyBody.of(NORMS, body, true, 1))).isGreaterThan(1.15 * share(body(body)));
    }

    @Test
    void outsideWhatWasMeasuredLessIsKnown() {
        double inside =
                share(body(List.of(known("height", 172), known("navel-girth", 90), known("thigh-below-girth", 57))));
        double outside =
                share(body(List.of(known("height", 172), known("navel-girth", 150), known("thigh-below-girth", 86))));
        assertThat(outside).isGreaterThan(1.25 * inside);
    }

    private static double share(LikelyBody body) {
        Likely seat = body.likely("knee-girth").orElseThrow();
        return seat.sdCm() / seat.cm();
    }

    @Test
    void whatStandsOutIsNamedAndOneSlipWidensNothing() {
        assertThat(body(HONEST).compared()).noneMatch(Compared::isUnusual);
        List<Known> slipped = new ArrayList<>(HONEST);
        slipped.set(1, known("seat-girth", 118));
        Compared most = body(slipped).compared().stream()
                .max(Comparator.comparingDouble(Compared::surprise))
                .orElseThrow();
        assertThat(most.known().of()).isEqualTo("seat-girth");
        assertThat(most.isUnusual()).isTrue();
        double before = body(HONEST).compared().get(1).sdCm();
        assertThat(body(slipped).compared().get(1).sdCm()).isEqualTo(before, within(0.35));
    }

    @Test
    void aSlipOfTheSizeThatIsSaidIsNoticedFourTimesInFive() {
        Random random = new Random(4711);
        Compared seat = body(HONEST).compared().get(1);
        int noticed = 0;
        for (int i = 0; i < 2000; i++) {
            double cm = seat.expected() + seat.sdCm() * random.nextGaussian() + seat.leastNoticed();
            List<Known> slipped = new ArrayList<>(HONEST);
            slipped.set(1, known("seat-girth", cm));
            noticed += body(slipped).compared().get(1).isUnusual() ? 1 : 0;
        }
        assertThat(noticed / 2000.0).isBetween(0.74, 0.88);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "of: foot-length|of: foot-lenght|no measure is called foot-lenght",
                "is: 0.59 inside-leg|is: 0.59 arm-length-knuckle|knee-to-floor stands before arm-length-knuckle",
                "spread: 4.5, about: length|spread: 0, about: length|rule of arm-length: arm-length: spread must lie between",
                "about: leg }|about: knee }|rule of thigh-crotch-girth: No enum constant",
                "spread: 3.93, with: [] }|spread: 3.93, with: [0.5] }|people like men, height: one number for each measure above it, 0, not 1",
                "with: [0.208]|with: [1.208]|each number lies between -1 and 1, not 1.208",
                "share: 0.5|share: 0.7|the shares of all shapes are 1 together",
                "differ: 1.3|differ: 0.3|child: height over 0, differ from 1",
                "alike: 0.45|alike: 0|sides: alike over 0",
                "within: 20|within: 0|misread: within over 0"
            })
    void aFaultOfTheTextIsSaidWithItsPlace(String right, String wrong, String said) {
        String text = Shipped.text("house/bodies.yaml");
        assertThat(text).contains(right);
        String changed = text.replaceFirst(
                java.util.regex.Pattern.quote(right), java.util.regex.Matcher.quoteReplacement(wrong));
        assertThatThrownBy(() -> Norms.read(changed))
                .hasMessageContaining("house/bodies.yaml")
                .hasMessageContaining(said);
    }

    @Test
    void allFaultsOfATextAreSaidAtOnce() {
        String text = Shipped.text("house/bodies.yaml")
                .replace("within: 20", "within: 0")
                .replace("alike: 0.45", "alike: 0")
                .replace("of: foot-length", "of: foot-lenght");
        assertThatThrownBy(() -> Norms.read(text))
                .hasMessageContaining("misread")
                .hasMessageContaining("sides")
                .hasMessageContaining("foot-lenght");
    }

    /** The house's own people move the shapes half way at thirty each, and one misread body hardly. */
    @Test
    void shapesFollowBodiesSlowlyAndNotSlips() {
        Random random = new Random(12);
        List<Map<String, Double>> bodies = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            double size = 1.1 * Math.exp(0.03 * random.nextGaussian());
            bodies.add(Map.of("seat-girth", 100 * size, "navel-girth", 96 * size, "height", 170.0));
        }
        List<Shape> after = ShapesFit.of(NORMS.shapes(), bodies);
        double share = after.stream().mapToDouble(Shape::share).sum();
        assertThat(share).isEqualTo(1, within(1e-9));
        Norms house = NORMS.with("here", after, NORMS.rules());
        double before = body(List.of(known("height", 170)))
                .likely("seat-girth")
                .orElseThrow()
                .cm();
        double then = LikelyBody.of(house, List.of(known("height", 170)), false, 1)
                .likely("seat-girth")
                .orElseThrow()
                .cm();
        assertThat(then).isBetween(before + 4, 110.0);
        List<Map<String, Double>> misread = new ArrayList<>(bodies);
        misread.add(Map.of("seat-girth", 11.0, "navel-girth", 96.0, "height", 170.0));
        double pulled = LikelyBody.of(
                        NORMS.with("here", ShapesFit.of(NORMS.shapes(), misread), NORMS.rules()),
                        List.of(known("height", 170)),
                        false,
                        1)
                .likely("seat-girth")
                .orElseThrow()
                .cm();
        assertThat(pulled).isEqualTo(then, within(1.0));
    }
}
