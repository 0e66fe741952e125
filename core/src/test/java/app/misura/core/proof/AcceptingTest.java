package app.misura.core.proof;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.finding.Acceptance;
import app.misura.core.finding.Finding;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Sheets;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What a person takes as it is: it counts until one of its values changes, and is never said to be proved. */
class AcceptingTest {
    private static Sheet sheet(String change) {
        String text = Sheets.AVERAGE;
        for (String each : change.split(" ")) {
            text = text.replaceAll(" " + each.split("=")[0] + "=\\S+", "") + " " + each;
        }
        return Sheets.of(text);
    }

    private static Finding finding(Proof proof, String rule) {
        return proof.findings().stream()
                .filter(f -> f.rule().equals(rule))
                .findFirst()
                .orElseThrow();
    }

    private static Sheet with(Sheet sheet, String id, String text) {
        return sheet.with(Sheets.reading(sheet.form(), id, text));
    }

    private static Sheet accepting(Sheet sheet, String rule) {
        Proof proof = Proof.of(sheet);
        Finding finding = finding(proof, rule);
        assertThat(finding.isAcceptable()).isTrue();
        return sheet.accepting(List.of(new Acceptance(
                finding.rule(),
                finding.about(),
                Acceptance.resting(finding.values(), Sheet.nanometres(proof.settled())),
                "looked at twice",
                "cutter",
                Instant.EPOCH)));
    }

    @Test
    void anAcceptedFaultIsNoFaultAndNoBodyEither() {
        Proof proof = Proof.of(accepting(sheet("S2=39.5"), "closure-wrong"));
        assertThat(proof.verdict()).isEqualTo(Proof.Verdict.WARNINGS);
        assertThat(proof.sentence().whole())
                .isEqualTo("Accepted as it is: S2. Nothing else contradicts itself.")
                .doesNotContain("one body");
        assertThat(proof.retake().isEmpty()).isTrue();
        assertThat(proof.suspected()).isEmpty();
        assertThat(Why.of(proof)).isEmpty();
        assertThat(proof.brackets().get(1).state()).isEqualTo(Bracket.State.ACCEPTED);
        assertThat(SumWords.brief(proof.brackets().get(1), proof.sheet().unit()))
                .endsWith(", accepted");
        Finding fault = finding(proof, "closure-wrong");
        assertThat(fault.accepted()).isNotNull().extracting(Acceptance::reason).isEqualTo("looked at twice");
        assertThat(fault.isFault()).isFalse();
    }

    @Test
    void itFallsWithAnyValueItRestsOnAndWithNoOther() {
        Sheet sheet = accepting(sheet("S2=39.5"), "closure-wrong");
        Reading d3 = sheet.readings().stream()
                .filter(r -> r.step().equals("D3"))
                .findFirst()
                .orElseThrow();
        Proof fallen = Proof.of(with(sheet, "D3", "46.5"));
        assertThat(d3.text()).isNotEqualTo("46.5");
        assertThat(fallen.verdict()).isEqualTo(Proof.Verdict.FAULTS);
        assertThat(finding(fallen, "closure-wrong").isAccepted()).isFalse();
        Proof other = Proof.of(with(sheet, "U1", "99"));
        assertThat(finding(other, "closure-wrong").isAccepted()).isTrue();
    }

    @Test
    void anotherFaultIsStillSaid() {
        Sheet sheet = accepting(sheet("S2=39.5"), "closure-wrong");
        Proof proof = Proof.of(with(sheet, "U1", "380"));
        assertThat(proof.verdict()).isEqualTo(Proof.Verdict.FAULTS);
        assertThat(proof.sentence().head()).contains("U1");
        assertThat(proof.retake().first()).containsExactly("U1");
    }

    @Test
    void sidesThatReallyDifferLeaveTheNetwork() {
        Sheet uneven = sheet("D9-left=52");
        Proof before = Proof.of(uneven);
        assertThat(before.adjustment().gap("left-right-D9")).isNotNull();
        Proof proof = Proof.of(accepting(uneven, "left-right"));
        assertThat(proof.adjustment().gap("left-right-D9")).isNull();
        assertThat(proof.adjustment().holds()).isTrue();
        assertThat(proof.verdict()).isEqualTo(Proof.Verdict.HOLDS);
        assertThat(proof.sentence().whole())
                .isEqualTo("These numbers are one body. Left and right differ as confirmed: D9.");
        Proof again = Proof.of(with(accepting(uneven, "left-right"), "D9-left", "53"));
        assertThat(again.adjustment().gap("left-right-D9")).isNotNull();
        assertThat(finding(again, "left-right").isAccepted()).isFalse();
    }

    @Test
    void anAcceptanceOfSomethingElseOrOfNothingChangesNothing() {
        Sheet sheet = sheet("S2=39.5");
        for (String about : List.of("S1", "", "D3 S2")) {
            Sheet other = sheet.accepting(
                    List.of(new Acceptance("closure-wrong", about, Map.of(), "because", "cutter", Instant.EPOCH)));
            assertThat(Proof.of(other).sentence()).isEqualTo(Proof.of(sheet).sentence());
        }
        Sheet unbound = sheet.accepting(
                List.of(new Acceptance("closure-wrong", "S2", Map.of(), "because", "cutter", Instant.EPOCH)));
        assertThat(Proof.of(unbound).verdict()).isEqualTo(Proof.Verdict.WARNINGS);
    }

    @Test
    void aNoteIsNothingToAccept() {
        Proof proof = Proof.of(sheet("U2=84 S1=80.5"));
        assertThat(proof.findings())
                .filteredOn(f -> f.severity() == app.misura.core.finding.Severity.NOTE)
                .isNotEmpty()
                .noneMatch(Finding::isAcceptable);
    }

    /** S2 + D3 is 2 over S1, which honest hands give now and then: judged it is a note, on paper a fault. */
    @Test
    void asOnPaperAGapIsAFaultAndIsAcceptedLikeOne() {
        Sheet judged = sheet("S2=34.5");
        assertThat(Proof.of(judged).verdict()).isEqualTo(Proof.Verdict.HOLDS);
        Sheet paper = judged.judged(judged.judging().onPaper(true));
        Proof proof = Proof.of(paper);
        assertThat(proof.verdict()).isEqualTo(Proof.Verdict.FAULTS);
        assertThat(proof.brackets().get(1).state()).isEqualTo(Bracket.State.GAP);
        assertThat(proof.sentence().head()).isEqualTo("S2 + D3 is 2.0 over S1; the form allows 1.0.");
        assertThat(proof.retake().first()).as("any one of the sum").containsExactly("S1");
        assertThat(proof.retake().then()).containsExactly("D3", "S2");
        Proof accepted = Proof.of(accepting(paper, "closure-gap"));
        assertThat(accepted.verdict()).isEqualTo(Proof.Verdict.WARNINGS);
        assertThat(accepted.brackets().get(1).state()).isEqualTo(Bracket.State.ACCEPTED);
    }
}
