package app.misura.core.format.ladder;

import app.misura.core.format.markup.Markup;
import app.misura.core.format.markup.Tenths;
import app.misura.core.proof.Bracket;
import java.util.List;
import java.util.Locale;

/**
 * Draws the brackets of a ladder, and their signs. States are classes; the page's styles and the paper's give them form
 * and colour.
 */
public final class LadderSvg {
    private LadderSvg() {}

    /** The margin beside the rungs. Hidden from screen readers: the sums are said in words beside it. */
    public static Markup brackets(Ladder ladder) {
        return drawn(
                ladder,
                ladder.brackets(),
                n(ladder.width()),
                n(ladder.height()),
                "0 0 " + n(ladder.width()) + " " + n(ladder.height()),
                "");
    }

    /**
     * The same for paper, or the stretch of it that stands on one page.
     *
     * @param from top of the stretch
     * @param to its bottom
     * @param scale so many millimetres are one unit
     * @param style how its classes look there
     */
    public static Markup paper(Ladder ladder, double from, double to, double scale, String style) {
        List<Drawn> there = ladder.brackets().stream()
                .filter(d -> d.top() >= from && d.bottom() <= to)
                .toList();
        String box = "0 " + n(from) + " " + n(ladder.width()) + " " + n(to - from);
        return drawn(ladder, there, mm(ladder.width() * scale), mm((to - from) * scale), box, style);
    }

    private static String mm(double value) {
        return String.format(Locale.ROOT, "%.2fmm", value);
    }

    private static Markup drawn(
            Ladder ladder, List<Drawn> brackets, String width, String height, String box, String style) {
        Markup out = new Markup();
        begin(out, "brackets", width, height, box);
        if (!style.isEmpty()) {
            out.element("style", style);
        }
        for (int layer = 0; layer < 4; layer++) {
            for (Drawn d : brackets) {
                if (layer(d) == layer) {
                    lines(out, d);
                }
            }
        }
        for (Drawn d : brackets) {
            knots(out, d, ladder.metrics());
        }
        double labels = ladder.width() - ladder.metrics().labels();
        for (Drawn d : brackets) {
            label(out, d, labels, ladder.metrics());
        }
        return out.close("svg");
    }

    private static void begin(Markup out, String css, String width, String height, String box) {
        out.open(
                "svg",
                "xmlns",
                "http://www.w3.org/2000/svg",
                "class",
                css,
                "width",
                width,
                "height",
                height,
                "viewBox",
                box,
                "aria-hidden",
                "true",
                "focusable",
                "false");
    }

    private static int layer(Drawn d) {
        return switch (d.bracket().state()) {
            case WRONG -> 3;
            case GAP -> 2;
            default -> d.active() ? 1 : 0;
        };
    }

    private static String css(Bracket.State state) {
        return "b-" + state.word().replace(' ', '-');
    }

    private static String css(Drawn d) {
        return css(d.bracket().state()) + (d.active() ? " b-now" : d.pegged() ? " b-quiet" : "");
    }

    private static void lines(Markup out, Drawn d) {
        StringBuilder halo = new StringBuilder();
        StringBuilder firm = new StringBuilder();
        StringBuilder missing = new StringBuilder();
        for (Drawn.Knot knot : d.knots()) {
            String tick = "M0 " + n(knot.y()) + "H" + n(d.x());
            halo.append(tick);
            (knot.taken() ? firm : missing).append(tick);
        }
        String spine = spine(d);
        halo.append(spine);
        (d.bracket().isJudged() ? firm : missing).append(spine);
        out.open("g", "class", css(d));
        path(out, "halo", halo);
        path(out, "firm", firm);
        path(out, "missing", missing);
        if (d.bracket().state() == Bracket.State.ACCEPTED && d.breakAt() != null) {
            sewn(out, d.x(), d.breakAt(), d.breakHalf());
        }
        out.close();
    }

    /** A gap that a person took as it is: the break is sewn with three cross stitches. */
    private static void sewn(Markup out, double x, double middle, double half) {
        path(out, "thread", "M" + n(x) + " " + n(middle - half) + "V" + n(middle + half));
        StringBuilder stitches = new StringBuilder();
        for (int stitch = -1; stitch <= 1; stitch++) {
            double y = middle + stitch * half * 0.6;
            stitches.append("M" + n(x - 4.5) + " " + n(y - 2.2) + "l9 4.4m0 -4.4l-9 4.4");
        }
        path(out, "stitch", stitches);
    }

    private static void path(Markup out, String css, CharSequence d) {
        if (!d.isEmpty()) {
            out.empty("path", "class", css, "d", d);
        }
    }

    private static String spine(Drawn d) {
        Double at = d.breakAt();
        if (at == null) {
            return "M" + n(d.x()) + " " + n(d.top()) + "V" + n(d.bottom());
        }
        double out = d.bracket().state() == Bracket.State.WRONG ? 9 : 6;
        double up = at - d.breakHalf();
        double down = at + d.breakHalf();
        return "M" + n(d.x()) + " " + n(d.top()) + "V" + n(up - 3) + "l" + n(out) + " 3M" + n(d.x()) + " "
                + n(d.bottom()) + "V" + n(down + 3) + "l" + n(out) + " -3";
    }

    /** A member that counts half or double has a larger knot, so that its sign is read. */
    private static final double LARGE = 1.27;

    private static void knots(Markup out, Drawn d, Metrics m) {
        out.open("g", "class", css(d));
        if (d.pegged()) {
            for (Drawn.Knot knot : d.knots()) {
                out.empty("circle", "class", "peg", "cx", n(d.x()), "cy", n(knot.y()), "r", n(Metrics.PEG));
            }
            out.close();
            return;
        }
        for (Drawn.Knot knot : d.knots()) {
            String css = knot.taken() ? "knot" : "knot missing";
            boolean large = knot.sign() == Drawn.Sign.HALF || knot.sign() == Drawn.Sign.DOUBLE;
            double r = m.knot() * (large ? LARGE : 1);
            out.empty("circle", "class", css, "cx", n(d.x()), "cy", n(knot.y()), "r", n(r));
            path(out, "sign", sign(knot.sign(), d.x(), knot.y(), r * 0.48));
        }
        Double at = d.constantAt();
        if (at != null) {
            double r = m.knot();
            String diamond = "M" + n(d.x()) + " " + n(at - r) + "l" + n(r) + " " + n(r) + "l" + n(-r) + " " + n(r) + "l"
                    + n(-r) + " " + n(-r) + "z";
            out.empty("path", "class", "knot", "d", diamond);
            path(out, "sign", plus(d.x(), at, r * 0.4));
        }
        out.close();
    }

    private static String sign(Drawn.Sign sign, double x, double y, double a) {
        return switch (sign) {
            case PART -> plus(x, y, a);
            case WHOLE -> equal(x, y, a);
            case HALF ->
                "M" + n(x - a * .95) + " " + n(y - a * .9) + "v" + n(a * 1.05) + "M" + n(x - a * .75) + " " + n(y + a)
                        + "L" + n(x + a * .75) + " " + n(y - a) + two(x + a * .2, y + a * .1, a * .9);
            case DOUBLE ->
                two(x - a * 1.15, y - a * .75, a * 1.45) + "M" + n(x + a * .3) + " " + n(y - a * .25) + "l" + n(a * .8)
                        + " " + n(a * .8) + "m0 " + n(-a * .8) + "l" + n(-a * .8) + " " + n(a * .8);
        };
    }

    /** The figure 2, its top left corner at a place. */
    private static String two(double x, double y, double high) {
        double w = high * .62;
        return "M" + n(x) + " " + n(y + high * .25) + "c0 " + n(-high * .36) + " " + n(w) + " " + n(-high * .36) + " "
                + n(w) + " " + n(high * .05) + "c0 " + n(high * .25) + " " + n(-w) + " " + n(high * .4) + " " + n(-w)
                + " "
                + n(high * .7) + "h" + n(w * 1.05);
    }

    private static String equal(double x, double y, double a) {
        return "M" + n(x - a) + " " + n(y - a * 0.5) + "h" + n(2 * a) + "m" + n(-2 * a) + " " + n(a) + "h" + n(2 * a);
    }

    private static String plus(double x, double y, double a) {
        return "M" + n(x - a) + " " + n(y) + "h" + n(2 * a) + "m" + n(-a) + " " + n(-a) + "v" + n(2 * a);
    }

    private static void label(Markup out, Drawn d, double x, Metrics m) {
        if (d.word().isEmpty()) {
            return;
        }
        out.open("g", "class", "label " + css(d));
        Double at = d.breakAt();
        if (at == null) {
            words(out, d.word(), "word", n(x), n(d.labelY() + 5), "start");
        } else {
            double width = Math.min(Math.max(52, 12 + 8.6 * d.word().length()), m.labels() - 2);
            path(out, "leader", "M" + n(d.x() + 11) + " " + n(at) + "L" + n(x) + " " + n(d.labelY()));
            String y = n(d.labelY() - 13);
            out.empty("rect", "class", "box", "x", n(x), "y", y, "width", n(width), "height", 26, "rx", 2);
            String middle = n(x + width / 2);
            String base = n(d.labelY() + 6);
            words(out, d.word(), "size", middle, base, "middle");
            if (d.bracket().state() == Bracket.State.ACCEPTED) {
                words(out, "accepted", "word", middle, n(d.labelY() + 27), "middle");
            }
        }
        out.close();
    }

    /** Words with a number behind them; a fraction is set as one. */
    private static void words(Markup out, String words, String css, String x, String y, String anchor) {
        out.open("text", "class", css, "x", x, "y", y, "text-anchor", anchor);
        int slash = words.indexOf('/');
        int from = slash < 0 ? words.length() : words.lastIndexOf(' ', slash) + 1;
        out.text(words.substring(0, from));
        if (slash >= 0) {
            out.element("tspan", words.substring(from), "class", "frac");
        }
        out.close();
    }

    /** A bracket's sign, 14 x 18: a square bracket open to the left with a third tick. */
    public static Markup sign(Bracket.State state) {
        String d = switch (state) {
            case ACCEPTED -> "M2 2H10V6M2 16H10V12M7.5 7.5l5 3M12.5 7.5l-5 3";
            case GAP -> "M2 2H10V6l3 1.5M2 16H10V12l3 -1.5M4 9H8";
            case WRONG -> "M1 2H9V5.5l4 2M1 16H9V12.5l4 -2";
            case TO_COME -> "M10 3V7M10 11V15";
            default -> "M2 2H10V16H2M4 9H10";
        };
        Markup out = new Markup();
        begin(out, "sign " + css(state), "14", "18", "0 0 14 18");
        return out.empty("path", "d", d).close();
    }

    private static String n(double value) {
        return Tenths.of(value);
    }
}
