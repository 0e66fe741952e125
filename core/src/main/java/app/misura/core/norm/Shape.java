package app.misura.core.norm;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * How some measures of the people of one kind are spread together: the logarithms of their lengths in cm are normal. Most
 * bodies lie between two such shapes; which of them a body is nearer to, its own numbers tell.
 *
 * @param like whose shape it is, for people
 * @param share of bodies, before anything is known of one
 * @param of the measures, as keys
 * @param mean of the logarithms
 * @param covariance of the logarithms, row by row
 */
public record Shape(String like, double share, List<String> of, double[] mean, double[][] covariance) {
    public Shape {
        of = List.copyOf(of);
    }

    /** The middle of a measure, cm. */
    public double middleCm(int measure) {
        return Math.exp(mean[measure]);
    }

    /** One standard deviation of a measure, as a share of it. */
    public double spread(int measure) {
        return Math.sqrt(covariance[measure][measure]);
    }

    /** Where a measure stands in it; -1 where it does not. */
    public int at(String key) {
        return of.indexOf(key);
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Shape s
                && like.equals(s.like)
                && share == s.share
                && of.equals(s.of)
                && Arrays.equals(mean, s.mean)
                && Arrays.deepEquals(covariance, s.covariance);
    }

    @Override
    public int hashCode() {
        return Objects.hash(like, share, of, Arrays.hashCode(mean), Arrays.deepHashCode(covariance));
    }

    @Override
    public String toString() {
        return "shape like " + like + " of " + of.size() + " measures";
    }
}
