package app.misura.core.adjust;

import java.util.ArrayList;
import java.util.List;

/**
 * How well a network checks itself, whatever is read: for each measure the smallest error that would be noticed, the measures
 * that nothing checks, and those that cannot be told apart.
 *
 * @param noticed measures that are checked, in the network's order
 * @param unchecked measures in no check
 * @param groups two or more measures each whose errors look alike
 */
public record Strength(List<Noticed> noticed, List<String> unchecked, List<List<String>> groups) {
    /** How many standard deviations over the bound an error lies that is noticed four times of five. */
    private static final double FOUR_OF_FIVE = 0.84;

    /**
     * @param errorSd with which the others know the measure's error
     * @param least smallest error noticed four times of five, in the network's unit
     */
    public record Noticed(String id, double errorSd, double least) {}

    public Strength {
        noticed = List.copyOf(noticed);
        unchecked = List.copyOf(unchecked);
        groups = groups.stream().map(List::copyOf).toList();
    }

    /**
     * The strength of a network with every measure read.
     *
     * <p>Example: a = b with sd 0.5 each and looseness 0 notices an error from {@code (2.58 + 0.84) x 0.71 = 2.4} on, and
     * cannot tell a from b.
     */
    public static Strength of(Network network) {
        return asRead(network.read());
    }

    /** The strength of a network as it is read: what is missing stays so. */
    public static Strength asRead(Network network) {
        Fit fit = new Fit(network);
        List<Noticed> noticed = new ArrayList<>();
        List<String> unchecked = new ArrayList<>();
        List<List<String>> groups = new ArrayList<>();
        List<Integer> grouped = new ArrayList<>();
        double bound = fit.strongest() < 0 ? 0 : fit.suspectCritical() + FOUR_OF_FIVE;
        for (int i = 0; i < network.measures().size(); i++) {
            String id = network.measures().get(i).id();
            if (network.measures().get(i).value() == null) {
                continue;
            }
            if (!fit.isChecked(i)) {
                unchecked.add(id);
                continue;
            }
            noticed.add(new Noticed(id, fit.errorSd(i), bound * fit.errorSd(i)));
            if (!grouped.contains(i)) {
                List<Integer> like = fit.groupOf(i).stream()
                        .filter(j -> !grouped.contains(j))
                        .toList();
                grouped.addAll(like);
                if (like.size() > 1) {
                    groups.add(like.stream()
                            .map(j -> network.measures().get(j).id())
                            .toList());
                }
            }
        }
        return new Strength(noticed, unchecked, groups);
    }
}
