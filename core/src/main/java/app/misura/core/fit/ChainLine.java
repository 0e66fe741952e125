package app.misura.core.fit;

import org.jspecify.annotations.Nullable;

/**
 * How one finished measure came about, mm: {@code net + growth + layers + ease = finished}, {@code finished / (1 -
 * shrinkage) = cut}.
 *
 * @param line the name of the target it gives
 * @param step the step it was read at; null where it was only wished or worked out
 * @param read the settled value, cm; null where there is none
 * @param play what the tape's play takes off, mm
 */
public record ChainLine(
        String line,
        @Nullable String step,
        @Nullable String measure,
        @Nullable Double read,
        double play,
        double net,
        double growth,
        double layers,
        Ease ease,
        double finished,
        double cut) {}
