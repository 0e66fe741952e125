package app.misura.core.format.sums;

import app.misura.core.body.Body;
import app.misura.core.body.BodyNumbers;
import app.misura.core.figure.Scene;
import app.misura.core.finding.Spoken;
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
import java.util.Collections;
import java.util.List;
import java.util.Objects;

/**
 * The sums as lengths, to one scale: those that stand on the floor beside the body at their true heights, the parts
 * stacked against the whole, the surplus hatched with its size; other wrong sums laid out flat, parts end to end over the whole.
 */
public final class BodySums {
    private static final double WIDTH = 416;
    /** Where the body stands. */
    private static final double MIDDLE = 213;

    private static final double LEG_HEIGHT = 430;
    private static final double FLAT = 82;
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
            tallest = Math.max(tallest, Math.max(cm(parts(closure)), cm(wholes(closure))));
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

    /**
     * One length of a sum as it is drawn.
     *
     * @param name of the value with how often it counts, {@code ½ B3}; a plus or minus for a number of the form
     * @param text what was read
     * @param cm how much of the sum it is
     */
    private record Part(String name, String text, double cm, boolean bad) {}

    private static double cm(List<Part> side) {
        return side.stream().mapToDouble(Part::cm).sum();
    }

    /** What is added up, a number of the form that is added among it. */
    private List<Part> parts(Closure closure) {
        return side(closure.parts(), closure, closure.added());
    }

    /** What it must come to, with a number of the form that is taken off the parts. */
    private List<Part> wholes(Closure closure) {
        return side(closure.wholes(), closure, Length.ZERO.minus(closure.added()));
    }

    private List<Part> side(List<ValueId> values, Closure closure, Length constant) {
        List<Part> side = new ArrayList<>();
        for (ValueId id : values) {
            double factor = closure.factor(id);
            double cm = factor * proof.value(id).map(Length::toCm).orElse(0.0);
            side.add(new Part(
                    times(factor) + Spoken.of(id.toString()),
                    text(id),
                    cm,
                    proof.suspected().contains(id)));
        }
        if (constant.isPositive()) {
            String text = LengthText.column(constant, proof.sheet().unit());
            side.add(new Part("+", text, constant.toCm(), false));
        }
        return side;
    }

    private static String times(double factor) {
        return factor == 1 ? "" : factor == 0.5 ? "½ " : Tenths.of(factor) + " × ";
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
        double whole = floor;
        for (Part part : wholes(bracket.closure())) {
            whole = bar(part, xWhole, whole);
        }
        List<Part> parts = new ArrayList<>(parts(bracket.closure()));
        Collections.reverse(parts);
        double y = floor;
        for (Part part : parts) {
            y = bar(part, xParts, y);
        }
        if (bracket.state() != Bracket.State.CLOSED) {
            surplus(
                    Math.min(xWhole, xParts),
                    Math.max(xWhole, xParts),
                    Math.min(whole, y),
                    Math.max(whole, y),
                    bracket,
                    Math.max(Math.min(whole, y) - 7, LEAST_TOP));
        }
    }

    private double bar(Part part, double x, double from) {
        double to = from - part.cm() * unit;
        path(
                part.bad() ? "bad" : "bar",
                "M" + n(x - 6) + " " + n(from) + "H" + n(x + 6) + "M" + n(x) + " " + n(from) + "V" + n(to) + "M"
                        + n(x - 6) + " " + n(to) + "H" + n(x + 6));
        double middle = (from + to) / 2 + 5;
        String css = part.bad() ? "badtext" : null;
        out.open("text", "class", css, "x", n(x + 7), "y", n(middle));
        out.element("tspan", part.name(), "font-weight", 650).close();
        out.element("text", part.text(), "class", css, "x", n(x + 7), "y", n(middle + 17));
        return to;
    }

    private String text(ValueId id) {
        return proof.value(id)
                .map(l -> LengthText.column(l, proof.sheet().unit()))
                .orElse("");
    }

    private void surplus(double left, double right, double top, double bottom, Bracket bracket, double wordsAt) {
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
        Length gap = Objects.requireNonNull(bracket.gap());
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
                n(wordsAt));
    }

    /** The parts over the whole, end to end; what one is longer than the other hatched, with its size under it. */
    private void flat(Bracket bracket, double y) {
        List<Part> parts = parts(bracket.closure());
        List<Part> wholes = wholes(bracket.closure());
        double each = (WIDTH - 24) / Math.max(1, Math.max(cm(parts), cm(wholes)));
        double end = strip(parts, y, each);
        double whole = strip(wholes, y + 28, each);
        double top = end > whole ? y + 28 : y;
        surplus(Math.min(end, whole), Math.max(end, whole), top, top + 24, bracket, y + 68);
    }

    private double strip(List<Part> side, double y, double each) {
        double x = 4;
        for (Part part : side) {
            double w = part.cm() * each;
            path(part.bad() ? "bad" : "bar", "M" + n(x) + " " + n(y) + "h" + n(w) + "v24h" + n(-w) + "Z");
            out.open("text", "class", part.bad() ? "badtext" : null, "x", n(x + 8), "y", n(y + 17));
            out.element("tspan", part.name(), "font-weight", 650)
                    .text(" " + part.text())
                    .close();
            x += w;
        }
        return x;
    }

    private void path(String css, String d) {
        out.empty("path", "class", css, "d", d);
    }

    private static String n(double v) {
        return Tenths.of(v);
    }
}
