package app.misura.core.body;

import app.misura.core.geometry.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Draws a tape: hidden runs dashed, seen ones as a ribbon with marks; a ring at its start, an arrow, a bar at its end. */
final class TapeSvg {
    private final StringBuilder out;
    private final Scale scale;
    private final double px;

    TapeSvg(StringBuilder out, Scale scale, double px) {
        this.out = out;
        this.scale = scale;
        this.px = px;
    }

    void draw(Tape tape, Figure figure) {
        for (Tape.Stretch s : tape.stretches()) {
            if (s.hidden()) {
                path(
                        "tape",
                        1.9,
                        "stroke-opacity=\".75\" stroke-dasharray=\"" + Strokes.n(4.5 * px) + " " + Strokes.n(3.5 * px)
                                + "\"",
                        curve(s));
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

    private void path(String css, double width, String more, String d) {
        out.append("<path class=\"")
                .append(css)
                .append("\" stroke-width=\"")
                .append(Strokes.n(width * px))
                .append("\" ")
                .append(more)
                .append(" d=\"")
                .append(d)
                .append("\"/>");
    }

    private void ribbon(String d) {
        path("tapehalo", 7.2, "stroke-opacity=\".75\"", d);
        path("tape", 5, "", d);
        path("ticks", 2.1, "stroke-dasharray=\"" + Strokes.n(1.1 * px) + " " + Strokes.n(5 * px) + "\"", d);
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
            path(
                    "leader",
                    .9,
                    "stroke-opacity=\".6\" stroke-dasharray=\"" + Strokes.n(1.5 * px) + " " + Strokes.n(2.5 * px)
                            + "\"",
                    "M" + Strokes.p(leader[0]) + "L" + Strokes.n(leader[1].x() + 5 * px) + " "
                            + Strokes.n(leader[1].y()));
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
            path(
                    "tape",
                    2.6,
                    "stroke-linecap=\"round\"",
                    "M" + Strokes.p(end.plus(side)) + "L" + Strokes.p(end.minus(side)));
            arrow(end.minus(u.times(9 * px)), u);
        }
        out.append("<circle class=\"ring\" cx=\"")
                .append(Strokes.n(start.x()))
                .append("\" cy=\"")
                .append(Strokes.n(start.y()))
                .append("\" r=\"")
                .append(Strokes.n(5.2 * px))
                .append("\" stroke-width=\"")
                .append(Strokes.n(2.4 * px))
                .append("\"/>")
                .append("<circle class=\"tapefill\" cx=\"")
                .append(Strokes.n(start.x()))
                .append("\" cy=\"")
                .append(Strokes.n(start.y()))
                .append("\" r=\"")
                .append(Strokes.n(1.7 * px))
                .append("\"/>")
                .append("<text class=\"start\" x=\"")
                .append(Strokes.n(start.x() + 10 * px))
                .append("\" y=\"")
                .append(Strokes.n(start.y() - 8 * px))
                .append("\" font-size=\"")
                .append(Strokes.n(15 * px))
                .append("\">start</text>");
    }

    private void arrow(Point at, Point direction) {
        Point u = direction.length() < 1e-9 ? new Point(1, 0) : direction.unit();
        Point tip = at.plus(u.times(6 * px));
        Point side = u.right().times(5 * px);
        Point base = tip.minus(u.times(10 * px));
        out.append("<path class=\"tapefill\" d=\"M")
                .append(Strokes.p(tip))
                .append('L')
                .append(Strokes.p(base.plus(side)))
                .append('L')
                .append(Strokes.p(base.plus(u.times(2.5 * px))))
                .append('L')
                .append(Strokes.p(base.minus(side)))
                .append("Z\"/>");
    }
}
