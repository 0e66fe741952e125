package app.misura.core.format.figure;

import app.misura.core.body.Body;
import app.misura.core.figure.Figure;
import app.misura.core.figure.Scene;
import app.misura.core.figure.Tape;
import app.misura.core.figure.TapePath;
import app.misura.core.figure.View;
import app.misura.core.format.markup.Markup;
import app.misura.core.geometry.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Pictures of a body as SVG: with the tape of one measure, or plain and to scale. */
public final class FigurePicture {
    /** Figure height at which strokes have their own widths. */
    private static final double REFERENCE = 780;
    /** A longer path than this share of the stature is shown on the whole body. */
    private static final double LONG = .40;
    /** A tape lower than this share of its picture may be looked at from nearer where there is little room. */
    private static final double NEAR = .35;

    private static final Set<String> ON_LEGS = Set.of("knee", "ankle", "floor");
    /** Who sits has no such level. */
    private static final Set<String> SAT_ON = Set.of("seat", "crotch");

    private FigurePicture() {}

    /** A picture's frame on the body, cm: left, bottom, right, top. */
    private record Box(double left, double bottom, double right, double top) {
        double width() {
            return right - left;
        }

        double height() {
            return top - bottom;
        }
    }

    /**
     * A view of a body with what is shown on it, framed to what the step needs.
     *
     * @param title said to whoever does not see it
     * @param width and {@code height} of the picture in units
     */
    public static String svg(Body body, Scene scene, String title, String description, double width, double height) {
        View view = scene.view();
        TapePath path = scene.path().orElse(null);
        Figure figure = Figure.of(body, view, path != null && !path.isOnArm());
        Tape tape = path == null ? new Tape(List.of(), false) : Tape.on(figure, path, scene.own());
        Box box = fitted(box(figure, tape), width / height);
        double unit = width / box.width();
        Scale scale = new Scale(view, -box.left() * unit, box.top() * unit, unit);
        double stroke = Math.max(.5, Math.pow(unit * (body.height() + 8 * body.k()) / REFERENCE, .6));
        boolean near = !tape.isEmpty() && tape.height() < NEAR * box.height();
        Markup out = new Markup()
                .open(
                        "svg",
                        "xmlns",
                        "http://www.w3.org/2000/svg",
                        "class",
                        near ? "fig near" : "fig",
                        "role",
                        "img",
                        "viewBox",
                        "0 0 " + Strokes.n(width) + " " + Strokes.n(height))
                .element("title", title)
                .element("desc", description);
        FigureSvg drawer = new FigureSvg(out, scale, stroke, "f" + view.word());
        List<Named> levels = levels(figure, scene.levels(), scale, box);
        double names = names(scene.levels());
        levels.forEach(l -> drawer.level(l.y(), l.labelY(), 0, width - names));
        drawer.draw(figure);
        new MarkSvg(out, scale, figure, Math.max(.9, Math.min(1.35, stroke))).draw(scene);
        levels.forEach(l -> drawer.name(l.labelY(), width - names + 2, l.name(), 15));
        if (!tape.isEmpty()) {
            new TapeSvg(out, scale, Math.max(.9, Math.min(1.35, stroke))).draw(tape, figure);
        }
        return out.close("svg").toString();
    }

    /** How wide the names of levels stand at the right edge. */
    private static double names(List<String> levels) {
        int longest = levels.stream().mapToInt(String::length).max().orElse(0);
        return 46 + 8 * Math.max(0, longest - 6);
    }

    /** A level that is shown. @param labelY where its name stands, pushed clear of its neighbours */
    private record Named(String name, double y, double labelY) {}

    private static List<Named> levels(Figure figure, List<String> names, Scale scale, Box box) {
        List<double[]> at = new ArrayList<>();
        for (int i = 0; i < names.size(); i++) {
            double y = figure.body().level(names.get(i));
            y += ON_LEGS.contains(names.get(i)) ? 0 : figure.frame().dy();
            if (y > box.bottom() + .01 * box.height()
                    && y < box.top() - .02 * box.height()
                    && !isLost(names.get(i), figure.view())) {
                double py = scale.of(0, y).y();
                at.add(new double[] {i, y, py, py});
            }
        }
        at.sort(java.util.Comparator.comparingDouble(a -> a[2]));
        for (int round = 0; round < 30; round++) {
            for (int i = 1; i < at.size(); i++) {
                double missing = 17 - (at.get(i)[3] - at.get(i - 1)[3]);
                if (missing > 0) {
                    at.get(i)[3] += missing / 2;
                    at.get(i - 1)[3] -= missing / 2;
                }
            }
        }
        return at.stream()
                .map(a -> new Named(names.get((int) a[0]), a[1], a[3]))
                .toList();
    }

    /** Whether a level is no height any more: what is sat on; of a kneeling body the leg lies on the floor. */
    private static boolean isLost(String level, View view) {
        return switch (view) {
            case SEATED -> SAT_ON.contains(level);
            case KNEELING -> ON_LEGS.contains(level) && !level.equals("floor");
            default -> false;
        };
    }

    private static Box box(Figure figure, Tape tape) {
        double h = figure.body().height();
        double top = h + figure.frame().dy();
        Box whole = new Box(-.28 * h, -.03 * h, .40 * h, top + .03 * h);
        if (figure.view() == View.SEATED) {
            whole = new Box(-.20 * h, -.03 * h, .44 * h, top + .03 * h);
        }
        if (tape.isEmpty()) {
            return whole;
        }
        double low = Double.MAX_VALUE;
        double high = -Double.MAX_VALUE;
        double left = Double.MAX_VALUE;
        double right = -Double.MAX_VALUE;
        for (Tape.Stretch s : tape.stretches()) {
            for (Point p : s.points()) {
                low = Math.min(low, p.y());
                high = Math.max(high, p.y());
                left = Math.min(left, p.x());
                right = Math.max(right, p.x());
            }
        }
        if (high - low > LONG * h) {
            return high > .7 * h ? whole : new Box(-.26 * h, -.03 * h, .36 * h, Math.max(high, .6 * h) + .10 * h);
        }
        double middleY = (low + high) / 2;
        double half = Math.max(.20 * h, (high - low) / 2 + .07 * h);
        double middleX = figure.view().isBehind() ? -(left + right) / 2 : (left + right) / 2;
        double halfX = Math.max(.16 * h, (right - left) / 2 + .06 * h);
        return new Box(
                middleX - halfX,
                Math.max(-.03 * h, middleY - half),
                middleX + halfX,
                Math.max(-.03 * h, middleY - half) + 2 * half);
    }

    /** The box grown to the picture's proportions; what it needs is never cut. */
    private static Box fitted(Box box, double proportion) {
        if (box.width() / box.height() < proportion) {
            double grow = (box.height() * proportion - box.width()) / 2;
            return new Box(box.left() - grow, box.bottom(), box.right() + grow, box.top());
        }
        double grow = (box.width() / proportion - box.height()) / 2;
        return new Box(box.left(), box.bottom() - grow, box.right(), box.top() + grow);
    }

    /** The whole body from the front, head and ears with it, as path data in the order in which it is drawn. */
    public static List<String> outlines(Body body, double ox, double floorY, double unit) {
        Scale scale = new Scale(View.FRONT, ox, floorY, unit);
        return Figure.of(body, View.FRONT).layers().stream()
                .map(l -> Strokes.path(l.knots(), l.closed(), scale))
                .toList();
    }

    /** The bare outline of a body from the front as path data, for drawings that use it as their ground. */
    public static String outline(Body body, double ox, double floorY, double unit) {
        Figure figure = Figure.of(body, View.FRONT);
        return Strokes.path(figure.outline(), false, new Scale(View.FRONT, ox, floorY, unit));
    }
}
