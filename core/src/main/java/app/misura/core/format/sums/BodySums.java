package app.misura.core.format.sums;

import app.misura.core.body.Body;
import app.misura.core.body.BodyNumbers;
import app.misura.core.figure.Scene;
import app.misura.core.form.Closure;
import app.misura.core.form.ValueId;
import app.misura.core.format.figure.FigurePicture;
import app.misura.core.format.markup.Markup;
import app.misura.core.format.markup.Tenths;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.measure.Kind;
import app.misura.core.proof.Bracket;
import app.misura.core.proof.Proof;
import java.util.ArrayList;
import java.util.List;

/**
 * The sums as lengths, to one scale: those that stand on the floor beside the body at their true heights, the parts
 * stacked against the whole, the surplus hatched with its size; other wrong sums laid out flat, parts end to end over the whole.
 */
public final class BodySums {
    private static final double WIDTH = 416;
    /** Where the body stands. */
    private static final double MIDDLE = 213;

    private static final double LEG_HEIGHT = 430;
    private static final double FLAT = 62;
    /** No word stands higher: its letters would be cut off. */
    private static final double LEAST_TOP = 15;
    /** How much of the trunk stands over the band, cm. */
    private static final double TRUNK = 12;
    /** Room under the floor for the toes, which stand before it. */
    private static final double TOES = 16;
    /** Where the whole and the parts of a sum stand beside the body: outside it, then inside. */
    private static final double[][] PLACES = {{22, 74}, {312, 368}};

    private final Proof proof;
    private final Markup out = new Markup();
    private final List<Bracket> upright;
    private final Body body;
    private final double unit;
    private final double floor = LEG_HEIGHT - TOES;

    private BodySums(Proof proof) {
        this.proof = proof;
        this.upright = proof.brackets().stream()
                .filter(b -> isUpright(b.closure()))
                .limit(2)
                .toList();
        this.body = Body.of(BodyNumbers.of(proof));
        double tallest = upright.isEmpty() ? body.height() : body.level("band") + TRUNK;
        for (Bracket bracket : upright) {
            Closure closure = bracket.closure();
            tallest = Math.max(tallest, Math.max(sum(closure.parts()), sum(closure.wholes())));
        }
        this.unit = (floor - 8) / tallest;
    }

    /** A sum that stands on the floor beside a leg: one of its members is a height there. */
    private boolean isUpright(Closure closure) {
        return closure.labels().stream()
                .map(label -> proof.sheet().form().step(label).taken())
                .anyMatch(m -> m.kind() == Kind.HEIGHT && m.region().equals("leg"));
    }

    /** Empty where no sum can be judged yet. */
    public static String svg(Proof proof) {
        return proof.brackets().stream().anyMatch(Bracket::isJudged) ? new BodySums(proof).draw() : "";
    }

    private double cm(ValueId id) {
        return proof.value(id).map(Length::toCm).orElse(0.0);
    }

    private String draw() {
        List<Bracket> flat = proof.brackets().stream()
                .filter(b -> b.state().isTorn())
                .filter(b -> !upright.contains(b))
                .toList();
        double height = LEG_HEIGHT + flat.size() * FLAT;
        out.open(
                        "svg",
                        "xmlns",
                        "http://www.w3.org/2000/svg",
                        "class",
                        "sumsfig",
                        "viewBox",
                        "0 0 " + n(WIDTH) + " " + n(height),
                        "role",
                        "img")
                .element("title", "The sums drawn on the body");
        body();
        for (int i = 0; i < upright.size(); i++) {
            leg(upright.get(i), PLACES[i][0], PLACES[i][1]);
        }
        double y = LEG_HEIGHT + 8;
        for (Bracket bracket : flat) {
            flat(bracket, y);
            y += FLAT;
        }
        return out.close("svg").toString();
    }

    private void body() {
        if (upright.isEmpty()) {
            whole();
        } else {
            legs();
        }
    }

    /** Where no sum stands beside a leg the body is only the ground, to scale. */
    private void whole() {
        for (String level : Scene.levels(proof.sheet().form().heading().waist())) {
            path("lvl", "M0 " + n(floor - body.level(level) * unit) + "H" + n(WIDTH));
        }
        FigurePicture.outlines(body, MIDDLE, floor, unit)
                .forEach(d -> out.empty("path", "class", "body", "stroke-width", 1.8, "d", d));
    }

    private void legs() {
        double crotch = body.level("crotch");
        double band = body.level("band");
        out.open("defs").open("clipPath", "id", "below");
        out.empty("path", "d", withoutArms(band + TRUNK, crotch));
        out.close("clipPath").close("defs");
        String outline = FigurePicture.outline(body, MIDDLE, floor, unit);
        out.empty("path", "class", "body", "stroke-width", 1.8, "clip-path", "url(#below)", "d", outline);
        for (double y : new double[] {band, crotch, body.level("knee"), 0}) {
            path("lvl", "M0 " + n(floor - y * unit) + "H" + n(WIDTH));
        }
    }

    /** What shows of the outline: the trunk without the arms beside it, the legs. */
    private String withoutArms(double top, double crotch) {
        StringBuilder right = new StringBuilder();
        StringBuilder left = new StringBuilder();
        for (double y = top; y > crotch; y -= 1) {
            double half = (body.widthAt(y) + 0.7) * unit;
            right.append(right.isEmpty() ? "M" : "L").append(n(MIDDLE + half) + " " + n(floor - y * unit));
            left.insert(0, "L" + n(MIDDLE - half) + " " + n(floor - y * unit));
        }
        double half = (body.hipHalfWidth() + 6) * unit;
        return right + "L" + n(MIDDLE + half) + " " + n(floor - crotch * unit) + "V" + n(LEG_HEIGHT) + "H"
                + n(MIDDLE - half) + "V" + n(floor - crotch * unit) + left + "Z";
    }

    /** One closure of a leg: the whole at one place, its parts stacked at the other. */
    private void leg(Bracket bracket, double xWhole, double xParts) {
        if (!bracket.isJudged()) {
            return;
        }
        ValueId whole = bracket.closure().wholes().get(0);
        List<ValueId> parts = new ArrayList<>(bracket.closure().parts());
        java.util.Collections.reverse(parts);
        bar(whole, xWhole, floor, cm(whole));
        double y = floor;
        for (ValueId part : parts) {
            y = bar(part, xParts, y, cm(part));
        }
        if (bracket.state() != Bracket.State.CLOSED) {
            double a = floor - cm(whole) * unit;
            surplus(Math.min(xWhole, xParts), Math.max(xWhole, xParts), Math.min(a, y), Math.max(a, y), bracket);
        }
    }

    private double bar(ValueId id, double x, double from, double cm) {
        boolean bad = proof.suspected().contains(id);
        double to = from - cm * unit;
        path(
                bad ? "bad" : "bar",
                "M" + n(x - 6) + " " + n(from) + "H" + n(x + 6) + "M" + n(x) + " " + n(from) + "V" + n(to) + "M"
                        + n(x - 6) + " " + n(to) + "H" + n(x + 6));
        double middle = (from + to) / 2 + 5;
        out.open("text", "class", bad ? "badtext" : null, "x", n(x + 7), "y", n(middle));
        out.element("tspan", id.toString(), "font-weight", 650).close();
        out.element("text", text(id), "class", bad ? "badtext" : null, "x", n(x + 7), "y", n(middle + 17));
        return to;
    }

    private String text(ValueId id) {
        return proof.value(id)
                .map(l -> LengthText.column(l, proof.sheet().unit()))
                .orElse("");
    }

    private void surplus(double left, double right, double top, double bottom, Bracket bracket) {
        StringBuilder hatch = new StringBuilder();
        for (double x = left - (bottom - top); x < right; x += 7) {
            double x0 = Math.max(left, x);
            double x1 = Math.min(right, x + (bottom - top));
            hatch.append("M")
                    .append(n(x0))
                    .append(' ')
                    .append(n(bottom - (x0 - x)))
                    .append('L')
                    .append(n(x1))
                    .append(' ')
                    .append(n(bottom - (x1 - x)));
        }
        path("hatch", hatch.toString());
        path("over", "M" + n(left) + " " + n(top) + "H" + n(right) + "V" + n(bottom) + "H" + n(left) + "Z");
        Length gap = java.util.Objects.requireNonNull(bracket.gap());
        out.element(
                "text",
                LengthText.column(gap.abs(), proof.sheet().unit()) + (gap.isPositive() ? " over" : " short"),
                "class",
                "badtext",
                "text-anchor",
                "middle",
                "x",
                n((left + right) / 2),
                "y",
                n(Math.max(top - 7, LEAST_TOP)));
    }

    private void flat(Bracket bracket, double y) {
        double total = Math.max(
                1,
                Math.max(sum(bracket.closure().parts()), sum(bracket.closure().wholes())));
        double each = (WIDTH - 24) / total;
        strip(bracket.closure().parts(), y, each);
        strip(bracket.closure().wholes(), y + 28, each);
    }

    private double sum(List<ValueId> ids) {
        return ids.stream().mapToDouble(this::cm).sum();
    }

    private void strip(List<ValueId> ids, double y, double each) {
        double x = 4;
        for (ValueId id : ids) {
            boolean bad = proof.suspected().contains(id);
            double w = cm(id) * each;
            path(bad ? "bad" : "bar", "M" + n(x) + " " + n(y) + "h" + n(w) + "v24h" + n(-w) + "Z");
            out.open("text", "class", bad ? "badtext" : null, "x", n(x + 8), "y", n(y + 17));
            out.element("tspan", id.toString(), "font-weight", 650)
                    .text(" " + text(id))
                    .close();
            x += w;
        }
    }

    private void path(String css, String d) {
        out.empty("path", "class", css, "d", d);
    }

    private static String n(double v) {
        return Tenths.of(v);
    }
}
