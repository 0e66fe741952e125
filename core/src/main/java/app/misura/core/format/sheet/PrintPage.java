package app.misura.core.format.sheet;

import app.misura.core.format.markup.Markup;

/** What every printed page has: its paper, its type, the mark of the house. */
final class PrintPage {
    private PrintPage() {}

    /** A page's beginning: what follows stands in its body. @param paper {@code A4} or {@code letter} */
    static Markup begin(String title, String paper, String style) {
        return new Markup()
                .prologue("<!DOCTYPE html>")
                .open("html", "xmlns", "http://www.w3.org/1999/xhtml", "lang", "en")
                .open("head")
                .element("title", title)
                .element("style", "@page{size:" + paper + ";margin:13mm 15mm 12mm}" + COMMON + style)
                .close("head")
                .open("body");
    }

    static String end(Markup page) {
        return page.close("body").close("html").toString();
    }

    private static final String COMMON =
            "*{margin:0;padding:0}body{font-family:'Source Sans 3',sans-serif;font-size:9.5pt;line-height:1.2;color:#000}"
                    + "b,th{font-weight:600}h1{font-weight:600;font-size:19pt}h2{font-weight:600;font-size:12.5pt;margin:4mm 0 1.5mm}"
                    + ".soft{font-size:8pt}.rule{border-bottom:0.5mm solid #000}table{border-collapse:collapse;width:100%}";

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
