package app.misura.core.format.sums;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.cut.RandomBody;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Sheets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BodySumsTest {
    private static final Pattern BAR = Pattern.compile("class=\"ba[rd]\" d=\"([^\"]*)\"");
    private static final Pattern PLACE = Pattern.compile("[MVH ](-?[\\d.]+)(?: (-?[\\d.]+))?");
    private static final long SEED = 3;

    @Test
    void nothingIsDrawnWhereNoSumCanBeJudged() {
        assertThat(BodySums.svg(Proof.of(Sheets.of("P3=171")))).isEmpty();
        assertThat(BodySums.svg(Proof.of(Sheets.of("D1=103 U1=101")))).isEmpty();
        assertThat(BodySums.svg(Proof.of(Sheets.of("D1=103 D2=58 D3=45")))).contains("class=\"bar\"");
    }

    /** Every bar and the feet lie within the picture, on the smallest bodies and the largest. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19})
    void everyBarLiesInThePicture(int body) {
        String svg = BodySums.svg(Proof.of(new RandomBody(SEED + body).sheet(0)));
        Matcher bar = BAR.matcher(svg);
        int bars = 0;
        while (bar.find()) {
            Matcher place = PLACE.matcher(bar.group(1).replaceAll("H[-\\d.]+", ""));
            while (place.find()) {
                double y = Double.parseDouble(place.group(2) == null ? place.group(1) : place.group(2));
                assertThat(y).as("seed %d: %s", SEED + body, bar.group(1)).isBetween(0.0, 430.0);
            }
            bars++;
        }
        assertThat(bars).isGreaterThanOrEqualTo(5);
        assertThat(svg).doesNotContain("NaN");
    }
}
