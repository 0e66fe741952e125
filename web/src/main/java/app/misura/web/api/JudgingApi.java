package app.misura.web.api;

import app.misura.core.adjust.Adjustment;
import app.misura.core.adjust.Network;
import app.misura.core.cut.CutSpec;
import app.misura.core.cut.Cutting;
import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.format.csv.MeasuresCsv;
import app.misura.core.format.drawing.Drawing;
import app.misura.core.format.json.AdjustmentDoc;
import app.misura.core.format.json.CutJson;
import app.misura.core.format.json.ExportDoc;
import app.misura.core.format.json.FormDoc;
import app.misura.core.format.json.FormsDoc;
import app.misura.core.format.json.JsonFault;
import app.misura.core.format.json.JsonRefused;
import app.misura.core.format.json.JsonText;
import app.misura.core.format.json.MeasuresDoc;
import app.misura.core.format.json.NetworkJson;
import app.misura.core.format.json.ProofDoc;
import app.misura.core.format.json.SheetDoc;
import app.misura.core.format.json.SheetJson;
import app.misura.core.format.pdf.Paper;
import app.misura.core.format.pdf.PatternPdf;
import app.misura.core.format.sheet.PatternSheet;
import app.misura.core.format.svg.SvgWriter;
import app.misura.core.measure.Catalogue;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Sheet;
import app.misura.web.house.Judgings;
import app.misura.web.house.Tables;
import app.misura.web.id.NotThere;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** What stores nothing: catalogue, forms, adjustment, proof, cut and its files. */
@RestController
@RequestMapping("/api/v1")
class JudgingApi {
    private final OrderForms forms;
    private final SheetJson sheets;
    private final Tables tables;
    private final Judgings judgings;

    JudgingApi(OrderForms forms, Tables tables, Judgings judgings) {
        this.tables = tables;
        this.judgings = judgings;
        this.forms = forms;
        this.sheets = new SheetJson(forms);
    }

    static ResponseEntity<byte[]> json(int status, Object document) {
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_JSON)
                .body(JsonText.write(document).getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping("/measures")
    ResponseEntity<byte[]> measures() {
        return json(200, MeasuresDoc.of(Catalogue.shipped()));
    }

    @GetMapping("/forms")
    ResponseEntity<byte[]> forms() {
        return json(200, FormsDoc.of(forms.all()));
    }

    @GetMapping("/forms/{id}")
    ResponseEntity<byte[]> form(@PathVariable String id, @RequestParam(required = false) @Nullable Integer version) {
        OrderForm form = (version == null ? forms.find(id) : forms.find(id, version))
                .orElseThrow(() -> new NotThere("No form has this id and version."));
        return json(200, FormDoc.of(form));
    }

    @PostMapping("/adjust")
    ResponseEntity<byte[]> adjust(HttpServletRequest request)
            throws IOException, JsonRefused, HttpMediaTypeNotSupportedException {
        Network network = NetworkJson.read(ApiBody.read(request));
        return json(200, AdjustmentDoc.of(network, Adjustment.of(network)));
    }

    @PostMapping("/proof")
    ResponseEntity<byte[]> proof(HttpServletRequest request)
            throws IOException, JsonRefused, HttpMediaTypeNotSupportedException {
        return json(200, ProofDoc.of(proof(sheets.read(ApiBody.read(request)))));
    }

    /** As the house judges its own sheets. */
    private Proof proof(Sheet sheet) {
        return Proof.of(sheet.judged(judgings.now()));
    }

    @PostMapping("/cut")
    ResponseEntity<byte[]> cut(HttpServletRequest request)
            throws IOException, JsonRefused, HttpMediaTypeNotSupportedException {
        SheetJson.Request sheet = sheets.readWithChoices(ApiBody.read(request));
        Cutting.Result result = Cutting.of(proof(sheet.sheet()), sheet.garment(), sheet.choices(), tables.now());
        return result instanceof Cutting.Cut cut ? json(200, CutJson.of(cut.spec())) : refused(result);
    }

    private static ResponseEntity<byte[]> refused(Cutting.Result result) {
        if (result instanceof Cutting.Refused fight) {
            return Problem.inputsFight(fight);
        }
        if (result instanceof Cutting.NotSo notSo) {
            return Problem.choice(notSo);
        }
        String said =
                result instanceof Cutting.Missing missing ? missing.sentence() : ((Cutting.NotCut) result).sentence();
        return Problem.of(
                422,
                result instanceof Cutting.Missing ? "Readings are missing" : "Not cut from",
                said,
                List.of(new JsonFault(result instanceof Cutting.Missing ? "/readings" : "/form", said)));
    }

    @PostMapping("/export/{format}")
    ResponseEntity<byte[]> export(
            @PathVariable String format,
            @RequestParam(required = false, defaultValue = "sheet") String paper,
            HttpServletRequest request)
            throws IOException, JsonRefused, HttpMediaTypeNotSupportedException {
        if (!List.of("svg", "dxf", "pdf", "hpgl", "csv", "json").contains(format)) {
            throw new NotThere("No such format; there are svg, dxf, pdf, hpgl, csv and json.");
        }
        JsonNode document = ApiBody.read(request);
        Paper wanted = Paper.named(paper)
                .orElseThrow(() -> new JsonRefused(
                        JsonRefused.Why.WRONG,
                        List.of(new JsonFault("/paper", "must be sheet, a4, letter, a3, a0 or roll"))));
        if (format.equals("csv") || format.equals("json")) {
            return written(format, sheets.readWritten(document));
        }
        SheetJson.Request sheet = sheets.readWithChoices(document);
        if (format.equals("dxf") || format.equals("hpgl")) {
            return Problem.of(501, "Not built yet", format.toUpperCase(java.util.Locale.ROOT) + " is not written yet.");
        }
        Cutting.Result result = Cutting.of(proof(sheet.sheet()), sheet.garment(), sheet.choices(), tables.now());
        return result instanceof Cutting.Cut cut ? drawn(format, wanted, cut.spec()) : refused(result);
    }

    private static ResponseEntity<byte[]> drawn(String format, Paper paper, CutSpec spec) {
        Paper on = format.equals("svg") ? Paper.SHEET : paper;
        Drawing pattern = PatternSheet.of(spec, "pattern", on);
        return format.equals("svg")
                ? text("image/svg+xml", SvgWriter.write(pattern))
                : ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF).body(PatternPdf.write(pattern, paper));
    }

    /** Every sheet can be written; with its cut where there is one. */
    private ResponseEntity<byte[]> written(String format, SheetJson.Written written) {
        Proof proof = Proof.of(written.sheet());
        Cutting.Result result = written.cut()
                .map(c -> Cutting.of(proof, c.garment(), c.choices(), tables.now()))
                .orElseGet(() -> new Cutting.NotCut(
                        "Nothing is cut from " + written.sheet().form().id() + " yet."));
        CutSpec spec = result instanceof Cutting.Cut cut ? cut.spec() : null;
        if (format.equals("csv")) {
            return text("text/csv;charset=UTF-8", MeasuresCsv.write(MeasuresCsv.rows(proof, spec)));
        }
        SheetDoc sheet = SheetDoc.of(written.sheet());
        return text(
                "application/json",
                JsonText.pretty(
                        spec == null
                                ? ExportDoc.uncut(sheet, ProofDoc.of(proof), result.sentence())
                                : ExportDoc.of(sheet, ProofDoc.of(proof), CutJson.of(spec))));
    }

    private static ResponseEntity<byte[]> text(String type, String text) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(type))
                .body(text.getBytes(StandardCharsets.UTF_8));
    }
}
