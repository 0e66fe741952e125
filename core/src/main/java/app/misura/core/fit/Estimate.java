package app.misura.core.fit;

import org.jspecify.annotations.Nullable;

/**
 * An input that was not taken and what stands for it.
 *
 * @param rule how it was worked out, in words
 * @param step whose reading would replace it; null where the form has no such step
 */
public record Estimate(
        String input,
        String rule,
        double valueMm,
        double sdMm,
        @Nullable String step) {}
