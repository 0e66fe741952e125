package app.misura.core.body;

import app.misura.core.geometry.Point;
import app.misura.core.measure.Condition;
import app.misura.core.measure.Measure;
import app.misura.core.measure.Place;
import app.misura.core.measure.Side;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Pictures of a body as SVG: with the tape of one measure, or plain and to scale. */
public final class Picture {
    private static final String RESOURCE = "/app/misura/core/tape-paths.txt";
    /** Figure height at which strokes have their own widths. */
    private static final double REFERENCE = 780;
    /** A longer path than this share of the stature is shown on the whole body. */
    private static final double LONG = .40;
    /** A tape lower than this share of its picture may be looked at from nearer where there is little room. */
    private static final double NEAR = .35;

    private Picture() {}

    /** How one measure is shown: from where, and the tape's path. */
    public record Shown(View view, TapePath path) {
        /**
         * The path on one side. A profile is always seen from the right; from the front and the back the tape lies on the
         * side that is asked for.
         */
        public TapePath on(@Nullable Side side) {
            return side == Side.LEFT && !view.isProfile() ? path.mirrored() : path;
        }
    }

    private static final class Shipped {
        static final Map<String, Shown> PATHS = read();

        private static Map<String, Shown> read() {
            Map<String, Shown> paths = new LinkedHashMap<>();
            try (BufferedReader lines = new BufferedReader(new InputStreamReader(
                    Objects.requireNonNull(Picture.class.getResourceAsStream(RESOURCE)), StandardCharsets.UTF_8))) {
                for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                    if (line.isBlank() || line.startsWith("#")) {
                        continue;
                    }
                    String[] parts = line.split("\\|", 3);
                    paths.put(parts[0], new Shown(View.named(parts[1]).orElseThrow(), TapePath.parse(parts[2])));
                }
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
            return paths;
        }
    }

    /** How a measure is shown under a condition, at its place; empty where it has no picture yet. */
    public static Optional<Shown> of(Measure measure, Condition condition, Place at) {
        Shown there = at.isOnly() ? null : Shipped.PATHS.get(measure.code() + "@" + at.word());
        return there != null ? Optional.of(there) : of(measure, condition);
    }

    private static Optional<Shown> of(Measure measure, Condition condition) {
        String posture = condition.get(Condition.Aspect.POSTURE);
        String joint = condition.get(Condition.Aspect.JOINT);
        Shown special = Shipped.PATHS.get(measure.code() + ":" + (joint.equals("bent") ? "bent" : posture));
        return Optional.ofNullable(special != null ? special : Shipped.PATHS.get(measure.code()));
    }

    /** Codes (with a condition behind a colon, or a place behind an at, where it has a picture of its own) that have a picture. */
    public static List<String> codes() {
        return List.copyOf(Shipped.PATHS.keySet());
    }

    public static Shown of(String code) {
        return Objects.requireNonNull(Shipped.PATHS.get(code), code);
    }

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
     * A view of a body with a tape on it, framed to what the step needs.
     *
     * @param path null for the plain figure
     * @param title said to whoever does not see it
     * @param width and {@code height} of the picture in units
     */
    public static String svg(
            Body body,
            View view,
            @Nullable TapePath path,
            String title,
            String description,
            double width,
            double height) {
        Figure figure = Figure.of(body, view, path != null);
        Tape tape = path == null ? new Tape(List.of(), false) : Tape.on(figure, path);
        Box box = fitted(box(figure, tape), width / height);
        double unit = width / box.width();
        Scale scale = new Scale(view, -box.left() * unit, box.top() * unit, unit);
        double stroke = Math.max(.5, Math.pow(unit * (body.height() + 8 * body.k) / REFERENCE, .6));
        StringBuilder out = new StringBuilder();
        boolean near = !tape.isEmpty() && tape.height() < NEAR * box.height();
        out.append("<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"fig")
                .append(near ? " near" : "")
                .append("\" role=\"img\" viewBox=\"0 0 ")
                .append(Strokes.n(width))
                .append(' ')
                .append(Strokes.n(height))
                .append("\"><title>")
                .append(title)
                .append("</title><desc>")
                .append(description)
                .append("</desc>");
        FigureSvg drawer = new FigureSvg(out, scale, stroke, "f" + view.word());
        List<Named> levels = levels(figure, scale, box);
        levels.forEach(l -> drawer.level(l.y(), l.labelY(), 0, width - 46));
        drawer.draw(figure);
        levels.forEach(l -> drawer.name(l.labelY(), width - 44, l.name(), 15));
        if (!tape.isEmpty()) {
            new TapeSvg(out, scale, Math.max(.9, Math.min(1.35, stroke))).draw(tape, figure);
        }
        return out.append("</svg>").toString();
    }

    /** A level that is shown. @param labelY where its name stands, pushed clear of its neighbours */
    private record Named(String name, double y, double labelY) {}

    private static List<Named> levels(Figure figure, Scale scale, Box box) {
        List<double[]> at = new ArrayList<>();
        List<String> names = List.of("band", "seat", "crotch", "knee", "ankle", "floor");
        for (int i = 0; i < names.size(); i++) {
            double y = figure.body().level(names.get(i));
            y += i < 3 ? figure.frame().dy() : 0;
            boolean seated = figure.view() == View.SEATED;
            if (y > box.bottom() + .01 * box.height()
                    && y < box.top() - .02 * box.height()
                    && !(seated && (i == 1 || i == 2))) {
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
        double middleX = figure.view() == View.BACK ? -(left + right) / 2 : (left + right) / 2;
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

    /** The bare outline of a body from the front as path data, for drawings that use it as their ground. */
    public static String outline(Body body, double ox, double floorY, double unit) {
        Figure figure = Figure.of(body, View.FRONT);
        return Strokes.path(figure.outline(), false, new Scale(View.FRONT, ox, floorY, unit));
    }
}
