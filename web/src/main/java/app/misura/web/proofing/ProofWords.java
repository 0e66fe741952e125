package app.misura.web.proofing;

import app.misura.core.adjust.Adjustment;
import app.misura.core.finding.Finding;
import app.misura.core.finding.Rules;
import app.misura.core.form.Step;
import app.misura.core.form.ValueId;
import app.misura.core.format.sums.NumberLine;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import app.misura.core.proof.LeftRight;
import app.misura.core.proof.Proof;
import app.misura.core.proof.Retaken;
import app.misura.core.proportion.Expected;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What a proof says beside its sentence, as the page shows it. */
final class ProofWords {

    private ProofWords() {}

    record Again(String label, String name, String how) {}

    record Sides(String label, String said) {}

    /** @param hundredths likelihood of 100 @param said whether it is likelier than all others by far */
    record SlipView(String question, int hundredths, boolean said) {}

    /** The part of the first reading that is suspected; null where none is. */
    static @Nullable String suspect(Proof proof) {
        return proof.suspected().stream()
                .findFirst()
                .map(id -> proof.sheet().form().step(id.step()).part())
                .orElse(null);
    }

    /** What was read against what the others say, where one reading is suspected. */
    static String line(Proof proof) {
        Optional<Adjustment.Suspect> open = proof.suspect();
        if (open.isEmpty()) {
            return "";
        }
        Adjustment.Suspect suspect = open.get();
        String id = suspect.members().get(0);
        Optional<Length> read = proof.value(ValueId.parse(id));
        Unit unit = proof.sheet().unit();
        return read.isEmpty() || suspect.members().size() > 1
                ? ""
                : NumberLine.svg(
                        read.get().to(unit),
                        Objects.requireNonNull(suspect.corrections().get(id)),
                        unit);
    }

    static List<Again> again(Proof proof) {
        return proof.retake().first().stream()
                .map(label -> {
                    Step step = proof.sheet().form().step(label);
                    return new Again(label, step.name(), step.prompt().how());
                })
                .toList();
    }

    /** Faults first; what the sentence and the brackets say already is not said again. */
    static List<Finding> findings(Proof proof) {
        return proof.findings().stream()
                .filter(f -> !f.rule().equals(Rules.CLOSURE_WRONG) && !f.isAccepted())
                .sorted((a, b) -> b.severity().compareTo(a.severity()))
                .toList();
    }

    /** What is asked for again because sums say so. */
    static List<Finding> asked(Proof proof) {
        return proof.findings().stream()
                .filter(f -> f.rule().equals(Rules.CLOSURE_WRONG) && f.isFault())
                .toList();
    }

    static List<Sides> sides(Proof proof) {
        Unit unit = proof.sheet().unit();
        return LeftRight.of(proof.settled()).stream()
                .filter(pair -> !pair.isEven())
                .map(pair -> new Sides(
                        pair.step().label(),
                        LengthText.column(pair.apart(), unit) + " apart: further than one piece serves both."))
                .toList();
    }

    /** What may have happened, where something is suspected and not accepted. */
    static List<SlipView> slips(Proof proof) {
        return proof.suspect().isEmpty()
                ? List.of()
                : proof.slips().stream()
                        .map(s -> new SlipView(
                                s.question(proof.sheet().unit()), (int) Math.round(100 * s.likelihood()), s.isSaid()))
                        .toList();
    }

    static List<String> unchecked(Proof proof, boolean inNoSum) {
        return proof.unchecked().stream()
                .filter(u -> u.inNoSum() == inNoSum)
                .map(u -> inNoSum || u.wouldCheck().isEmpty()
                        ? u.id().toString()
                        : u.id() + " (" + String.join(", ", u.wouldCheck()) + " would)")
                .toList();
    }

    /** What stands out from the rest of the body: "U1 stands out.", or that nothing does. */
    static String standsOut(Proof proof) {
        List<String> out = proof.expected().stream()
                .map(Expected::value)
                .filter(proof::isUnusual)
                .map(ValueId::toString)
                .toList();
        return out.isEmpty()
                ? "Nothing stands out; a small slip would not."
                : String.join(", ", out) + (out.size() == 1 ? " stands out." : " stand out.");
    }

    /** "S2, 40.0, is 32.5 now.", one for each value that was taken again and changed; "S1, S3 came out the same." */
    static List<String> retaken(Retaken retaken, Unit unit) {
        List<String> said = new ArrayList<>();
        retaken.values()
                .forEach(v -> said.add(said(v.id()) + ", " + LengthText.column(v.was(), unit) + ", is "
                        + LengthText.column(v.is(), unit) + " now."));
        List<String> same = retaken.again().stream()
                .filter(id -> retaken.values().stream().noneMatch(v -> v.id().equals(id)))
                .map(ProofWords::said)
                .toList();
        if (!same.isEmpty()) {
            said.add(String.join(", ", same) + " came out the same.");
        }
        return said;
    }

    /** A value as it is said: {@code A1 left}. */
    static String said(ValueId id) {
        return id.toString().replace('-', ' ');
    }
}
