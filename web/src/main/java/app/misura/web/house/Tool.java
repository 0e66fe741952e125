package app.misura.web.house;

import app.misura.core.length.Unit;

/**
 * Something to measure with that does not begin at its zero.
 *
 * @param blank its blank end as a text in its unit, such as {@code 0.8}: what it shows is so much too little
 */
public record Tool(String id, String name, String blank, Unit unit) {
    /**
     * What is read with it, written as a sum: the raw number stays in sight, and the blank end is added once. Nothing typed
     * stays nothing, and who typed a sum has added it already.
     */
    public String written(String shown) {
        return shown.isBlank() || shown.contains("+") ? shown : shown.strip() + "+" + blank;
    }
}
