package app.misura.core.format.pdf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.format.drawing.Drawing;
import app.misura.core.format.drawing.Pen;
import app.misura.core.format.drawing.Shape;
import app.misura.core.geometry.Point;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class TilesTest {
    private static final long SEED = 404;
    private static final List<Paper> TILED = List.of(Paper.A4, Paper.LETTER, Paper.A3, Paper.A0);

    private static Drawing filled(double width, double height) {
        Shape all = Shape.line(Point.ORIGIN, new Point(width, height), Pen.CUT);
        return new Drawing("all", width, height, List.of(new Drawing.Group("all", Point.ORIGIN, false, List.of(all))));
    }

    @Test
    void thePagesCoverTheDrawingWithNoneToSpare() {
        Random random = new Random(SEED);
        for (int i = 0; i < 2_000; i++) {
            Paper paper = TILED.get(random.nextInt(TILED.size()));
            double width = 50 + random.nextDouble() * 2500;
            double height = 50 + random.nextDouble() * 2500;
            Tiles tiles = Tiles.over(filled(width, height), paper);
            double printable = paper.widthMm() - 2 * Tiles.MARGIN;
            double tall = paper.heightMm() - 2 * Tiles.MARGIN;
            assertThat(tiles.used()).as("seed %d", SEED).hasSize(tiles.rows() * tiles.columns());
            Point last = tiles.corner(tiles.rows() - 1, tiles.columns() - 1);
            assertThat(last.x() + printable).as("seed %d", SEED).isGreaterThanOrEqualTo(width - 1e-9);
            assertThat(last.y() + tall).as("seed %d", SEED).isGreaterThanOrEqualTo(height - 1e-9);
            assertThat(tiles.columns() == 1 || last.x() + Tiles.OVERLAP < width)
                    .as("seed %d", SEED)
                    .isTrue();
            assertThat(tiles.rows() == 1 || last.y() + Tiles.OVERLAP < height)
                    .as("seed %d", SEED)
                    .isTrue();
        }
    }

    @Test
    void marksOfNeighboursFallOnEachOther() {
        for (Paper paper : TILED) {
            Tiles tiles = Tiles.over(filled(3000, 3000), paper);
            List<Point> marks = tiles.marks();
            Point across = new Point(tiles.stepX(), 0);
            Point down = new Point(0, tiles.stepY());
            assertThat(marks.get(2).distance(marks.get(0).plus(across)))
                    .as("%s", paper)
                    .isEqualTo(0, within(1e-9));
            assertThat(marks.get(1).distance(marks.get(0).plus(down)))
                    .as("%s", paper)
                    .isEqualTo(0, within(1e-9));
        }
    }

    @Test
    void everyPageHasANameOfItsOwn() {
        Tiles tiles = Tiles.over(filled(2000, 12_000), Paper.A4);
        Set<String> names = new HashSet<>();
        for (int row = 0; row < tiles.rows(); row++) {
            for (int column = 0; column < tiles.columns(); column++) {
                assertThat(names.add(tiles.name(row, column))).as("row %d", row).isTrue();
            }
        }
        assertThat(tiles.name(0, 0)).isEqualTo("A1");
        assertThat(tiles.name(2, 3)).isEqualTo("C4");
    }

    @Test
    void papersAreFoundByTheirWord() {
        for (Paper paper : Paper.values()) {
            assertThat(Paper.named(paper.word())).contains(paper);
        }
        assertThat(Paper.named("A4")).isEmpty();
        assertThat(Paper.named("foolscap")).isEmpty();
        assertThat(TILED).allMatch(Paper::isTiled);
        assertThat(Paper.ROLL.isTiled()).isFalse();
        assertThat(Paper.SHEET.isTiled()).isFalse();
    }
}
