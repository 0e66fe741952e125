package app.misura.core.proof;

import app.misura.core.adjust.Adjustment;
import app.misura.core.finding.Finding;
import app.misura.core.finding.Rules;
import app.misura.core.finding.Spoken;
import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.measure.Kind;
import app.misura.core.reading.Sheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What the proof says, in one breath, and never more than is known: the first that is true of a fault, readings to come,
 * warnings, one body, nothing that contradicts itself, nothing that checks itself.
 *
 * @param head whether this is one body and, if not, what is wrong
 * @param rest what is to be said of the others; may be empty
 */
public record Sentence(String head, String rest) {
    public Sentence {
        head = Spoken.of(head);
        rest = Spoken.of(rest);
    }

    private static final int MOST_NAMED = 6;

    public String whole() {
        return rest.isEmpty() ? head : head + " " + rest;
    }

    static Sentence of(Evidence evidence, List<Finding> findings) {
        List<ValueId> missing = unread(evidence, slot -> !isLeftOut(evidence, slot));
        List<Finding> faults = findings.stream().filter(Finding::isFault).toList();
        if (!faults.isEmpty()) {
            return faults(evidence, faults, Proof.wrong(evidence.adjustment(), findings), toCome(missing));
        }
        List<Finding> warnings = findings.stream().filter(Finding::isWarning).toList();
        if (!missing.isEmpty()) {
            return soFar(evidence, findings, toCome(missing));
        }
        return warnings.isEmpty()
                ? judged(evidence, findings)
                : new Sentence(nothing("Nothing", findings) + " is proved wrong; " + look(warnings), said(warnings));
    }

    /** Values that are measured, have no reading, and are so. */
    private static List<ValueId> unread(Evidence evidence, Predicate<Sheet.Slot> so) {
        return evidence.sheet().slots().stream()
                .filter(slot -> slot.step().taken().kind() != Kind.WISH)
                .filter(slot -> !evidence.settled().containsKey(slot.id()))
                .filter(so)
                .map(Sheet.Slot::id)
                .toList();
    }

    private static boolean isLeftOut(Evidence evidence, Sheet.Slot slot) {
        return evidence.sheet().leftOut(slot).isPresent();
    }

    private static Sentence faults(
            Evidence evidence, List<Finding> faults, List<Adjustment.Removal> wrong, String toCome) {
        if (evidence.adjustment().status() == Adjustment.Status.UNRESOLVED && !wrong.isEmpty()) {
            return new Sentence("Too much disagrees: measure again.", "");
        }
        boolean onlySums = faults.stream().allMatch(f -> f.rule().equals(Rules.CLOSURE_WRONG));
        if (wrong.isEmpty() || !onlySums) {
            String more = faults.size() == 1 ? toCome : (faults.size() - 1) + " more below.";
            return new Sentence(faults.get(0).sentence(), more);
        }
        String rest = evidence.adjustment().status() == Adjustment.Status.RESOLVED
                ? "Everything else that is checked agrees."
                : "Nothing else checks it.";
        if (wrong.size() == 1) {
            return new Sentence(faults.get(0).sentence(), rest);
        }
        List<String> named = wrong.stream().map(r -> either(r.group())).toList();
        boolean sure = wrong.stream().allMatch(r -> r.group().size() == 1);
        return new Sentence(
                "Two numbers are wrong: " + String.join(sure ? " and " : "; and ", named)
                        + (sure ? "." : ", one of each."),
                rest);
    }

    private static String toCome(List<ValueId> missing) {
        if (missing.isEmpty()) {
            return "";
        }
        return missing.size() > MOST_NAMED
                ? missing.size() + " readings are still to come."
                : "Still to come: " + names(missing) + ".";
    }

    private static String names(List<ValueId> values) {
        return values.stream().map(ValueId::toString).collect(Collectors.joining(", "));
    }

    private static Sentence soFar(Evidence evidence, List<Finding> findings, String toCome) {
        if (evidence.settled().isEmpty()) {
            return new Sentence("Nothing is taken yet.", toCome);
        }
        List<Finding> warnings = findings.stream().filter(Finding::isWarning).toList();
        String accepted = steps(findings.stream().filter(f -> f.isAccepted() && !isSides(f)));
        if (!warnings.isEmpty()) {
            return new Sentence(
                    "So far " + nothing("nothing", findings) + " is proved wrong; " + look(warnings),
                    said(warnings) + " " + toCome);
        }
        if (!accepted.isEmpty()) {
            return new Sentence(
                    "So far nothing else contradicts itself.", "Accepted as it is: " + accepted + ". " + toCome);
        }
        return evidence.checksItself()
                ? new Sentence("So far nothing contradicts itself.", toCome)
                : new Sentence("Nothing checks itself yet.", toCome);
    }

    /** What was proved wrong and accepted is not nothing. */
    private static String nothing(String word, List<Finding> findings) {
        return findings.stream().anyMatch(f -> f.isAccepted() && !isSides(f)) ? word + " else" : word;
    }

    private static String look(List<Finding> warnings) {
        return warnings.size() == 1 ? "1 thing to look at." : warnings.size() + " things to look at.";
    }

    private static String said(List<Finding> warnings) {
        return warnings.get(0).sentence();
    }

    /** What stands where nothing is open: what was accepted is never said to be proved. */
    private static Sentence judged(Evidence evidence, List<Finding> findings) {
        List<Finding> accepted = findings.stream().filter(Finding::isAccepted).toList();
        String sides = steps(accepted.stream().filter(Sentence::isSides));
        String others = steps(accepted.stream().filter(f -> !isSides(f)));
        Sentence calm = calm(evidence);
        String differ = sides.isEmpty() ? "" : "Left and right differ as confirmed: " + sides + ".";
        if (others.isEmpty()) {
            return new Sentence(calm.head(), (calm.rest() + " " + differ).strip());
        }
        String rest =
                evidence.checksItself() && calm.rest().isEmpty() ? "Nothing else contradicts itself." : calm.rest();
        return new Sentence("Accepted as it is: " + others + ".", (rest + " " + differ).strip());
    }

    private static boolean isSides(Finding finding) {
        return finding.rule().equals(Rules.LEFT_RIGHT);
    }

    private static String steps(Stream<Finding> findings) {
        return findings.flatMap(f -> f.steps().stream()).distinct().collect(Collectors.joining(", "));
    }

    private static Sentence calm(Evidence evidence) {
        if (!evidence.checksItself()) {
            return new Sentence("Nothing here checks itself.", "");
        }
        List<ValueId> unproved = evidence.unproved();
        if (unproved.isEmpty() && evidence.isHardlyProved()) {
            String only = names(evidence.proved());
            return new Sentence(
                    "Nothing here contradicts itself.",
                    (only.isEmpty() ? "No length is" : "Of the lengths only " + only + " are") + " checked by a sum.");
        }
        List<ValueId> leftOut = unread(evidence, slot -> slot.step().critical() && isLeftOut(evidence, slot));
        if (unproved.isEmpty()) {
            return leftOut.isEmpty()
                    ? new Sentence("These numbers are one body.", "")
                    : new Sentence(
                            "Nothing here contradicts itself.",
                            names(leftOut) + (leftOut.size() == 1 ? " is" : " are") + " left out.");
        }
        String are = unproved.size() == 1 ? " is" : " are";
        return new Sentence("Nothing here contradicts itself.", names(unproved) + are + " checked by nothing.");
    }

    /** "One number is wrong: S2, about 5 cm too long." or "One of D1, D3 is wrong by about 5 cm." */
    static String suspect(Adjustment.Suspect suspect, Evidence evidence) {
        String id = suspect.members().get(0);
        double error = Objects.requireNonNull(suspect.corrections().get(id)).error();
        String about = about(error, evidence.sheet());
        if (suspect.members().size() > 1) {
            return "One of " + String.join(", ", suspect.members()) + " is wrong by about " + about + ".";
        }
        return "One number is wrong: " + id + ", about " + about + " " + tooMuch(id, error, evidence.sheet()) + ".";
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
