package app.misura.core.norm;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.ejml.data.DMatrixRMaj;

/**
 * One shape spread over every measure that norms know: the logarithms of all together, normal. Rules are taken in a straight
 * line near the body at hand.
 */
final class Joint {
    final double share;
    final Map<String, Integer> at = new HashMap<>();
    final double[] mean;
    final DMatrixRMaj covariance;

    /**
     * @param differ so many times the spreads
     * @param young whether the body may be of any size
     * @param whole whether every measure may be asked for; else what was read alone stands in it, and what leads there
     */
    Joint(Norms norms, Shape shape, Map<String, Double> readCm, double differ, boolean young, boolean whole) {
        share = shape.share();
        List<Rule> rules = whole ? rules(norms, shape) : leadingTo(readCm.keySet(), rules(norms, shape));
        int n = shape.of().size();
        int size = n + rules.size();
        mean = new double[size];
        covariance = new DMatrixRMaj(size, size);
        double[] point = new double[size];
        spread(norms, shape, differ, young);
        double off = off(shape, readCm);
        for (int i = 0; i < n; i++) {
            point[i] = logOf(shape.of().get(i), readCm, mean[i] + off);
        }
        for (int k = n; k < size; k++) {
            tie(rules.get(k - n), k, point, readCm, differ);
        }
    }

    private static List<Rule> rules(Norms norms, Shape shape) {
        List<Rule> rules = new ArrayList<>();
        for (Rule rule : norms.rules()) {
            if (shape.at(rule.of()) < 0) {
                rules.add(rule);
            }
        }
        return rules;
    }

    private static List<Rule> leadingTo(Set<String> read, List<Rule> rules) {
        Set<String> wanted = new HashSet<>(read);
        List<Rule> kept = new ArrayList<>();
        for (int i = rules.size() - 1; i >= 0; i--) {
            if (wanted.contains(rules.get(i).of())) {
                kept.add(rules.get(i));
                wanted.addAll(rules.get(i).factors().keySet());
            }
        }
        Collections.reverse(kept);
        return kept;
    }

    private void spread(Norms norms, Shape shape, double differ, boolean young) {
        int n = shape.of().size();
        double size = norms.margins().child().spread() / 100;
        int height = shape.at(Norms.HEIGHT);
        double shift = young && height >= 0 ? Math.log(norms.margins().child().height()) - shape.mean()[height] : 0;
        for (int i = 0; i < n; i++) {
            at.put(shape.of().get(i), i);
            mean[i] = shape.mean()[i] + shift;
            for (int j = 0; j < n; j++) {
                covariance.set(i, j, differ * differ * shape.covariance()[i][j] + (young ? size * size : 0));
            }
        }
    }

    /** How much larger than the middle of the shape what was read is, as a share of it. */
    private double off(Shape shape, Map<String, Double> readCm) {
        double sum = 0;
        int count = 0;
        for (int i = 0; i < shape.of().size(); i++) {
            Double cm = readCm.get(shape.of().get(i));
            if (cm != null) {
                sum += Math.log(cm) - mean[i];
                count++;
            }
        }
        return count == 0 ? 0 : sum / count;
    }

    private static double logOf(String name, Map<String, Double> readCm, double otherwise) {
        Double cm = readCm.get(name);
        return cm == null ? otherwise : Math.log(cm);
    }

    /** Adds what a rule is of: a share of each it names, near the point, and a spread of its own. */
    private void tie(Rule rule, int k, double[] point, Map<String, Double> readCm, double differ) {
        double expected = rule.expected(name -> Math.exp(point[place(name)]));
        point[k] = logOf(rule.of(), readCm, Math.log(expected));
        mean[k] = Math.log(expected);
        double own = differ * rule.spread();
        double variance = own * own;
        int[] places = new int[rule.factors().size()];
        double[] shares = new double[places.length];
        int t = 0;
        for (Map.Entry<String, Double> term : rule.factors().entrySet()) {
            places[t] = place(term.getKey());
            shares[t] = term.getValue() * Math.exp(point[places[t]]) / expected;
            mean[k] += shares[t] * (mean[places[t]] - point[places[t]]);
            t++;
        }
        for (int i = 0; i < k; i++) {
            double with = 0;
            for (int j = 0; j < places.length; j++) {
                with += shares[j] * covariance.get(places[j], i);
            }
            covariance.set(k, i, with);
            covariance.set(i, k, with);
        }
        for (int j = 0; j < places.length; j++) {
            variance += shares[j] * covariance.get(k, places[j]);
        }
        covariance.set(k, k, variance);
        at.put(rule.of(), k);
    }

    private int place(String name) {
        Integer place = at.get(name);
        if (place == null) {
            throw new IllegalArgumentException("nothing is known of " + name);
        }
        return place;
    }
}
