package app.misura.core.format;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.course.Course;
import app.misura.core.course.Marks;
import app.misura.core.format.ladder.Drawn;
import app.misura.core.format.ladder.Focus;
import app.misura.core.format.ladder.Ladder;
import app.misura.core.format.ladder.LadderSvg;
import app.misura.core.format.ladder.Metrics;
import app.misura.core.format.ladder.PartLine;
import app.misura.core.format.ladder.Rung;
import app.misura.core.proof.Bracket;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Sheets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class LadderTest {
    private static Ladder ladder(String sheet, String now) {
        return Ladder.of(Sheets.course(sheet), new Focus(now, null), Metrics.SCREEN);
    }

    private static Drawn drawn(Ladder ladder, String closure) {
        return ladder.brackets().stream()
                .filter(b -> b.bracket().closure().id().equals(closure))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void fourBracketsStandInThreeLanes() {
        Ladder ladder = ladder(Sheets.AVERAGE, null);
        assertThat(ladder.brackets()).hasSize(4);
        assertThat(drawn(ladder, "outside-leg").lane()).isZero();
        assertThat(drawn(ladder, "loop").lane()).isZero();
        assertThat(drawn(ladder, "inside-leg").lane()).isEqualTo(1);
        assertThat(drawn(ladder, "rise").lane()).isEqualTo(2);
    }

    @Test
    void noTwoSpinesOfALaneComeNear() {
        List<Drawn> brackets =
                ladder(Sheets.AVERAGE.replace("S2=32.5", "S2=40"), "S4").brackets();
        for (Drawn a : brackets) {
            for (Drawn b : brackets) {
                if (a != b && a.lane() == b.lane()) {
                    assertThat(a.bottom() + 6 <= b.top() || b.bottom() + 6 <= a.top())
                            .isTrue();
                }
            }
        }
    }

    @Test
    void aBracketOpensTowardsItsRungs() {
        Ladder ladder = ladder(Sheets.AVERAGE, null);
        Drawn outside = drawn(ladder, "outside-leg");
        assertThat(outside.knots().stream().map(Drawn.Knot::label)).containsExactly("D1", "D2", "D3");
        assertThat(outside.knots().stream().map(Drawn.Knot::sign))
                .containsExactly(Drawn.Sign.WHOLE, Drawn.Sign.PART, Drawn.Sign.PART);
        for (Drawn.Knot knot : outside.knots()) {
            assertThat(knot.y())
                    .isEqualTo(ladder.rung(knot.label()).orElseThrow().y());
        }
    }

    @Test
    void halvesDoublesAndTheFormsOwnNumberAreDrawn() {
        Ladder coat = coat(Focus.at("M1"));
        assertThat(drawn(coat(Focus.at("B4")), "half-back").knots().stream().map(Drawn.Knot::sign))
                .containsExactly(Drawn.Sign.DOUBLE, Drawn.Sign.WHOLE);
        Drawn sleeve = drawn(coat, "sleeve");
        assertThat(sleeve.knots().stream().map(Drawn.Knot::sign))
                .containsExactly(Drawn.Sign.HALF, Drawn.Sign.PART, Drawn.Sign.WHOLE);
        assertThat(sleeve.word()).isEqualTo("+ 3.5");
        assertThat(coat.lines().stream().map(PartLine::y))
                .as("on the line of a folded part")
                .contains(sleeve.constantAt());
        assertThat(drawn(coat(Focus.at("A1")), "arm").constantAt()).isNull();
    }

    @Test
    void aWrongSumIsTornInItsLongestStretch() {
        Ladder ladder = ladder(Sheets.AVERAGE.replace("S2=32.5", "S2=40"), null);
        Drawn inside = drawn(ladder, "inside-leg");
        assertThat(inside.bracket().state()).isEqualTo(Bracket.State.WRONG);
        assertThat(inside.word()).isEqualTo("≠ 7.5");
        double d3 = ladder.rung("D3").orElseThrow().y();
        double s1 = ladder.rung("S1").orElseThrow().y();
        assertThat(inside.breakAt()).isEqualTo((d3 + s1) / 2);
        assertThat(inside.breakHalf()).isEqualTo(13);
        assertThat(ladder.rung("S2").orElseThrow().state()).isEqualTo(Rung.State.WRONG);
        assertThat(ladder.gates().get("S").open()).isEqualTo(1);
    }

    @Test
    void anOpenSumSaysWhatItWaitsForAndNeverTheMissingNumber() {
        Ladder ladder = ladder(Sheets.AVERAGE.replace(" S4=27 S5=42.5", "").replace(" M1=25.5", ""), "S4");
        Drawn loop = drawn(ladder, "loop");
        assertThat(loop.active()).isTrue();
        assertThat(loop.word()).isEqualTo("waits S5");
        assertThat(drawn(ladder, "rise").word()).isEqualTo("waits M1");
        assertThat(ladder.rung("rise")).isEmpty();
        String svg = LadderSvg.brackets(ladder).toString();
        assertThat(svg)
                .contains("waits S5")
                .doesNotContain("25.5")
                .doesNotContain("42.5")
                .doesNotContain("style=");
    }

    @Test
    void theLastMissingReadingCloses() {
        assertThat(drawn(ladder(Sheets.AVERAGE.replace(" S5=42.5", ""), "S5"), "loop")
                        .word())
                .isEqualTo("closes");
    }

    @Test
    void theDerivedRiseIsShownOnceItsAnswerIsTaken() {
        Rung rise = ladder(Sheets.AVERAGE, null).rung("rise").orElseThrow();
        assertThat(rise.state()).isEqualTo(Rung.State.WORKED_OUT);
        assertThat(rise.values()).containsExactly("25.5");
    }

    @Test
    void labelsNeverLieOnEachOther() {
        Ladder ladder = ladder(
                Sheets.AVERAGE.replace(" S5=42.5", "").replace(" S2=32.5", "").replace(" M1=25.5", ""), "S1");
        List<Double> places = ladder.brackets().stream()
                .filter(b -> !b.word().isEmpty())
                .map(Drawn::labelY)
                .sorted()
                .toList();
        for (int i = 1; i < places.size(); i++) {
            assertThat(places.get(i) - places.get(i - 1)).isGreaterThanOrEqualTo(20.9);
        }
        assertThat(places).hasSizeGreaterThan(1);
    }

    @Test
    void theTrousersFitAScreen() {
        assertThat(ladder(Sheets.AVERAGE, "S4").height()).isLessThan(720);
        assertThat(ladder(Sheets.AVERAGE, "S4").width()).isLessThan(150);
    }

    private static Ladder coat(Focus focus) {
        return Ladder.of(Course.of(Proof.of(Sheets.coat()), Marks.NONE), focus, Metrics.SCREEN);
    }

    private static List<String> labels(Ladder ladder) {
        return ladder.rungs().stream().map(r -> r.step().label()).toList();
    }

    @Test
    void aLongLadderFoldsButForThePartOfTheWorkAndWhatItsBracketsJoin() {
        Ladder coat = coat(Focus.at("M2"));
        assertThat(coat.lines().stream()
                        .filter(PartLine::open)
                        .map(l -> l.part().letter()))
                .containsExactly("M");
        assertThat(labels(coat)).containsExactly("B6", "A1", "M1", "M2", "M3");
        assertThat(coat.rungs().stream().filter(Rung::far).map(r -> r.step().label()))
                .containsExactly("B6", "A1");
        assertThat(coat.brackets()).extracting(b -> b.bracket().closure().id()).containsExactly("sleeve");
        assertThat(coat.line("B").orElseThrow().signs()).containsExactly(Bracket.State.CLOSED);
        assertThat(coat.line("A").orElseThrow().rungs()).hasSizeGreaterThan(5);
        assertThat(coat.line("M").orElseThrow().signs()).as("it is drawn").isEmpty();
    }

    @Test
    void aFoldedLadderKeepsItsShapeWhileItsPartIsWorkedOn() {
        for (String part : List.of("U", "B", "A")) {
            List<Ladder> same = coat(Focus.NONE).lines().stream()
                    .map(PartLine::part)
                    .filter(p -> p.letter().equals(part))
                    .flatMap(p -> p.steps().stream())
                    .filter(s -> labels(coat(Focus.on(part))).contains(s.label()))
                    .map(s -> coat(Focus.at(s.label())))
                    .toList();
            assertThat(same).hasSizeGreaterThan(3);
            assertThat(same).extracting(LadderTest::labels).containsOnly(labels(same.get(0)));
            assertThat(same).extracting(Ladder::height).containsOnly(same.get(0).height());
            assertThat(same.get(0).height()).as("it stands on a screen of 800").isLessThan(690);
        }
    }

    @Test
    void aGapIsDrawnWhereverTheWorkIs() {
        Ladder coat = Ladder.of(
                Course.of(Proof.of(Sheets.coat(Sheets.COAT.replace("A2=34", "A2=44"), Map.of())), Marks.NONE),
                Focus.at("U1"),
                Metrics.SCREEN);
        Drawn torn = drawn(coat, "arm");
        assertThat(torn.isTorn()).isTrue();
        assertThat(labels(coat)).contains("A1", "A2", "A3").doesNotContain("A4");
    }

    @Test
    void theBreakOfAGapStandsOnTheLineOfAFoldedPartWhereOneIsThere() {
        Ladder coat = Ladder.of(
                Course.of(Proof.of(Sheets.coat(Sheets.COAT.replace("M1=85", "M1=95"), Map.of())), Marks.NONE),
                Focus.at("U1"),
                Metrics.SCREEN);
        assertThat(coat.lines().stream().map(PartLine::y))
                .contains(drawn(coat, "sleeve").breakAt());
    }

    @Test
    void aShortLadderAndOneOnPaperDoNotFold() {
        assertThat(ladder(Sheets.AVERAGE, "D1").folds()).isFalse();
        Course course = Course.of(Proof.of(Sheets.coat()), Marks.NONE);
        assertThat(Ladder.of(course, Focus.at("M1"), Metrics.PAPER).folds()).isFalse();
        assertThat(Ladder.of(course, Focus.NONE, Metrics.PAPER).rungs()).hasSizeGreaterThan(24);
    }

    /** A finger needs 32 px of a line; a bracket still meets its rungs in their middles. */
    @Test
    void forFingersNoLineIsLowerThanTheyNeed() {
        Course course = Sheets.course(Sheets.AVERAGE);
        Ladder ladder = Ladder.of(course, Focus.NONE, Metrics.SCREEN.touch());
        List<Double> lines = ladder.rungs().stream().map(Rung::y).toList();
        for (int i = 1; i < lines.size(); i++) {
            assertThat(lines.get(i) - lines.get(i - 1)).isGreaterThanOrEqualTo(32);
        }
        assertThat(ladder.brackets())
                .isNotEmpty()
                .allSatisfy(b -> assertThat(b.knots()).allMatch(k -> lines.contains(k.y())));
        assertThat(Metrics.SCREEN.touch().isTouch()).isTrue();
        assertThat(Metrics.SCREEN.isTouch()).isFalse();
        assertThat(Metrics.PAPER.isTouch()).as("paper does not fold").isFalse();
    }
}
