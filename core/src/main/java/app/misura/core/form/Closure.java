package app.misura.core.form;

import app.misura.core.length.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * Measures that must add up: the sum of the terms and the constant is nought, within the tolerance.
 *
 * @param name what is said of it, such as "inside leg"
 * @param terms signed coefficient by step label, in the order it was written
 */
public record Closure(String id, String name, Formula terms, Length constant, Length tolerance) {

    public boolean concerns(String label) {
        return terms.terms().containsKey(label);
    }

    public List<String> members() {
        return List.copyOf(terms.terms().keySet());
    }

    /** The one side of the sum that stands alone: the whole. Where both sides have several terms the negative ones are. */
    public List<String> wholes() {
        return signed(wholeSign());
    }

    /** The other side: what is added up. */
    public List<String> parts() {
        return signed(-wholeSign());
    }

    private int wholeSign() {
        long negative = terms.terms().values().stream().filter(c -> c < 0).count();
        long positive = terms.terms().size() - negative;
        return positive == 1 && negative > 1 ? 1 : -1;
    }

    private List<String> signed(int sign) {
        List<String> labels = new ArrayList<>();
        for (Map.Entry<String, Double> term : terms.terms().entrySet()) {
            if (Math.signum(term.getValue()) == sign) {
                labels.add(term.getKey());
            }
        }
        return labels;
    }

    /** The sum with every sign turned to plus: {@code D2 + D3 = D1}. */
    public String equation() {
        return String.join(" + ", parts()) + " = " + String.join(" + ", wholes());
    }
}
