package app.misura.core.format.pdf;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.EnumSet;
import java.util.logging.Level;

/** Pages of XHTML with drawings as PDF, in the fonts that ship with the core; nothing is fetched. */
public final class PagePdf {
    static {
        XRLog.listRegisteredLoggers().forEach(logger -> XRLog.setLevel(logger, Level.WARNING));
    }

    private PagePdf() {}

    /** @throws UncheckedIOException if the text is no XHTML */
    public static byte[] write(String xhtml) {
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.useFastMode();
        font(builder, "SourceSans3-Regular.ttf", 400, FontStyle.NORMAL);
        font(builder, "SourceSans3-Semibold.ttf", 600, FontStyle.NORMAL);
        font(builder, "SourceSans3-It.ttf", 400, FontStyle.ITALIC);
        try (ByteArrayOutputStream out = new ByteArrayOutputStream();
                BatikSVGDrawer svg = new BatikSVGDrawer()) {
            builder.useSVGDrawer(svg);
            builder.withHtmlContent(Printable.text(xhtml), null);
            builder.useUriResolver((base, uri) -> null);
            builder.withProducer("Misura");
            builder.toStream(out);
            builder.run();
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void font(PdfRendererBuilder builder, String file, int weight, FontStyle style) {
        builder.useFont(
                () -> Face.open(file),
                "Source Sans 3",
                weight,
                style,
                true,
                EnumSet.of(
                        com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FSFontUseCase.DOCUMENT,
                        com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FSFontUseCase.SVG));
    }
}
