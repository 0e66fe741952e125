package app.misura.core.format.sheet;

import app.misura.core.course.Course;
import app.misura.core.course.Marks;
import app.misura.core.form.Closure;
import app.misura.core.form.Part;
import app.misura.core.form.Step;
import app.misura.core.format.ladder.Ladder;
import app.misura.core.format.ladder.LadderSvg;
import app.misura.core.format.ladder.Metrics;
import app.misura.core.format.ladder.Rung;
import app.misura.core.length.LengthText;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Sheet;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * The order form on paper, blank or filled: the ladder with its brackets in the margin, black on white; every state of a
 * sum survives without colour.
 */
public final class FormPage {
    private static final double MM = 0.25;
    private static final double MARGIN_AT = 124;

    private final Head head;
    private final Proof proof;
    private final boolean blank;
    private final String paper;
    private final Ladder ladder;

    /** What stands above the ladder. */
    public record Head(String house, String client, String order, String date, String measuredBy, String neededBy) {}

    private FormPage(Head head, Course course, boolean blank, String paper) {
        this.head = head;
        this.proof = course.proof();
        this.blank = blank;
        this.paper = paper;
        this.ladder = Ladder.of(course, null, Metrics.PAPER);
    }

    /** The filled form. @param paper {@code A4} or {@code letter} */
    public static String filled(Head head, Course course, String paper) {
        return new FormPage(head, course, false, paper).draw();
    }

    /** The same form with nothing on it, to be written by hand. */
    public static String blank(Head head, Sheet sheet, String paper) {
        Sheet empty = new Sheet(sheet.form(), sheet.wearer(), sheet.answers(), List.of());
        return new FormPage(head, Course.of(Proof.of(empty), Marks.NONE), true, paper).draw();
    }

    private String draw() {
        String style =
                ".head td{padding:0.6mm 3mm 0.6mm 0}.head .v{border-bottom:0.25mm solid #000;font-weight:600;font-size:11pt;height:5mm}"
                        + ".ladder{position:relative}.rung{position:absolute;left:0;width:" + MARGIN_AT
                        + "mm}.rung td{border-bottom:0.15mm solid #999;vertical-align:bottom;padding-bottom:0.3mm}"
                        + ".no{width:9mm;font-weight:600;font-size:11pt}.name{font-size:10.5pt}.how{font-size:7.6pt}.val{width:21mm;text-align:right;font-weight:600;font-size:13pt}.val span{border-bottom:0.25mm solid #000}.val .soft{border-bottom:0}"
                        + ".part{position:absolute;left:0;font-weight:600;font-size:8.5pt}.derived{font-style:italic}.margin{position:absolute;left:"
                        + MARGIN_AT + "mm;top:0}"
                        + ".box{width:20mm;height:5.6mm;border-bottom:0.3mm solid #000;display:inline-block}s{font-weight:400}";
        StringBuilder out =
                Xhtml.page(head.client() + ", " + proof.sheet().form().title(), paper, style);
        heading(out);
        double top = 3.5;
        out.append("<div class=\"ladder\" style=\"height:")
                .append(mm(ladder.height() * MM + top))
                .append("\">");
        for (Part part : proof.sheet().form().parts()) {
            ladder.rungs().stream()
                    .filter(r -> r.step().part().equals(part.letter()) && r.firstOfPart())
                    .forEach(r -> out.append("<div class=\"part\" style=\"top:")
                            .append(mm((r.y() - r.height() / 2) * MM + top - 3.3))
                            .append("\">")
                            .append(part.letter())
                            .append(" ")
                            .append(Xhtml.escaped(part.title() + ", " + part.place()))
                            .append("</div>"));
        }
        for (Rung rung : ladder.rungs()) {
            rung(out, rung, top);
        }
        out.append("<div class=\"margin\" style=\"top:")
                .append(mm(top))
                .append("\">")
                .append(brackets())
                .append("</div></div>");
        foot(out);
        return out.append("</body></html>").toString();
    }

    private void heading(StringBuilder out) {
        out.append("<table class=\"rule\"><tr><td style=\"width:8mm\">")
                .append(Xhtml.LOGO)
                .append("</td><td><h1>")
                .append(Xhtml.escaped(proof.sheet().form().title()))
                .append("</h1></td><td style=\"text-align:right\">")
                .append(Xhtml.escaped(head.house()))
                .append("<br/>")
                .append(proof.sheet().unit().symbol())
                .append(", to ")
                .append(proof.sheet().form().increment().words())
                .append("</td></tr></table><table class=\"head\"><tr>");
        String[][] fields = {
            {"client", head.client()},
            {"order", head.order()},
            {"date", head.date()},
            {"measured by", head.measuredBy()},
            {"needed by", head.neededBy()}
        };
        for (String[] field : fields) {
            out.append("<td><div class=\"soft\">")
                    .append(field[0])
                    .append("</div><div class=\"v\">")
                    .append(
                            blank && !field[0].equals("client") && !field[0].equals("order")
                                    ? "&#160;"
                                    : Xhtml.escaped(field[1]))
                    .append("</div></td>");
        }
        out.append("</tr></table><p class=\"soft\" style=\"margin:1.2mm 0 0.5mm\">" + ready()
                + "<b>Asked:</b> what is touched and looked at; any step may be refused.</p>");
    }

    /** What the form's first marks say of the body before the tape is taken, and the marks themselves. */
    private String ready() {
        List<Step> marks =
                proof.sheet().form().steps().stream().filter(Step::isMark).toList();
        if (marks.isEmpty()) {
            return "";
        }
        String names =
                marks.stream().map(m -> m.name().toLowerCase(Locale.ROOT)).collect(Collectors.joining(", "));
        String body = marks.get(0).prompt().place().replace(" · ", ", ");
        return "<b>Ready:</b> " + Xhtml.escaped(body) + ". <b>Marked:</b> " + Xhtml.escaped(names) + ". ";
    }

    private void rung(StringBuilder out, Rung rung, double top) {
        double y = (rung.y() - rung.height() / 2) * MM + top;
        String how = rung.step().prompt().brief();
        out.append("<table class=\"rung")
                .append(rung.step().isDerived() ? " derived" : "")
                .append("\" style=\"top:")
                .append(mm(y))
                .append("\"><tr style=\"height:")
                .append(mm(rung.height() * MM))
                .append("\"><td class=\"no\">")
                .append(rung.step().isDerived() ? "=" : rung.step().label())
                .append("</td><td><span class=\"name\">")
                .append(Xhtml.escaped(rung.step().name()))
                .append("</span> <span class=\"how\">")
                .append(Xhtml.escaped(how))
                .append("</span></td>");
        if (!blank) {
            out.append("<td style=\"width:17mm;text-align:right\">")
                    .append(struck(rung))
                    .append("</td>");
        }
        int values = rung.values().size();
        for (int i = 0; i < values; i++) {
            String value = blank ? "" : rung.values().get(i);
            out.append("<td class=\"val\">")
                    .append(values == 2 ? "<span class=\"soft\">" + (i == 0 ? "L " : "R ") + "</span>" : "");
            if (rung.step().isMark()) {
                out.append("set".equals(value) ? "set" : "<span class=\"box\" style=\"width:5mm\">&#160;</span>");
            } else {
                out.append(
                        value.isEmpty()
                                ? "<span class=\"box\"" + (values == 2 ? " style=\"width:16mm\"" : "")
                                        + ">&#160;</span>"
                                : (rung.state() == Rung.State.WRONG ? "≠ " : "") + Xhtml.escaped(value));
            }
            out.append("</td>");
        }
        out.append("</tr></table>");
    }

    private String struck(Rung rung) {
        return proof.sheet().readings().stream()
                .filter(r -> r.step().equals(rung.step().label()) && !r.counts())
                .map(Reading::text)
                .map(t -> "<s>" + Xhtml.escaped(t) + "</s>")
                .collect(Collectors.joining(" "));
    }

    private String brackets() {
        if (ladder.brackets().isEmpty()) {
            return "";
        }
        String style =
                "<style>path{fill:none;stroke:#000;stroke-width:2.6}.halo{stroke:#fff;stroke-width:6}.missing{stroke-dasharray:2.4 3.4;stroke-width:2}.knot{fill:#fff;stroke:#000;stroke-width:1.8}.sign{stroke-width:1.9}.b-wrong .firm{stroke-width:5}"
                        + ".leader{stroke-width:1.2}.box{fill:#fff;stroke:#000;stroke-width:1.3}.b-wrong .box{stroke-width:2.6}text{font-family:'Source Sans 3';font-style:normal;font-weight:400;font-size:16px;fill:#000;stroke:none}</style>";
        String svg = LadderSvg.brackets(ladder);
        String sized = svg.replaceFirst(
                "width=\"[^\"]*\" height=\"[^\"]*\"",
                String.format(
                        Locale.ROOT, "width=\"%.2fmm\" height=\"%.2fmm\"", ladder.width() * MM, ladder.height() * MM));
        return sized.replaceFirst(">", ">" + style);
    }

    private void foot(StringBuilder out) {
        out.append("<div style=\"border-top:0.5mm solid #000;margin-top:2mm;padding-top:1.5mm\">");
        if (blank) {
            out.append("<table><tr>");
            for (Closure closure : proof.sheet().form().closures()) {
                out.append("<td class=\"soft\">")
                        .append(closure.partsSaid(proof.sheet().unit()))
                        .append(" = ________ must give ")
                        .append(closure.said(closure.wholes()))
                        .append(" ± ")
                        .append(LengthText.exact(
                                closure.tolerance(), proof.sheet().unit()))
                        .append("</td>");
            }
            out.append(
                    "</tr></table><p class=\"soft\">Who does the sum inks the bracket over. Corrections stay visible, crossed out.</p>");
        } else {
            out.append("<p><b>")
                    .append(proof.verdict() == Proof.Verdict.FAULTS ? "≠ " : "")
                    .append(Xhtml.escaped(proof.sentence().whole()))
                    .append("</b></p><p class=\"soft\">");
            if (!proof.retake().isEmpty()) {
                out.append("Ask again: ")
                        .append(String.join(", ", proof.retake()))
                        .append(". ");
            }
            String unchecked =
                    proof.unchecked().stream().map(u -> u.id().toString()).collect(Collectors.joining(" "));
            out.append(unchecked.isEmpty() ? "" : "Not checked by any sum: " + unchecked + ".")
                    .append("</p>");
        }
        out.append(
                "<p class=\"soft\" style=\"text-align:right;margin-top:2mm\">signed ____________________________</p></div>");
    }

    private static String mm(double value) {
        return String.format(Locale.ROOT, "%.2fmm", value);
    }
}
