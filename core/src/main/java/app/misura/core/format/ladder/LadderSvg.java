package app.misura.core.format.ladder;

import app.misura.core.geometry.Tenths;
import app.misura.core.proof.Bracket;
import java.util.Locale;

/**
 * Draws the brackets of a ladder, and their signs. States are classes; the page's styles and the paper's give them form
 * and colour.
 */
public final class LadderSvg {
    private LadderSvg() {}

    /** The margin beside the rungs. Hidden from screen readers: the sums are said in words beside it. */
    public static String brackets(Ladder ladder) {
        StringBuilder out = new StringBuilder();
        out.append(String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"brackets\" width=\"%1$s\" height=\"%2$s\" viewBox=\"0 0 %1$s %2$s\""
                        + " aria-hidden=\"true\" focusable=\"false\">",
                n(ladder.width()),
                n(ladder.height())));
        for (int layer = 0; layer < 4; layer++) {
            for (Drawn d : ladder.brackets()) {
                if (layer(d) == layer) {
                    lines(out, d);
                }
            }
        }
        for (Drawn d : ladder.brackets()) {
            knots(out, d, ladder.metrics());
        }
        double labels = ladder.width() - ladder.metrics().labels();
        for (Drawn d : ladder.brackets()) {
            label(out, d, labels, ladder.metrics());
        }
        return out.append("</svg>").toString();
    }

    private static int layer(Drawn d) {
        return switch (d.bracket().state()) {
            case WRONG -> 3;
            case GAP -> 2;
            default -> d.active() ? 1 : 0;
        };
    }

    private static String css(Drawn d) {
        return "b-" + d.bracket().state().word().replace(' ', '-') + (d.active() ? " b-now" : "");
    }

    private static void lines(StringBuilder out, Drawn d) {
        out.append("<g class=\"").append(css(d)).append("\">");
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
        boolean judged = d.bracket().isJudged();
        (judged ? firm : missing).append(spine);
        path(out, "halo", halo);
        path(out, "firm", firm);
        path(out, "missing", missing);
        out.append("</g>");
    }

    private static void path(StringBuilder out, String css, CharSequence d) {
        if (!d.isEmpty()) {
            out.append("<path class=\"").append(css).append("\" d=\"").append(d).append("\"/>");
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

    private static void knots(StringBuilder out, Drawn d, Metrics m) {
        out.append("<g class=\"").append(css(d)).append("\">");
        for (Drawn.Knot knot : d.knots()) {
            out.append("<circle class=\"knot")
                    .append(knot.taken() ? "" : " missing")
                    .append("\" cx=\"")
                    .append(n(d.x()))
                    .append("\" cy=\"")
                    .append(n(knot.y()))
                    .append("\" r=\"")
                    .append(n(m.knot()))
                    .append("\"/>");
            double a = m.knot() * 0.48;
            String sign = knot.sign().equals("=")
                    ? "M" + n(d.x() - a) + " " + n(knot.y() - a * 0.5) + "h" + n(2 * a) + "m" + n(-2 * a) + " " + n(a)
                            + "h" + n(2 * a)
                    : "M" + n(d.x() - a) + " " + n(knot.y()) + "h" + n(2 * a) + "m" + n(-a) + " " + n(-a) + "v"
                            + n(2 * a);
            path(out, "sign", sign);
        }
        out.append("</g>");
    }

    private static void label(StringBuilder out, Drawn d, double x, Metrics m) {
        if (d.word().isEmpty()) {
            return;
        }
        Double at = d.breakAt();
        out.append("<g class=\"").append(css(d)).append("\">");
        if (at != null) {
            double w = Math.max(52, 12 + 8.6 * d.word().length());
            path(out, "leader", "M" + n(d.x() + 11) + " " + n(at) + "L" + n(x) + " " + n(d.labelY()));
            out.append("<rect class=\"box\" x=\"")
                    .append(n(x))
                    .append("\" y=\"")
                    .append(n(d.labelY() - 13))
                    .append("\" width=\"")
                    .append(n(Math.min(w, m.labels() - 2)))
                    .append("\" height=\"26\" rx=\"2\"/>");
            out.append("<text class=\"size\" x=\"")
                    .append(n(x + Math.min(w, m.labels() - 2) / 2))
                    .append("\" y=\"")
                    .append(n(d.labelY() + 6))
                    .append("\" text-anchor=\"middle\">")
                    .append(d.word())
                    .append("</text>");
        } else {
            out.append("<text class=\"word\" x=\"")
                    .append(n(x))
                    .append("\" y=\"")
                    .append(n(d.labelY() + 5))
                    .append("\">")
                    .append(d.word())
                    .append("</text>");
        }
        out.append("</g>");
    }

    /** A bracket's sign, 13 x 18: a square bracket open to the left with a third tick. */
    public static String sign(Bracket.State state) {
        String css = "b-" + state.word().replace(' ', '-');
        String d = switch (state) {
            case GAP -> "M2 2H10V6l3 1.5M2 16H10V12l3 -1.5M4 9H8";
            case WRONG -> "M1 2H9V5.5l4 2M1 16H9V12.5l4 -2";
            case TO_COME -> "M10 3V7M10 11V15";
            default -> "M2 2H10V16H2M4 9H10";
        };
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"sign " + css
                + "\" width=\"14\" height=\"18\" viewBox=\"0 0 14 18\" aria-hidden=\"true\" focusable=\"false\"><path d=\""
                + d
                + "\"/></svg>";
    }

    private static String n(double value) {
        return Tenths.of(value);
    }
}
