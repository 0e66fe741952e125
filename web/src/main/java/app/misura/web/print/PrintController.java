package app.misura.web.print;

import app.misura.core.cut.CutSpec;
import app.misura.core.cut.Cutting;
import app.misura.core.form.ValueId;
import app.misura.core.format.csv.MeasuresCsv;
import app.misura.core.format.json.JsonText;
import app.misura.core.format.json.SheetDoc;
import app.misura.core.format.pdf.PagePdf;
import app.misura.core.format.pdf.Paper;
import app.misura.core.format.pdf.PatternPdf;
import app.misura.core.format.sheet.CutSheetPage;
import app.misura.core.format.sheet.FormPage;
import app.misura.core.format.sheet.PatternSheet;
import app.misura.core.format.svg.SvgWriter;
import app.misura.core.proof.Proof;
import app.misura.web.account.Accounts;
import app.misura.web.cutting.CutChoices;
import app.misura.web.cutting.CutSpecs;
import app.misura.web.house.House;
import app.misura.web.id.NotThere;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import app.misura.web.reading.StoredReading;
import app.misura.web.reading.VisitNote;
import app.misura.web.ui.Say;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.text.Normalizer;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What hangs on a nail: the order form, blank and filled, the cut sheet, the pattern at its true size. */
@Controller
class PrintController {
    private final Orders orders;
    private final Accounts accounts;
    private final CutSpecs specs;
    private final Clock clock;
    private final House house;

    PrintController(Orders orders, Accounts accounts, CutSpecs specs, Clock clock, House house) {
        this.orders = orders;
        this.accounts = accounts;
        this.specs = specs;
        this.clock = clock;
        this.house = house;
    }

    @GetMapping("/orders/{id}/print/form.pdf")
    ResponseEntity<byte[]> form(@PathVariable String id, @RequestParam(defaultValue = "") String paper) {
        GarmentOrder order = orders.get(id);
        return pdf(order, "order-form", PagePdf.write(FormPage.filled(looked(order), order.course(), size(paper))));
    }

    @GetMapping("/orders/{id}/print/blank.pdf")
    ResponseEntity<byte[]> blank(@PathVariable String id, @RequestParam(defaultValue = "") String paper) {
        GarmentOrder order = orders.get(id);
        return pdf(order, "blank-form", PagePdf.write(FormPage.blank(head(order), order.sheet(), size(paper))));
    }

    /** The cut sheet as it would be printed now; looking at it keeps nothing. */
    @GetMapping("/orders/{id}/print/cut.pdf")
    ResponseEntity<byte[]> cut(@PathVariable String id, @RequestParam(defaultValue = "") String paper) {
        GarmentOrder order = orders.get(id);
        Proof proof = Proof.of(order.sheet());
        return pdf(order, "cut-sheet", PagePdf.write(cutPage(order, proof, spec(order, proof), paper)));
    }

    /** Prints the cut sheet: it is kept as it is, and shown. One that could not be written is not kept. */
    @PostMapping("/orders/{id}/print/cut")
    String printCut(@PathVariable String id, @RequestParam(defaultValue = "") String paper, Principal who) {
        GarmentOrder order = orders.get(id);
        Proof proof = Proof.of(order.sheet());
        CutSpec spec = spec(order, proof);
        String page = cutPage(order, proof, spec, paper);
        PagePdf.write(page);
        return "redirect:/orders/" + id + "/print/cut/" + specs.keep(order, spec, page, who.getName()) + ".pdf";
    }

    private String cutPage(GarmentOrder order, Proof proof, CutSpec spec, String paper) {
        return CutSheetPage.of(looked(order), spec, proof, order.form(), size(paper));
    }

    /** A cut sheet as it was printed before; one that is out of date says so on its head. */
    @GetMapping("/orders/{id}/print/cut/{spec}.pdf")
    ResponseEntity<byte[]> cutAsItWas(@PathVariable String id, @PathVariable String spec) {
        GarmentOrder order = orders.get(id);
        return pdf(order, "cut-sheet-" + spec, PagePdf.write(specs.stamped(order, Proof.of(order.sheet()), spec)));
    }

    @GetMapping("/orders/{id}/print/pattern.pdf")
    ResponseEntity<byte[]> pattern(@PathVariable String id, @RequestParam(defaultValue = "") String paper) {
        GarmentOrder order = orders.get(id);
        Paper wanted = Paper.named(paper.isEmpty() ? house.rules().paper() : paper)
                .orElseThrow(() ->
                        new NotThere("There is no paper " + paper + "; there are sheet, a4, letter, a3, a0 and roll."));
        CutSpec spec = spec(order, Proof.of(order.sheet()));
        return pdf(
                order,
                "pattern-" + wanted.word(),
                PatternPdf.write(PatternSheet.of(spec, order.client().name(), wanted), wanted));
    }

    @GetMapping("/orders/{id}/print/pattern.svg")
    ResponseEntity<byte[]> svg(@PathVariable String id) {
        GarmentOrder order = orders.get(id);
        CutSpec spec = spec(order, Proof.of(order.sheet()));
        return file(
                order,
                "pattern",
                "svg",
                MediaType.parseMediaType("image/svg+xml"),
                SvgWriter.write(PatternSheet.of(spec, order.client().name())).getBytes(StandardCharsets.UTF_8));
    }

    /** The sheet with every try and strike, as the interface takes it. */
    @GetMapping("/orders/{id}/print/readings.json")
    ResponseEntity<byte[]> json(@PathVariable String id) {
        GarmentOrder order = orders.get(id);
        return file(
                order,
                "readings",
                "json",
                MediaType.APPLICATION_JSON,
                JsonText.pretty(SheetDoc.of(order.sheet())).getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping("/orders/{id}/print/measures.csv")
    ResponseEntity<byte[]> csv(@PathVariable String id) {
        GarmentOrder order = orders.get(id);
        String csv = MeasuresCsv.write(MeasuresCsv.rows(Proof.of(order.sheet()), null));
        return file(
                order,
                "measures",
                "csv",
                MediaType.parseMediaType("text/csv;charset=UTF-8"),
                csv.getBytes(StandardCharsets.UTF_8));
    }

    private static CutSpec spec(GarmentOrder order, Proof proof) {
        if (CutChoices.cut(order, proof) instanceof Cutting.Cut cut) {
            return cut.spec();
        }
        throw new NotThere("There is no cut to print: the page of ease and cut says why.");
    }

    /** The head of a paper that is gone by: what a mark that moved has put in doubt stands on it first. */
    private FormPage.Head looked(GarmentOrder order) {
        FormPage.Head head = head(order);
        String again = order.course().lookAgain();
        if (again.isEmpty()) {
            return head;
        }
        List<String> notes = new ArrayList<>(List.of("! " + again));
        notes.addAll(head.notes());
        return new FormPage.Head(
                head.house(), head.client(), head.order(), head.date(), head.measuredBy(), head.neededBy(), notes);
    }

    private FormPage.Head head(GarmentOrder order) {
        StoredReading last = order.last();
        LocalDate date = last == null
                ? LocalDate.now(clock)
                : last.reading().at().atZone(clock.getZone()).toLocalDate();
        return new FormPage.Head(
                house(),
                order.client().name(),
                order.number() + ", " + order.title(),
                Say.onPaper(date),
                last == null ? "" : accounts.called(last.reading().by()),
                order.neededOn() == null ? "" : Say.onPaper(order.neededOn()),
                notes(order));
    }

    private String house() {
        String address = house.rules().address().replaceAll("\\s*\\R\\s*", ", ");
        return house.rules().name() + (address.isEmpty() ? "" : ", " + address);
    }

    /** What the paper says beside the numbers: the client's standing note, never the health note; the order's; the steps'. */
    private static List<String> notes(GarmentOrder order) {
        List<String> notes = new ArrayList<>();
        if (!order.client().notes().isEmpty()) {
            notes.add("Of the client: " + order.client().notes());
        }
        if (!order.about().notes().isEmpty()) {
            notes.add("Of the order: " + order.about().notes());
        }
        for (VisitNote place : List.of(VisitNote.WORN, VisitNote.SEEN)) {
            order.taken().note(place).ifPresent(note -> notes.add(place.title() + ": " + note.text()));
        }
        order.taken().stepNotes().forEach((step, note) -> notes.add(step + ": " + note.text()));
        order.knownBefore()
                .forEach((number, values) -> notes.add("Known before, from order " + number + ": "
                        + values.stream().map(ValueId::toString).collect(Collectors.joining(", "))));
        return notes;
    }

    /** What is asked for, else what lies in the house's printer. */
    private String size(String paper) {
        boolean letter = paper.isEmpty() ? house.rules().isLetter() : paper.equalsIgnoreCase("letter");
        return letter ? "letter" : "A4";
    }

    private static ResponseEntity<byte[]> pdf(GarmentOrder order, String what, byte[] bytes) {
        return file(order, what, "pdf", MediaType.APPLICATION_PDF, bytes);
    }

    private static ResponseEntity<byte[]> file(
            GarmentOrder order, String what, String ending, MediaType type, byte[] bytes) {
        String plain = Normalizer.normalize(order.client().name(), Normalizer.Form.NFC)
                .replaceAll("[^\\p{L}\\p{M}\\p{N}]+", "-")
                .toLowerCase(Locale.ROOT);
        HttpHeaders headers = new HttpHeaders();
        headers.setContentType(type);
        headers.setContentDisposition(ContentDisposition.inline()
                .filename(order.number() + "-" + plain + "-" + what + "." + ending, StandardCharsets.UTF_8)
                .build());
        headers.setCacheControl("no-store");
        return ResponseEntity.ok().headers(headers).body(bytes);
    }
}
