package app.misura.core.format.svg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.cut.Cuts;
import app.misura.core.cut.Cutting;
import app.misura.core.cut.RandomBody;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PieceViewTest {
    private static final Pattern BOX = Pattern.compile("viewBox=\"0 \\S+ (\\S+) (\\S+)\"");
    private static final Pattern TYPE = Pattern.compile("font-size=\"(\\S+)\"");
    private static final long SEED = 11;

    /** Large bodies and small ones, long legs and shorts: the numbers on the screen are of one size. */
    @ParameterizedTest
    @ValueSource(strings = {"", "hem-up=560", "band=100", "front=two-pleats hem-up=200"})
    void theTypeHasOneSizeOnTheScreen(String choices) {
        int seen = 0;
        for (int i = 0; i < 20; i++) {
            if (Cuts.of(new RandomBody(SEED + i).sheet(0), Cuts.chosen(choices)) instanceof Cutting.Cut cut) {
                String svg = PieceView.svg(cut.spec());
                Matcher box = BOX.matcher(svg);
                assertThat(box.find()).isTrue();
                double scale = Math.min(544 / Double.parseDouble(box.group(1)), 600 / Double.parseDouble(box.group(2)));
                Matcher type = TYPE.matcher(svg);
                while (type.find()) {
                    assertThat(scale * Double.parseDouble(type.group(1)))
                            .as("seed %d, %s", SEED + i, choices)
                            .isEqualTo(14, within(0.3));
                    seen++;
                }
            }
        }
        assertThat(seen).isGreaterThan(100);
    }
}
