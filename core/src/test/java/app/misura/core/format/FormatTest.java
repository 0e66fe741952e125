package app.misura.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.course.Course;
import app.misura.core.cut.CutSpec;
import app.misura.core.cut.Cuts;
import app.misura.core.draft.Piece;
import app.misura.core.form.OrderForms;
import app.misura.core.form.Part;
import app.misura.core.form.Step;
import app.misura.core.format.drawing.Drawing;
import app.misura.core.format.drawing.Pen;
import app.misura.core.format.drawing.Shape;
import app.misura.core.format.json.ChoicesJson;
import app.misura.core.format.json.CutJson;
import app.misura.core.format.json.JsonFault;
import app.misura.core.format.json.JsonRefused;
import app.misura.core.format.json.JsonText;
import app.misura.core.format.json.SheetDoc;
import app.misura.core.format.json.SheetJson;
import app.misura.core.format.pdf.PagePdf;
import app.misura.core.format.pdf.Paper;
import app.misura.core.format.pdf.PatternPdf;
import app.misura.core.format.pdf.Tiles;
import app.misura.core.format.sheet.CutSheetPage;
import app.misura.core.format.sheet.FormPage;
import app.misura.core.format.sheet.PatternSheet;
import app.misura.core.format.svg.SvgWriter;
import app.misura.core.garment.Choices;
import app.misura.core.geometry.Box;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Polyline;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Sheets;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Every written file is read back and measured again. */
class FormatTest {
    private static final double MM = 25.4 / 72;

    private final Sheet sheet = Sheets.of(Sheets.AVERAGE);
    private final Proof proof = Proof.of(sheet);
    private final CutSpec spec = Cuts.spec(sheet, Cuts.usual(sheet));
    private final Drawing pattern = PatternSheet.of(spec, "Somebody");

    /** The closed paths of a page, in mm. */
    private static final class Paths extends PDFGraphicsStreamEngine {
        private final List<List<Point>> closed = new ArrayList<>();
        private List<Point> current = new ArrayList<>();

        Paths(PDPage page) {
            super(page);
        }

        static List<List<Point>> of(PDPage page) throws IOException {
            Paths paths = new Paths(page);
            paths.processPage(page);
            return paths.closed;
        }

        @Override
        public void appendRectangle(Point2D a, Point2D b, Point2D c, Point2D d) {}

        @Override
        public void drawImage(PDImage image) {}

        @Override
        public void clip(int rule) {}

        @Override
        public void moveTo(float x, float y) {
            current = new ArrayList<>();
            lineTo(x, y);
        }

        @Override
        public void lineTo(float x, float y) {
            current.add(new Point(x * MM, y * MM));
        }

        @Override
        public void curveTo(float a, float b, float c, float d, float x, float y) {
            lineTo(x, y);
        }

        @Override
        public Point2D getCurrentPoint() {
            return new Point2D.Double();
        }

        @Override
        public void closePath() {
            closed.add(current);
        }

        @Override
        public void endPath() {}

        @Override
        public void strokePath() {}

        @Override
        public void fillPath(int rule) {}

        @Override
        public void fillAndStrokePath(int rule) {}

        @Override
        public void shadingFill(COSName name) {}
    }

    @Test
    void tenCentimetresAreTenCentimetresOnPaper() throws IOException {
        try (PDDocument document = Loader.loadPDF(PatternPdf.write(pattern, Paper.SHEET))) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            assertThat(document.getPage(0).getMediaBox().getWidth() * MM).isEqualTo(pattern.widthMm(), within(0.01));
            List<Point> square = Paths.of(document.getPage(0)).stream()
                    .filter(p -> p.size() == 4)
                    .reduce((a, b) -> b)
                    .orElseThrow();
            assertThat(square.get(0).distance(square.get(1))).isEqualTo(100, within(0.005));
            assertThat(square.get(1).distance(square.get(2))).isEqualTo(100, within(0.005));
        }
    }

    private void everyPieceHasItsArea(PDPage page) throws IOException {
        List<Double> areas =
                Paths.of(page).stream().map(p -> Math.abs(Polyline.area(p))).toList();
        for (Piece piece : spec.draft().pieces()) {
            double area = Polyline.area(spec.cutLine(piece));
            assertThat(areas)
                    .as(piece.id().toString())
                    .anySatisfy(a -> assertThat(a).isEqualTo(area, within(area * 1e-4)));
        }
    }

    @Test
    void thePiecesOnPaperHaveTheirArea() throws IOException {
        try (PDDocument document = Loader.loadPDF(PatternPdf.write(pattern, Paper.SHEET))) {
            everyPieceHasItsArea(document.getPage(0));
        }
    }

    @Test
    void tilesCoverWhatIsDrawnAndOverlap() throws IOException {
        Drawing tiled = PatternSheet.of(spec, "Somebody", Paper.A4);
        Tiles tiles = Tiles.over(tiled, Paper.A4);
        assertThat(tiles.columns() * tiles.stepX() + Tiles.OVERLAP).isGreaterThanOrEqualTo(tiled.widthMm());
        assertThat(tiles.rows() * tiles.stepY() + Tiles.OVERLAP).isGreaterThanOrEqualTo(tiled.heightMm());
        for (Drawing.Group group : tiled.groups()) {
            for (Shape shape : group.shapes()) {
                if (shape instanceof Shape.Chords chords) {
                    chords.points().forEach(p -> {
                        Point on = group.onSheet(p);
                        int row = (int) ((on.y()) / tiles.stepY());
                        int column = (int) ((on.x()) / tiles.stepX());
                        assertThat(tiles.isUsed(Math.min(row, tiles.rows() - 1), Math.min(column, tiles.columns() - 1)))
                                .as(group.name() + " at " + on)
                                .isTrue();
                    });
                }
            }
        }
        try (PDDocument document = Loader.loadPDF(PatternPdf.write(tiled, Paper.A4))) {
            assertThat(document.getNumberOfPages()).isEqualTo(1 + tiles.used().size());
            List<Point> square = Paths.of(document.getPage(0)).stream()
                    .filter(p -> p.size() == 4)
                    .reduce((a, b) -> b)
                    .orElseThrow();
            assertThat(square.get(0).distance(square.get(1))).isEqualTo(100, within(0.005));
            String map = new PDFTextStripper().getText(document);
            assertThat(map)
                    .contains("10 cm")
                    .contains("A1")
                    .contains("glue to A1 on")
                    .contains(tiles.used().size() + " pages of A4")
                    .contains("print at 100 %");
        }
        try (PDDocument letter = Loader.loadPDF(PatternPdf.write(tiled, Paper.LETTER))) {
            assertThat(letter.getPage(1).getMediaBox().getWidth()).isEqualTo(612, within(0.01f));
            assertThat(new PDFTextStripper().getText(letter)).contains("pages of letter paper");
        }
    }

    /** A page on which nothing lies is not printed, nor glued to. */
    @Test
    void emptyTilesAreLeftOut() throws IOException {
        List<Shape> small = List.of(Shape.line(new Point(0, 0), new Point(50, 50), Pen.CUT));
        Drawing corners = new Drawing(
                "two corners",
                700,
                700,
                List.of(
                        new Drawing.Group("a", new Point(20, 20), false, small),
                        new Drawing.Group("b", new Point(640, 640), true, small)));
        Tiles tiles = Tiles.over(corners, Paper.A4);
        assertThat(tiles.used()).hasSize(2);
        try (PDDocument document = Loader.loadPDF(PatternPdf.write(corners, Paper.A4))) {
            assertThat(document.getNumberOfPages()).isEqualTo(3);
            assertThat(new PDFTextStripper().getText(document))
                    .contains("2 pages of")
                    .doesNotContain("glue to");
        }
    }

    /** On a roll the sheet is as wide as the roll; what is longer than that stands turned, and is as long as before. */
    @Test
    void aRollIsNoWiderThanItIs() throws IOException {
        Drawing roll = PatternSheet.of(spec, "Somebody", Paper.ROLL);
        assertThat(roll.widthMm()).isLessThanOrEqualTo(Paper.ROLL.widthMm());
        assertThat(roll.groups()).anyMatch(Drawing.Group::turned);
        try (PDDocument document = Loader.loadPDF(PatternPdf.write(roll, Paper.ROLL))) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            assertThat(document.getPage(0).getMediaBox().getWidth() * MM).isEqualTo(Paper.ROLL.widthMm(), within(0.01));
            everyPieceHasItsArea(document.getPage(0));
        }
        List<Box> boxes = roll.groups().stream().map(FormatTest::box).toList();
        for (int i = 0; i < boxes.size(); i++) {
            for (int j = i + 1; j < boxes.size(); j++) {
                assertThat(overlap(boxes.get(i), boxes.get(j)))
                        .as(roll.groups().get(i).name() + " and "
                                + roll.groups().get(j).name())
                        .isFalse();
            }
        }
    }

    private static Box box(Drawing.Group group) {
        return Box.of(group.shapes().stream()
                .filter(s -> s instanceof Shape.Chords)
                .flatMap(s -> ((Shape.Chords) s).points().stream())
                .map(group::onSheet)
                .toList());
    }

    private static boolean overlap(Box a, Box b) {
        return a.left() < b.right() && b.left() < a.right() && a.top() < b.bottom() && b.top() < a.bottom();
    }

    @Test
    void theSvgIsInMillimetresAndKeepsItsEdges() {
        String svg = SvgWriter.write(pattern);
        assertThat(svg).contains("mm\" height=").contains("id=\"front\"").contains("data-edge=\"inseam\"");
        Matcher edge = Pattern.compile("data-edge=\"hem\" d=\"M (\\S+) (\\S+) L (\\S+) (\\S+)\"")
                .matcher(svg);
        assertThat(edge.find()).isTrue();
        double width = Math.abs(Double.parseDouble(edge.group(3)) - Double.parseDouble(edge.group(1)));
        assertThat(width).isEqualTo(spec.draft().piece("front").edge("hem").length(), within(0.002));
        assertThat(SvgWriter.write(pattern)).isEqualTo(svg);
    }

    @Test
    void aSheetIsReadBackWithoutLoss() throws JsonRefused {
        Sheet back = new SheetJson(OrderForms.shipped()).read(JsonText.parse(JsonText.write(SheetDoc.of(sheet))));
        assertThat(back.settled().keySet()).isEqualTo(sheet.settled().keySet());
        back.settled()
                .forEach((id, settled) -> assertThat(settled.length())
                        .as(id.toString())
                        .isEqualTo(sheet.settled().get(id).length()));
        assertThat(back.answers()).isEqualTo(sheet.answers());
    }

    @Test
    void choicesAreReadBackWithoutLoss() {
        Choices chosen = Cuts.chosen("fit=easy hem-girth=432.5 band=35 growth=6 shrink-along=0.03 hem-allowance=55");
        assertThat(ChoicesJson.stored(ChoicesJson.write(chosen), Cuts.TROUSERS.choices(), Cuts.usual(sheet)))
                .isEqualTo(chosen);
        assertThat(ChoicesJson.stored("", Cuts.TROUSERS.choices(), Cuts.usual(sheet)))
                .isEqualTo(Cuts.usual(sheet));
    }

    @Test
    void storedChoicesThatAreNoneAnyMoreAreAsUsualAndBreakNothing() {
        String kept = "{\"misura\":\"choices/1\",\"choices\":{\"fit\":\"baggy\",\"growthMonths\":3,\"waistbandMm\":35,"
                + "\"cloth\":{\"shrinkAcross\":9}}}";
        Choices read = ChoicesJson.stored(kept, Cuts.TROUSERS.choices(), Cuts.usual(sheet));
        assertThat(read.word("fit")).isEqualTo("regular");
        assertThat(read.word("growth")).isEqualTo("0");
        assertThat(read.numberOr0("band")).isEqualTo(35);
        assertThat(read.numberOr0("shrink-across")).isZero();
        assertThat(ChoicesJson.stored("not json", Cuts.TROUSERS.choices(), Cuts.usual(sheet)))
                .isEqualTo(Cuts.usual(sheet));
    }

    @Test
    void theCutDocumentMeasuresItself() throws JsonRefused {
        JsonNode cut = JsonText.parse(CutJson.write(spec));
        for (JsonNode piece : cut.get("pieces")) {
            int points = 0;
            for (JsonNode edge : piece.get("edges")) {
                points += edge.get("points").size() - 1;
            }
            assertThat(piece.get("net").size())
                    .as(piece.get("name").stringValue())
                    .isEqualTo(points);
        }
        for (JsonNode target : cut.get("targets")) {
            if (!target.get("of").isNull()) {
                assertThat(sum(target.get("of"), cut))
                        .as(target.get("name").stringValue())
                        .isEqualTo(target.get("measured").doubleValue(), within(0.02));
            }
        }
    }

    private static double sum(JsonNode of, JsonNode cut) {
        double sum = 0;
        for (JsonNode level : of.get("levels")) {
            for (JsonNode l : piece(cut, level).get("levels")) {
                if (l.get("name").equals(level.get("level"))) {
                    sum += point(l.get("from")).distance(point(l.get("to")));
                }
            }
        }
        for (JsonNode edge : of.get("edges")) {
            sum += edge(cut, edge);
            for (JsonNode dart : piece(cut, edge).get("darts")) {
                boolean counts =
                        of.get("lessDarts").booleanValue() && dart.get("edge").equals(edge.get("edge"));
                sum -= counts
                        ? point(dart.get("mouth").get(0))
                                .distance(point(dart.get("mouth").get(1)))
                        : 0;
            }
        }
        for (JsonNode edge : of.get("minus")) {
            sum -= edge(cut, edge);
        }
        return of.get("times").doubleValue() * sum + of.get("plus").doubleValue();
    }

    private static JsonNode piece(JsonNode cut, JsonNode ref) {
        for (JsonNode piece : cut.get("pieces")) {
            if (piece.get("name").equals(ref.get("piece"))) {
                return piece;
            }
        }
        throw new AssertionError(ref);
    }

    private static double edge(JsonNode cut, JsonNode ref) {
        for (JsonNode edge : piece(cut, ref).get("edges")) {
            if (edge.get("name").equals(ref.get("edge"))) {
                List<Point> points = new ArrayList<>();
                edge.get("points").forEach(p -> points.add(point(p)));
                return Polyline.length(points);
            }
        }
        throw new AssertionError(ref);
    }

    private static Point point(JsonNode pair) {
        return new Point(pair.get(0).doubleValue(), pair.get(1).doubleValue());
    }

    @Test
    void everyFaultOfASheetIsListedWithItsPlace() throws JsonRefused {
        String json = """
                {"misura":"sheet/1","form":"trousers-tailored","version":9,"unit":"cm","moon":1,"options":{"fit":"baggy"},
                 "readings":[{"step":"X9","text":"1"},{"step":"D1","text":"12..5","side":"left"},{"step":"D9","text":"57"},
                  {"step":"P1","text":"1"},{"step":"U1","text":"100","measure":"chest-girth","condition":{"posture":"seated"},"play":"loose"}]}
                """;
        JsonNode root = JsonText.parse(json);
        assertThatThrownBy(() -> new SheetJson(OrderForms.shipped()).read(root))
                .isInstanceOfSatisfying(JsonRefused.class, refused -> {
                    assertThat(refused.why()).isEqualTo(JsonRefused.Why.WRONG);
                    assertThat(refused.faults().stream().map(JsonFault::path))
                            .contains(
                                    "/version",
                                    "/moon",
                                    "/options/fit",
                                    "/readings/0/step",
                                    "/readings/1/text",
                                    "/readings/1/side",
                                    "/readings/2/side",
                                    "/readings/3/step",
                                    "/readings/4/measure",
                                    "/readings/4/condition",
                                    "/readings/4/play");
                });
    }

    @Test
    void unreadableTextsAreRefused() {
        for (String text : List.of(
                "",
                "{",
                "{\"a\":1,\"a\":2}",
                "[".repeat(101) + "]".repeat(101),
                "{\"a\":1e999}",
                "{\"a\":" + "1".repeat(101) + "}",
                "{} {}",
                "NaN")) {
            assertThatThrownBy(() -> JsonText.parse(text))
                    .as(text.length() > 40 ? text.substring(0, 40) : text)
                    .isInstanceOfSatisfying(
                            JsonRefused.class, r -> assertThat(r.why()).isEqualTo(JsonRefused.Why.UNREADABLE));
        }
        assertThatThrownBy(() -> JsonText.parse(new byte[] {'"', (byte) 0xFF, '"'}))
                .isInstanceOf(JsonRefused.class);
    }

    @Test
    void theFilledFormAndTheCutSheetSayWhatTheyMust() throws IOException {
        FormPage.Head head =
                new FormPage.Head("House <&>", "Zsófia Sørbø \"Z\"", "7, trousers", "3 May", "Somebody", "9 May");
        Proof wrong = Proof.of(Sheets.of(Sheets.AVERAGE.replace("S2=32.5", "S2=40")));
        String filled = text(PagePdf.write(FormPage.filled(head, Course.of(wrong, Sheets.MARKED), "A4")));
        assertThat(filled)
                .contains("Zsófia Sørbø")
                .contains("Inside leg")
                .contains("40.0")
                .contains("One number is wrong: S2")
                .contains("House <&>");
        String blank = text(PagePdf.write(FormPage.blank(head, sheet, "letter")));
        assertThat(blank).contains("D2 + D3 = ________ must give D1 ± 1").doesNotContain("103.0");
        String cut = text(PagePdf.write(CutSheetPage.of(head, spec, proof, sheet.form(), "A4")));
        assertThat(cut)
                .contains("measured again on the drawn lines")
                .contains("106.0")
                .contains("87.5")
                .contains("at least")
                .contains(
                        "Seat U1 read 101.5 − play 1.5 = net body 100.0 + ease +6.0 (table, regular) = finished 106.0");
    }

    @Test
    void aFailedOpeningIsSaidOnTheCutSheetAndBreaksNoPrint() throws IOException {
        Sheet narrow = new Sheet(
                sheet.form(),
                sheet.wearer(),
                java.util.Map.of("narrow-hem", "yes"),
                Sheets.of(Sheets.AVERAGE + " D5=22 D6=33").readings());
        CutSpec closed = Cuts.spec(narrow, Cuts.chosen("hem-girth=300"));
        FormPage.Head head = new FormPage.Head("House", "Client", "7, trousers", "3 May", "Somebody", "9 May");
        byte[] printed = PagePdf.write(CutSheetPage.of(head, closed, Proof.of(narrow), narrow.form(), "A4"));
        String page = text(printed, 2);
        assertThat(page)
                .contains("1 of ")
                .contains("does not hold")
                .contains("30.0 < 33.0")
                .contains("Widen the hem to 33.0 cm")
                .contains("Where each number comes from")
                .contains("Hem = finished 30.0 (chosen)")
                .doesNotContain("all 16 hold");
    }

    /** A row that needs two lines pushes its words into the heading below: each line of print keeps its own place. */
    @Test
    void noTwoLinesOfThePrintedFormLieOnEachOther() throws IOException {
        FormPage.Head head = new FormPage.Head("House", "Client", "7, trousers", "3 May", "Somebody", "9 May");
        List<Step> asked = sheet.form().asked(sheet.answers()).stream()
                .filter(s -> !s.isDerived())
                .toList();
        assertThat(asked).hasSize(20);
        for (String paper : List.of("A4", "letter")) {
            for (String page : List.of(
                    FormPage.blank(head, sheet, paper),
                    FormPage.filled(head, Course.of(proof, Sheets.MARKED), paper),
                    FormPage.filled(head, Sheets.course("P3=171 D9-left=57.5"), paper))) {
                List<String> lines = lines(PagePdf.write(page));
                for (Part part : sheet.form().parts()) {
                    assertThat(lines).as(paper).anyMatch(l -> l.startsWith(part.letter() + " " + part.title()));
                }
                for (Step step : asked) {
                    assertThat(lines).as(paper).anyMatch(l -> l.startsWith(step.label() + " " + step.name()));
                }
            }
        }
    }

    @Test
    void aLongFormStandsCloserAndKeepsToOnePage() throws IOException {
        FormPage.Head head = new FormPage.Head("House", "Client", "7, coat", "3 May", "Somebody", "9 May");
        Sheet coat =
                Sheets.coat(Sheets.COAT + " C4=99 C5=82 C6=19.5 C7-left=28 C7-right=28", Map.of("bust-shaping", "yes"));
        Course filled = Course.of(Proof.of(coat), Sheets.MARKED);
        List<Step> asked = coat.form().asked(coat.answers());
        assertThat(asked).hasSize(30);
        for (String paper : List.of("A4", "letter")) {
            for (String page : List.of(FormPage.blank(head, coat, paper), FormPage.filled(head, filled, paper))) {
                byte[] pdf = PagePdf.write(page);
                try (PDDocument document = Loader.loadPDF(pdf)) {
                    assertThat(document.getNumberOfPages()).as(paper).isEqualTo(1);
                }
                List<String> lines = lines(pdf);
                for (Step step : asked) {
                    assertThat(lines).as(paper).anyMatch(l -> l.startsWith(step.label() + " " + step.name()));
                }
            }
        }
    }

    /** Sixty lines: on two pages that can be written on, each far sum written out beside the part it ends in. */
    @Test
    void aVeryLongFormGoesOnTwoPagesWithItsFarSumsGathered() throws IOException {
        FormPage.Head head = new FormPage.Head("House", "Client", "7, suit", "3 May", "Somebody", "9 May");
        Sheet suit = Sheets.suit(Sheets.SUIT.replace("S3=12_1/2", "S3=15"), Map.of());
        Course filled = Course.of(Proof.of(suit), Sheets.MARKED);
        for (String paper : List.of("A4", "letter")) {
            for (String page : List.of(FormPage.blank(head, suit, paper), FormPage.filled(head, filled, paper))) {
                byte[] pdf = PagePdf.write(page);
                try (PDDocument document = Loader.loadPDF(pdf)) {
                    assertThat(document.getNumberOfPages()).as(paper).isEqualTo(2);
                }
                List<String> lines = lines(pdf);
                String written = text(pdf, 2);
                for (Step step : filled.steps()) {
                    assertThat(written).as(paper).contains(step.label() + " " + step.name());
                    assertThat(lines).as("a line of its own, " + paper).anyMatch(l -> l.startsWith(step.label() + " "));
                }
                assertThat(lines)
                        .as("the sum of S and C, of B and M, with the form's own number")
                        .anyMatch(l -> l.contains("= S4"))
                        .anyMatch(l -> l.contains("half of B3"))
                        .anyMatch(l -> l.contains("+ 1 3/8"))
                        .anyMatch(l -> l.contains("= M4"));
            }
        }
        assertThat(text(PagePdf.write(FormPage.filled(head, filled, "A4")), 2))
                .as("15 and 15 are 2 1/2 over 27 1/2")
                .contains("≠ 2 1/2", "page 2 of 2", "Client, 7, suit");
        Sheet near = Sheets.suit(Sheets.SUIT.replace("D2=22_1/2", "D2=28_1/2"), Map.of());
        assertThat(FormPage.filled(head, Course.of(Proof.of(near), Sheets.MARKED), "A4"))
                .as("a sum of one part is torn in the margin, with its size; the form's own number stands there too")
                .contains(">≠ 6</text>", ">− 1 <tspan class=\"frac\">3/8</tspan>")
                .doesNotContain("width=\"-");
        assertThat(text(PagePdf.write(FormPage.blank(head, suit, "A4")), 2)).contains("from C", "from B");
    }

    /** What a page says, line by line as the eye finds it: words printed over each other come out as one mixed line. */
    private static List<String> lines(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFTextStripper stripper = new PDFTextStripper();
            stripper.setSortByPosition(true);
            return stripper.getText(document).lines().toList();
        }
    }

    private static String text(byte[] pdf) throws IOException {
        return text(pdf, 1);
    }

    private static String text(byte[] pdf, int pages) throws IOException {
        assertThat(new String(pdf, 0, 5, StandardCharsets.US_ASCII)).isEqualTo("%PDF-");
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(pages);
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }
}
