package app.misura.core.fit;

import app.misura.core.garment.Line;

/**
 * How one finished measure came about, mm: {@code net + growth + layers + thickness + ease = finished}, {@code finished /
 * (1 - shrinkage) = cut}.
 *
 * @param source where the net comes from; of a line that follows from others, nowhere: its step is null
 * @param follows whether it follows from other lines or a wish, and has no net of its own
 */
public record ChainLine(
        Line line,
        Source source,
        boolean follows,
        boolean estimated,
        double net,
        double growth,
        double layers,
        double thickness,
        Ease ease,
        double finished,
        double cut) {

    /** The line's name, which is its target's. */
    public String name() {
        return line.name();
    }

    /** Whether another line shows the same numbers. */
    public boolean isSame(ChainLine other) {
        return finished == other.finished && net == other.net && cut == other.cut;
    }
}
