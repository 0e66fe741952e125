package app.misura.core.approved;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.course.Course;
import app.misura.core.cut.CutSpec;
import app.misura.core.cut.Cuts;
import app.misura.core.cut.RandomBody;
import app.misura.core.format.json.CutJson;
import app.misura.core.format.json.JsonText;
import app.misura.core.format.json.ProofDoc;
import app.misura.core.format.pdf.PagePdf;
import app.misura.core.format.sheet.CutSheetPage;
import app.misura.core.format.sheet.FormPage;
import app.misura.core.format.sheet.PatternSheet;
import app.misura.core.format.svg.SvgWriter;
import app.misura.core.garment.Choices;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Sheets;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Whole documents of a few bodies, compared byte for byte with what was looked at and approved. Where one changes, look at
 * it as a picture, say why in the commit, and approve it anew: {@code mvn test -pl core -Dtest=ApprovedTest
 * -Dmisura.approve=true}.
 */
class ApprovedTest {
    private static final Path APPROVED = Path.of("src/test/resources/approved");
    private static final boolean APPROVE = Boolean.getBoolean("misura.approve");

    /** One document. */
    record Document(String file, Supplier<String> content) {
        @Override
        public String toString() {
            return file;
        }
    }

    /** The bodies that are cut: name, sheet, choices. */
    private record Body(String name, Sheet sheet, String choices) {}

    private static List<Body> bodies() {
        return List.of(
                new Body("average", Sheets.of(Sheets.AVERAGE), ""),
                new Body("average-two-pleats", Sheets.of(Sheets.AVERAGE), "fit=easy front=two-pleats"),
                new Body("estimated", Sheets.of(Cuts.average("D4= D3= D8= M2= S3=")), "fit=close"),
                new Body("shorts", Sheets.of(Cuts.average("D9-left=57.5")), "hem-up=560 shrink-along=0.02"),
                new Body("uneven", Sheets.of(Cuts.average("D9-left=57 D9-right=66")), ""),
                new Body(
                        "near-one-dart",
                        Sheets.of("P3=155.5 D1=97.5 D2=54.5 D3=43 D4=17 D8=35 D9-left=55 D9-right=56 U1=96"
                                + " U2=69 U2=69 S1=73.5 S2=31 S3=60 S4=25 S5=34.5 M1=23 M2=38"),
                        ""),
                new Body("very-large", body(b -> !b.isChild() && b.cm("U1") > 135), ""),
                new Body("child", body(RandomBody::isChild), "growth=6"));
    }

    private static Sheet body(java.util.function.Predicate<RandomBody> who) {
        for (long seed = 1; ; seed++) {
            RandomBody body = new RandomBody(seed);
            if (who.test(body)) {
                return body.sheet(0);
            }
        }
    }

    static List<Document> documents() {
        List<Document> documents = new ArrayList<>();
        for (Body body : bodies()) {
            Choices choices = Cuts.chosen(body.choices());
            Supplier<CutSpec> spec = () -> Cuts.spec(body.sheet(), choices);
            documents.add(new Document(body.name() + ".cut.json", () -> lines(CutJson.write(spec.get()))));
            documents.add(new Document(
                    body.name() + ".pattern.svg", () -> SvgWriter.write(PatternSheet.of(spec.get(), "Somebody"))));
            documents.add(new Document(
                    body.name() + ".cut-sheet.txt",
                    () -> text(CutSheetPage.of(
                            HEAD,
                            spec.get(),
                            Proof.of(body.sheet()),
                            body.sheet().form(),
                            "A4"))));
        }
        Map<String, String> sheets = new java.util.TreeMap<>(Map.of(
                "one-body", Sheets.AVERAGE,
                "slip", Cuts.average("S2=39.5"),
                "group", Cuts.average("S3=78"),
                "two-wrong", Cuts.average("S2=40 S5=52"),
                "warnings", Cuts.average("D8=60 D9-left=52"),
                "half-way", "P3=171 D1=103 D2=58.5 D3=45 U1=101.5 U2=87.5"));
        sheets.forEach((name, text) -> {
            Sheet sheet = Sheets.of(text);
            documents.add(new Document(name + ".proof.json", () -> JsonText.pretty(ProofDoc.of(Proof.of(sheet)))));
            documents.add(new Document(
                    name + ".form.txt",
                    () -> text(FormPage.filled(HEAD, Course.of(Proof.of(sheet), Sheets.MARKED), "A4"))));
        });
        documents.add(new Document(
                "blank.form.txt", () -> text(FormPage.blank(HEAD, Sheets.of(Sheets.AVERAGE), "A4"))));
        return documents;
    }

    static final FormPage.Head HEAD =
            new FormPage.Head("Workroom", "Somebody", "7, trousers", "3 May 2026", "A measurer", "9 May 2026");

    /** A document of one line, cut at its objects: a change is seen where it is. */
    static String lines(String json) {
        return json.replace("},{", "},\n{").replace(":[{", ":[\n{") + "\n";
    }

    static String text(String page) {
        try (PDDocument document = Loader.loadPDF(PagePdf.write(page))) {
            PDFTextStripper stripper = new PDFTextStripper();
            stripper.setSortByPosition(true);
            stripper.setLineSeparator("\n");
            return stripper.getText(document);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    @ParameterizedTest
    @MethodSource("documents")
    void isAsItWasApproved(Document document) throws IOException {
        compare(document);
    }

    static void compare(Document document) throws IOException {
        Path approved = APPROVED.resolve(document.file());
        String now = document.content().get();
        if (APPROVE) {
            Files.createDirectories(APPROVED);
            Files.writeString(approved, now, StandardCharsets.UTF_8);
        }
        Path seen = Path.of("target/approved").resolve(document.file());
        Files.createDirectories(seen.getParent());
        Files.writeString(seen, now, StandardCharsets.UTF_8);
        assertThat(now.equals(Files.readString(approved, StandardCharsets.UTF_8)))
                .as("%s is not as it was approved; the new one is %s", approved, seen)
                .isTrue();
    }
}
