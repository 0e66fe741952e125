package app.misura.core.adjust;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The adjustment against the same formulas worked out another way, and against what must hold for any network. */
class AdjustmentTest {
    private static final long SEED = 5150;
    private static final Network.Settings ONE_FIT = new Network.Settings(0.01, Network.Gate.SUSPECT, 0.98, 0);

    private final Random random = new Random(SEED);

    /** Segments that add up to wholes, which add up to a whole of their own; read with noise. */
    private Network network(Network.Settings settings, double noise) {
        List<Network.Measure> measures = new ArrayList<>();
        List<Network.Closure> closures = new ArrayList<>();
        double whole = 0;
        Map<String, Double> all = new LinkedHashMap<>();
        for (int k = 0; k < 3; k++) {
            double sum = 0;
            Map<String, Double> terms = new LinkedHashMap<>();
            for (int i = 0; i < 3; i++) {
                double length = 15 + random.nextDouble() * 30;
                sum += length;
                measures.add(read("s" + k + i, length, noise));
                terms.put("s" + k + i, 1.0);
            }
            measures.add(read("w" + k, sum, noise));
            terms.put("w" + k, -1.0);
            closures.add(new Network.Closure("c" + k, terms, 0, 0.25 + 0.5 * random.nextDouble()));
            all.put("w" + k, 1.0);
            whole += sum;
        }
        measures.add(read("all", whole, noise));
        all.put("all", -1.0);
        closures.add(new Network.Closure("c-all", all, 0, 0.5));
        return new Network(settings, measures, closures);
    }

    private Network.Measure read(String id, double length, double noise) {
        double sd = 0.3 + random.nextDouble();
        return new Network.Measure(id, length + noise * sd * random.nextGaussian(), sd, 0.5);
    }

    private static Network with(Network network, String id, double by) {
        List<Network.Measure> measures = new ArrayList<>(network.measures());
        measures.replaceAll(
                m -> m.id().equals(id) ? new Network.Measure(id, m.value() + by, m.sd(), m.increment()) : m);
        return new Network(network.settings(), measures, network.closures());
    }

    private static Network missing(Network network, String id) {
        List<Network.Measure> measures = new ArrayList<>(network.measures());
        measures.replaceAll(m -> m.id().equals(id) ? new Network.Measure(id, null, m.sd(), m.increment()) : m);
        return new Network(network.settings(), measures, network.closures());
    }

    private static double term(Network.Closure closure, Network.Measure measure) {
        return closure.terms().getOrDefault(measure.id(), 0.0);
    }

    /** Gaps of all closures. */
    private static double[] gaps(Network network) {
        return network.closures().stream()
                .mapToDouble(c -> c.constant()
                        + network.measures().stream()
                                .mapToDouble(m -> term(c, m) * m.value())
                                .sum())
                .toArray();
    }

    private static double[][] covariance(Network network) {
        int n = network.closures().size();
        double[][] v = new double[n][n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                for (Network.Measure m : network.measures()) {
                    double variance = m.sd() * m.sd() + m.increment() * m.increment() / 12;
                    v[i][j] += term(network.closures().get(i), m)
                            * variance
                            * term(network.closures().get(j), m);
                }
            }
            double loose = network.closures().get(i).looseness();
            v[i][i] += loose * loose;
        }
        return v;
    }

    /** Solves {@code m x = b} by elimination with the largest pivot. */
    private static double[] solve(double[][] m, double[] b) {
        int n = b.length;
        double[][] a = new double[n][];
        for (int i = 0; i < n; i++) {
            a[i] = java.util.Arrays.copyOf(m[i], n + 1);
            a[i][n] = b[i];
        }
        for (int k = 0; k < n; k++) {
            int pivot = k;
            for (int i = k + 1; i < n; i++) {
                pivot = Math.abs(a[i][k]) > Math.abs(a[pivot][k]) ? i : pivot;
            }
            double[] row = a[k];
            a[k] = a[pivot];
            a[pivot] = row;
            for (int i = k + 1; i < n; i++) {
                double factor = a[i][k] / a[k][k];
                for (int j = k; j <= n; j++) {
                    a[i][j] -= factor * a[k][j];
                }
            }
        }
        double[] x = new double[n];
        for (int i = n - 1; i >= 0; i--) {
            x[i] = a[i][n];
            for (int j = i + 1; j < n; j++) {
                x[i] -= a[i][j] * x[j];
            }
            x[i] /= a[i][i];
        }
        return x;
    }

    private static double dot(double[] a, double[] b) {
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += a[i] * b[i];
        }
        return sum;
    }

    @Test
    void statisticAndCorrectionAreThoseOfTheFormulas() {
        int flagged = 0;
        for (int i = 0; i < 200; i++) {
            Network network = network(ONE_FIT, 2);
            Adjustment result = Adjustment.of(network);
            double[] r = gaps(network);
            double[][] v = covariance(network);
            double[] wr = solve(v, r);
            assertThat(result.globalTest().statistic()).as("seed %d", SEED).isEqualTo(dot(r, wr), within(1e-8));
            assertThat(result.globalTest().degreesOfFreedom()).isEqualTo(4);
            for (Adjustment.Suspect suspect : result.suspects()) {
                for (Map.Entry<String, Adjustment.Correction> each :
                        suspect.corrections().entrySet()) {
                    flagged++;
                    Network.Measure m = network.measures().stream()
                            .filter(o -> o.id().equals(each.getKey()))
                            .findFirst()
                            .orElseThrow();
                    double[] f = network.closures().stream()
                            .mapToDouble(c -> term(c, m))
                            .toArray();
                    double fwf = dot(f, solve(v, f));
                    double error = dot(f, wr) / fwf;
                    assertThat(each.getValue().error()).isEqualTo(error, within(1e-8));
                    assertThat(each.getValue().absW()).isEqualTo(Math.abs(dot(f, wr)) / Math.sqrt(fwf), within(1e-8));
                    assertThat(each.getValue().suggested()).isEqualTo(m.value() - error, within(1e-8));
                    assertThat(each.getValue().errorSd()).isEqualTo(1 / Math.sqrt(fwf), within(1e-8));
                }
            }
        }
        assertThat(flagged).as("some were flagged, seed %d", SEED).isGreaterThan(20);
    }

    @Test
    void adjustedValuesComeFromTheGapsThroughTheReadingsOwnSpread() {
        Network network = network(ONE_FIT, 1);
        double[] wr = solve(covariance(network), gaps(network));
        Map<String, Double> adjusted = new LinkedHashMap<>();
        Adjustment.of(network).adjusted().forEach(a -> adjusted.put(a.id(), a.value()));
        for (Network.Measure m : network.measures()) {
            double[] f =
                    network.closures().stream().mapToDouble(c -> term(c, m)).toArray();
            double variance = m.sd() * m.sd() + m.increment() * m.increment() / 12;
            assertThat(adjusted.get(m.id()))
                    .as("%s, seed %d", m.id(), SEED)
                    .isEqualTo(m.value() - variance * dot(f, wr), within(1e-8));
        }
    }

    @Test
    void exactReadingsAreConsistent() {
        for (int i = 0; i < 50; i++) {
            Adjustment result = Adjustment.of(network(Network.Settings.USUAL, 0));
            assertThat(result.status()).as("seed %d", SEED).isEqualTo(Adjustment.Status.CONSISTENT);
            assertThat(result.globalTest().statistic()).isEqualTo(0, within(1e-12));
            assertThat(result.suspects()).isEmpty();
            assertThat(result.last()).isNull();
        }
    }

    @Test
    void theUnitOfTheTapeChangesNothing() {
        for (int i = 0; i < 50; i++) {
            Network cm = with(network(Network.Settings.USUAL, 1), "s11", 6);
            Network inches = scaled(cm, 1 / 2.54);
            Adjustment a = Adjustment.of(cm);
            Adjustment b = Adjustment.of(inches);
            assertThat(b.status()).as("seed %d", SEED).isEqualTo(a.status());
            assertThat(b.globalTest().statistic()).isEqualTo(a.globalTest().statistic(), within(1e-7));
            assertThat(b.suspects().stream().map(Adjustment.Suspect::members).toList())
                    .isEqualTo(a.suspects().stream()
                            .map(Adjustment.Suspect::members)
                            .toList());
            assertThat(b.removals().stream().map(Adjustment.Removal::id).toList())
                    .isEqualTo(a.removals().stream().map(Adjustment.Removal::id).toList());
        }
    }

    private static Network scaled(Network n, double by) {
        return new Network(
                n.settings(),
                n.measures().stream()
                        .map(m -> new Network.Measure(m.id(), m.value() * by, m.sd() * by, m.increment() * by))
                        .toList(),
                n.closures().stream()
                        .map(c -> new Network.Closure(c.id(), c.terms(), c.constant() * by, c.looseness() * by))
                        .toList());
    }

    @Test
    void theOrderOfTheSumsChangesNoNumber() {
        for (int i = 0; i < 50; i++) {
            Network network = network(Network.Settings.USUAL, 2);
            List<Network.Closure> turned = new ArrayList<>(network.closures());
            Collections.shuffle(turned, random);
            Adjustment a = Adjustment.of(network);
            Adjustment b = Adjustment.of(new Network(network.settings(), network.measures(), turned));
            assertThat(b.status()).as("seed %d", SEED).isEqualTo(a.status());
            assertThat(b.globalTest().statistic()).isEqualTo(a.globalTest().statistic(), within(1e-8));
            for (int k = 0; k < a.adjusted().size(); k++) {
                assertThat(b.adjusted().get(k).value())
                        .isEqualTo(a.adjusted().get(k).value(), within(1e-8));
            }
        }
    }

    @Test
    void aMissingReadingIsOneOfWhichNothingIsKnown() {
        for (int i = 0; i < 50; i++) {
            Network read = network(ONE_FIT, 1);
            Network left = missing(read, "w1");
            List<Network.Measure> vague = new ArrayList<>(read.measures());
            vague.replaceAll(m -> m.id().equals("w1") ? new Network.Measure("w1", 100.0, 1e4, 0) : m);
            Adjustment a = Adjustment.of(left);
            Adjustment b = Adjustment.of(new Network(ONE_FIT, vague, read.closures()));
            assertThat(a.globalTest().degreesOfFreedom()).isEqualTo(3);
            assertThat(a.globalTest().statistic())
                    .as("seed %d", SEED)
                    .isEqualTo(b.globalTest().statistic(), within(1e-3));
            Adjustment.Value implied = a.implied().get(0);
            double same = b.adjusted().stream()
                    .filter(v -> v.id().equals("w1"))
                    .findFirst()
                    .orElseThrow()
                    .value();
            assertThat(implied.id()).isEqualTo("w1");
            assertThat(implied.value()).isEqualTo(same, within(1e-3));
        }
    }

    @Test
    void aLargeErrorIsSetAsideAndNearlyFound() {
        for (int i = 0; i < 100; i++) {
            Network honest = network(Network.Settings.USUAL, 0);
            Adjustment result = Adjustment.of(with(honest, "w1", 12));
            assertThat(result.removals()).as("seed %d", SEED).hasSize(1);
            Adjustment.Removal removal = result.removals().get(0);
            assertThat(removal.id()).isEqualTo("w1");
            assertThat(removal.error()).isEqualTo(12, within(1e-6));
            assertThat(result.status()).isEqualTo(Adjustment.Status.RESOLVED);
            assertThat(result.last()).isNotNull();
            assertThat(result.last().holds()).isTrue();
        }
    }

    @Test
    void aSegmentOfOneSumCannotBeToldFromItsNeighbours() {
        Adjustment result = Adjustment.of(with(network(Network.Settings.USUAL, 0), "s11", 12));
        assertThat(result.suspects().get(0).members()).containsExactlyInAnyOrder("s10", "s11", "s12");
        assertThat(result.status()).as("the sum of all still stands").isEqualTo(Adjustment.Status.RESOLVED);
        result.suspects()
                .get(0)
                .corrections()
                .forEach((id, c) -> assertThat(c.error()).as(id).isEqualTo(12, within(1e-6)));
    }

    @Test
    void threeWrongReadingsAreMeasuredAgain() {
        Network three = with(with(with(network(Network.Settings.USUAL, 0), "w0", 14), "w1", -18), "w2", 23);
        Adjustment result = Adjustment.of(three);
        assertThat(result.status()).isEqualTo(Adjustment.Status.UNRESOLVED);
        assertThat(result.removals()).hasSize(2);
    }

    @Test
    void badNetworksAreRefusedByName() {
        Network.Measure a = new Network.Measure("a", 1.0, 0.5, 0.5);
        assertThatThrownBy(() -> new Network(ONE_FIT, List.of(a, a), List.of())).hasMessageContaining("twice");
        Network.Closure c = new Network.Closure("c", Map.of("b", 1.0), 0, 1);
        assertThatThrownBy(() -> new Network(ONE_FIT, List.of(a), List.of(c))).hasMessageContaining("names no measure");
        assertThatThrownBy(() -> new Network.Measure("a", 1.0, 0, 0.5)).hasMessageContaining("sd");
        assertThatThrownBy(() -> new Network.Measure("a", 1.0, 1, -1)).hasMessageContaining("increment");
        assertThatThrownBy(() -> new Network.Closure("c", Map.of(), 0, Double.NaN))
                .hasMessageContaining("looseness");
        assertThatThrownBy(() -> new Network.Settings(1, Network.Gate.GLOBAL, 0.9, 1))
                .hasMessageContaining("alpha");
        assertThatThrownBy(() -> new Network.Settings(0.5, Network.Gate.GLOBAL, 0, 1))
                .hasMessageContaining("parallel");
        assertThatThrownBy(() -> new Network.Settings(0.5, Network.Gate.GLOBAL, 1, -1))
                .hasMessageContaining("maxRemovals");
    }

    @Test
    void withNothingToCheckNothingIsSaid() {
        Network.Measure a = new Network.Measure("a", 1.0, 0.5, 0.5);
        Adjustment result = Adjustment.of(new Network(Network.Settings.USUAL, List.of(a), List.of()));
        assertThat(result.status()).isEqualTo(Adjustment.Status.NOTHING_TO_CHECK);
        assertThat(result.unchecked()).containsExactly("a");
        assertThat(result.holds()).isTrue();
    }
}
