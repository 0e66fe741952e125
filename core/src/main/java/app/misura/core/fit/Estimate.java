package app.misura.core.fit;

/**
 * An input that was not taken and what stands for it.
 *
 * @param rule how it was worked out, in words
 * @param step whose reading would replace it
 */
public record Estimate(String input, String rule, double valueMm, double sdMm, String step) {}
