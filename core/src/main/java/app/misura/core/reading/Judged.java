package app.misura.core.reading;

import app.misura.core.form.OrderForm;
import app.misura.core.form.Step;
import app.misura.core.length.Entry;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import app.misura.core.measure.Kind;
import app.misura.core.measure.Measure;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What a typed text would be as a reading of one step: kept as it is, kept on the form's increment, doubtful, or refused.
 */
public sealed interface Judged {
    String sentence();

    /** It will be kept. @param length null where it is none: nothing wanted, a mass, a word */
    record Kept(@Nullable Length length, boolean snapped, String sentence) implements Judged {}

    /** It is a length, but hardly this one: kept only when it is confirmed. */
    record Unusual(@Nullable Length length, String sentence) implements Judged {}

    /** It will not be kept. */
    record Refused(String sentence) implements Judged {}

    /**
     * Judges a text for a step.
     *
     * @param spanScale scale of the measure's usual span for this body; null where it is not known
     */
    static Judged of(String text, Step step, OrderForm form, @Nullable Double spanScale) {
        Judged said = Said.judged(text, step);
        if (said != null) {
            return said;
        }
        Entry entry = Entry.parse(text, form.unit());
        if (entry instanceof Entry.Refused refused) {
            return new Refused(refused.sentence());
        }
        if (entry instanceof Entry.None) {
            return step.taken().kind() == Kind.WISH
                    ? new Kept(null, false, "none wanted")
                    : new Refused(
                            "Nought is no " + step.name().toLowerCase(Locale.ROOT) + "; leave the step out instead.");
        }
        Entry.Understood understood = (Entry.Understood) entry;
        if (understood.stated() != null && understood.stated() != form.unit()) {
            return new Refused("That says " + understood.stated().word() + "; this form is in "
                    + form.unit().word() + ". Read the tape's other side.");
        }
        return understood(understood, step, form, spanScale);
    }

    /**
     * The length that a text means at a step, as the form reads it: a flat width that was said doubled is the half. Empty
     * where it means none.
     */
    static Optional<Length> length(Entry entry, Step step, OrderForm form) {
        return step.taken().kind().isLength() && entry instanceof Entry.Understood understood
                ? Optional.of(form.increment().snap(meant(understood, step)))
                : Optional.empty();
    }

    private static Length meant(Entry.Understood entry, Step step) {
        return step.taken().isFlatWidth() && entry.isRound()
                ? new Length(entry.length().nanometres() / 2)
                : entry.length();
    }

    private static Judged understood(Entry.Understood entry, Step step, OrderForm form, @Nullable Double spanScale) {
        Length meant = meant(entry, step);
        Length kept = form.increment().snap(meant);
        String unit = form.unit().symbol();
        String value = LengthText.column(kept, form.unit());
        if (!kept.isPositive()) {
            return new Refused(
                    "That is less than the form reads to: " + form.increment().words() + ".");
        }
        if (spanScale != null) {
            Length whole = kept.plus(step.adds());
            Measure.Fit fit = step.taken().fit(whole, spanScale);
            Unit likelier = step.taken().likelierUnit(whole, form.unit(), spanScale);
            if (likelier != null) {
                return new Unusual(
                        kept,
                        value + " looks like " + (likelier == Unit.INCH ? "inches" : "centimetres")
                                + "; this form is in " + unit + ". Enter again keeps it.");
            }
            if (fit != Measure.Fit.USUAL) {
                boolean large = fit == Measure.Fit.LARGE || fit == Measure.Fit.IMPOSSIBLY_LARGE;
                return new Unusual(
                        kept,
                        value + " is " + (large ? "a lot" : "little") + " for "
                                + step.taken().name().toLowerCase(Locale.ROOT) + "; Enter again keeps it.");
            }
        }
        if (!meant.equals(entry.length())) {
            return new Kept(
                    kept,
                    true,
                    LengthText.column(entry.length(), form.unit()) + " round, kept as " + value + " " + unit + " flat");
        }
        boolean snapped = !kept.equals(entry.length());
        String added = step.adds().equals(Length.ZERO)
                ? ""
                : "; with the form's " + LengthText.column(step.adds(), form.unit()) + " it is "
                        + LengthText.column(kept.plus(step.adds()), form.unit());
        return new Kept(
                kept,
                snapped,
                snapped
                        ? LengthText.column(entry.length(), form.unit()) + " kept as " + value + ": "
                                + form.increment().words() + added
                        : "read as " + value + " " + unit + added);
    }
}
