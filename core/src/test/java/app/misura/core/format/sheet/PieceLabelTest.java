package app.misura.core.format.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.cut.CutSpec;
import app.misura.core.cut.Cuts;
import app.misura.core.cut.Cutting;
import app.misura.core.cut.RandomBody;
import app.misura.core.draft.Piece;
import app.misura.core.format.drawing.Drawing;
import app.misura.core.format.drawing.Shape;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Polyline;
import app.misura.core.reading.Sheet;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.FontRenderContext;
import java.io.IOException;
import java.io.InputStream;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;

/** What is written on a piece lies on it, in the face that prints it. */
class PieceLabelTest {
    private static final long SEED = 20261130;
    private static final int BODIES = 60;
    private static final List<String> CHOSEN =
            List.of("", "fly=button", "hem-up=560", "band=15", "front=two-pleats fly=button");
    private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);

    private final Font strong = face("SourceSans3-Semibold.ttf");
    private final Font plain = face("SourceSans3-Regular.ttf");

    private static Font face(String file) {
        try (InputStream in = PieceLabelTest.class.getResourceAsStream("/app/misura/core/fonts/" + file)) {
            return Font.createFont(Font.TRUETYPE_FONT, Objects.requireNonNull(in));
        } catch (IOException | FontFormatException e) {
            throw new IllegalStateException(e);
        }
    }

    private double width(Shape.Words words) {
        return (words.strong() ? strong : plain)
                .deriveFont((float) words.heightMm())
                .getStringBounds(words.text(), EXACT)
                .getWidth();
    }

    @Test
    void everyWordOfAPieceLiesOnIt() {
        int written = 0;
        for (int i = 0; i < BODIES; i++) {
            Sheet sheet = new RandomBody(SEED + i).sheet(0);
            Cutting.Result result = Cuts.of(sheet, Cuts.chosen(CHOSEN.get(i % CHOSEN.size())));
            if (!(result instanceof Cutting.Cut cut)) {
                continue;
            }
            Drawing drawing = PatternSheet.of(cut.spec(), "Somebody With-Along Name");
            for (Drawing.Group group : drawing.groups()) {
                for (Shape shape : group.shapes()) {
                    if (shape instanceof Shape.Words words && !group.name().equals("test-square")) {
                        liesOn(cut.spec(), group.name(), words, "seed " + (SEED + i));
                        written++;
                    }
                }
            }
        }
        assertThat(written).as("words looked at").isGreaterThan(BODIES * 10);
    }

    private void liesOn(CutSpec spec, String name, Shape.Words words, String body) {
        Piece piece = spec.draft().pieces().stream()
                .filter(p -> p.id().toString().equals(name))
                .findFirst()
                .orElseThrow();
        List<Point> line = spec.cutLine(piece);
        double y = words.at().y() - 0.3 * words.heightMm();
        double[] xs = Polyline.crossings(line, y);
        double to = words.at().x() + width(words);
        String said = body + ", " + name + ": \"" + words.text() + "\" at " + words.at() + " on " + Arrays.toString(xs);
        assertThat(xs).as(said).hasSizeGreaterThan(1);
        assertThat(words.at().x()).as(said).isGreaterThanOrEqualTo(xs[0]);
        assertThat(to).as(said).isLessThanOrEqualTo(xs[xs.length - 1]);
    }
}
