package app.misura.core.course;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.form.Part;
import app.misura.core.form.Step;
import app.misura.core.form.ValueId;
import app.misura.core.measure.Side;
import app.misura.core.proof.Bracket;
import app.misura.core.proof.Proof;
import app.misura.core.reading.LeftOut;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Sheets;
import app.misura.core.reading.Strike;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class CourseTest {
    private static final Instant LATER = Instant.EPOCH.plusSeconds(60);

    private static Course without(String... labels) {
        String text = Sheets.AVERAGE;
        for (String label : labels) {
            text = text.replaceAll(" " + label + "=\\S+", "");
        }
        return Sheets.course(text);
    }

    private static Step step(Course course, String label) {
        return course.proof().sheet().form().step(label);
    }

    private static Part part(Course course, String letter) {
        return course.proof().sheet().form().parts().stream()
                .filter(p -> p.letter().equals(letter))
                .findFirst()
                .orElseThrow();
    }

    private static Next.AtStep next(Course course, String label) {
        return (Next.AtStep) course.after(step(course, label));
    }

    private static Course onMarks(String sheet, Marks marks) {
        return Course.of(Proof.of(Sheets.of(sheet)), marks);
    }

    @Test
    void stepsAreMarksAndMeasuresAndNothingWorkedOut() {
        Course course = Sheets.course(Sheets.AVERAGE);
        List<String> labels = course.steps().stream().map(Step::label).toList();
        assertThat(labels)
                .startsWith("P1", "P2", "P3", "D1")
                .doesNotContain("rise")
                .doesNotHaveDuplicates();
        assertThat(course.taken()).isEqualTo(labels.size() - 1);
        assertThat(course.firstToCome()).map(Step::label).contains("W1");
    }

    @Test
    void aWishMayStayOpen() {
        assertThat(Sheets.course(Sheets.AVERAGE).isComplete()).isTrue();
        assertThat(without("D4").isComplete()).isFalse();
    }

    @Test
    void aStepOnBothSidesIsTakenWhenBothAre() {
        Course half = without("D9-right");
        assertThat(half.isTaken(step(half, "D9"))).isFalse();
        assertThat(half.slots(step(half, "D9"))).hasSize(2);
        assertThat(next(half, "D9")).isEqualTo(new Next.AtStep(step(half, "D9"), Side.RIGHT));
        Course whole = without();
        assertThat(whole.isTaken(step(whole, "D9"))).isTrue();
    }

    @Test
    void aStepWaitsForTheFirstMarkItNeeds() {
        Course unmarked = onMarks("P3=171", Marks.NONE);
        assertThat(unmarked.missingMark(step(unmarked, "D2"))).map(Step::label).contains("P1");
        Course band = onMarks("P3=171", Marks.NONE.with("P1", Instant.EPOCH));
        assertThat(band.missingMark(step(band, "D2"))).map(Step::label).contains("P2");
        assertThat(band.missingMark(step(band, "D1"))).isEmpty();
        assertThat(unmarked.missingMark(step(unmarked, "P3"))).isEmpty();
    }

    @Test
    void aMarkSetAnewReopensWhatWasReadOverIt() {
        Course moved = onMarks(Sheets.AVERAGE, Sheets.MARKED.with("P2", LATER));
        assertThat(moved.moved().stream().map(Step::label)).containsExactly("D2", "D3", "D8", "S2", "M2");
        Bracket inside = bracket(moved, "inside-leg");
        assertThat(inside.state()).isEqualTo(Bracket.State.OPEN);
        assertThat(inside.waiting()).containsExactlyInAnyOrder(ValueId.of("S2"), ValueId.of("D3"));
        assertThat(bracket(moved, "loop").state()).isEqualTo(Bracket.State.CLOSED);
        assertThat(Sheets.course(Sheets.AVERAGE).moved()).isEmpty();
    }

    @Test
    void aReadingAfterTheMoveSettlesItAgain() {
        Sheet sheet = Sheets.of(Sheets.AVERAGE);
        for (String label : List.of("D2", "D3", "D8", "S2", "M2")) {
            Reading old = sheet.readings().stream()
                    .filter(r -> r.step().equals(label))
                    .findFirst()
                    .orElseThrow();
            sheet = sheet.with(new Reading(
                    label,
                    old.side(),
                    old.text(),
                    old.length(),
                    old.play(),
                    LATER.plusSeconds(1),
                    "tester",
                    null,
                    null));
        }
        Course again = Course.of(Proof.of(sheet), Sheets.MARKED.with("P2", LATER));
        assertThat(again.moved()).isEmpty();
        assertThat(bracket(again, "inside-leg").state()).isEqualTo(Bracket.State.CLOSED);
    }

    @Test
    void aStruckReadingIsNotOneToLookAtAgain() {
        Sheet sheet = Sheets.of("P3=171 D8=38");
        Reading read = sheet.readings().get(1);
        List<Reading> struck = new ArrayList<>(sheet.readings());
        struck.set(
                1,
                new Reading(
                        read.step(),
                        read.side(),
                        read.text(),
                        read.length(),
                        read.play(),
                        read.at(),
                        read.by(),
                        null,
                        new Strike("twisted", LATER, "tester")));
        Course course = Course.of(
                Proof.of(new Sheet(sheet.form(), sheet.wearer(), sheet.answers(), struck)),
                Sheets.MARKED.with("P2", LATER));
        assertThat(course.isMoved(step(course, "D8"))).isFalse();
    }

    /** Both sides start from the mark: one that was read again says nothing of the other. */
    @Test
    void ofTwoSidesEachIsLookedAtAgain() {
        Sheet sheet = Sheets.suit(Sheets.SUIT, java.util.Map.of());
        Step arm = sheet.form().step("A1");
        Reading left = sheet.readings().stream()
                .filter(r -> r.step().equals("A1") && r.side() == Side.LEFT)
                .findFirst()
                .orElseThrow()
                .kept(LATER.plusSeconds(1), "tester")
                .inRound(2);
        Marks moved = Marks.NONE;
        for (String mark : arm.needs()) {
            moved = moved.with(mark, Instant.EPOCH).with(mark, LATER);
        }
        Course course = Course.of(Proof.of(sheet.with(left)), moved);
        assertThat(course.slots(arm)).extracting(course::isMoved).containsExactly(false, true);
        assertThat(course.isMoved(arm)).isTrue();
    }

    private static Sheet.Slot slot(Course course, String label) {
        return course.slots(step(course, label)).get(0);
    }

    @Test
    void theNextReadingGoesOnWithTheRoundOrOpensOne() {
        Course empty = onMarks("P3=171", Marks.NONE);
        assertThat(empty.round(slot(empty, "U1"), "tester")).isEqualTo(1);
        Course just = onMarks("P3=171 U1=113", Marks.NONE);
        assertThat(just.round(slot(just, "U1"), "tester"))
                .as("it was read last")
                .isEqualTo(1);
        assertThat(just.round(slot(just, "U1"), "dewi")).as("by another hand").isEqualTo(2);
        assertThat(just.round(slot(just, "U1"), null))
                .as("a program does not say")
                .isEqualTo(1);
        assertThat(just.roundAnew(slot(just, "U1"))).isEqualTo(2);
        Course on = onMarks("P3=171 U1=113 S1=78", Marks.NONE);
        assertThat(on.round(slot(on, "U1"), "tester"))
                .as("the work has gone on")
                .isEqualTo(2);
        Course open = onMarks("P3=171 U2=87 S1=78", Marks.NONE);
        assertThat(open.round(slot(open, "U2"), "tester"))
                .as("a second try is wanted still")
                .isEqualTo(1);
    }

    @Test
    void aMarkThatMovedOpensARound() {
        Course moved = onMarks(Sheets.AVERAGE, Sheets.MARKED.with("P2", LATER));
        for (String by : java.util.Arrays.asList("tester", null)) {
            assertThat(moved.round(slot(moved, "S2"), by)).isEqualTo(2);
        }
    }

    private static Bracket bracket(Course course, String id) {
        return course.brackets().stream()
                .filter(b -> b.closure().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theGateOfAPartStandsOnceItIsTaken() {
        Course before = without("D9-right");
        assertThat(before.gate(part(before, "D"))).isEmpty();
        Course after = without();
        assertThat(after.gate(part(after, "D")))
                .get()
                .satisfies(g -> assertThat(g.asks()).isFalse());
        assertThat(after.gate(part(after, "P"))).as("no gate after the marks").isEmpty();
    }

    @Test
    void aWrongSumMakesTheGateAskWhereItsLastMemberIsTaken() {
        Course wrong = Sheets.course(Sheets.AVERAGE.replace("S2=32.5", "S2=40.5"));
        Gate gate = wrong.gate(part(wrong, "S")).orElseThrow();
        assertThat(gate.asks()).isTrue();
        assertThat(gate.isHard()).isTrue();
        assertThat(gate.questions().stream().map(q -> q.finding().rule())).containsExactly("closure-wrong");
        assertThat(wrong.gate(part(wrong, "D")).orElseThrow().asks()).isFalse();
        assertThat(wrong.after(step(wrong, "S5"))).isEqualTo(new Next.AtGate(gate));
    }

    @Test
    void aHardGateClosesTheWayToEverythingBehindIt() {
        Course wrong = Sheets.course(Sheets.AVERAGE.replace("S2=32.5", "S2=40.5"));
        Gate gate = wrong.gate(part(wrong, "S")).orElseThrow();
        assertThat(wrong.blocking(step(wrong, "M1"))).contains(gate);
        assertThat(wrong.blocking(step(wrong, "W1"))).contains(gate);
        assertThat(wrong.blocking(step(wrong, "S4")))
                .as("what lies before it stays open")
                .isEmpty();
        assertThat(wrong.blocking(step(wrong, "S2"))).isEmpty();
        assertThat(wrong.isMeasured()).isFalse();
        assertThat(Sheets.course(Sheets.AVERAGE + " W1=20").isMeasured()).isTrue();
    }

    @Test
    void theWordToClearItLaterOpensTheWayStaysVisibleAndKeepsTheSheetFromMeasured() {
        Proof proof = Proof.of(Sheets.of(Sheets.AVERAGE.replace("S2=32.5", "S2=40.5")));
        Course wrong = Course.of(proof, Sheets.MARKED);
        Gate asked = wrong.gate(part(wrong, "S")).orElseThrow();
        Course passed = Course.of(
                proof,
                Sheets.MARKED,
                Passes.NONE.with("S", asked.questions().get(0).key()));
        Gate gate = passed.gate(part(passed, "S")).orElseThrow();
        assertThat(gate.asks()).isFalse();
        assertThat(gate.deferred()).hasSize(1);
        assertThat(passed.blocking(step(passed, "M1"))).isEmpty();
        assertThat(passed.isComplete()).isTrue();
        assertThat(passed.isMeasured()).as("a question is left").isFalse();
        Course other = Course.of(
                Proof.of(Sheets.of(Sheets.AVERAGE.replace("S3=69.5", "S3=80"))),
                Sheets.MARKED,
                Passes.NONE.with("S", asked.questions().get(0).key()));
        assertThat(other.gate(part(other, "S")).orElseThrow().asks())
                .as("another question is asked")
                .isTrue();
    }

    @Test
    void aGateAsksAboutFaultsOfEveryKind() {
        Course limit = Sheets.course(Sheets.AVERAGE.replace("S1=77.5", "S1=7.5"));
        assertThat(limit.gate(part(limit, "S")).orElseThrow().questions().stream()
                        .map(q -> q.finding().rule()))
                .contains("hard-limit");
        Course sides = Sheets.course(Sheets.AVERAGE.replace("D9-left=57.5", "D9-left=52"));
        assertThat(sides.gate(part(sides, "D")).orElseThrow().questions().stream()
                        .map(q -> q.finding().rule()))
                .as("and not again that one of the sides stands out")
                .containsExactly("left-right");
        Course knee = Sheets.course(Sheets.AVERAGE.replace("D7=36.5", "D7=28.5"));
        assertThat(knee.gate(part(knee, "D")).orElseThrow().questions().stream()
                        .map(q -> q.finding().rule()))
                .containsExactly("proportion");
    }

    @Test
    void theReadingThatWouldTellComesFirstThoughItBelongsToALaterPart() {
        String sheet = Sheets.AVERAGE.replace("S2=32.5", "S2=40.5").replaceAll(" M1=\\S+", "");
        Course wrong = Sheets.course(sheet);
        Gate gate = wrong.gate(part(wrong, "S")).orElseThrow();
        assertThat(gate.offered()).startsWith("M1").contains("S1", "S2");
        assertThat(wrong.blocking(step(wrong, "M1")))
                .as("the gate itself leads there")
                .isEmpty();
        assertThat(wrong.blocking(step(wrong, "M2"))).isPresent();
    }

    @Test
    void theWorkGoesOnAtTheNextStepThatWaitsAndThenRound() {
        Course course = without("D4", "S4");
        assertThat(next(course, "D7").step().label()).isEqualTo("S4");
        assertThat(next(course, "S5").step().label()).isEqualTo("W1");
        assertThat(next(course, "W1").step().label()).isEqualTo("W1");
        Course onlyBefore = onMarks(Sheets.AVERAGE.replaceAll(" D4=\\S+", "") + " W1=20", Sheets.MARKED);
        assertThat(next(onlyBefore, "S5").step().label()).isEqualTo("D4");
    }

    @Test
    void whereNothingWaitsTheSheetEndsUnlessAHardGateAsks() {
        Course done = Sheets.course(Sheets.AVERAGE + " W1=20");
        assertThat(done.isAtEnd()).isTrue();
        assertThat(done.after(step(done, "D4"))).isEqualTo(new Next.AtEnd());
        assertThat(done.after(step(done, "W1"))).isEqualTo(new Next.AtEnd());
        Course wrong = Sheets.course(Sheets.AVERAGE.replaceAll(" S2=\\S+", " S2=38") + " W1=20");
        assertThat(wrong.isAtEnd()).isTrue();
        assertThat(wrong.after(step(wrong, "W1")))
                .isEqualTo(new Next.AtGate(wrong.closedGate().orElseThrow()));
    }

    @Test
    void twoTriesApartAskForAThirdAndNoMore() {
        String sheet = Sheets.AVERAGE.replaceAll(" U2=\\S+", "") + " U2=85 U2=89";
        Course apart = Sheets.course(sheet);
        assertThat(next(apart, "U2")).isEqualTo(new Next.AtStep(step(apart, "U2"), null));
        Course third = Sheets.course(sheet + " U2=93");
        assertThat(next(third, "U2").step().label()).isNotEqualTo("U2");
    }

    @Test
    void pastAGateTheFirstStepOfTheLaterPartsThatWaits() {
        Course course = without("M1", "M2");
        assertThat(course.firstAfter(part(course, "S"))).map(Step::label).contains("M1");
        assertThat(course.firstAfter(part(course, "W"))).isEmpty();
        Course all = Sheets.course(Sheets.AVERAGE + " W1=20");
        assertThat(all.firstAfter(part(all, "S"))).map(Step::label).contains("M1");
    }

    @Test
    void aStepThatIsLeftOutIsAnsweredAndTheWorkGoesOn() {
        Sheet plain = Sheets.of("P3=171 D1=103 D2=58.5 D3=45");
        LeftOut out = new LeftOut(ValueId.of("D4"), LeftOut.Why.REFUSED, "");
        Sheet sheet = new Sheet(plain.form(), plain.wearer(), plain.answers(), plain.readings(), List.of(out));
        Course course = Course.of(Proof.of(sheet), Sheets.MARKED);
        Step left = sheet.form().step("D4");
        assertThat(course.isTaken(left)).isTrue();
        assertThat(course.taken()).isEqualTo(7);
        assertThat(course.after(left)).isEqualTo(new Next.AtStep(sheet.form().step("D7"), null));
        assertThat(course.firstToCome().orElseThrow().label()).isEqualTo("D7");
    }
}
