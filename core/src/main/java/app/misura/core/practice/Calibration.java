package app.misura.core.practice;

import app.misura.core.adjust.Adjustment;
import app.misura.core.proof.Proof;
import java.util.List;

/**
 * Whether readings scatter as they are assumed to: the mean of chi-square over its degrees of freedom, over sheets that were
 * found in order. Near 1 they do; far over it hands are less steady than assumed, far under it steadier.
 *
 * @param sheets how many had anything that checks itself
 * @param mean 0 where there is none
 */
public record Calibration(int sheets, double mean) {
    /** Fewer sheets say little. */
    private static final int ENOUGH = 10;

    /** Within this of 1 it is as assumed. House default. */
    private static final double NEAR = 0.35;

    /** Of some sheets. @param proofs those with no fault of a sum */
    public static Calibration of(List<Proof> proofs) {
        List<Adjustment.GlobalTest> tests = proofs.stream()
                .map(p -> p.adjustment().globalTest())
                .filter(t -> t.degreesOfFreedom() > 0)
                .toList();
        return new Calibration(
                tests.size(),
                tests.stream()
                        .mapToDouble(t -> t.statistic() / t.degreesOfFreedom())
                        .average()
                        .orElse(0));
    }

    /** What it says, for people. */
    public String said() {
        if (sheets < ENOUGH) {
            return "Too few sheets to say; " + ENOUGH + " would do.";
        }
        return mean > 1 + NEAR
                ? "Hands here scatter more than is assumed."
                : mean < 1 - NEAR ? "Hands here are steadier than is assumed." : "Hands here scatter as is assumed.";
    }
}
