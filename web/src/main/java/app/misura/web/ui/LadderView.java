package app.misura.web.ui;

import app.misura.core.course.Course;
import app.misura.core.form.Part;
import app.misura.core.format.ladder.Focus;
import app.misura.core.format.ladder.Ladder;
import app.misura.core.format.ladder.LadderSvg;
import app.misura.core.format.ladder.Metrics;
import app.misura.core.format.ladder.PartLine;
import app.misura.core.format.ladder.Rung;
import app.misura.core.format.markup.Markup;
import app.misura.core.length.LengthText;
import app.misura.core.proof.Bracket;
import app.misura.core.proof.SumWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A ladder as the templates see it: its parts with their rungs, the brackets as a drawing, the sums in words.
 *
 * @param progress how many steps of how many are taken
 * @param counts how the sums stand, in words with signs
 * @param spoken each sum in a sentence
 * @param touch whether its lines are high enough for fingers
 */
public record LadderView(
        String progress,
        List<Count> counts,
        List<PartView> parts,
        Markup brackets,
        List<String> spoken,
        boolean touch) {

    /**
     * The rungs and the brackets for a page, without what it has.
     *
     * @param base address of the measuring screen of this order
     * @param here address of the page that shows the ladder, where a folded part is looked at
     */
    public String drawn(String base, String here, Has has) {
        return LadderHtml.of(this, base, here, has);
    }

    /** How many sums stand one way. */
    public record Count(String sign, String words, boolean wrong) {}

    /**
     * A part.
     *
     * @param line of it, where the ladder folds; null where it does not
     * @param rungs those that are seen
     * @param gate what its bar says; null where there is none, empty where it is passed
     */
    public record PartView(
            String letter,
            String title,
            @Nullable LineView line,
            List<RungView> rungs,
            @Nullable String gate) {}

    /**
     * The line of a part on a ladder that folds.
     *
     * @param own whether the work is here, so that looking at another part ends by opening it
     * @param left how many of how many are taken, where some are still to come; empty for a folded part with all taken
     * @param ticks its rungs lying down; none where it stands open
     * @param signs of the brackets that live here and are not drawn
     * @param unseen the same in words
     */
    public record LineView(
            boolean open, boolean own, String left, List<RungView> ticks, List<Bracket.State> signs, String unseen) {
        static LineView of(PartLine line, boolean own, Course course) {
            String words = counts(line.signs()).stream().map(Count::words).collect(Collectors.joining(", "));
            return new LineView(
                    line.open(),
                    own,
                    line.open() || line.waits() ? line.taken() + " of " + line.steps() : "",
                    line.open()
                            ? List.of()
                            : line.rungs().stream()
                                    .map(r -> RungView.of(r, course, List.of()))
                                    .toList(),
                    line.signs(),
                    words.isEmpty() ? "" : "sums: " + words);
        }
    }

    /** A value in two, to be aligned at the point or the fraction. @param css what it is: a word, a fraction, a number */
    public record Value(String whole, String rest, String css) {
        static Value of(String text) {
            LengthText.Parts parts = LengthText.parts(text);
            boolean word = text.charAt(0) >= 'a' && text.charAt(0) <= 'z';
            return new Value(parts.whole(), parts.rest(), word ? "word" : parts.isFraction() ? "v frac" : "v");
        }

        boolean isWord() {
            return css.equals("word");
        }
    }

    /**
     * One rung.
     *
     * @param css its state as classes
     * @param waits whether it is still to be taken
     * @param far whether it stays out of a part that is folded
     * @param note what stands in the value's place where there is none: {@code now}, {@code needs P1}; empty for a line
     * @param unseen what only form and colour say: the state, the unit, how its sums stand
     * @param here who else is at this step; nobody: empty
     */
    public record RungView(
            String label,
            String name,
            String letter,
            String css,
            boolean now,
            boolean derived,
            boolean waits,
            boolean far,
            List<Value> values,
            String note,
            String unseen,
            List<Present> here) {
        static RungView of(Rung rung, Course course, List<Present> present) {
            boolean empty = rung.values().stream().anyMatch(String::isEmpty);
            String note =
                    rung.isNow() && !rung.hasValue() ? "now" : rung.needs().isEmpty() ? "" : "needs " + rung.needs();
            return new RungView(
                    rung.step().label(),
                    rung.step().name(),
                    rung.firstOfPart() ? rung.step().part() : "",
                    rung.state().css() + (rung.far() ? " far" : rung.firstOfPart() ? " rung-first" : ""),
                    rung.isNow(),
                    rung.step().isDerived(),
                    rung.state() == Rung.State.TO_COME || rung.state() == Rung.State.LOCKED,
                    rung.far(),
                    rung.values().stream()
                            .filter(v -> !v.isEmpty())
                            .map(Value::of)
                            .toList(),
                    note,
                    unseen(rung, empty && note.isEmpty(), course),
                    present.stream()
                            .filter(p -> p.step().equals(rung.step().label()))
                            .toList());
        }

        private static String unseen(Rung rung, boolean toCome, Course course) {
            List<String> words = new ArrayList<>();
            if (rung.hasValue() && rung.step().takesReadings()) {
                words.add(course.proof().sheet().unit().word());
            }
            switch (rung.state()) {
                case WRONG -> words.add("wrong");
                case AGAIN -> words.add("to be looked at again");
                default -> {
                    if (toCome) {
                        words.add("to come");
                    }
                }
            }
            String sums = sums(rung.step().label(), course);
            if (!sums.isEmpty()) {
                words.add(sums);
            }
            return String.join(", ", words);
        }

        private static String sums(String label, Course course) {
            List<String> sums = course.brackets().stream()
                    .filter(b -> b.closure().concerns(label))
                    .map(b -> b.closure().name() + " " + b.state().word())
                    .toList();
            return sums.isEmpty()
                    ? ""
                    : (sums.size() == 1 ? "in one sum: " : "in " + sums.size() + " sums: ") + String.join(", ", sums);
        }
    }

    /** Somebody else who has this sheet open. @param step where they are; @param initials of how they are called */
    public record Present(String step, String name, String initials) {}

    private static final List<Bracket.State> COUNTED = List.of(
            Bracket.State.CLOSED,
            Bracket.State.WRONG,
            Bracket.State.GAP,
            Bracket.State.ACCEPTED,
            Bracket.State.OPEN,
            Bracket.State.TO_COME);

    /** Nobody else at it. */
    public static LadderView of(Course course, Focus focus, Metrics metrics) {
        return of(course, focus, metrics, List.of());
    }

    /** @param present who else is at which step */
    public static LadderView of(Course course, Focus focus, Metrics metrics, List<Present> present) {
        Ladder ladder = Ladder.of(course, focus, metrics);
        List<Bracket> sums = course.brackets();
        return new LadderView(
                course.taken() + " of " + course.counted().size(),
                counts(sums.stream().map(Bracket::state).toList()),
                parts(course, focus, ladder, present),
                LadderSvg.brackets(ladder),
                sums.stream()
                        .filter(b -> b.state() != Bracket.State.NOT_CHECKED)
                        .map(b -> SumWords.aloud(b, course.proof()) + ".")
                        .toList(),
                metrics.isTouch());
    }

    private static List<Count> counts(List<Bracket.State> sums) {
        List<Count> counts = new ArrayList<>();
        for (Bracket.State state : COUNTED) {
            long count = sums.stream().filter(s -> s == state).count();
            if (count > 0) {
                counts.add(new Count(Say.sign(state), count + " " + state.word(), state == Bracket.State.WRONG));
            }
        }
        return counts;
    }

    private static List<PartView> parts(Course course, Focus focus, Ladder ladder, List<Present> present) {
        List<PartView> parts = new ArrayList<>();
        String own = focus.step() == null
                ? ""
                : course.proof().sheet().form().step(focus.step()).part();
        for (Part part : course.proof().sheet().form().parts()) {
            List<RungView> rungs = ladder.rungs().stream()
                    .filter(r -> r.step().part().equals(part.letter()))
                    .map(r -> RungView.of(r, course, present))
                    .toList();
            Optional<PartLine> line = ladder.line(part.letter());
            if (!rungs.isEmpty() || line.isPresent()) {
                parts.add(new PartView(
                        part.letter(),
                        part.title(),
                        line.map(l -> LineView.of(l, part.letter().equals(own), course))
                                .orElse(null),
                        rungs,
                        bar(ladder.gates().get(part.letter()))));
            }
        }
        return parts;
    }

    private static @Nullable String bar(Ladder.@Nullable Gate gate) {
        if (gate == null) {
            return null;
        }
        if (gate.asks()) {
            return "Gate: " + gate.open() + " to clear first";
        }
        return gate.later() > 0 ? "Gate: " + gate.later() + " to clear later" : "";
    }
}
