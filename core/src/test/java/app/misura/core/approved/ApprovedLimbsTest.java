package app.misura.core.approved;

import app.misura.core.block.tube.Limbs;
import app.misura.core.course.Course;
import app.misura.core.course.Marks;
import app.misura.core.cut.CutSpec;
import app.misura.core.cut.Cuts;
import app.misura.core.format.json.CutJson;
import app.misura.core.format.sheet.CutSheetPage;
import app.misura.core.format.sheet.FormPage;
import app.misura.core.format.sheet.PatternSheet;
import app.misura.core.format.svg.SvgWriter;
import app.misura.core.proof.Proof;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.Sheet;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The documents of a few limbs, as they were approved. */
class ApprovedLimbsTest {
    private static Map<String, Sheet> sheets() {
        Map<String, Sheet> sheets = new LinkedHashMap<>();
        sheets.put("limb-cover", Limbs.sheet("limb-cover", "right", Limbs.LEG, AgeGroup.ADULT));
        sheets.put(
                "limb-that-ends",
                Limbs.sheet(
                        "limb-cover",
                        "left",
                        Limbs.LEG.replace("D1=26 D2=23 D3=10", "D1=not-there D2=not-there D3=not-there"),
                        AgeGroup.ADULT));
        String leg = "D2=23 D3=10 D4=35 D5=30 D6=34.5 D7=42 D8=38 D9=48 D10=41 D11=55 W1=40";
        sheets.put(
                "leg-warmers",
                Limbs.sheet("leg-warmer", "both", Limbs.both(leg, Map.of("D4", "36.5")), AgeGroup.ADULT));
        sheets.put("long-glove", Limbs.sheet("long-glove", "right", Limbs.ARM, AgeGroup.ADULT));
        return sheets;
    }

    static List<ApprovedTest.Document> documents() {
        List<ApprovedTest.Document> documents = new ArrayList<>();
        sheets().forEach((name, sheet) -> {
            Supplier<CutSpec> spec = () -> Cuts.spec(sheet, Cuts.usual(sheet));
            documents.add(
                    new ApprovedTest.Document(name + ".cut.json", () -> ApprovedTest.lines(CutJson.write(spec.get()))));
            documents.add(new ApprovedTest.Document(
                    name + ".pattern.svg", () -> SvgWriter.write(PatternSheet.of(spec.get(), "Somebody"))));
            documents.add(new ApprovedTest.Document(
                    name + ".cut-sheet.txt",
                    () -> ApprovedTest.text(
                            CutSheetPage.of(ApprovedTest.HEAD, spec.get(), Proof.of(sheet), sheet.form(), "A4"))));
            documents.add(new ApprovedTest.Document(
                    name + ".form.txt",
                    () -> ApprovedTest.text(
                            FormPage.filled(ApprovedTest.HEAD, Course.of(Proof.of(sheet), Marks.NONE), "A4"))));
        });
        return documents;
    }

    @ParameterizedTest
    @MethodSource("documents")
    void isAsItWasApproved(ApprovedTest.Document document) throws IOException {
        ApprovedTest.compare(document);
    }
}
