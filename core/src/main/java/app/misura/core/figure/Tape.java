package app.misura.core.figure;

import app.misura.core.body.Body;
import app.misura.core.geometry.Between;
import app.misura.core.geometry.Point;
import app.misura.core.measure.Side;
import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;

/**
 * A tape on a figure: runs of its path, seen or hidden, in body centimetres in the plane of the view.
 *
 * @param band whether it goes round level
 */
public record Tape(List<Stretch> stretches, boolean band) {

    /**
     * @param hidden drawn dashed
     * @param straight taut through the air
     * @param upright a height: drawn beside the body, or in place
     */
    public record Stretch(List<Point> points, boolean hidden, boolean straight, boolean upright, boolean inPlace) {}

    public boolean isEmpty() {
        return stretches.isEmpty();
    }

    /** Lays a path on a figure, from the view that it is written for. */
    public static Tape on(Figure figure, TapePath path) {
        return on(figure, path, figure.view());
    }

    /** @param own the view that the path is written for: what is seen there may be hidden here */
    public static Tape on(Figure figure, TapePath path, View own) {
        if (path instanceof TapePath.Band band) {
            return new Tape(new Bands(figure).around(band), true);
        }
        return path instanceof TapePath.Run run ? new Tape(runs(figure, run, own), false) : new Tape(List.of(), false);
    }

    /** A cord round the trunk: its half that is seen. */
    public static Stretch ring(Figure figure, String level) {
        return new Bands(figure)
                .trunk(figure.body().level(level)).stream()
                        .filter(s -> !s.hidden())
                        .findFirst()
                        .orElseThrow();
    }

    private static List<Stretch> runs(Figure figure, TapePath.Run run, View own) {
        boolean within = figure.view().isProfile() && !own.isProfile();
        Landmarks landmarks = new Landmarks(figure);
        List<Stretch> stretches = new ArrayList<>();
        Landmarks.Place from = landmarks.place(run.points().get(0));
        List<Point> current = new ArrayList<>();
        boolean currentHidden = false;
        for (int i = 0; i < run.links().size(); i++) {
            String link = run.links().get(i);
            Landmarks.Place to = landmarks.place(run.points().get(i + 1));
            if (link.equals("|") || link.equals("||")) {
                flush(stretches, current, currentHidden);
                stretches.add(new Stretch(List.of(from.at(), to.at()), false, true, true, link.equals("||")));
            } else if (link.equals("-")) {
                flush(stretches, current, currentHidden);
                stretches.add(new Stretch(List.of(from.at(), to.at()), within, true, false, false));
            } else {
                boolean hidden = isHidden(link, figure.view()) || within && link.equals(">i");
                if (current.isEmpty() || hidden != currentHidden) {
                    flush(stretches, current, currentHidden);
                    current.add(from.at());
                    currentHidden = hidden;
                }
                current.addAll(between(figure, from, to, link));
                current.add(to.at());
            }
            from = to;
        }
        flush(stretches, current, currentHidden);
        return stretches;
    }

    private static void flush(List<Stretch> stretches, List<Point> current, boolean hidden) {
        if (current.size() > 1) {
            stretches.add(new Stretch(List.copyOf(current), hidden, false, false, false));
        }
        current.clear();
    }

    private static boolean isHidden(String link, View view) {
        return switch (link) {
            case ">h", ">u" -> true;
            case ">b" -> view == View.FRONT;
            case ">f" -> view.isBehind();
            default -> false;
        };
    }

    /** On a profile the tape lies on the skin between two places of the trunk, over belly and seat. */
    private static List<Point> between(Figure figure, Landmarks.Place a, Landmarks.Place b, String link) {
        List<Point> points = new ArrayList<>();
        boolean skin =
                figure.view().isProfile() && (link.equals(">f") || link.equals(">b")) && a.onTrunk() && b.onTrunk();
        for (int i = 1; skin && i < 12; i++) {
            double t = i / 12.0;
            double x = Between.lerp(a.x(), b.x(), t);
            double y = Between.lerp(a.y(), b.y(), t);
            double z = figure.body().skin(x, y, link.equals(">b"));
            double blend = Math.min(1, Math.min(t * 5, (1 - t) * 5));
            points.add(new Point(
                    Between.lerp(Between.lerp(a.z(), b.z(), t), z, blend),
                    y + figure.frame().dy()));
        }
        return points;
    }

    /** From its lowest to its highest point, cm; 0 where there is none. */
    public double height() {
        DoubleSummaryStatistics y = stretches.stream()
                .flatMap(s -> s.points().stream())
                .mapToDouble(Point::y)
                .summaryStatistics();
        return y.getCount() == 0 ? 0 : y.getMax() - y.getMin();
    }

    /** Length of the tape as it is drawn, cm. */
    public double drawnLength() {
        double sum = 0;
        for (Stretch s : stretches) {
            for (int i = 1; i < s.points().size(); i++) {
                sum += s.points().get(i).distance(s.points().get(i - 1));
            }
        }
        return sum;
    }

    /** Level bands, seen slightly from above: they meet the outline at their level and bow down in front. */
    private static final class Bands {
        private static final double BOW = .17;
        private static final int STEPS = 24;

        private final Figure figure;
        private final Body b;

        Bands(Figure figure) {
            this.figure = figure;
            this.b = figure.body();
        }

        List<Stretch> around(TapePath.Band band) {
            return switch (band.part()) {
                case "foot" ->
                    halves(band.where().equals("ball") ? ballLine() : footLine(), .9 * b.footLength() / 25.84);
                case "head" -> head();
                case "kneeBent" -> halves(kneeLine(), 1.5 * b.k());
                case "leg" -> leg(band);
                case "arm" -> arm(band);
                default -> trunk(b.level(band.where()));
            };
        }

        private List<Stretch> trunk(double y) {
            double w = b.widthAt(y);
            double d = (b.frontAt(y) - b.backAt(y)) / 2;
            double c = (b.frontAt(y) + b.backAt(y)) / 2;
            return ellipse(0, w, c, d, b.exponentAt(y), y + figure.frame().dy());
        }

        private List<Stretch> leg(TapePath.Band band) {
            Side side = band.side() == 'L' ? Side.LEFT : Side.RIGHT;
            double y = b.level(band.where());
            double[] s = Landmarks.section(side.of(b.legs()), y);
            double x = side == Side.LEFT ? s[0] : -s[0];
            return ellipse(x, s[1], s[2] + figure.frame().dz(), s[3], 2.1, y);
        }

        /** Across the arm's axis; its nearer half bows down. */
        private List<Stretch> arm(TapePath.Band band) {
            ArmPlaces arm = new ArmPlaces(figure, band.side() == 'L' ? Side.LEFT : Side.RIGHT);
            double share = Double.parseDouble(band.where());
            double bow = BOW * arm.depth(share);
            List<Point> seen = new ArrayList<>();
            List<Point> hidden = new ArrayList<>();
            for (int i = 0; i <= STEPS; i++) {
                double q = -Math.PI / 2 + Math.PI * i / STEPS;
                seen.add(arm.at(share, Math.sin(q), bow * Math.cos(q)));
                hidden.add(arm.at(share, Math.sin(q), -bow * Math.cos(q)));
            }
            return List.of(
                    new Stretch(hidden, true, false, false, false), new Stretch(seen, false, false, false, false));
        }

        private List<Stretch> ellipse(double cx, double w, double cz, double d, double n, double y) {
            boolean profile = figure.view().isProfile();
            double towards = figure.view().isBehind() ? -1 : 1;
            List<Point> seen = new ArrayList<>();
            List<Point> hidden = new ArrayList<>();
            for (int i = 0; i <= STEPS; i++) {
                double q = -Math.PI / 2 + Math.PI * i / STEPS;
                for (boolean near : new boolean[] {true, false}) {
                    double phase = near ? q : q + Math.PI;
                    double across = round(Math.sin(phase), n);
                    double depth = round(Math.cos(phase), n);
                    Point p = profile
                            ? new Point(cz + d * across, y - BOW * .55 * w * depth)
                            : new Point(cx + w * across, y - BOW * d * depth * (towards * towards));
                    (near ? seen : hidden).add(p);
                }
            }
            return List.of(
                    new Stretch(hidden, true, false, false, false), new Stretch(seen, false, false, false, false));
        }

        private static double round(double v, double n) {
            return Math.signum(v) * Math.pow(Math.abs(v), 2 / n);
        }

        /** Round the head above the brows. */
        private List<Stretch> head() {
            double y = b.level("brow") + figure.frame().dy();
            return ellipse(0, b.headWidth(), .9 * b.k(), b.headDepth(), 2, y);
        }

        private Point[] ballLine() {
            double f = b.footLength() / 25.84;
            return new Point[] {new Point(11.2 * f, 4.3 * f), new Point(9.4 * f, .1 * f)};
        }

        private Point[] footLine() {
            double f = b.footLength() / 25.84;
            return new Point[] {new Point(3.8 * f, 9.0 * f), new Point(-7.2 * f, .5 * f)};
        }

        /** Over the kneecap's middle and through the hollow of the knee. */
        private Point[] kneeLine() {
            Figure.Frame f = figure.frame();
            Body.Leg below = b.leg(Side.RIGHT, "belowKnee");
            return new Point[] {
                new Point(f.kneeX() + 5 * b.k(), f.kneeY() + 3.9 * b.k()),
                new Point(below.zb() + f.dz() + .6 * b.k(), f.seat() - 1.5 * b.k())
            };
        }

        private static List<Stretch> halves(Point[] line, double bow) {
            Point side = line[1].minus(line[0]).unit().right();
            List<Point> seen = new ArrayList<>();
            List<Point> hidden = new ArrayList<>();
            for (int i = 0; i <= STEPS; i++) {
                double q = Math.PI * i / STEPS;
                Point on = line[0].towards(line[1], (1 - Math.cos(q)) / 2);
                seen.add(on.plus(side.times(bow * Math.sin(q))));
                hidden.add(on.minus(side.times(bow * Math.sin(q))));
            }
            return List.of(
                    new Stretch(hidden, true, false, false, false), new Stretch(seen, false, false, false, false));
        }
    }
}
