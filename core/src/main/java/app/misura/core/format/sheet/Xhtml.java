package app.misura.core.format.sheet;

/** Text as it stands in a page: escaped, and without what no page may hold. */
final class Xhtml {
    private Xhtml() {}

    static String escaped(String text) {
        StringBuilder out = new StringBuilder();
        text.codePoints().forEach(c -> {
            switch (c) {
                case '&' -> out.append("&amp;");
                case '<' -> out.append("&lt;");
                case '>' -> out.append("&gt;");
                case '"' -> out.append("&quot;");
                default -> {
                    if (c >= 0x20 && c != 0x7F || c == '\n') {
                        out.appendCodePoint(c);
                    }
                }
            }
        });
        return out.toString();
    }

    /** A page's beginning. @param paper {@code A4} or {@code letter} */
    static StringBuilder page(String title, String paper, String style) {
        return new StringBuilder(
                        "<!DOCTYPE html><html xmlns=\"http://www.w3.org/1999/xhtml\" lang=\"en\"><head><title>")
                .append(escaped(title))
                .append("</title><style>@page{size:")
                .append(paper)
                .append(
                        ";margin:13mm 15mm 12mm}*{margin:0;padding:0}body{font-family:'Source Sans 3',sans-serif;font-size:9.5pt;line-height:1.2;color:#000}")
                .append(
                        "b,th{font-weight:600}h1{font-weight:600;font-size:19pt}h2{font-weight:600;font-size:12.5pt;margin:4mm 0 1.5mm}.soft{font-size:8pt}.rule{border-bottom:0.5mm solid #000}")
                .append("table{border-collapse:collapse;width:100%}")
                .append(style)
                .append("</style></head><body>");
    }

    /** The mark of the house: a bracket with a third tick. */
    static final String LOGO =
            "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"5mm\" height=\"7mm\" viewBox=\"0 0 14 20\"><path d=\"M2 2H11V18H2M4 10H11\" fill=\"none\" stroke=\"#000\" stroke-width=\"3\"/></svg>";
}
