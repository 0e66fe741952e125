package app.misura.core.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.geometry.Path;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Polyline;
import app.misura.core.geometry.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Two plain oblongs that are sewn together show what a draft promises of itself. */
class DraftTest {
    private static Piece oblong(String name, Cut cut, double width, double height, Dart... darts) {
        Point[] corners = {new Point(0, 0), new Point(width, 0), new Point(width, height), new Point(0, height)};
        String[] names = {"top", "side", "hem", "centre"};
        List<Edge> edges = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            edges.add(Edge.seam(names[i], Path.of(new Segment.Line(corners[i], corners[(i + 1) % 4]))));
        }
        return Piece.of(name, cut, name, edges)
                .withLevels(
                        List.of(new Level("middle", new Point(0, height / 2), new Point(width, height / 2), "middle")))
                .withDarts(List.of(darts));
    }

    private static Dart dart(double from, double intake) {
        return new Dart(
                Dart.Kind.DART,
                "top",
                new Point(from, 0),
                new Point(from + intake, 0),
                new Point(from + intake / 2, 80));
    }

    private final Piece front = oblong("front", Cut.PAIR, 200, 600, dart(80, 20));
    private final Piece back = oblong("back", Cut.PAIR, 260, 603, dart(60, 15), dart(150, 25));
    private final Piece band = oblong("band", Cut.ONCE, 830, 40);
    private final Remeasure tape = new Remeasure(List.of(front, back, band));

    private static EdgeRef edge(String piece, String edge) {
        return EdgeRef.of(piece, edge);
    }

    @Test
    void anOutlineIsItsEdgesAndNothingTwice() {
        assertThat(front.outline()).hasSize(4).doesNotHaveDuplicates();
        assertThat(Polyline.area(front.outline())).as("clockwise").isEqualTo(120_000);
        assertThat(front.edge("side").length()).isEqualTo(600, within(1e-9));
        assertThat(back.intake("top")).isEqualTo(40);
        assertThat(back.intake("hem")).isZero();
    }

    @Test
    void edgesThatDoNotCloseAreNoPiece() {
        List<Edge> torn = new ArrayList<>(front.edges());
        torn.remove(2);
        assertThatThrownBy(() -> Piece.of("torn", Cut.ONCE, "Torn", torn))
                .hasMessageContaining("torn: edge side ends at")
                .hasMessageContaining("the next begins at");
    }

    @Test
    void aSumIsMeasuredOnTheLinesItNames() {
        Target.Sum top =
                new Target.Sum(2, List.of(), List.of(edge("front", "top"), edge("back", "top")), List.of(), true, -10);
        assertThat(tape.sum(top)).isEqualTo(2 * (200 - 20 + 260 - 40) - 10, within(1e-9));
        Target.Sum open =
                new Target.Sum(2, List.of(), List.of(edge("front", "top"), edge("back", "top")), List.of(), false, -10);
        assertThat(tape.sum(open) - tape.sum(top)).isEqualTo(2 * 60, within(1e-9));
        Target.Sum levels = new Target.Sum(
                1, List.of(LevelRef.of("front", "middle")), List.of(), List.of(edge("band", "side")), false, 0);
        assertThat(tape.sum(levels)).isEqualTo(200 - 40, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "EQUAL, 100, 100.5, true",
        "EQUAL, 100, 99.5, true",
        "EQUAL, 100, 100.6, false",
        "EQUAL, 100, 99.4, false",
        "FLOOR, 100, 99.5, true",
        "FLOOR, 100, 180, true",
        "FLOOR, 100, 99.4, false",
        "CEILING, 100, 100.5, true",
        "CEILING, 100, 20, true",
        "CEILING, 100, 100.6, false",
    })
    void aTargetHoldsWithinItsTolerance(Target.Kind kind, double expected, double measured, boolean holds) {
        Target target = new Target("t", kind, Quantity.MM, expected, measured, 0.5, null, Scope.WHOLE, "t");
        assertThat(target.holds()).isEqualTo(holds);
        assertThat(target.difference()).isEqualTo(measured - expected, within(1e-12));
    }

    private static Seams.Plan side() {
        return Seams.between("side", Walk.along("front", "side"), Walk.along("back", "side"), "side, front = back");
    }

    @Test
    void aSeamIsWalkedWithItsDartsClosed() {
        Seam seam = tape.seam(side().eased(0, 3));
        assertThat(seam.difference()).isEqualTo(3, within(1e-9));
        assertThat(seam.holds()).isTrue();
        assertThat(tape.seam(side().eased(0, 2)).holds()).isFalse();
    }

    @Test
    void notchesAreSetAtOneWalkedDistanceOnBothEdges() {
        Seam seam = tape.seam(side().eased(0, 3).notchedAt(List.of(200.0, 500.0)));
        assertThat(seam.notches())
                .hasSize(2)
                .allSatisfy(m -> assertThat(m.apart()).isCloseTo(0, within(1e-9)));
        Seam.Match first = seam.notches().get(0);
        assertThat(first.walkedA()).isEqualTo(200, within(1e-9));
        assertThat(first.walkedB()).as("the ease is spread on the way").isEqualTo(201, within(1e-9));
        assertThat(first.onA()).isEqualTo(new Point(200, 200));
    }

    @Test
    void notchesThatMissEachOtherBreakTheSeam() {
        Seam seam = tape.seam(side().eased(0, 3).notchedAt(List.of(300.0)));
        Seam.Match moved = new Seam.Match(new Point(200, 300), new Point(260, 309), 0, 0, 0);
        Seam wrong = new Seam("side", seam.a(), seam.b(), 0, 3, 600, 603, List.of(moved), Scope.EACH_SIDE, "side");
        Seam walked = tape.again(wrong, seam.a(), seam.b(), Scope.EACH_SIDE);
        assertThat(walked.notchesApart()).isEqualTo(309 - 301.5, within(1e-9));
        assertThat(walked.holds()).isFalse();
        assertThat(seam.holds()).isTrue();
    }

    @Test
    void roundTheBodyAMirroredPieceCountsTwiceAndTheUnderlapNot() {
        Seam waist = tape.seam(Seams.between(
                "waistband",
                Walk.along(edge("front", "top"), edge("back", "top")).times(2),
                Walk.along("band", "hem").less(30),
                "band = waist"));
        assertThat(waist.lengthA()).isEqualTo(2 * (180 + 220), within(1e-9));
        assertThat(waist.lengthB()).isEqualTo(800, within(1e-9));
        assertThat(waist.holds()).isTrue();
    }

    private static Target target(String name, double expected, double measured) {
        return new Target(name, Target.Kind.EQUAL, Quantity.MM, expected, measured, 0.5, null, Scope.WHOLE, name);
    }

    @Test
    void aDraftHoldsOnlyIfEverythingDoesAndSaysWhatDoesNot() {
        Seam open = tape.seam(side());
        List<Piece> pieces = List.of(front, back, band);
        assertThat(new Draft(pieces, List.of(), List.of(target("good", 1, 1))).holds())
                .isTrue();
        Draft bad = new Draft(pieces, List.of(open), List.of(target("good", 1, 1), target("bad", 1, 9)));
        assertThat(bad.holds()).isFalse();
        assertThat(bad.broken()).containsExactly("bad", "side, front = back");
        assertThat(bad.largestDifference()).isEqualTo(8);
    }

    @Test
    void aPieceForOneSideIsCutOnceAndASingleOneServesBoth() {
        Piece left = front.forSide(Scope.LEFT);
        assertThat(left.id()).hasToString("front-left");
        assertThat(left.cut().count()).isEqualTo(1);
        assertThat(left.cut().isMirrored()).isFalse();
        assertThat(left.id().sideWord()).isEqualTo("left");
        assertThat(left.outline()).isEqualTo(front.outline());
        assertThat(band.forSide(Scope.LEFT)).isSameAs(band);
    }

    private Draft sides(double frontWidth) {
        List<Piece> pieces = List.of(oblong("front", Cut.PAIR, frontWidth, 600, dart(80, 20)), back, band);
        Remeasure own = new Remeasure(pieces);
        Target round = own.target(
                "middle",
                Target.Kind.EQUAL,
                2 * (200 + 260),
                Target.Sum.ofLevels(LevelRef.of("front", "middle"), LevelRef.of("back", "middle"))
                        .times(2),
                Scope.WHOLE,
                "middle");
        Target leg = own.target(
                "leg",
                Target.Kind.FLOOR,
                100,
                Target.Sum.ofLevels(LevelRef.of("front", "middle")),
                Scope.EACH_SIDE,
                "leg");
        Seam seam = own.seam(side().eased(0, 3).notchedAt(List.of(300.0)));
        return new Draft(pieces, List.of(seam), List.of(round, leg));
    }

    @Test
    void twoSidesAreJoinedByScopeAndMeasuredAgain() {
        Draft joined = Draft.joined(sides(190), sides(210));
        assertThat(joined.pieces().stream().map(p -> p.id().toString()))
                .containsExactly("front-left", "front-right", "back-left", "back-right", "band");
        assertThat(joined.target("middle").measured()).isEqualTo(190 + 210 + 2 * 260, within(1e-9));
        assertThat(joined.target("middle").of().times()).isEqualTo(1);
        assertThat(joined.target("leg-left").measured()).isEqualTo(190);
        assertThat(joined.target("leg-right").measured()).isEqualTo(210);
        assertThat(joined.seams().stream().map(Seam::id)).containsExactly("side-left", "side-right");
        assertThat(joined.seams()).allSatisfy(s -> assertThat(s.holds()).isTrue());
        assertThat(joined.holds()).isTrue();
        assertThat(Draft.joined(sides(190), sides(230)).holds())
                .as("what was true of each side alone need not be true of both")
                .isFalse();
    }

    @Test
    void oneOutlineServesBothSides() {
        assertThat(sides(200).isSameOutline(sides(200.1))).isTrue();
        assertThat(sides(200).isSameOutline(sides(200.5))).isFalse();
    }

    @Test
    void twoBlocksStandSideBySide() {
        Draft both = new Draft(List.of(front), List.of(), List.of(target("a", 1, 1)))
                .with(new Draft(List.of(band), List.of(), List.of(target("b", 1, 1))));
        assertThat(both.pieces()).containsExactly(front, band);
        assertThat(both.targets()).hasSize(2);
    }

    @Test
    void whatIsGivenIsAskedForByName() {
        Given given = Given.of(Map.of("waist", 800.0), Map.of("waist", 780.0), Map.of("front", "flat"));
        assertThat(given.mm("waist")).isEqualTo(800);
        assertThat(given.net("waist")).isEqualTo(780);
        assertThat(given.word("front")).isEqualTo("flat");
        assertThat(given.mmIfThere("knee")).isEmpty();
        assertThat(given.with("knee", 440).mm("knee")).isEqualTo(440);
        assertThatThrownBy(() -> given.mm("knee"))
                .hasMessageContaining("knee was not given")
                .hasMessageContaining("waist");
    }

    @Test
    void whatIsNotThereIsNamed() {
        Draft draft = new Draft(List.of(front), List.of(), List.of());
        assertThatThrownBy(() -> draft.piece("sleeve")).hasMessageContaining("no piece is called sleeve");
        assertThatThrownBy(() -> draft.target("collar")).hasMessageContaining("no target is called collar");
        assertThatThrownBy(() -> front.edge("armhole")).hasMessageContaining("front has no edge armhole");
        assertThatThrownBy(() -> front.level("bust")).hasMessageContaining("front has no level bust");
        assertThatThrownBy(() -> new Remeasure(List.of(front))
                        .sum(new Target.Sum(1, List.of(), List.of(edge("back", "top")), List.of(), false, 0)))
                .hasMessageContaining("back");
    }
}
