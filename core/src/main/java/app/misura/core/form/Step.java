package app.misura.core.form;

import app.misura.core.length.Length;
import app.misura.core.measure.Condition;
import app.misura.core.measure.Kind;
import app.misura.core.measure.Measure;
import app.misura.core.measure.MeasureKey;
import app.misura.core.measure.Place;
import app.misura.core.measure.Play;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * One line of an order form: a mark to set, a measure to take, a value the form works out, or a wish.
 *
 * @param label a letter and a number that counts within the form; what a reading names
 * @param name short name, at most 20 characters
 * @param measure null for a mark and for a derived step
 * @param at where it is taken on a body that has it at several places
 * @param needs marks that must be on the body before it is taken
 * @param within how near two tries must come to agree; only for {@link Settle#TWO_AGREE}
 * @param uneven from where on its two sides are asked about; null leaves it to the house
 * @param onlyIf the choice of each option that it is asked for; empty if always
 * @param derived what it is worked out from; null unless it is a derived step
 * @param aux the mark whose level it carries round the body: taken with it, shown with it, no step of its own count; null
 *     for every other step
 * @param adds what the form adds to what the tape shows; zero for most
 */
public record Step(
        String label,
        String part,
        String name,
        @Nullable Measure measure,
        List<String> needs,
        StepSide side,
        Condition condition,
        Place at,
        Play play,
        Settle settle,
        Length within,
        @Nullable Length uneven,
        boolean critical,
        Map<String, String> onlyIf,
        @Nullable StepSum derived,
        @Nullable String aux,
        Length adds,
        Prompt prompt) {

    private static final Set<String> CLOTHED = Set.of("trunk", "arm", "leg", "shoulder", "limb");

    private static final Set<Kind> ON_THE_BODY = Set.of(Kind.GIRTH, Kind.LOOP, Kind.CONTOUR, Kind.WIDTH);

    /**
     * What is said at the step.
     *
     * @param how the sentence, at most three lines of 40 characters
     * @param place where, how the body stands, how tight: one soft line
     * @param brief the how in a few words, for the printed form
     * @param mind the one thing that spoils this reading; empty if none
     * @param spots where on the body a mark is set, for its picture; none for others
     */
    public record Prompt(String how, String place, String brief, String mind, List<String> spots) {
        public Prompt {
            spots = List.copyOf(spots);
        }
    }

    public Step {
        needs = List.copyOf(needs);
        onlyIf = Collections.unmodifiableMap(new LinkedHashMap<>(onlyIf));
    }

    /** Whether it is the same line of a form, for the same answers. */
    boolean isVariantOf(Step other) {
        return label.equals(other.label) && onlyIf.equals(other.onlyIf);
    }

    /** The same step asked for whatever the answer to one question is. */
    Step withoutQuestion(String option) {
        Map<String, String> left = new LinkedHashMap<>(onlyIf);
        left.remove(option);
        return copy(needs, side, settle, within, uneven, left, prompt);
    }

    /** The same step settled by another rule. @param nearness how near two tries must come that are to agree */
    Step withSettle(Settle other, Length nearness) {
        return copy(needs, side, other, nearness, uneven, onlyIf, prompt);
    }

    /** The same step in other words. */
    Step withPrompt(Prompt other) {
        return copy(needs, side, settle, within, uneven, onlyIf, other);
    }

    /** The same step taken on another side. */
    Step withSide(StepSide other) {
        return copy(needs, other, settle, within, uneven, onlyIf, prompt);
    }

    /** The same step with another nearness of tries that agree. */
    Step withWithin(Length other) {
        return copy(needs, side, settle, other, uneven, onlyIf, prompt);
    }

    /** The same step whose sides are asked about from another difference on. */
    Step withUneven(Length other) {
        return copy(needs, side, settle, within, other, onlyIf, prompt);
    }

    /** Whether what is worn lies under the tape here: not on a head, a neck, a hand or a foot, nor where a rule stands. */
    boolean liesOnClothes() {
        return measure != null
                && !isAux()
                && CLOTHED.contains(measure.region())
                && ON_THE_BODY.contains(measure.kind())
                && !condition.stated().containsKey(Condition.Aspect.OVER);
    }

    /** The same step over what is worn. */
    Step over(String worn) {
        return new Step(
                label,
                part,
                name,
                measure,
                needs,
                side,
                condition.over(worn),
                at,
                play,
                settle,
                within,
                uneven,
                critical,
                onlyIf,
                derived,
                aux,
                adds,
                prompt);
    }

    /** The same step on a form that adds another length to what is read. */
    Step withAdds(Length other) {
        return new Step(
                label, part, name, measure, needs, side, condition, at, play, settle, within, uneven, critical, onlyIf,
                derived, aux, other, prompt);
    }

    /** The same step on a form that has only some of the marks. */
    Step withNeeds(List<String> other) {
        return copy(other, side, settle, within, uneven, onlyIf, prompt);
    }

    private Step copy(
            List<String> marks,
            StepSide taken,
            Settle rule,
            Length nearness,
            @Nullable Length apart,
            Map<String, String> asked,
            Prompt said) {
        return new Step(
                label, part, name, measure, marks, taken, condition, at, play, rule, nearness, apart, critical, asked,
                derived, aux, adds, said);
    }

    public boolean isMark() {
        return measure == null && derived == null;
    }

    /** Whether it is an auxiliary height of a mark. */
    public boolean isAux() {
        return aux != null;
    }

    public boolean isDerived() {
        return derived != null;
    }

    public boolean takesReadings() {
        return measure != null;
    }

    /** The measure of a step that takes readings. @throws NullPointerException on a mark or a derived step */
    public Measure taken() {
        return Objects.requireNonNull(measure, label + " takes no reading");
    }

    /** What a value of this step is of. @throws NullPointerException on a mark or a derived step */
    public MeasureKey key() {
        return new MeasureKey(taken().code(), condition, at);
    }

    /** Whether the step is asked for under these answers. */
    public boolean isAsked(Map<String, String> answers) {
        return onlyIf.isEmpty()
                || onlyIf.entrySet().stream().allMatch(e -> e.getValue().equals(answers.get(e.getKey())));
    }
}
