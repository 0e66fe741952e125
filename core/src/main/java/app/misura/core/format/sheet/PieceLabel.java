package app.misura.core.format.sheet;

import app.misura.core.draft.Level;
import app.misura.core.draft.Piece;
import app.misura.core.format.drawing.Shape;
import app.misura.core.geometry.Box;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Polyline;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/** What is written on a piece: as large as there is room for inside its outline, clear of its levels. */
record PieceLabel(Piece piece) {
    /** The em of a piece's name where there is room, and the least that is read at an arm's length, mm. */
    private static final double NAME = 9;

    private static final double LEAST = 2.2;
    /** What is written on a level. */
    private static final double LEVEL = 4.5;
    /** Of what stands under the name. */
    private static final double UNDER = 0.55;
    /** Clear of the lines on both sides, mm. */
    private static final double CLEAR = 3;
    /** From here on there is room to stand off the grain. */
    private static final double WIDE = 60;

    /** Sizes that are tried, the largest first. */
    private static final double STEP = 0.5;

    /** A place to write: from a point so far to the right. */
    private record Room(Point from, double wide) {}

    /** About how wide a text is. */
    private static double width(String text, double em) {
        return 0.52 * em * text.length();
    }

    /** The name, how often it is cut and whose it is. */
    List<Shape> words(String name, String cut, String client) {
        Point middle = piece.grain().get(0).towards(piece.grain().get(1), 0.5);
        if (Math.abs(piece.grain().get(0).y() - piece.grain().get(1).y()) < 1) {
            return List.of(along(name + " · " + cut + " · " + client, middle));
        }
        Room room = room(middle);
        double em = fitting(name, room.wide(), NAME, 2);
        List<String> names = wrapped(name, em, room.wide());
        List<Shape> shapes = new ArrayList<>();
        double y = 0;
        for (String line : names) {
            shapes.add(new Shape.Words(room.from().plus(new Point(0, y)), line, em, true, false));
            y += em;
        }
        double small = Math.min(fitting(cut, room.wide(), em * UNDER, 3), fitting(client, room.wide(), em * UNDER, 3));
        List<String> under = new ArrayList<>(wrapped(cut, small, room.wide()));
        under.addAll(wrapped(client, small, room.wide()));
        for (String line : under) {
            shapes.add(new Shape.Words(
                    room.from().plus(new Point(0, y - em + small * 1.5)), line, small, false, false));
            y += small * 1.1;
        }
        return shapes;
    }

    /** On a flat piece: one line over the grain, within its height and its length. */
    private Shape along(String text, Point middle) {
        Box box = Box.of(piece.outline());
        double high = (middle.y() - box.top() - 2) / 0.8;
        double em = Math.min(7, Math.max(1.5, Math.min(high, (box.width() - 20) / (0.52 * text.length()))));
        return new Shape.Words(
                new Point(Math.max(box.left() + 8, middle.x() - 60), middle.y() - 1.5), text, em, true, false);
    }

    /** The widest place beside the grain with no level near; the middle where there is none. */
    private Room room(Point middle) {
        Room best = beside(middle);
        boolean clear = isClear(middle);
        for (double share = 0.04; share < 1; share += 0.04) {
            Point at = piece.grain().get(0).towards(piece.grain().get(1), share);
            Room next = beside(at);
            if (isClear(at) && (!clear || next.wide() > best.wide() + 5)) {
                best = next;
                clear = true;
            }
        }
        return best;
    }

    private boolean isClear(Point at) {
        return Stream.concat(
                        piece.levels().stream().map(Level::to),
                        piece.internal().stream().filter(PieceLabel::liesLevel).map(line -> line.get(0)))
                .noneMatch(p -> p.y() > at.y() - NAME && p.y() < at.y() + 26);
    }

    private static boolean liesLevel(List<Point> line) {
        return Box.of(line).height() < 1;
    }

    /** What is free right of a place, over all lines of a label. */
    private Room beside(Point at) {
        double right = Double.POSITIVE_INFINITY;
        for (double down : new double[] {-6, 0, 10, 18}) {
            double here = Arrays.stream(Polyline.crossings(piece.outline(), at.y() + down))
                    .filter(x -> x > at.x())
                    .min()
                    .orElse(at.x());
            right = Math.min(right, here);
        }
        double beside = right - at.x() > WIDE ? 8 : CLEAR;
        return new Room(at.plus(new Point(beside, 0)), Math.max(0, right - at.x() - beside - CLEAR));
    }

    /** The largest size, no larger than asked, at which a text has room in so many lines. */
    private static double fitting(String text, double wide, double most, int lines) {
        for (double em = most; em > LEAST; em -= STEP) {
            if (fits(text, em, wide, lines)) {
                return em;
            }
        }
        return LEAST;
    }

    private static boolean fits(String text, double em, double wide, int lines) {
        List<String> wrapped = wrapped(text, em, wide);
        return wrapped.size() <= lines && wrapped.stream().allMatch(line -> width(line, em) <= wide);
    }

    /** In lines no wider than there is room, broken between words. */
    private static List<String> wrapped(String text, double em, double wide) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ")) {
            if (!line.isEmpty() && width(line + " " + word, em) > wide) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.isEmpty() ? "" : " ").append(word);
        }
        lines.add(line.toString());
        return lines;
    }

    /** What is written on a level: at its right end, within its piece. */
    static Shape level(Level level, String text) {
        double em = Math.max(2, Math.min(LEVEL, (level.width() - 4) / (0.52 * text.length())));
        Point right = level.from().x() > level.to().x() ? level.from() : level.to();
        double back = Math.min(34, Math.abs(level.from().x() - level.to().x()) - 2);
        return new Shape.Words(
                right.plus(new Point(-Math.max(back, width(text, em) + 2), -2.5)), text, em, false, false);
    }
}
