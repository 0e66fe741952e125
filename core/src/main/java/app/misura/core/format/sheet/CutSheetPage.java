package app.misura.core.format.sheet;

import app.misura.core.cut.CutSpec;
import app.misura.core.form.OrderForm;
import app.misura.core.format.svg.PieceView;
import app.misura.core.proof.Proof;
import java.util.Locale;

/** The cut sheet on paper: the table, the pieces small, the proof of the cut, what to look at. */
public final class CutSheetPage {
    private CutSheetPage() {}

    /** @param paper {@code A4} or {@code letter} */
    public static String of(FormPage.Head head, CutSpec spec, Proof proof, OrderForm form, String paper) {
        CutTable table = CutTable.of(spec, form);
        String style =
                ".n{text-align:right}td,th{padding:0.7mm 1.5mm;font-size:10pt;text-align:left}tr.row td{border-bottom:0.15mm solid #999}.fin{font-weight:600;font-size:12pt}.second td{font-size:8pt}"
                        + ".cols{width:100%}.cols td{vertical-align:top}.st td{font-size:8.8pt;padding:0.35mm 1mm}.derived{font-style:italic}";
        StringBuilder out = Xhtml.page("Cut sheet, " + head.client(), paper, style);
        out.append("<table class=\"rule\"><tr><td style=\"width:8mm\">")
                .append(Xhtml.LOGO)
                .append("</td><td><h1>Cut sheet</h1></td><td style=\"text-align:right\">")
                .append(Xhtml.escaped(head.house()))
                .append("<br/>")
                .append(Xhtml.escaped(head.client() + " · " + head.order()))
                .append("<br/>")
                .append(Xhtml.escaped("cut from the sheet of " + head.date() + " · needed by " + head.neededBy()))
                .append("</td></tr></table>");
        choices(out, spec);
        out.append("<p><b>")
                .append(proof.verdict() == Proof.Verdict.FAULTS ? "≠ The proof is open: " : "")
                .append(Xhtml.escaped(proof.sentence().whole()))
                .append("</b></p>");
        out.append(
                "<table><tr><th>cm</th><th>step</th><th class=\"n\">body</th><th class=\"n\">ease</th><th class=\"n\">finished</th><th class=\"n\">cut line</th></tr>");
        for (CutTable.Row r : table.rows()) {
            out.append("<tr class=\"row")
                    .append(r.derived() ? " derived" : "")
                    .append("\"><td>")
                    .append(r.derived() ? "= " : "")
                    .append(r.name())
                    .append("</td><td>")
                    .append(r.step())
                    .append("</td><td class=\"n\">")
                    .append(r.body())
                    .append("</td><td class=\"n\">")
                    .append(r.ease())
                    .append("</td><td class=\"n fin\">")
                    .append(r.finished())
                    .append("</td><td class=\"n\">")
                    .append(r.cut())
                    .append(r.second() == null ? "" : "<br/><span class=\"soft\">" + r.second() + "</span>")
                    .append("</td></tr>");
        }
        out.append("</table>").append(pieces(spec));
        out.append("<h2>Proof of the cut: it holds <span class=\"soft\">largest difference ")
                .append(table.difference())
                .append("</span></h2><table class=\"st\">");
        int i = 0;
        for (CutTable.Statement s : table.proof()) {
            out.append(i % 2 == 0 ? "<tr>" : "")
                    .append("<td>")
                    .append(Xhtml.escaped(s.text()))
                    .append("</td><td class=\"n\"><b>")
                    .append(s.value())
                    .append("</b> ")
                    .append(s.holds() ? "holds" : "does not hold")
                    .append("</td>")
                    .append(i % 2 == 1 ? "</tr>" : "");
            i++;
        }
        out.append(i % 2 == 1 ? "<td></td><td></td></tr>" : "").append("</table>");
        notes(out, table);
        return out.append("</body></html>").toString();
    }

    private static void choices(StringBuilder out, CutSpec spec) {
        var c = spec.choices();
        out.append("<p style=\"margin:1.5mm 0\">")
                .append(String.format(
                        Locale.ROOT,
                        "fit <b>%s</b> · front <b>%s</b> · waistband <b>%.1f</b> · cloth shrinks <b>%.1f %%</b> across, <b>%.1f %%</b> along, stretches <b>%.0f %%</b> · allowances <b>%.1f</b>, hem <b>%.1f</b>",
                        c.fit().word(),
                        c.front().name().toLowerCase(Locale.ROOT).replace('_', ' '),
                        c.waistband() / 10,
                        c.cloth().shrinkAcross() * 100,
                        c.cloth().shrinkAlong() * 100,
                        c.cloth().stretchAcross() * 100,
                        c.seamAllowance() / 10,
                        c.hemAllowance() / 10))
                .append("</p>");
    }

    private static String pieces(CutSpec spec) {
        String svg = PieceView.svg(spec);
        int start = svg.indexOf("viewBox=\"") + 9;
        String[] box = svg.substring(start, svg.indexOf('"', start)).split(" ");
        double scale = Math.min(170 / Double.parseDouble(box[2]), 92 / Double.parseDouble(box[3]));
        String style =
                "<style>.net{fill:#fff;stroke:none}.allow{fill:none;stroke:#888;stroke-width:2}.e{fill:none;stroke:#000;stroke-width:4.5}.hit{display:none}.lv{stroke:#555;stroke-width:2;stroke-dasharray:10 8}.dart,.grain{fill:none;stroke:#000;stroke-width:3}"
                        + ".dot,.elen{display:none}text{font-family:'Source Sans 3';fill:#000}</style>";
        return String.format(
                Locale.ROOT,
                "<div style=\"text-align:center;margin-top:2mm\">%s</div>",
                svg.replaceFirst(
                                "<svg ",
                                String.format(
                                        Locale.ROOT,
                                        "<svg width=\"%.1fmm\" height=\"%.1fmm\" ",
                                        Double.parseDouble(box[2]) * scale,
                                        Double.parseDouble(box[3]) * scale))
                        .replaceFirst(">", ">" + style));
    }

    private static void notes(StringBuilder out, CutTable table) {
        if (!table.estimated().isEmpty()) {
            out.append("<p style=\"margin-top:2mm\"><i>≈ ")
                    .append(table.estimated().size())
                    .append(table.estimated().size() == 1 ? " input estimated: " : " inputs estimated: ")
                    .append(Xhtml.escaped(String.join(" ", table.estimated())))
                    .append("</i></p>");
        }
        for (String caution : table.cautions()) {
            out.append("<p>! ").append(Xhtml.escaped(caution)).append("</p>");
        }
    }
}
