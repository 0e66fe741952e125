package app.misura.core.format.figure;

import app.misura.core.figure.Aid;
import app.misura.core.figure.Figure;
import app.misura.core.figure.Knot;
import app.misura.core.figure.Scene;
import app.misura.core.figure.Tape;
import app.misura.core.format.markup.Markup;
import app.misura.core.geometry.Point;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Draws what is marked on a body and what is held to it: set marks plain, wanted ones hollow with the step that sets them. */
final class MarkSvg {
    private static final double TYPE = 14;

    private final Markup out;
    private final Scale scale;
    private final Figure figure;
    private final double px;

    /** Marks that are named already: one that has several places is named at the first. */
    private final Set<String> named = new HashSet<>();

    MarkSvg(Markup out, Scale scale, Figure figure, double px) {
        this.out = out;
        this.scale = scale;
        this.figure = figure;
        this.px = px;
    }

    void draw(Scene scene) {
        for (Scene.Mark mark : scene.marks()) {
            if (mark.spot().isSeenFrom(scene.view())) {
                mark.spot().level().ifPresent(level -> cord(mark, level));
                List<Point> places = figure.places(mark.spot());
                places.forEach(at -> cross(mark.set(), scale.of(at)));
                if (!mark.set() && !places.isEmpty()) {
                    label(scale.of(places.get(0)), mark.label(), !figure.view().isProfile());
                }
            }
        }
        if (scene.aid() != null) {
            aid(scene.aid());
        }
    }

    private void cord(Scene.Mark mark, String level) {
        Tape.Stretch band = Tape.ring(figure, level);
        String d = Strokes.path(band.points().stream().map(Knot::of).toList(), false, scale);
        if (mark.set()) {
            out.empty("path", "class", "edge", "stroke-width", Strokes.n(4.6 * px), "d", d);
            out.empty("path", "class", "aid", "stroke-width", Strokes.n(2.4 * px), "d", d);
            return;
        }
        String dash = Strokes.n(4 * px) + " " + Strokes.n(4 * px);
        out.empty("path", "class", "wanted", "stroke-width", Strokes.n(1.6 * px), "stroke-dasharray", dash, "d", d);
        List<Point> points = band.points();
        Point a = scale.of(points.get(0));
        Point b = scale.of(points.get(points.size() - 1));
        label(a.x() < b.x() ? a : b, mark.label(), true);
    }

    private void cross(boolean set, Point at) {
        double r = 5 * px;
        if (set) {
            String d = "M" + Strokes.n(at.x() - r) + " " + Strokes.n(at.y()) + "h" + Strokes.n(2 * r) + "M"
                    + Strokes.n(at.x()) + " " + Strokes.n(at.y() - r) + "v" + Strokes.n(2 * r);
            out.empty("path", "class", "edge", "stroke-width", Strokes.n(1.8 * px), "d", d);
            return;
        }
        String width = Strokes.n(1.6 * px);
        String x = Strokes.n(at.x());
        String y = Strokes.n(at.y());
        out.empty("circle", "class", "wanted", "cx", x, "cy", y, "r", Strokes.n(r), "stroke-width", width);
    }

    /** @param before left of the place, else right of it */
    private void label(Point at, String text, boolean before) {
        if (!named.add(text)) {
            return;
        }
        double x = at.x() + (before ? -9 : 9) * px;
        out.element(
                "text",
                text,
                "class",
                "wantedname",
                "text-anchor",
                before ? "end" : "start",
                "x",
                Strokes.n(x),
                "y",
                Strokes.n(at.y() + TYPE * .34),
                "font-size",
                Strokes.n(TYPE));
    }

    private void aid(Aid aid) {
        Point at = figure.place(aid.place());
        double k = figure.body().k();
        double half = (figure.view().isProfile() ? aid.along() : aid.across()) * k / 2;
        double thick = aid.thick() * k;
        Point left = scale.of(at.x() - half, at.y() + (aid.above() ? thick : 0));
        Point right = scale.of(at.x() + half, at.y() - (aid.above() ? 0 : thick));
        double x = Math.min(left.x(), right.x());
        out.empty(
                "rect",
                "class",
                "aidbar",
                "x",
                Strokes.n(x),
                "y",
                Strokes.n(left.y()),
                "width",
                Strokes.n(Math.abs(right.x() - left.x())),
                "height",
                Strokes.n(right.y() - left.y()),
                "stroke-width",
                Strokes.n(1.2 * px));
    }
}
