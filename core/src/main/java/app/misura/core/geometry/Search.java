package app.misura.core.geometry;

import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.ToDoubleFunction;
import org.apache.commons.numbers.rootfinder.BrentSolver;
import org.jspecify.annotations.Nullable;

/**
 * Looks for the one number at which a thing drawn from it is off by nought: the height of a hem at which a seam has its
 * length. Each candidate is drawn anew from its number alone; what is found is handed back, so that nothing is drawn
 * twice.
 *
 * <p>Secants first, for what grows or falls nearly evenly; once the root is enclosed and secants are slow, Brent's
 * method. Never outside the bounds.
 *
 * <pre>{@code
 * Search.of(y -> line(y), line -> line.length() - 800).from(790, 4).between(0, 2000).within(0.004).found()
 * }</pre>
 *
 * @param <T> what is drawn
 */
public final class Search<T> {
    private static final int SECANTS = 24;
    /** A secant step is at most so many times the one before: a flat stretch must not throw the search far away. */
    private static final double LONGEST_STEP = 6;

    /** A step that brings it nearer by a smaller share leads over a flat stretch: on to the bound. */
    private static final double FLAT = 1e-9;

    private static final int HALVINGS = 8;

    private final DoubleFunction<@Nullable T> draw;
    private final ToDoubleFunction<T> off;
    private double guess;
    private double step = 1;
    private double low = Double.NEGATIVE_INFINITY;
    private double high = Double.POSITIVE_INFINITY;

    private Search(DoubleFunction<@Nullable T> draw, ToDoubleFunction<T> off) {
        this.draw = draw;
        this.off = off;
    }

    /** What a search comes to. */
    public sealed interface Result<T> {
        /**
         * What was drawn at the root; empty if there is none within the bounds.
         *
         * @throws SearchGaveUp if the search neither found it nor showed that there is none
         */
        default Optional<T> found() {
            if (this instanceof GaveUp) {
                throw new SearchGaveUp("no root found, and none excluded");
            }
            return this instanceof Found<T> at ? Optional.of(at.drawn()) : Optional.empty();
        }
    }

    /** @param at the number @param drawn the thing, off by no more than the tolerance */
    public record Found<T>(double at, T drawn) implements Result<T> {}

    /** Even at a bound it is still off. @param at the bound @param off by so much there */
    public record OutOfReach<T>(double at, double off) implements Result<T> {}

    /** Towards the root nothing can be drawn. @param at the first number that cannot */
    public record NotDrawn<T>(double at) implements Result<T> {}

    /** Neither found nor shown to be out of reach: the search's own failure, nobody's measure's. */
    public record GaveUp<T>() implements Result<T> {}

    /**
     * @param draw draws the candidate for a number; null where it cannot be drawn
     * @param off how far a candidate is from what is wanted, with its sign
     */
    public static <T> Search<T> of(DoubleFunction<@Nullable T> draw, ToDoubleFunction<T> off) {
        return new Search<>(draw, off);
    }

    /** Where to begin, and a first step, in the number's unit. */
    public Search<T> from(double first, double firstStep) {
        this.guess = first;
        this.step = firstStep;
        return this;
    }

    /** Both bounds are allowed themselves. */
    public Search<T> between(double lowest, double highest) {
        this.low = lowest;
        this.high = highest;
        return this;
    }

    private record Tried<T>(double at, @Nullable T drawn, double off) {
        boolean isDrawn() {
            return drawn != null;
        }
    }

    private Tried<T> tried(double at) {
        T drawn = draw.apply(at);
        return new Tried<>(at, drawn, drawn == null ? Double.NaN : off.applyAsDouble(drawn));
    }

    private double kept(double at) {
        return Math.max(low, Math.min(high, at));
    }

    /** @param tolerance how near to nought is near enough, in the unit of what is off */
    public Result<T> within(double tolerance) {
        Tried<T> a = tried(kept(guess));
        if (!a.isDrawn()) {
            return new NotDrawn<>(a.at());
        }
        Tried<T> b = a;
        double next = kept(guess + step) == a.at() ? kept(guess - step) : kept(guess + step);
        boolean blocked = false;
        for (int i = 0; i < SECANTS && Math.abs(b.off()) > tolerance; i++) {
            Tried<T> c = drawnTowards(b, next);
            blocked = c.at() != next;
            if (!c.isDrawn()) {
                return new NotDrawn<>(c.at());
            }
            if (c.at() == b.at()) {
                return new OutOfReach<>(b.at(), b.off());
            }
            if (b.off() * c.off() < 0 && Math.abs(c.off()) > tolerance) {
                return enclosed(b, c, tolerance);
            }
            a = b;
            b = c;
            next = secant(a, b);
        }
        if (Math.abs(b.off()) <= tolerance && b.drawn() != null) {
            return new Found<>(b.at(), b.drawn());
        }
        return blocked ? new NotDrawn<>(next) : new GaveUp<>();
    }

    /** The candidate at a number, or the nearest before it that can be drawn. */
    private Tried<T> drawnTowards(Tried<T> from, double to) {
        double at = to;
        Tried<T> candidate = tried(at);
        for (int i = 0; i < HALVINGS && !candidate.isDrawn(); i++) {
            at = (from.at() + at) / 2;
            candidate = tried(at);
        }
        return candidate;
    }

    private double secant(Tried<T> a, Tried<T> b) {
        double last = b.at() - a.at();
        double rise = b.off() - a.off();
        if (Math.abs(rise) < FLAT * Math.abs(b.off())) {
            double bound = last > 0 ? high : low;
            return Double.isInfinite(bound) ? b.at() + LONGEST_STEP * last : bound;
        }
        double most = LONGEST_STEP * Math.abs(last);
        return kept(b.at() + Math.max(-most, Math.min(most, -b.off() * last / rise)));
    }

    /** The root lies between two candidates that are off to different sides. */
    private Result<T> enclosed(Tried<T> one, Tried<T> other, double tolerance) {
        Tried<T> a = one;
        Tried<T> b = other;
        for (int i = 0; i < 4; i++) {
            Tried<T> c = tried(b.at() - b.off() * (b.at() - a.at()) / (b.off() - a.off()));
            if (c.drawn() == null) {
                return new NotDrawn<>(c.at());
            }
            if (Math.abs(c.off()) <= tolerance) {
                return new Found<>(c.at(), c.drawn());
            }
            a = c.off() * b.off() < 0 ? b : a;
            b = c;
        }
        return a.at() < b.at() ? brent(a, b, tolerance) : brent(b, a, tolerance);
    }

    private Result<T> brent(Tried<T> from, Tried<T> to, double tolerance) {
        Memory memory = new Memory(from, to);
        double at = new BrentSolver(1e-14, 1e-12, tolerance).findRoot(memory::off, from.at(), to.at());
        if (memory.lost) {
            return new NotDrawn<>(at);
        }
        Tried<T> last = memory.last != null && memory.last.at() == at ? memory.last : tried(at);
        return last.drawn() != null && Math.abs(last.off()) <= tolerance
                ? new Found<>(at, last.drawn())
                : new GaveUp<>();
    }

    /** What was drawn already: the ends of the bracket, and the last candidate. */
    private final class Memory {
        private final Tried<T> from;
        private final Tried<T> to;
        private @Nullable Tried<T> last;
        private boolean lost;

        Memory(Tried<T> from, Tried<T> to) {
            this.from = from;
            this.to = to;
        }

        double off(double at) {
            Tried<T> candidate = at == from.at() ? from : at == to.at() ? to : tried(at);
            last = candidate;
            lost |= !candidate.isDrawn();
            return candidate.isDrawn() ? candidate.off() : 0;
        }
    }
}
