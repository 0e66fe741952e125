package app.misura.core.norm;

import java.util.List;

/**
 * What a measure of a body is, given others.
 *
 * @param cm the middle of what is likely
 * @param sdCm one standard deviation of bodies round it
 * @param from ids of what tells most of it, the most telling first
 */
public record Likely(double cm, double sdCm, List<String> from) {
    public Likely {
        from = List.copyOf(from);
    }
}
