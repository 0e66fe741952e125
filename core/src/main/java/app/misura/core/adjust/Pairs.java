package app.misura.core.adjust;

import java.util.ArrayList;
import java.util.List;

/** What two readings of a fit would explain together: each in the other's place, or both set aside. */
record Pairs(Network network, Fit fit) {
    /** An exchange that explains less than this share of what one reading alone would is none. */
    private static final double WORTH = 0.7;

    /** The pairs whose exchange would explain most of what the strongest reading alone explains. */
    List<Adjustment.Exchange> exchanges() {
        double strongest = fit.w(fit.strongest());
        double least = WORTH * strongest * strongest;
        List<Integer> checked = fit.checked();
        List<Adjustment.Exchange> exchanges = new ArrayList<>();
        for (int i = 0; i < checked.size(); i++) {
            for (int j = i + 1; j < checked.size(); j++) {
                double gain = gainOfExchange(checked.get(i), checked.get(j));
                if (gain >= least) {
                    exchanges.add(new Adjustment.Exchange(id(checked.get(i)), id(checked.get(j)), gain));
                }
            }
        }
        return exchanges;
    }

    /** By how much chi-square falls when two readings stand in each other's place. */
    private double gainOfExchange(int i, int j) {
        Double a = network.measures().get(i).value();
        Double b = network.measures().get(j).value();
        if (a == null || b == null) {
            return 0;
        }
        double d = b - a;
        double linear = fit.said(i) - fit.said(j);
        double square = fit.across(i, i) + fit.across(j, j) - 2 * fit.across(i, j);
        return -(2 * d * linear + d * d * square);
    }

    /**
     * The two checked measures that together explain most of chi-square, the stronger first; of several the first in form
     * order. Empty where no two can be told apart.
     */
    List<Integer> best() {
        List<Integer> best = List.of();
        double most = 0;
        for (int a = 0; a < fit.checked().size(); a++) {
            for (int b = a + 1; b < fit.checked().size(); b++) {
                int i = fit.checked().get(a);
                int j = fit.checked().get(b);
                double gain = fit.isParallel(i, j) ? 0 : gainOfBoth(i, j);
                if (gain > most * (1 + Fit.TIE)) {
                    most = gain;
                    best = Math.abs(fit.w(i)) >= Math.abs(fit.w(j)) ? List.of(i, j) : List.of(j, i);
                }
            }
        }
        return best;
    }

    /** By how much chi-square falls when two readings are set aside together. */
    private double gainOfBoth(int i, int j) {
        double a = fit.said(i);
        double b = fit.said(j);
        double across = fit.across(i, j);
        double det = fit.across(i, i) * fit.across(j, j) - across * across;
        return (a * a * fit.across(j, j) - 2 * a * b * across + b * b * fit.across(i, i)) / det;
    }

    private String id(int i) {
        return network.measures().get(i).id();
    }
}
