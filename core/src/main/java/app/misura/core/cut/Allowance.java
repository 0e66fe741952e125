package app.misura.core.cut;

import app.misura.core.draft.Edge;
import app.misura.core.draft.Finish;
import app.misura.core.draft.Piece;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Polyline;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The line to cut along, outside the line to sew along. Corners are mitred; at a hem the sides are mirrored in the fold,
 * so that the hem turned up lies on the leg without pulling.
 */
final class Allowance {
    /** A mitre longer than so many allowances is cut off. */
    private static final double LONGEST_MITRE = 3;

    private final Piece piece;
    private final double seam;
    private final double hem;
    private final Map<Edge, List<Point>> moved = new IdentityHashMap<>();

    private Allowance(Piece piece, double seam, double hem) {
        this.piece = piece;
        this.seam = seam;
        this.hem = hem;
    }

    /** The cut outline, closed without repeating its first point; clockwise on the page like the piece. */
    static List<Point> outline(Piece piece, double seam, double hem) {
        return new Allowance(piece, seam, hem).outline();
    }

    private List<Point> outline() {
        List<Point> outline = new ArrayList<>();
        List<Edge> edges = piece.edges();
        for (int i = 0; i < edges.size(); i++) {
            Edge edge = edges.get(i);
            Edge next = edges.get((i + 1) % edges.size());
            Edge before = edges.get((i + edges.size() - 1) % edges.size());
            if (edge.finish() == Finish.HEM) {
                outline.addAll(turnUp(before, edge, next));
                continue;
            }
            List<Point> moved = moved(edge);
            if (next.finish() == Finish.HEM) {
                moved = clipped(moved, edge.path().end(), below(next));
            } else if (before.finish() == Finish.HEM) {
                moved = reversed(clipped(reversed(moved), edge.path().start(), below(before)));
            }
            outline.addAll(inner(moved));
            if (next.finish() != Finish.HEM) {
                outline.addAll(corner(moved, moved(next), edge.path().end()));
            }
        }
        return outline;
    }

    /** A line without its ends where corners replace them. */
    private static List<Point> inner(List<Point> line) {
        return line.size() > 2 ? line.subList(1, line.size() - 1) : List.of();
    }

    private List<Point> moved(Edge edge) {
        return moved.computeIfAbsent(edge, this::toCut);
    }

    private List<Point> toCut(Edge edge) {
        double allowance = edge.finish() == Finish.SEAM ? seam : 0;
        return allowance == 0
                ? edge.path().flatten()
                : Polyline.offset(edge.path().flatten(), allowance);
    }

    private static List<Point> reversed(List<Point> line) {
        List<Point> turned = new ArrayList<>(line);
        java.util.Collections.reverse(turned);
        return turned;
    }

    private List<Point> corner(List<Point> line, List<Point> next, Point at) {
        Point a = line.get(line.size() - 2);
        Point b = line.get(line.size() - 1);
        Point c = next.get(0);
        Point d = next.get(1);
        @Nullable Point meet = Polyline.meet(a, b, c, d);
        if (meet == null || meet.distance(at) > Math.max(LONGEST_MITRE * seam, 1e-6)) {
            return List.of(b, c);
        }
        return List.of(meet);
    }

    /** 1 for a hem that is turned up from below, -1 for one that is turned down from above: outlines run clockwise. */
    private static int below(Edge hem) {
        return hem.path().start().x() > hem.path().end().x() ? 1 : -1;
    }

    /** A side's cut line, made to end exactly at the height of the hem fold. @param below on which side of it the hem lies */
    private static List<Point> clipped(List<Point> line, Point fold, int below) {
        List<Point> kept = new ArrayList<>(line);
        Point last = kept.get(kept.size() - 1);
        Point before = kept.get(kept.size() - 2);
        while (kept.size() > 2 && below * before.y() > below * fold.y()) {
            kept.remove(kept.size() - 1);
            last = before;
            before = kept.get(kept.size() - 2);
        }
        double share = (fold.y() - before.y()) / (last.y() - before.y());
        kept.set(kept.size() - 1, before.towards(last, share));
        kept.add(kept.get(kept.size() - 1));
        return kept;
    }

    /** Beyond the fold: both sides mirrored in it, to the hem's depth. */
    private List<Point> turnUp(Edge down, Edge fold, Edge up) {
        double y = fold.path().start().y();
        int below = below(fold);
        List<Point> first = mirrored(reversed(clipped(moved(down), down.path().end(), below)), y, below);
        List<Point> second =
                mirrored(reversed(clipped(reversed(moved(up)), up.path().start(), below)), y, below);
        List<Point> turned = new ArrayList<>(first);
        turned.addAll(reversed(second));
        return turned;
    }

    /** The part of a line, from the fold inwards, within the hem's depth; mirrored outwards. */
    private List<Point> mirrored(List<Point> fromFold, double y, int below) {
        List<Point> part = new ArrayList<>();
        for (int i = 0; i < fromFold.size(); i++) {
            Point p = fromFold.get(i);
            double depth = below * (y - p.y());
            if (depth <= hem) {
                part.add(new Point(p.x(), y + below * depth));
            } else if (i == 0) {
                // a fold that is not level to the last digit, and no hem to speak of: there is nothing to mirror
                part.add(p);
                break;
            } else {
                Point q = fromFold.get(i - 1);
                double before = below * (y - q.y());
                double share = (hem - before) / (depth - before);
                part.add(new Point(q.towards(p, share).x(), y + below * hem));
                break;
            }
        }
        return part;
    }
}
