package app.misura.core.format.pdf;

import app.misura.core.format.drawing.Drawing;
import app.misura.core.format.drawing.Pen;
import app.misura.core.format.drawing.Shape;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Segment;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.util.Matrix;

/** Draws shapes into a page whose unit is the millimetre, y up; the page's height turns y round. */
final class PdfPen {
    /** Millimetres in a point of the page. */
    static final float MM = 72f / 25.4f;

    /** The faces of one document. */
    record Faces(PDFont plain, PDFont strong) {
        static Faces in(PDDocument document) throws IOException {
            return new Faces(load(document, "SourceSans3-Regular.ttf"), load(document, "SourceSans3-Semibold.ttf"));
        }

        private static PDFont load(PDDocument document, String file) throws IOException {
            return PDType0Font.load(document, Face.open(file));
        }
    }

    private final PDPageContentStream page;
    private final Faces faces;
    private final double height;
    private final Point origin;
    private final boolean turned;

    /** @param origin where the drawing's (0, 0) lies on the page, mm from its top left corner */
    PdfPen(PDPageContentStream page, Faces faces, double height, Point origin) {
        this(page, faces, height, origin, false);
    }

    private PdfPen(PDPageContentStream page, Faces faces, double height, Point origin, boolean turned) {
        this.page = page;
        this.faces = faces;
        this.height = height;
        this.origin = origin;
        this.turned = turned;
    }

    /** A pen for the shapes of a group that lies on what this one draws. */
    PdfPen on(Drawing.Group group) {
        return new PdfPen(page, faces, height, origin.plus(group.at()), group.turned());
    }

    private float x(Point p) {
        return (float) (origin.x() + (turned ? -p.y() : p.x()));
    }

    private float y(Point p) {
        return (float) (height - origin.y() - (turned ? p.x() : p.y()));
    }

    void draw(Shape shape) throws IOException {
        if (shape instanceof Shape.Chords chords) {
            pen(chords.pen());
            page.moveTo(x(chords.points().get(0)), y(chords.points().get(0)));
            for (Point p : chords.points().subList(1, chords.points().size())) {
                page.lineTo(x(p), y(p));
            }
            if (chords.closed()) {
                page.closePath();
            }
            page.stroke();
        } else if (shape instanceof Shape.Curve curve) {
            pen(curve.pen());
            page.moveTo(x(curve.path().start()), y(curve.path().start()));
            for (Segment segment : curve.path().segments()) {
                segment(segment);
            }
            page.stroke();
        } else if (shape instanceof Shape.Words words) {
            words(words);
        }
    }

    private void segment(Segment segment) throws IOException {
        if (segment instanceof Segment.Cubic c) {
            page.curveTo(x(c.handle1()), y(c.handle1()), x(c.handle2()), y(c.handle2()), x(c.end()), y(c.end()));
        } else {
            page.lineTo(x(segment.end()), y(segment.end()));
        }
    }

    private void pen(Pen pen) throws IOException {
        page.setLineWidth((float) pen.widthMm());
        double[] dash = pen.dashMm();
        float[] pattern = new float[dash.length];
        for (int i = 0; i < dash.length; i++) {
            pattern[i] = (float) dash[i];
        }
        page.setLineDashPattern(pattern, 0);
        page.setLineJoinStyle(1);
    }

    private void words(Shape.Words words) throws IOException {
        PDFont face = words.strong() ? faces.strong() : faces.plain();
        float size = (float) words.heightMm();
        String text = Printable.text(words.text());
        float back = words.middle() ? face.getStringWidth(text) / 1000 * size / 2 : 0;
        page.beginText();
        page.setFont(face, size);
        page.setTextMatrix(
                turned
                        ? new Matrix(0, -1, 1, 0, x(words.at()), y(words.at()) + back)
                        : new Matrix(1, 0, 0, 1, x(words.at()) - back, y(words.at())));
        page.showText(text);
        page.endText();
    }
}
