package app.misura.core.format.figure;

import app.misura.core.figure.Figure;
import app.misura.core.figure.Knot;
import app.misura.core.figure.Spline;
import app.misura.core.figure.Tape;
import app.misura.core.format.markup.Markup;
import app.misura.core.geometry.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Draws a tape: hidden runs dashed, seen ones as a ribbon with marks; a ring at its start, an arrow, a bar at its end. */
final class TapeSvg {
    private final Markup out;
    private final Scale scale;
    private final double px;

    TapeSvg(Markup out, Scale scale, double px) {
        this.out = out;
        this.scale = scale;
        this.px = px;
    }

    void draw(Tape tape, Figure figure) {
        for (Tape.Stretch s : tape.stretches()) {
            if (s.hidden()) {
                dashed("tape", 1.9, ".75", 4.5, 3.5, curve(s));
            }
        }
        List<Point> all = new ArrayList<>();
        for (Tape.Stretch s : tape.stretches()) {
            List<Point> points = s.upright() ? upright(s, figure) : page(s);
            if (!s.hidden()) {
                ribbon(s.upright() || s.straight() ? straight(points) : curve(s));
            }
            if (!(tape.band() && s.hidden())) {
                all.addAll(points);
            }
        }
        if (all.size() > 1) {
            ends(tape, all);
        }
    }

    private List<Point> page(Tape.Stretch s) {
        return s.points().stream().map(scale::of).toList();
    }

    private String curve(Tape.Stretch s) {
        return Strokes.path(s.points().stream().map(Knot::of).toList(), false, scale);
    }

    private static String straight(List<Point> points) {
        return "M" + Strokes.p(points.get(0)) + "L" + Strokes.p(points.get(points.size() - 1));
    }

    /** @param on and {@code off} lengths of its dashes; 0 for a whole line */
    private void dashed(String css, double width, @Nullable String opacity, double on, double off, String d) {
        String dashes = on == 0 ? null : Strokes.n(on * px) + " " + Strokes.n(off * px);
        String wide = Strokes.n(width * px);
        out.empty(
                "path",
                "class",
                css,
                "stroke-width",
                wide,
                "stroke-opacity",
                opacity,
                "stroke-dasharray",
                dashes,
                "d",
                d);
    }

    private void ribbon(String d) {
        dashed("tapehalo", 7.2, ".75", 0, 0, d);
        dashed("tape", 5, null, 0, 0, d);
        dashed("ticks", 2.1, null, 1.1, 5, d);
    }

    /** A height stands upright clear of the body between its two levels, with a leader from each. */
    private List<Point> upright(Tape.Stretch s, Figure figure) {
        Point a = scale.of(s.points().get(0));
        Point b = scale.of(s.points().get(1));
        double x = a.x();
        if (!s.inPlace()) {
            x = Math.max(a.x(), b.x());
            double top = Math.min(a.y(), b.y()) - 4 * px;
            double low = Math.max(a.y(), b.y()) + 4 * px;
            for (Figure.Layer layer : figure.layers()) {
                for (Point p : Spline.sampled(layer.knots(), layer.closed(), 4)) {
                    Point q = scale.of(p);
                    x = q.y() >= top && q.y() <= low ? Math.max(x, q.x()) : x;
                }
            }
            x += 16 * px;
        }
        Point from = new Point(x, a.y());
        Point to = new Point(x, b.y());
        for (Point[] leader : new Point[][] {{a, from}, {b, to}}) {
            String d = "M" + Strokes.p(leader[0]) + "L" + Strokes.n(leader[1].x() + 5 * px) + " "
                    + Strokes.n(leader[1].y());
            dashed("leader", .9, ".6", 1.5, 2.5, d);
        }
        return List.of(from, to);
    }

    private void ends(Tape tape, List<Point> all) {
        Point start = all.get(tape.band() ? (int) (all.size() * .3) : 0);
        Point end = all.get(all.size() - 1);
        boolean loop = !tape.band() && start.distance(end) < 2 * px;
        if (tape.band() || loop) {
            List<Point> longest = tape.stretches().stream()
                    .filter(s -> !s.hidden())
                    .map(this::page)
                    .max(Comparator.comparingInt(List::size))
                    .orElse(all);
            int middle = (int) (longest.size() * (tape.band() ? .6 : .5));
            Point at = longest.get(Math.min(longest.size() - 2, middle));
            arrow(at, longest.get(Math.min(longest.size() - 1, middle + 1)).minus(at));
        } else {
            Point back = all.get(Math.max(0, all.size() - 3));
            Point u = end.minus(back).length() < 1e-6
                    ? new Point(0, 1)
                    : end.minus(back).unit();
            Point side = u.right().times(6 * px);
            String d = "M" + Strokes.p(end.plus(side)) + "L" + Strokes.p(end.minus(side));
            out.empty("path", "class", "tape", "stroke-width", Strokes.n(2.6 * px), "stroke-linecap", "round", "d", d);
            arrow(end.minus(u.times(9 * px)), u);
        }
        start(start);
    }

    private void start(Point at) {
        String x = Strokes.n(at.x());
        String y = Strokes.n(at.y());
        String width = Strokes.n(2.4 * px);
        out.empty("circle", "class", "ring", "cx", x, "cy", y, "r", Strokes.n(5.2 * px), "stroke-width", width);
        out.empty("circle", "class", "tapefill", "cx", x, "cy", y, "r", Strokes.n(1.7 * px));
        String right = Strokes.n(at.x() + 10 * px);
        String up = Strokes.n(at.y() - 8 * px);
        out.element("text", "start", "class", "start", "x", right, "y", up, "font-size", Strokes.n(15 * px));
    }

    private void arrow(Point at, Point direction) {
        Point u = direction.length() < 1e-9 ? new Point(1, 0) : direction.unit();
        Point tip = at.plus(u.times(6 * px));
        Point side = u.right().times(5 * px);
        Point base = tip.minus(u.times(10 * px));
        String d = "M" + Strokes.p(tip) + "L" + Strokes.p(base.plus(side)) + "L"
                + Strokes.p(base.plus(u.times(2.5 * px))) + "L" + Strokes.p(base.minus(side)) + "Z";
        out.empty("path", "class", "tapefill", "d", d);
    }
}
