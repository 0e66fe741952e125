package app.misura.core.format.sheet;

import app.misura.core.form.Closure;
import app.misura.core.form.OrderForm;
import app.misura.core.form.ValueId;
import app.misura.core.format.markup.Markup;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import app.misura.core.proof.Bracket;
import app.misura.core.proof.Proof;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * The sums of a long form on paper whose terms stand in several parts: each is written out beside the part in which its last
 * term is taken, far terms to be copied down, with its bracket round it.
 */
final class Gathered {
    /** Height of a line, and what stands between two sums, mm. */
    private static final double LINE = 5;

    private static final double BETWEEN = 3.2;
    private final Proof proof;
    private final boolean blank;
    private final Unit unit;
    /** Down to where the column is written, mm. */
    private double taken;

    /** The column of one page. @param blank whether its lines are to be written on */
    Gathered(Proof proof, boolean blank) {
        this.proof = proof;
        this.blank = blank;
        this.unit = proof.sheet().unit();
    }

    /**
     * Writes the sums of one part.
     *
     * @param top of the part's first line, mm from the top of the page's lines
     */
    void part(Markup out, List<Bracket> sums, String part, double top) {
        for (Bracket sum : sums) {
            double at = Math.max(top, taken);
            out.open("div", "class", "gathered", "style", "top:" + mm(at));
            taken = at + BETWEEN + LINE * lines(out, sum, part);
            out.close("div");
        }
    }

    /** @return how many lines were written */
    private int lines(Markup out, Bracket sum, String part) {
        Closure closure = sum.closure();
        String state = sum.state().isTorn() ? "torn" : sum.isJudged() ? "firm" : "open";
        out.open("table", "class", state);
        List<ValueId> members = new ArrayList<>(closure.parts());
        members.sort(Comparator.comparing(v -> !isFar(v, part)));
        members.forEach(v -> line(out, closure.said(List.of(v)).replace("1/2 ", "half of "), v, part));
        int count = members.size();
        Length added = closure.added();
        if (!added.equals(Length.ZERO)) {
            String sign = added.isPositive() ? "+ " : "− ";
            out.open("tr").element("td", sign + LengthText.column(added.abs(), unit), "colspan", "2");
            out.close();
            count++;
        }
        for (ValueId whole : closure.wholes()) {
            line(out, "= " + closure.said(List.of(whole)), whole, part);
            count++;
        }
        out.close("table");
        if (sum.gap() != null && sum.state().isTorn()) {
            String size = LengthText.column(sum.gap().abs(), unit);
            String said = switch (sum.state()) {
                case WRONG -> "≠ " + size;
                case ACCEPTED -> size + " accepted";
                default -> "gap " + size;
            };
            out.element("div", said, "class", "size");
            count++;
        }
        return count;
    }

    private void line(Markup out, String said, ValueId value, String part) {
        boolean far = isFar(value, part);
        Optional<Length> length = blank ? Optional.empty() : proof.value(value);
        out.open("tr").element("td", said, "class", "term");
        out.element(
                "td",
                length.map(l -> LengthText.column(l, unit))
                        .orElse(far ? "from " + form().step(value.step()).part() : "\u00A0"),
                "class",
                (far ? "far" : "own") + (length.isPresent() ? " read" : ""));
        out.close();
    }

    private boolean isFar(ValueId value, String part) {
        return !form().step(value.step()).part().equals(part);
    }

    private OrderForm form() {
        return proof.sheet().form();
    }

    private static String mm(double value) {
        return String.format(Locale.ROOT, "%.2fmm", value);
    }
}
