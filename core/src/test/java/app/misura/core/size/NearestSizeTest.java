package app.misura.core.size;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.measure.Measure;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class NearestSizeTest {
    private static final String TEXT = """
            size; seat-girth; trouser-waist-girth; inside-leg
            46; 94; 78; 76
            48; 98; 82; 77
            50; 102; 86; 78
            52; 106; 90,5; 79
            """;

    private static SizeTable table(double stretch) {
        return SizeText.read("Trial trousers", stretch, TEXT).table().orElseThrow();
    }

    private static NearestSize nearest(double seat, double waist, double leg) {
        return NearestSize.of(
                        table(0),
                        Map.of("seat-girth", 10 * seat, "trouser-waist-girth", 10 * waist, "inside-leg", 10 * leg))
                .orElseThrow();
    }

    private static List<String> codes(List<Measure> measures) {
        return measures.stream().map(Measure::code).toList();
    }

    @Test
    void theLargestSizeThatAGirthAsksForIsNearest() {
        NearestSize size = nearest(101, 82, 78);
        assertThat(size.size()).isEqualTo("50");
        assertThat(codes(size.deciding())).containsExactly("seat-girth");
        assertThat(size.alterations()).singleElement().satisfies(a -> {
            assertThat(a.measure().code()).isEqualTo("trouser-waist-girth");
            assertThat(a.kind()).isEqualTo(NearestSize.Kind.TAKE_IN);
            assertThat(a.mm()).isEqualTo(40);
        });
        assertThat(size.madeToMeasure()).isEmpty();
    }

    @Test
    void whatLiesInTheSeamsIsLetOut() {
        NearestSize size = nearest(102.8, 86, 78);
        assertThat(size.size()).isEqualTo("50");
        assertThat(size.alterations()).singleElement().satisfies(a -> {
            assertThat(a.kind()).isEqualTo(NearestSize.Kind.LET_OUT);
            assertThat(a.mm()).isBetween(7.99, 8.01);
        });
        assertThat(nearest(103.1, 86, 78).size()).isEqualTo("52");
    }

    @Test
    void aLengthDecidesNothingAndIsAltered() {
        NearestSize size = nearest(94, 78, 80);
        assertThat(size.size()).isEqualTo("46");
        assertThat(size.alterations())
                .singleElement()
                .satisfies(a -> assertThat(a.kind()).isEqualTo(NearestSize.Kind.LENGTHEN));
        assertThat(size.madeToMeasure()).singleElement().asString().contains("longer than a hem gives");
        assertThat(nearest(94, 78, 70).alterations())
                .singleElement()
                .satisfies(a -> assertThat(a.kind()).isEqualTo(NearestSize.Kind.SHORTEN));
    }

    @Test
    void noSizeIsHonestlyAlteredToABodyFarFromItsTable() {
        assertThat(nearest(120, 90, 78).madeToMeasure())
                .singleElement()
                .asString()
                .contains("more than the largest size");
        assertThat(nearest(106, 76, 78).madeToMeasure())
                .singleElement()
                .asString()
                .contains("asks for size 46, 3 sizes less");
        assertThat(nearest(84, 70, 78).madeToMeasure()).isNotEmpty().allMatch(r -> r.contains("under the smallest"));
    }

    @Test
    void clothThatGivesWayGoesRoundMore() {
        Map<String, Double> body = Map.of("seat-girth", 1060.0, "trouser-waist-girth", 860.0);
        assertThat(NearestSize.of(table(0), body).orElseThrow().size()).isEqualTo("52");
        NearestSize stretch = NearestSize.of(table(.1), body).orElseThrow();
        assertThat(stretch.size()).isEqualTo("48");
        assertThat(codes(stretch.unknown())).containsExactly("inside-leg");
    }

    @Test
    void withoutAGirthNothingIsSaid() {
        assertThat(NearestSize.of(table(0), Map.of("inside-leg", 780.0))).isEmpty();
        assertThat(NearestSize.of(table(0), Map.of())).isEmpty();
    }

    /** Whoever is a little larger everywhere never gets a smaller size; 1000 bodies, seed 17. */
    @Test
    void aLargerBodyNeverGetsASmallerSize() {
        Random random = new Random(17);
        for (int i = 0; i < 1000; i++) {
            double seat = 800 + 400 * random.nextDouble();
            double waist = 600 + 500 * random.nextDouble();
            Map<String, Double> body = Map.of("seat-girth", seat, "trouser-waist-girth", waist);
            Map<String, Double> larger =
                    Map.of("seat-girth", seat + 30 * random.nextDouble(), "trouser-waist-girth", waist + 5);
            String size = NearestSize.of(table(0), body).orElseThrow().size();
            assertThat(NearestSize.of(table(0), larger).orElseThrow().size())
                    .as("body " + i + " " + body)
                    .isGreaterThanOrEqualTo(size);
        }
    }

    @Test
    void aTableIsReadAsItIsTyped() {
        assertThat(codes(table(0).measures())).containsExactly("seat-girth", "trouser-waist-girth", "inside-leg");
        assertThat(table(0).sizes().get(3)).isEqualTo(new SizeTable.Size("52", List.of(1060.0, 905.0, 790.0)));
    }

    @Test
    void everyFaultOfATableIsSaid() {
        SizeText.Read read = SizeText.read(
                "x",
                0,
                "size; seat-girth; hat; seat-girth\n46; 94; 78\n; 94; 78; 76\n48; ninety; 1; 1000\n48; 90; 90; 90\n");
        assertThat(read.table()).isEmpty();
        assertThat(read.faults())
                .containsExactly(
                        "There is no measure of a body called \"hat\".",
                        "The first line names seat-girth twice.",
                        "Line 2 has 3 cells; the first line has 4.",
                        "Line 3: a size has a name of at most 20 characters.",
                        "Line 4: \"ninety\" is no length in cm.",
                        "Line 4: \"1000\" is no length in cm.",
                        "There are two sizes 48.");
        assertThat(SizeText.read("x", 0, "size; seat-girth\n48; 98\n46; 94\n").faults())
                .singleElement()
                .asString()
                .contains("Size 46 has less seat-girth than size 48");
        assertThat(SizeText.read("x", 0, "").faults()).hasSize(1);
    }
}
