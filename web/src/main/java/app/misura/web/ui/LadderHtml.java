package app.misura.web.ui;

import app.misura.core.format.ladder.LadderSvg;
import app.misura.core.format.markup.Markup;
import app.misura.core.proof.Bracket;
import java.util.Collections;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Writes the rungs of a ladder with the brackets beside them. They are most of the measuring page and new with every
 * reading, so they are written as drawings are, not by a template. What the page has already is not sent again.
 */
final class LadderHtml {
    /** So many signs of one kind still stand side by side. */
    private static final int MANY = 2;

    private final String base;
    private final String here;
    private final Has has;
    private final Markup out = new Markup();
    private LadderView.@Nullable RungView stop;

    private LadderHtml(String base, String here, Has has) {
        this.base = base;
        this.here = here;
        this.has = has;
    }

    /**
     * @param base address of the measuring screen of this order
     * @param here address of the page that shows the ladder
     */
    static String of(LadderView ladder, String base, String here, Has has) {
        return new LadderHtml(base, here, has).write(ladder);
    }

    private String write(LadderView ladder) {
        stop = stop(ladder);
        boolean folds = ladder.parts().stream().anyMatch(p -> p.line() != null);
        out.open("div", "class", folds ? "rungs folds" : "rungs");
        for (LadderView.PartView part : ladder.parts()) {
            Markup rungs = new Markup();
            if (part.line() != null) {
                line(rungs, part, part.line());
            }
            part.rungs().forEach(r -> rung(rungs, r));
            if (part.gate() != null) {
                gate(rungs, part.letter(), part.gate());
            }
            send("ul", "part-" + part.letter(), part.letter() + " " + part.title(), rungs);
        }
        out.close();
        send("div", "brackets", null, ladder.brackets());
        return out.toString();
    }

    /** The one rung at which the keyboard stops: the one that is asked for, else the first. */
    private static LadderView.@Nullable RungView stop(LadderView ladder) {
        List<LadderView.RungView> rungs = ladder.parts().stream()
                .flatMap(p -> p.rungs().stream())
                .filter(r -> !r.derived())
                .toList();
        return rungs.stream()
                .filter(LadderView.RungView::now)
                .findFirst()
                .orElse(rungs.isEmpty() ? null : rungs.get(0));
    }

    private void send(String tag, String id, @Nullable String label, Markup inner) {
        String mark = Has.mark(inner.toString());
        if (has.keeps(id, mark)) {
            out.open(tag, "id", id, "hx-preserve", "true").close();
        } else {
            out.open(tag, "id", id, "class", label == null ? null : "part", "data-mark", mark, "aria-label", label)
                    .add(inner)
                    .close();
        }
    }

    private static String tick(LadderView.RungView r) {
        return r.css().replace("rung-first", "first");
    }

    /** The heading of the open part, or the line of a folded one, which opens it. */
    private void line(Markup li, LadderView.PartView part, LadderView.LineView line) {
        boolean leads = !(line.open() && line.own());
        li.open("li");
        li.open(
                leads ? "a" : "span",
                "class",
                line.open() ? "partline open" : "partline",
                "id",
                "line-" + part.letter(),
                "href",
                leads ? address(part.letter(), line) : null,
                "data-open",
                leads ? part.letter() : null,
                "data-own",
                line.own() ? "yes" : null,
                "tabindex",
                leads ? "-1" : null);
        li.element("span", part.letter(), "class", "letter", "aria-hidden", "true");
        li.element("span", part.title(), "class", "name");
        li.open("span", "class", "ticks", "aria-hidden", "true");
        line.ticks().stream().filter(t -> !t.derived()).forEach(t -> {
            String css = tick(t);
            li.open("i", "class", css, "data-rung", t.label(), "data-tick", css, "data-waits", t.waits() ? "yes" : null)
                    .close();
        });
        li.close();
        li.element("span", line.left(), "class", "left");
        li.open("span", "class", "signs", "aria-hidden", "true");
        signs(li, line.signs());
        li.close();
        if (!line.unseen().isEmpty()) {
            li.element("span", " " + line.unseen(), "class", "visually-hidden");
        }
        li.close().close("li");
    }

    /** One sign for each bracket; of three or more that stand alike, their number and one sign. */
    private static void signs(Markup li, List<Bracket.State> signs) {
        for (Bracket.State state : Bracket.State.values()) {
            int many = Collections.frequency(signs, state);
            if (many > MANY) {
                li.text(Integer.toString(many));
            }
            for (int i = 0; i < (many > MANY ? 1 : many); i++) {
                li.add(LadderSvg.sign(state));
            }
        }
    }

    /** Where a part is looked at: this page with it open, or without where the work is there or it is open already. */
    private String address(String letter, LadderView.LineView line) {
        return line.own() || line.open() ? here : here + (here.contains("?") ? "&" : "?") + "open=" + letter;
    }

    private void rung(Markup li, LadderView.RungView r) {
        li.open("li");
        if (r.derived()) {
            li.open("span", "class", "rung " + r.css());
            li.element("span", "").element("span", "=", "class", "no");
        } else {
            li.open(
                    "a",
                    "class",
                    "rung " + r.css() + (r.here().isEmpty() ? "" : " with-others"),
                    "id",
                    "rung-" + r.label(),
                    "href",
                    base + "?step=" + r.label(),
                    "data-rung",
                    r.label(),
                    "data-tick",
                    r.far() ? null : tick(r),
                    "data-waits",
                    r.waits() ? "yes" : null,
                    "tabindex",
                    r == stop ? null : "-1",
                    "aria-current",
                    r.now() ? "step" : null);
            li.element("span", r.letter(), "class", "letter", "aria-hidden", "true");
            li.element("span", r.label(), "class", "no");
        }
        li.element("span", r.name(), "class", "name");
        values(li, r);
        li.close().close("li");
    }

    private void values(Markup li, LadderView.RungView r) {
        li.open("span", "class", "vals", "data-vals", r.derived() ? null : "yes");
        if (r.values().isEmpty()) {
            li.element("span", r.note(), "class", r.note().isEmpty() ? "dots" : "word");
        }
        for (LadderView.Value v : r.values()) {
            li.open("span", "class", v.css()).text(v.whole());
            if (!v.isWord()) {
                li.element("i", v.rest());
            }
            li.close();
        }
        if (!r.unseen().isEmpty()) {
            li.element("span", " " + r.unseen(), "class", "visually-hidden");
        }
        for (LadderView.Present present : r.here()) {
            li.element("span", present.initials(), "class", "here", "aria-hidden", "true");
            li.element("span", present.name() + " is here", "class", "visually-hidden");
        }
        li.close();
    }

    /** @param says empty where the gate is passed */
    private void gate(Markup li, String part, String says) {
        li.open("li", "class", says.isEmpty() ? "gatebar" : "gatebar asks");
        if (!says.isEmpty()) {
            li.element("a", says, "id", "gate-" + part, "href", base + "?gate=" + part, "data-gate", "yes");
        }
        li.close();
    }
}
