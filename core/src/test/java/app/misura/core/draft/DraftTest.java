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
    private static Piece oblong(String name, int count, boolean mirrored, double width, double height, Dart... darts) {
        Point[] corners = {new Point(0, 0), new Point(width, 0), new Point(width, height), new Point(0, height)};
        String[] names = {"top", "side", "hem", "centre"};
        List<Edge> edges = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            edges.add(new Edge(names[i], Path.of(new Segment.Line(corners[i], corners[(i + 1) % 4]))));
        }
        return new Piece(
                name,
                count,
                mirrored,
                null,
                edges,
                Map.of(),
                List.of(new Level("middle", new Point(0, height / 2), new Point(width, height / 2))),
                List.of(),
                List.of(),
                List.of(darts),
                List.of());
    }

    private static Dart dart(double from, double intake) {
        return new Dart(
                Dart.Kind.DART,
                "top",
                new Point(from, 0),
                new Point(from + intake, 0),
                new Point(from + intake / 2, 80));
    }

    private final Piece front = oblong("front", 2, true, 200, 600, dart(80, 20));
    private final Piece back = oblong("back", 2, true, 260, 603, dart(60, 15), dart(150, 25));
    private final Piece band = oblong("band", 1, false, 830, 40);
    private final Remeasure tape = new Remeasure(List.of(front, back, band));

    private static EdgeRef edge(String piece, String edge) {
        return new EdgeRef(piece, edge);
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
        assertThatThrownBy(() -> new Piece(
                        "torn", 1, false, null, torn, Map.of(), List.of(), List.of(), List.of(), List.of(), List.of()))
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
                1, List.of(new LevelRef("front", "middle")), List.of(), List.of(edge("band", "side")), false, 0);
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
        Target target = new Target("t", kind, "mm", expected, measured, 0.5, null);
        assertThat(target.holds()).isEqualTo(holds);
        assertThat(target.difference()).isEqualTo(measured - expected, within(1e-12));
    }

    @Test
    void aSeamIsWalkedWithItsDartsClosed() {
        Seam side = tape.seam("side", List.of(edge("front", "side")), List.of(edge("back", "side")), 0, 3, 0, false);
        assertThat(side.difference()).isEqualTo(3, within(1e-9));
        assertThat(side.holds()).isTrue();
        Seam tight = tape.seam("side", List.of(edge("front", "side")), List.of(edge("back", "side")), 0, 2, 0, false);
        assertThat(tight.holds()).isFalse();
    }

    @Test
    void roundTheBodyAMirroredPieceCountsTwiceAndTheUnderlapNot() {
        Seam waist = tape.seam(
                "waistband",
                List.of(edge("front", "top"), edge("back", "top")),
                List.of(edge("band", "hem")),
                0,
                0,
                30,
                true);
        assertThat(waist.lengthA()).isEqualTo(2 * (180 + 220), within(1e-9));
        assertThat(waist.lengthB()).isEqualTo(800, within(1e-9));
        assertThat(waist.holds()).isTrue();
    }

    @Test
    void aDraftHoldsOnlyIfEverythingDoes() {
        Target good = new Target("good", Target.Kind.EQUAL, "mm", 1, 1, 0.5, null);
        Target bad = new Target("bad", Target.Kind.EQUAL, "mm", 1, 9, 0.5, null);
        Seam open = new Seam("open", List.of(), List.of(), 0, 1, 0, 100, 104);
        List<Piece> pieces = List.of(front, back, band);
        assertThat(new Draft(pieces, List.of(), List.of(good)).holds()).isTrue();
        assertThat(new Draft(pieces, List.of(), List.of(good, bad)).holds()).isFalse();
        assertThat(new Draft(pieces, List.of(open), List.of(good)).holds()).isFalse();
    }

    @Test
    void aPieceForOneSideIsCutOnce() {
        Piece left = front.forSide("left");
        assertThat(left.name()).isEqualTo("front-left");
        assertThat(left.count()).isEqualTo(1);
        assertThat(left.mirrored()).isFalse();
        assertThat(left.side()).isEqualTo("left");
        assertThat(left.outline()).isEqualTo(front.outline());
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
        assertThat(front.hasEdge("armhole")).isFalse();
    }
}
