package app.misura.core.garment;

/**
 * What is probably not meant: a line that comes out wider than another.
 *
 * @param wider name of a line
 * @param than name of the other
 * @param said what is asked then
 */
public record Doubt(String wider, String than, String said) {}
