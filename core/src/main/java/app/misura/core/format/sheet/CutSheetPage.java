package app.misura.core.format.sheet;

import app.misura.core.cut.CutSpec;
import app.misura.core.form.OrderForm;
import app.misura.core.format.markup.Markup;
import app.misura.core.format.svg.PieceView;
import app.misura.core.garment.ChoiceDef;
import app.misura.core.proof.Proof;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * The cut sheet on paper: the choices, the table, the pieces small, the proof of the cut, what to look at, where each
 * number comes from.
 */
public final class CutSheetPage {
    private final FormPage.Head head;
    private final CutSpec spec;
    private final Proof proof;
    private final CutTable table;
    private final Markup out;

    private CutSheetPage(FormPage.Head head, CutSpec spec, Proof proof, OrderForm form, String paper) {
        this.head = head;
        this.spec = spec;
        this.proof = proof;
        this.table = CutTable.of(spec, form);
        this.out = PrintPage.begin("Cut sheet, " + head.client(), paper, "cut");
    }

    /** @param paper {@code A4} or {@code letter} */
    public static String of(FormPage.Head head, CutSpec spec, Proof proof, OrderForm form, String paper) {
        return new CutSheetPage(head, spec, proof, form, paper).write();
    }

    private String write() {
        head();
        choices();
        FormPage.noted(out, head);
        boolean open = proof.verdict() == Proof.Verdict.FAULTS;
        out.open("p")
                .element(
                        "b",
                        (open ? "≠ The proof is open: " : "") + proof.sentence().whole())
                .close();
        table();
        out.open("table", "class", "cols").open("tr");
        if (spec.isDrawn()) {
            out.open("td", "class", "pieces")
                    .add(PieceView.paper(spec, 88, 108))
                    .close();
        }
        out.open("td");
        proofOfTheCut();
        out.close("td").close("tr").close("table");
        notes();
        chains();
        return PrintPage.end(out);
    }

    private void head() {
        out.open("table", "class", "rule")
                .open("tr")
                .open("td", "class", "mark")
                .add(PrintPage.mark())
                .close();
        out.open("td").element("h1", "Cut sheet").close();
        out.open("td", "class", "right")
                .text(head.house())
                .empty("br")
                .text(head.client() + " · " + head.order())
                .empty("br")
                .text("cut from the sheet of " + head.date()
                        + (head.neededBy().isEmpty() ? "" : " · needed by " + head.neededBy()))
                .empty("br")
                .text(spec.garment().title() + ", table " + spec.garment().version() + " · house tables "
                        + spec.tables())
                .close();
        out.close("tr").close("table");
    }

    private void choices() {
        Map<String, String> typed =
                spec.choices().sheet().typed(spec.choices(), spec.tape().unit());
        List<ChoiceDef> said = new ArrayList<>();
        for (ChoiceDef def : spec.choices().sheet().defs()) {
            String text = typed.getOrDefault(def.id(), "");
            if (!text.isEmpty() && !text.equals("0")) {
                said.add(def);
            }
        }
        out.open("p", "class", "choices");
        String between = "";
        for (ChoiceDef def : said) {
            out.text(between + def.title().toLowerCase(java.util.Locale.ROOT) + " ");
            String unit = def.isPick() ? "" : " " + def.unit(spec.tape().unit());
            out.element("b", typed.getOrDefault(def.id(), "").replace('-', ' ') + unit);
            between = " · ";
        }
        out.close();
    }

    private void table() {
        out.open("table").open("tr");
        out.element("th", spec.tape().unit().symbol()).element("th", "step");
        for (String number : List.of("body", "ease", "finished", "cut line")) {
            out.element("th", number, "class", "n");
        }
        out.close();
        table.rows().forEach(this::row);
        out.close();
    }

    private void row(CutTable.Row r) {
        out.open("tr", "class", "row" + (r.derived() ? " derived" : ""));
        out.element("td", (r.estimated() ? "≈ " : r.derived() ? "= " : "") + r.name())
                .element("td", r.step());
        out.element("td", r.body(), "class", "n").element("td", r.ease(), "class", "n");
        out.element("td", r.finished(), "class", "n fin");
        out.open("td", "class", "n").text(r.cut());
        String second = r.second();
        if (second != null) {
            out.empty("br").element("span", second, "class", "soft");
        }
        out.close().close();
    }

    private void proofOfTheCut() {
        out.open("h2").text((table.holds() ? "" : "≠ ") + "Proof of the cut: " + table.heading() + " ");
        if (spec.isDrawn()) {
            out.element(
                    "span",
                    "measured again on the drawn lines; largest difference " + table.difference(),
                    "class",
                    "soft");
        }
        out.close().open("table", "class", "st");
        table.proof().forEach(this::statement);
        out.close();
    }

    private void statement(CutTable.Statement s) {
        out.open("tr").element("td", s.text());
        out.open("td", "class", "n")
                .element("b", s.value())
                .text(" " + s.word())
                .close();
        out.close();
    }

    /** Where each number comes from, a line each, in two columns. */
    private void chains() {
        List<CutTable.Row> rows = table.rows();
        int half = (rows.size() + 1) / 2;
        out.open("div", "class", "chains").element("h2", "Where each number comes from");
        out.open("table").open("tr");
        for (List<CutTable.Row> column : List.of(rows.subList(0, half), rows.subList(half, rows.size()))) {
            out.open("td");
            column.forEach(this::chain);
            out.close();
        }
        out.close().close().close();
    }

    private void chain(CutTable.Row row) {
        String links = row.chain().stream()
                .map(l -> l.label() + " " + l.value() + (l.isChosen() ? " (" + l.reason() + ")" : ""))
                .collect(Collectors.joining(" "));
        out.open("p").element("b", row.name()).text(" " + links).close();
    }

    private void notes() {
        if (!table.estimated().isEmpty()) {
            int n = table.estimated().size();
            String count = "≈ " + n + (n == 1 ? " input estimated: " : " inputs estimated: ");
            out.open("p")
                    .element("i", count + String.join(" ", table.estimated()))
                    .close();
        }
        table.notes().forEach(note -> out.element("p", note));
        table.cautions().forEach(caution -> out.element("p", "! " + caution));
    }
}
