package app.misura.core.format.sheet;

import app.misura.core.format.markup.Markup;
import app.misura.core.resource.Shipped;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** What every printed page has: its paper, its type, the mark of the house. */
final class PrintPage {
    private static final Map<String, String> STYLES = new ConcurrentHashMap<>();

    private PrintPage() {}

    /**
     * A page's beginning: what follows stands in its body.
     *
     * @param paper {@code A4} or {@code letter}
     * @param style name of the page's own style sheet
     */
    static Markup begin(String title, String paper, String style) {
        return new Markup()
                .prologue("<!DOCTYPE html>")
                .open("html", "xmlns", "http://www.w3.org/1999/xhtml", "lang", "en")
                .open("head")
                .element("title", title)
                .element("style", "@page{size:" + paper + ";margin:13mm 15mm 12mm}" + style("page") + style(style))
                .close("head")
                .open("body");
    }

    /** A style sheet of the paper. */
    static String style(String name) {
        return STYLES.computeIfAbsent(name, n -> Shipped.text("paper/" + n + ".css"));
    }

    static String end(Markup page) {
        return page.close("body").close("html").toString();
    }

    /** The mark of the house: a bracket with a third tick. */
    static Markup mark() {
        return new Markup()
                .open(
                        "svg",
                        "xmlns",
                        "http://www.w3.org/2000/svg",
                        "width",
                        "5mm",
                        "height",
                        "7mm",
                        "viewBox",
                        "0 0 14 20")
                .empty("path", "d", "M2 2H11V18H2M4 10H11", "fill", "none", "stroke", "#000", "stroke-width", 3)
                .close();
    }
}
