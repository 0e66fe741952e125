package app.misura.web.ui;

import app.misura.core.course.Course;
import app.misura.core.form.Part;
import app.misura.core.format.ladder.Ladder;
import app.misura.core.format.ladder.LadderSvg;
import app.misura.core.format.ladder.Metrics;
import app.misura.core.format.ladder.Rung;
import app.misura.core.format.markup.Markup;
import app.misura.core.length.LengthText;
import app.misura.core.proof.Bracket;
import app.misura.core.proof.SumWords;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A ladder as the templates see it: its parts with their rungs, the brackets as a drawing, the sums in words.
 *
 * @param progress how many steps of how many are taken
 * @param counts how the sums stand, in words with signs
 * @param spoken each sum in a sentence
 */
public record LadderView(
        String progress, List<Count> counts, List<PartView> parts, Markup brackets, List<String> spoken) {

    /**
     * The rungs and the brackets for a page, without what it has.
     *
     * @param base address of the measuring screen of this order
     */
    public String drawn(String base, Has has) {
        return LadderHtml.of(this, base, has);
    }

    /** How many sums stand one way. */
    public record Count(String sign, String words, boolean wrong) {}

    /** @param gate what its bar says; null where there is none, empty where it is passed */
    public record PartView(
            String letter,
            String title,
            List<RungView> rungs,
            @Nullable String gate) {}

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
                    rung.state().css() + (rung.firstOfPart() ? " rung-first" : ""),
                    rung.isNow(),
                    rung.step().isDerived(),
                    rung.state() == Rung.State.TO_COME || rung.state() == Rung.State.LOCKED,
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
            Bracket.State.CLOSED, Bracket.State.WRONG, Bracket.State.GAP, Bracket.State.OPEN, Bracket.State.TO_COME);

    /** @param now label of the step that is asked for; null if none is */
    public static LadderView of(Course course, @Nullable String now, Metrics metrics) {
        return of(course, now, metrics, List.of());
    }

    /**
     * @param now label of the step that is asked for; null if none is
     * @param present who else is at which step
     */
    public static LadderView of(Course course, @Nullable String now, Metrics metrics, List<Present> present) {
        Ladder ladder = Ladder.of(course, now, metrics);
        List<Bracket> sums = course.brackets();
        return new LadderView(
                course.taken() + " of " + course.steps().size(),
                counts(sums),
                parts(course, ladder, present),
                LadderSvg.brackets(ladder),
                sums.stream()
                        .filter(b -> b.state() != Bracket.State.NOT_CHECKED)
                        .map(b -> SumWords.aloud(b, course.proof()) + ".")
                        .toList());
    }

    private static List<Count> counts(List<Bracket> sums) {
        List<Count> counts = new ArrayList<>();
        for (Bracket.State state : COUNTED) {
            long count = sums.stream().filter(b -> b.state() == state).count();
            if (count > 0) {
                counts.add(new Count(Say.sign(state), count + " " + state.word(), state == Bracket.State.WRONG));
            }
        }
        return counts;
    }

    private static List<PartView> parts(Course course, Ladder ladder, List<Present> present) {
        List<PartView> parts = new ArrayList<>();
        for (Part part : course.proof().sheet().form().parts()) {
            List<RungView> rungs = ladder.rungs().stream()
                    .filter(r -> r.step().part().equals(part.letter()))
                    .map(r -> RungView.of(r, course, present))
                    .toList();
            if (!rungs.isEmpty()) {
                parts.add(new PartView(
                        part.letter(), part.title(), rungs, bar(ladder.gates().get(part.letter()))));
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
