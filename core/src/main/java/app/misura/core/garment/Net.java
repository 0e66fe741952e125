package app.misura.core.garment;

import app.misura.core.formula.Formula;
import app.misura.core.house.MeasureClass;
import java.util.List;

/**
 * A length of the body that garments are cut from, and how it is come by: what was read, in order of preference; else
 * rules of the house.
 *
 * @param of sums of measures, {@code outside-leg - inside-leg}; the first whose measures were all read stands
 * @param rules what stands for it where it was not read, in order
 */
public record Net(String name, MeasureClass kind, List<Formula> of, List<Rule> rules) {
    public Net {
        of = List.copyOf(of);
        rules = List.copyOf(rules);
    }

    /**
     * A rule of the house.
     *
     * @param text as it was written, for whoever asks where a number comes from
     * @param sd how far bodies scatter about it, mm
     */
    public record Rule(String text, Formula formula, Formula sd) {}
}
