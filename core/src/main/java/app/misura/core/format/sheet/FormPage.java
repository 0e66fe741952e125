package app.misura.core.format.sheet;

import app.misura.core.course.Course;
import app.misura.core.course.Marks;
import app.misura.core.form.OrderForm;
import app.misura.core.form.Part;
import app.misura.core.form.Step;
import app.misura.core.format.ladder.Ladder;
import app.misura.core.format.ladder.LadderSvg;
import app.misura.core.format.ladder.Rung;
import app.misura.core.format.markup.Markup;
import app.misura.core.measure.Side;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Rounds;
import app.misura.core.reading.Sheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * The order form on paper, blank or filled: the ladder with its brackets in the margin, black on white; every state of a
 * sum survives without colour.
 */
public final class FormPage {
    private static final String BLANK = "\u00A0";
    private static final double MM = 0.25;
    /** Above the first rung stands the name of its part, mm. */
    private static final double TOP = 3.5;
    /** How high a ladder may be beside head and foot, mm. */
    private static final double ROOM = 209;

    private static final double ROOM_LETTER = 190;

    private final Head head;
    private final Proof proof;
    private final boolean blank;
    private final Ladder ladder;
    private final FormSpread spread;
    private final boolean close;

    private final Markup out;

    /**
     * What stands above the ladder.
     *
     * @param notes what whoever works from the paper should know, one sentence each
     */
    public record Head(
            String house,
            String client,
            String order,
            String date,
            String measuredBy,
            String neededBy,
            List<String> notes) {
        /** Without a note. */
        public Head(String house, String client, String order, String date, String measuredBy, String neededBy) {
            this(house, client, order, date, measuredBy, neededBy, List.of());
        }
    }

    private FormPage(Head head, Course course, boolean blank, String paper) {
        this.head = head;
        this.proof = course.proof();
        this.blank = blank;
        this.spread = FormSpread.of(course, (paper.equals("letter") ? ROOM_LETTER : ROOM) / MM);
        this.ladder = spread.ladder();
        this.close = spread.isClose();
        this.out = PrintPage.begin(head.client() + ", " + form().title(), paper, "form");
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

    private OrderForm form() {
        return proof.sheet().form();
    }

    private String draw() {
        heading(head.house());
        fields();
        out.open("p", "class", "soft ready");
        ready();
        out.element("b", "Asked:")
                .text(" what is touched and looked at; any step may be refused.")
                .close();
        answers();
        noted(out, head);
        for (FormSpread.Stretch page : spread.pages()) {
            if (page.from() > 0) {
                out.open("div", "class", "next");
                heading(head.client() + ", " + head.order() + ", page 2 of 2");
                out.close("div");
            }
            lines(page);
        }
        new FormFoot(out, proof, ladder, blank).write();
        return PrintPage.end(out);
    }

    private void lines(FormSpread.Stretch page) {
        out.open("div", "class", close ? "ladder close" : "ladder", "style", "height:" + mm(page.height() * MM + TOP));
        Gathered gathered = new Gathered(proof, blank);
        for (Part part : form().parts()) {
            ladder.rungs().stream()
                    .filter(r ->
                            page.has(r) && r.firstOfPart() && r.step().part().equals(part.letter()))
                    .forEach(r -> part(part, top(r, page), gathered));
        }
        ladder.rungs().stream().filter(page::has).forEach(r -> rung(r, top(r, page)));
        out.open("div", "class", "margin");
        if (!ladder.brackets().isEmpty()) {
            out.add(LadderSvg.paper(ladder, page.from(), page.to(), MM, PrintPage.style("brackets")));
        }
        out.close("div").close("div");
    }

    /** Where a rung begins, mm from the top of its page's lines. */
    private static double top(Rung rung, FormSpread.Stretch page) {
        return (rung.y() - rung.height() / 2 - page.from()) * MM + TOP;
    }

    private void heading(String beside) {
        out.open("table", "class", "rule").open("tr");
        out.open("td", "class", "mark").add(PrintPage.mark()).close();
        out.open("td").element("h1", form().title()).close();
        out.open("td", "class", "right")
                .text(beside)
                .empty("br")
                .text(proof.sheet().unit().symbol() + ", to "
                        + form().increment().words())
                .close();
        out.close("tr").close("table");
    }

    private void fields() {
        out.open("table", "class", "head").open("tr");
        field("client", head.client(), false);
        field("order", head.order(), false);
        field("date", head.date(), blank);
        field("measured by", head.measuredBy(), blank);
        field("needed by", head.neededBy(), blank);
        out.close("tr").close("table");
    }

    private void field(String name, String value, boolean empty) {
        out.open("td").element("div", name, "class", "soft");
        out.element("div", empty ? BLANK : value, "class", "v").close();
    }

    /** What the form's first marks say of the body before the tape is taken, and the marks themselves. */
    private void ready() {
        List<Step> marks = form().steps().stream().filter(Step::isMark).toList();
        if (!marks.isEmpty()) {
            String names =
                    marks.stream().map(m -> m.name().toLowerCase(Locale.ROOT)).collect(Collectors.joining(", "));
            String body = marks.get(0).prompt().place().replace(" · ", ", ");
            out.element("b", "Ready:").text(" " + body + ". ");
            out.element("b", "Marked:").text(" " + names + ". ");
        }
    }

    /** The form's questions as they were answered; a hand that is not the usual one. */
    private void answers() {
        List<String> said = new ArrayList<>();
        form().options().forEach(o -> {
            String answer = proof.sheet().answers().get(o.id());
            if (answer != null) {
                said.add(o.title().toLowerCase(Locale.ROOT) + " " + answer.replace('-', ' '));
            }
        });
        if (proof.sheet().wearer().dominant() == Side.LEFT) {
            said.add("left-handed");
        }
        if (!said.isEmpty()) {
            out.open("p", "class", "soft ready")
                    .element("b", "Wanted:")
                    .text(" " + String.join(", ", said) + ".")
                    .close();
        }
    }

    /** What is to be known of the order and the client. */
    static void noted(Markup out, Head head) {
        for (String note : head.notes()) {
            out.element("p", note, "class", "ready");
        }
    }

    private void part(Part part, double top, Gathered gathered) {
        out.element(
                "div",
                part.letter() + " " + part.title() + ", " + part.place(),
                "class",
                "part",
                "style",
                "top:" + mm(top - 3.3));
        gathered.part(out, ladder.gathered().getOrDefault(part.letter(), List.of()), part.letter(), top);
    }

    private void rung(Rung rung, double top) {
        Step step = rung.step();
        String css = "rung" + (step.isDerived() ? " derived" : "") + (step.isMark() ? " marks" : "")
                + (rung.values().size() == 2 ? " two" : "");
        out.open("table", "class", css, "style", "top:" + mm(top));
        out.open("tr", "style", "height:" + mm(rung.height() * MM));
        out.element("td", step.isDerived() ? "=" : step.label(), "class", "no");
        out.open("td").element("span", step.name(), "class", "name");
        out.text(" ").element("span", step.prompt().brief(), "class", "how").close();
        if (!blank && !(close && !hasOthers(step))) {
            out.open("td", "class", "struck");
            struck(step);
            out.close();
        }
        for (int i = 0; i < rung.values().size(); i++) {
            value(rung, i);
        }
        out.close("tr").close("table");
    }

    private void value(Rung rung, int i) {
        String value = blank ? "" : rung.values().get(i);
        out.open("td", "class", "val");
        if (rung.values().size() == 2) {
            out.element("span", i == 0 ? "L " : "R ", "class", "soft");
        }
        boolean written = rung.step().isMark() ? value.equals("set") : !value.isEmpty();
        if (written) {
            out.text((rung.state() == Rung.State.WRONG && !rung.step().isMark() ? "≠ " : "") + value);
        } else {
            out.element("span", BLANK, "class", "box");
        }
        out.close();
    }

    /** What was crossed out, and what was read before the value was taken again. */
    private void struck(Step step) {
        String between = "";
        for (Reading reading : struckTries(step)) {
            out.text(between).element("s", reading.text());
            between = " ";
        }
        List<Reading> before = proof.sheet().allSlots().stream()
                .filter(slot -> slot.step().equals(step))
                .flatMap(slot -> Rounds.before(proof.sheet().tries(slot)).stream())
                .toList();
        for (Reading reading : before) {
            out.text(between + (reading == before.get(0) ? "before " : "") + reading.text());
            between = " ";
        }
    }

    private boolean hasOthers(Step step) {
        return !struckTries(step).isEmpty()
                || proof.sheet().readings().stream().anyMatch(r -> r.step().equals(step.label()) && r.round() > 1);
    }

    private List<Reading> struckTries(Step step) {
        return proof.sheet().readings().stream()
                .filter(r -> r.step().equals(step.label()) && !r.counts())
                .toList();
    }

    private static String mm(double value) {
        return String.format(Locale.ROOT, "%.2fmm", value);
    }
}
