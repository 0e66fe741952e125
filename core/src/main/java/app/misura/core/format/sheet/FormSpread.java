package app.misura.core.format.sheet;

import app.misura.core.course.Course;
import app.misura.core.format.ladder.Focus;
import app.misura.core.format.ladder.Ladder;
import app.misura.core.format.ladder.Metrics;
import app.misura.core.format.ladder.Rung;
import java.util.Comparator;
import java.util.List;

/**
 * The lines of a form on its pages: on one, closer where it must be; a form so long that its lines could not be written on
 * goes on two, its far sums gathered.
 */
record FormSpread(Ladder ladder, List<Stretch> pages) {
    /** Nearer than this, units of the ladder, lines cannot be written on. */
    private static final double CLOSEST = 22.5;

    /** Lines of a ladder that stand on one page. */
    record Stretch(double from, double to) {
        boolean has(Rung rung) {
            return rung.y() > from && rung.y() < to;
        }

        double height() {
            return to - from;
        }
    }

    /** @param room of a page, in units of the ladder */
    static FormSpread of(Course course, double room) {
        Ladder usual = ladder(course, Metrics.PAPER);
        double over = usual.height() - room;
        if (over <= 0) {
            return onOne(usual);
        }
        double rung = Metrics.PAPER.rung() - over / usual.rungs().size();
        if (rung >= CLOSEST) {
            return onOne(ladder(course, Metrics.PAPER.withRung(rung)));
        }
        FormSpread two = onTwo(ladder(course, Metrics.PAPER_LONG));
        double more = two.pages.stream().mapToDouble(Stretch::height).max().orElse(0) - room;
        return more <= 0
                ? two
                : onTwo(ladder(course, Metrics.PAPER_LONG.withRung(Metrics.PAPER_LONG.rung() * room / (room + more))));
    }

    private static Ladder ladder(Course course, Metrics metrics) {
        return Ladder.of(course, Focus.NONE, metrics);
    }

    private static FormSpread onOne(Ladder ladder) {
        return new FormSpread(ladder, List.of(new Stretch(0, ladder.height())));
    }

    /** Parted between two parts, as even as can be. */
    private static FormSpread onTwo(Ladder ladder) {
        double half = ladder.height() / 2;
        double at = ladder.rungs().stream()
                .filter(Rung::firstOfPart)
                .map(r -> r.y() - r.height() / 2 - ladder.metrics().partGap())
                .min(Comparator.comparingDouble(y -> Math.abs(y - half)))
                .orElse(half);
        return new FormSpread(ladder, List.of(new Stretch(0, at), new Stretch(at, ladder.height())));
    }

    /** Whether its lines stand closer than usual. */
    boolean isClose() {
        return ladder.metrics().rung() < Metrics.PAPER.rung();
    }
}
