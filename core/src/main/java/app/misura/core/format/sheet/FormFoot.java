package app.misura.core.format.sheet;

import app.misura.core.finding.Acceptance;
import app.misura.core.finding.Finding;
import app.misura.core.finding.Rules;
import app.misura.core.finding.Severity;
import app.misura.core.form.Closure;
import app.misura.core.format.ladder.Ladder;
import app.misura.core.format.markup.Markup;
import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import app.misura.core.proof.Proof;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** What stands under the ladder of a printed form: the sums to be done by hand, or what the proof found; and who signs. */
final class FormFoot {
    /** So many sentences have room beside the first. */
    private static final int MOST_SAID = 4;

    private final Markup out;
    private final Proof proof;
    private final Ladder ladder;
    private final boolean blank;

    FormFoot(Markup out, Proof proof, Ladder ladder, boolean blank) {
        this.out = out;
        this.proof = proof;
        this.ladder = ladder;
        this.blank = blank;
    }

    void write() {
        out.open("div", "class", "foot");
        if (blank) {
            sums();
        } else {
            found();
        }
        out.element("p", "signed ____________________________", "class", "soft signed");
        out.close();
    }

    /** Each sum with a place for its result. */
    private void sums() {
        Unit unit = proof.sheet().unit();
        Set<String> written = ladder.gathered().values().stream()
                .flatMap(List::stream)
                .map(b -> b.closure().id())
                .collect(Collectors.toSet());
        out.open("table").open("tr");
        for (Closure closure : proof.sheet().form().closures()) {
            if (written.contains(closure.id())) {
                continue;
            }
            out.element(
                    "td",
                    closure.partsSaid(unit) + " = ________ must give " + closure.said(closure.wholes()) + " ± "
                            + LengthText.exact(closure.tolerance(), unit),
                    "class",
                    "soft");
        }
        out.close("tr").close("table");
        out.element(
                "p", "Who does the sum inks the bracket over. Corrections stay visible, crossed out.", "class", "soft");
    }

    private void found() {
        String mark = proof.verdict() == Proof.Verdict.FAULTS ? "≠ " : "";
        out.open("p").element("b", mark + proof.sentence().whole()).close();
        out.open("p", "class", "soft");
        if (!proof.retake().isEmpty()) {
            out.text("Ask again: " + String.join(", ", proof.retake().first()) + ". ");
            if (!proof.retake().then().isEmpty()) {
                out.text("If it stays so: " + String.join(", ", proof.retake().then()) + ". ");
            }
        }
        unchecked("Not checked by any sum", true);
        unchecked("Waiting for another reading", false);
        others();
        out.close();
    }

    /** What the sentence did not say: as much of it as the foot has room for. */
    private void others() {
        List<String> more = proof.findings().stream()
                .filter(f -> f.severity() != Severity.NOTE)
                .filter(f -> f.isAccepted() || !isSaid(f))
                .map(FormFoot::said)
                .toList();
        more.stream().limit(MOST_SAID).forEach(s -> out.text(s + " "));
        if (more.size() > MOST_SAID) {
            out.text("And " + (more.size() - MOST_SAID) + " more on the proof. ");
        }
    }

    /** Whether the sentence says it: in its words or, of several wrong numbers, by their steps. */
    private boolean isSaid(Finding finding) {
        String sentence = proof.sentence().whole();
        return sentence.contains(finding.sentence())
                || finding.rule().equals(Rules.CLOSURE_WRONG)
                        && finding.steps().stream().allMatch(sentence::contains);
    }

    private static String said(Finding finding) {
        Acceptance accepted = finding.accepted();
        return accepted == null
                ? finding.sentence()
                : finding.sentence().replaceAll("\\.$", "") + " (accepted by " + accepted.by() + ": "
                        + accepted.reason() + ").";
    }

    private void unchecked(String said, boolean inNoSum) {
        String ids = proof.unchecked().stream()
                .filter(u -> u.inNoSum() == inNoSum)
                .map(u -> u.id().toString())
                .collect(Collectors.joining(" "));
        if (!ids.isEmpty()) {
            out.text(said + ": " + ids + ". ");
        }
    }
}
