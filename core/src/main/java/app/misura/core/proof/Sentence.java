package app.misura.core.proof;

import app.misura.core.adjust.Adjustment;
import app.misura.core.finding.Finding;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.measure.Kind;
import app.misura.core.reading.Sheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * What the proof says, in one breath.
 *
 * @param head whether this is one body and, if not, what is wrong
 * @param rest what is to be said of the others; may be empty
 */
public record Sentence(String head, String rest) {

    public String whole() {
        return rest.isEmpty() ? head : head + " " + rest;
    }

    static Sentence of(Evidence evidence, List<Finding> findings, List<String> missing) {
        Adjustment adjustment = evidence.adjustment();
        return switch (adjustment.status()) {
            case CONTRADICTORY ->
                new Sentence("The sums of this form contradict each other.", "No reading is to blame.");
            case UNRESOLVED -> new Sentence("Too much disagrees: measure again.", "");
            case RESOLVED, RESOLVED_UNVERIFIED -> wrong(evidence, adjustment);
            case NOTHING_TO_CHECK, CONSISTENT -> calm(evidence, findings, missing);
        };
    }

    private static Sentence wrong(Evidence evidence, Adjustment adjustment) {
        List<Adjustment.Removal> removals = adjustment.removals();
        String rest = adjustment.status() == Adjustment.Status.RESOLVED
                ? "Everything else agrees."
                : "Nothing else checks it.";
        if (removals.size() == 1) {
            Adjustment.Suspect suspect = adjustment.suspects().get(0);
            return new Sentence(suspect(suspect, evidence), rest);
        }
        List<String> named = removals.stream().map(r -> either(r.group())).toList();
        boolean sure = removals.stream().allMatch(r -> r.group().size() == 1);
        String joined = sure ? String.join(" and ", named) : String.join("; and ", named);
        return new Sentence(
                sure ? "Two numbers are wrong: " + joined + "." : "Two numbers are wrong: " + joined + ", one of each.",
                rest);
    }

    private static Sentence calm(Evidence evidence, List<Finding> findings, List<String> missing) {
        String toCome = missing.isEmpty()
                ? ""
                : missing.size() > 6
                        ? missing.size() + " readings are still to come."
                        : "Still to come: " + String.join(", ", missing) + ".";
        List<Finding> faults = findings.stream().filter(Finding::isFault).toList();
        if (!faults.isEmpty()) {
            return new Sentence(
                    faults.get(0).sentence(), faults.size() > 1 ? faults.size() - 1 + " more below." : toCome);
        }
        if (evidence.settled().isEmpty()) {
            return new Sentence("Nothing is taken yet.", toCome);
        }
        if (evidence.adjustment().status() == Adjustment.Status.NOTHING_TO_CHECK) {
            return new Sentence("Nothing here checks itself.", toCome);
        }
        return new Sentence(
                toCome.isEmpty() ? "These numbers are one body." : "So far these numbers are one body.", toCome);
    }

    /** "One number is wrong: step S2, about 5 cm too long." or "Either D1 or D3 is wrong; one more reading tells." */
    static String suspect(Adjustment.Suspect suspect, Evidence evidence) {
        if (suspect.members().size() > 1) {
            String either = either(suspect.members());
            return Character.toUpperCase(either.charAt(0)) + either.substring(1) + " is wrong; one more reading tells.";
        }
        String id = suspect.members().get(0);
        Map<String, Adjustment.Correction> corrections = suspect.corrections();
        double error = java.util.Objects.requireNonNull(corrections.get(id)).error();
        return "One number is wrong: step " + id + ", about " + about(error, evidence.sheet()) + " "
                + tooMuch(id, error, evidence.sheet()) + ".";
    }

    static String either(List<String> ids) {
        if (ids.size() == 1) {
            return ids.get(0);
        }
        List<String> first = new ArrayList<>(ids.subList(0, ids.size() - 1));
        return (ids.size() == 2 ? "either " : "one of ") + String.join(", ", first) + " or " + ids.get(ids.size() - 1);
    }

    /** The size of an error as a person would say it: to the form's increment. */
    static String about(double error, Sheet sheet) {
        Length size = sheet.form().increment().snap(Length.from(Math.abs(error), sheet.unit()));
        Length least = size.isPositive() ? size : sheet.form().increment().step();
        return LengthText.exact(least, sheet.unit()) + " " + sheet.unit().symbol();
    }

    static String tooMuch(String id, double error, Sheet sheet) {
        Kind kind = sheet.form().step(Evidence.label(id)).taken().kind();
        boolean girth = kind == Kind.GIRTH || kind == Kind.WIDTH;
        return error > 0 ? (girth ? "too wide" : "too long") : (girth ? "too narrow" : "too short");
    }
}
