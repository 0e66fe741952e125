package app.misura.core.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.finding.Finding;
import app.misura.core.finding.Severity;
import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderFormReader;
import app.misura.core.form.OrderForms;
import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.measure.Catalogue;
import app.misura.core.reading.LeftOut;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Sheets;
import app.misura.core.reading.Taking;
import app.misura.core.reading.Wearer;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class ProofTest {
    private static Proof proof(String change) {
        String text = Sheets.AVERAGE;
        for (String each : change.isBlank() ? new String[0] : change.split(" ")) {
            String id = each.split("=")[0];
            text = text.replaceAll(" " + id + "=\\S+", "") + (each.endsWith("=") ? "" : " " + each);
        }
        return Proof.of(Sheets.of(text));
    }

    private static List<Finding> findings(Proof proof, String rule) {
        return proof.findings().stream().filter(f -> f.rule().equals(rule)).toList();
    }

    @Test
    void anHonestSheetIsOneBody() {
        Proof proof = proof("");
        assertThat(proof.sentence().whole()).isEqualTo("These numbers are one body.");
        assertThat(proof.verdict()).isEqualTo(Proof.Verdict.HOLDS);
        assertThat(proof.count(Bracket.State.CLOSED)).isEqualTo(4);
        assertThat(proof.retake().isEmpty()).isTrue();
        assertThat(proof.findings()).isEmpty();
    }

    @Test
    void oneWrongReadingIsNamedWithItsSizeAndDirection() {
        Proof proof = proof("S2=39.5");
        assertThat(proof.sentence().whole())
                .isEqualTo("One number is wrong: S2, about 7 cm too long. Everything else that is checked agrees.");
        assertThat(proof.verdict()).isEqualTo(Proof.Verdict.FAULTS);
        assertThat(proof.retake().first()).containsExactly("S2");
        assertThat(Why.of(proof))
                .isEqualTo("Only the inside leg gapes. D3 and S1 each close another sum, so S2 stands alone."
                        + " Or this body differs from the form, and the inside leg does not close on it.");
        Bracket inside = proof.brackets().get(1);
        assertThat(inside.state()).isEqualTo(Bracket.State.WRONG);
        assertThat(inside.gap()).isEqualTo(Length.of("7", Unit.CM));
        Finding fault = findings(proof, "closure-wrong").get(0);
        assertThat(fault.steps()).containsExactly("S2");
        assertThat(fault.evidence()).containsKey("S2");
    }

    @Test
    void aReadingOfTwoSumsIsToldByBoth() {
        Proof proof = proof("S1=70");
        assertThat(proof.suspected()).containsExactly(ValueId.of("S1"));
        assertThat(proof.sentence().head()).contains("S1").contains("too short");
        assertThat(Why.of(proof)).isEqualTo("The inside leg and the rise gape, and S1 is the step they share.");
        assertThat(proof.count(Bracket.State.WRONG)).isEqualTo(2);
    }

    @Test
    void readingsThatCannotBeToldApartAreNamedTogether() {
        Proof proof = proof("S3=78");
        assertThat(proof.suspected()).extracting(ValueId::toString).containsExactlyInAnyOrder("S3", "S4", "S5");
        assertThat(proof.sentence().head()).isEqualTo("One of S3, S4, S5 is wrong by about 8.5 cm.");
    }

    @Test
    void aGapIsANoteAndNoFault() {
        Proof proof = proof("S5=44");
        assertThat(proof.brackets().get(2).state()).isEqualTo(Bracket.State.GAP);
        Finding gap = findings(proof, "closure-gap").get(0);
        assertThat(gap.severity()).isEqualTo(Severity.NOTE);
        assertThat(gap.sentence()).isEqualTo("S4 + S5 is 1.5 over S3; the form allows 1.0.");
        assertThat(gap.evidence()).containsEntry("gap", 1.5).containsEntry("tolerance", 1.0);
        assertThat(proof.verdict()).isEqualTo(Proof.Verdict.HOLDS);
    }

    @Test
    void toleranceIsInclusive() {
        assertThat(proof("S5=43.5").brackets().get(2).state()).isEqualTo(Bracket.State.CLOSED);
        assertThat(proof("S5=44").brackets().get(2).state()).isEqualTo(Bracket.State.GAP);
    }

    @Test
    void anOpenSumWaitsAndIsNotJudged() {
        Proof proof = proof("S5=");
        Bracket loop = proof.brackets().get(2);
        assertThat(loop.state()).isEqualTo(Bracket.State.OPEN);
        assertThat(loop.waiting()).containsExactly(ValueId.of("S5"));
        assertThat(loop.gap()).isNull();
    }

    @Test
    void aCriticalStepThatIsMissingMakesItIncomplete() {
        assertThat(proof("U1=").verdict()).isEqualTo(Proof.Verdict.INCOMPLETE);
        assertThat(proof("D4=").verdict()).isEqualTo(Proof.Verdict.HOLDS);
    }

    @Test
    void anInchSizedNumberIsAFault() {
        Finding limit = findings(proof("U1=39"), "hard-limit").get(0);
        assertThat(limit.severity()).isEqualTo(Severity.FAULT);
        assertThat(limit.steps()).containsExactly("U1");
        assertThat(limit.sentence()).contains("looks like 39.0 inches");
    }

    @Test
    void anUnusualNumberIsAWarning() {
        Finding span = findings(proof("D7=62"), "span").get(0);
        assertThat(span.severity()).isEqualTo(Severity.WARNING);
        assertThat(span.evidence()).containsEntry("value", 62.0);
    }

    @Test
    void orderIsWatched() {
        Finding order = findings(proof("D8=60"), "order").get(0);
        assertThat(order.severity()).isEqualTo(Severity.WARNING);
        assertThat(order.steps()).contains("D9", "D8");
        assertThat(findings(proof("S3=50"), "order").get(0).sentence()).contains("2 D1 - 2 S1");
    }

    @Test
    void triesThatDoNotAgreeAreAWarningAndOneTryIsANote() {
        assertThat(findings(proof("U2=87"), "agreement").get(0).severity()).isEqualTo(Severity.NOTE);
        Proof two = Proof.of(Sheets.of(Sheets.AVERAGE.replaceAll("U2=\\S+", "") + " U2=87 U2=90"));
        assertThat(findings(two, "agreement").get(0).severity()).isEqualTo(Severity.WARNING);
        assertThat(two.verdict()).isEqualTo(Proof.Verdict.WARNINGS);
    }

    @Test
    void leftAndRightApartAreAskedAbout() {
        assertThat(findings(proof("D9-left=55.5"), "left-right")).isEmpty();
        Finding apart = findings(proof("D9-left=55"), "left-right").get(0);
        assertThat(apart.severity()).isEqualTo(Severity.WARNING);
        assertThat(apart.evidence()).containsEntry("apart", 3.0);
    }

    @Test
    void aLevelThatIsNotLevelIsAFault() {
        String yaml = """
                id: level
                version: 1
                title: Level
                unit: cm
                increment: "0.5"
                parts:
                  P:
                    title: Prepare
                    place: here
                    steps:
                      - { label: P1, name: front, measure: waist-height-front, how: h, place: p, brief: b }
                      - { label: P2, name: back, measure: waist-height-back, how: h, place: p, brief: b }
                levels:
                  - { id: band, name: band, members: [P1, P2], within: "1" }
                """;
        OrderForm form = new OrderFormReader(Catalogue.shipped()).read(yaml, Map.of());
        Sheet sloping = Sheets.of(form, Wearer.USUAL, "P1=104 P2=105.5");
        Finding level = findings(Proof.of(sloping), "level").get(0);
        assertThat(level.severity()).isEqualTo(Severity.FAULT);
        assertThat(level.evidence()).containsEntry("slope", 1.5);
        assertThat(findings(Proof.of(Sheets.of(form, Wearer.USUAL, "P1=104 P2=105")), "level"))
                .isEmpty();
    }

    @Test
    void nothingChecksASheetWithoutSums() {
        Proof proof = Proof.of(Sheets.of(
                OrderForms.shipped().get("trousers-tailored-alone"),
                Wearer.USUAL,
                "U1=100 U2=84 U2=84 S1=77 M1=26 P3=171"));
        assertThat(proof.sentence().whole()).isEqualTo("Nothing here checks itself.");
        assertThat(proof.unchecked()).allMatch(Unchecked::inNoSum);
    }

    private static String without(String... labels) {
        String text = Sheets.AVERAGE;
        for (String label : labels) {
            text = text.replaceAll(" " + label + "=\\S+", "");
        }
        return text;
    }

    @Test
    void oneBodyIsSaidOnlyWithoutAWarning() {
        for (String change : java.util.List.of("D8=60", "S3=50 S4=19.5 S5=30.5", "D9-left=54")) {
            Proof proof = proof(change);
            assertThat(proof.verdict()).as(change).isEqualTo(Proof.Verdict.WARNINGS);
            assertThat(proof.sentence().head()).as(change).startsWith("Nothing is proved wrong; ");
            assertThat(proof.sentence().whole()).doesNotContain("one body");
        }
        Proof tries = Proof.of(Sheets.of(Sheets.AVERAGE.replaceAll("U2=\\S+", "") + " U2=80 U2=84"));
        assertThat(tries.sentence().head()).isEqualTo("Nothing is proved wrong; 1 thing to look at.");
        assertThat(tries.sentence().rest()).contains("80.0 and 84.0");
    }

    @Test
    void whatNothingChecksIsSaid() {
        OrderForm form =
                OrderForms.shipped().find("trousers-tailored-helper", 1).orElseThrow();
        Sheet helper = Sheets.of(
                form, Wearer.USUAL, "P3=171 D1=103 D2=58.5 D3=45 D9=58 U1=101.5 U2=87.5 U2=87.5 S1=77.5 S3=69.5");
        assertThat(Proof.of(helper).sentence().whole())
                .isEqualTo("Nothing here contradicts itself. S1, S3 are checked by nothing.");
    }

    @Test
    void aChairChecksTheHelpersLegs() {
        OrderForm form = OrderForms.shipped().get("trousers-tailored-helper");
        Proof proof = Proof.of(Sheets.of(
                form,
                Wearer.USUAL,
                "P3=171 D1=103 D2=58.5 D3=45 D9=58 U1=101.5 U2=87.5 U2=87.5 S1=71.5 S1=71.5 S3=69.5 M1=25.5 W1=none"));
        assertThat(proof.verdict()).isEqualTo(Proof.Verdict.FAULTS);
        assertThat(proof.sentence().head()).isEqualTo("One of S1, M1 is wrong by about 6 cm.");
    }

    @Test
    void anUntrainedHandScattersOnTheWholeFormToo() {
        Sheet taught = Sheets.of(Sheets.AVERAGE);
        List<Reading> alone = taught.readings().stream()
                .map(r -> new Reading(
                        r.step(), r.side(), r.text(), r.length(), r.play(), r.at(), r.by(), "alone; mirror", null))
                .toList();
        Sheet untaught = new Sheet(taught.form(), taught.wearer(), taught.answers(), alone);
        Sheet.Slot seat = taught.slots().stream()
                .filter(s -> s.step().label().equals("U1"))
                .findFirst()
                .orElseThrow();
        assertThat(SheetNetwork.sdCm(untaught, seat, untaught.settled().get(seat.id())))
                .isCloseTo(
                        1.5 * SheetNetwork.sdCm(taught, seat, taught.settled().get(seat.id())), within(1e-9));
    }

    @Test
    void soFarNoMoreIsSaidThanIsKnown() {
        assertThat(Proof.of(Sheets.of("D1=103 U1=101.5")).sentence().head()).isEqualTo("Nothing checks itself yet.");
        assertThat(Proof.of(Sheets.of(without("S5"))).sentence().whole())
                .isEqualTo("So far nothing contradicts itself. Still to come: S5.");
    }

    @Test
    void aGapThatHonestTapesHardlyGiveIsAWarning() {
        Proof proof = proof("S5=45.5");
        Finding gap = findings(proof, "closure-gap").get(0);
        assertThat(gap.severity()).isEqualTo(Severity.NOTE);
        Proof wide = proof("S5=47.5");
        assertThat(wide.findings().stream().filter(f -> f.severity() != Severity.NOTE))
                .isNotEmpty();
        assertThat(wide.sentence().whole()).doesNotContain("one body").doesNotContain("nothing need be taken");
    }

    @Test
    void leftAndRightAloneAreNeverMoreThanAWarning() {
        Proof proof = proof("D9-left=45");
        assertThat(proof.verdict()).isEqualTo(Proof.Verdict.WARNINGS);
        assertThat(findings(proof, "closure-wrong")).isEmpty();
        assertThat(findings(proof, "left-right")).hasSize(1);
        assertThat(proof.retake().isEmpty()).isTrue();
        assertThat(proof.suspected()).isEmpty();
    }

    @Test
    void anEmptySheetSaysSo() {
        Proof proof =
                Proof.of(new Sheet(OrderForms.shipped().get("trousers-tailored"), Wearer.USUAL, Map.of(), List.of()));
        assertThat(proof.sentence().whole()).isEqualTo("Nothing is taken yet. 18 readings are still to come.");
        assertThat(proof.verdict()).isEqualTo(Proof.Verdict.INCOMPLETE);
    }

    @Test
    void uncheckedValuesSayWhatWouldCheckThem() {
        Proof proof = proof("S4= S5=");
        Unchecked loop = proof.unchecked().stream()
                .filter(u -> u.id().isOf("S3"))
                .findFirst()
                .orElseThrow();
        assertThat(loop.inNoSum()).isFalse();
        assertThat(loop.wouldCheck()).containsExactly("S4", "S5");
    }

    @Test
    void selfHeldReadingsScatterMore() {
        Sheet sheet = Sheets.of(Sheets.AVERAGE);
        Sheet.Slot inside = sheet.slots().stream()
                .filter(s -> s.id().isOf("S1"))
                .findFirst()
                .orElseThrow();
        assertThat(SheetNetwork.sdCm(sheet, inside, null)).isEqualTo(0.8 * 1.3);
    }

    private static Sentence leftOut(String label) {
        Sheet all = Sheets.of(Sheets.AVERAGE.replaceAll(" " + label + "=\\S+", ""));
        LeftOut out = new LeftOut(ValueId.of(label), LeftOut.Why.REFUSED, "");
        return Proof.of(new Sheet(all.form(), all.wearer(), all.answers(), all.readings(), List.of(out)))
                .sentence();
    }

    @Test
    void whatIsLeftOutIsNotStillToComeAndWhatWasCriticalIsSaid() {
        assertThat(leftOut("D4").whole()).isEqualTo("These numbers are one body.");
        assertThat(leftOut("S3").whole()).isEqualTo("Nothing here contradicts itself. S3 is left out.");
        assertThat(proof("S3=").sentence().whole()).contains("Still to come: S3.");
    }

    private static Proof aided(String step, String aid) {
        Sheet sheet = Sheets.of(Sheets.AVERAGE);
        return Proof.of(new Sheet(
                sheet.form(),
                sheet.wearer(),
                sheet.answers(),
                sheet.readings().stream()
                        .map(r -> r.step().equals(step)
                                ? new Reading(
                                        r.step(), r.side(), r.text(), r.length(), r.play(), r.at(), r.by(), aid, null)
                                : r)
                        .toList()));
    }

    /** Whoever was not quite sure gives the others more say: the reading scatters half as much again. */
    @Test
    void whatIsNotQuiteSureScattersMore() {
        Proof sure = proof("");
        Proof unsure = aided("S1", "steel ruler; so-so");
        Sheet.Slot slot = sure.sheet().slots().stream()
                .filter(s -> s.step().label().equals("S1"))
                .findFirst()
                .orElseThrow();
        double before = SheetNetwork.sdCm(sure.sheet(), slot, sure.settled().get(slot.id()));
        double after = SheetNetwork.sdCm(unsure.sheet(), slot, unsure.settled().get(slot.id()));
        assertThat(after).isCloseTo(1.5 * before, within(1e-9));
        assertThat(unsure.verdict()).isEqualTo(Proof.Verdict.HOLDS);
    }

    @Test
    void whatASimulatedTapeSentIsToldFromABody() {
        Proof proof = aided("S1", Taking.simulated().text());
        assertThat(proof.verdict()).isEqualTo(Proof.Verdict.WARNINGS);
        assertThat(proof.sentence().whole())
                .isEqualTo(
                        "Nothing is proved wrong; 1 thing to look at. S1 was sent by the simulated tape and not measured.");
        assertThat(findings(proof, "simulated"))
                .singleElement()
                .satisfies(f -> assertThat(f.action()).isEqualTo("Measure S1 before anything is cut."));
    }
}
