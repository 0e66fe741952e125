package app.misura.core.format.pdf;

import app.misura.core.format.drawing.Drawing;
import app.misura.core.format.drawing.Pen;
import app.misura.core.format.drawing.Shape;
import app.misura.core.geometry.Point;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.util.Matrix;

/**
 * A drawing at its true size: 10 cm on it are 10 cm on paper. On one sheet as large as it is, or on tiles that are glued
 * together; the first tile page is the map.
 */
public final class PatternPdf {
    private static final double SQUARE = 100;

    private final Drawing drawing;
    private final Paper paper;

    private PatternPdf(Drawing drawing, Paper paper) {
        this.drawing = drawing;
        this.paper = paper;
    }

    public static byte[] write(Drawing drawing, Paper paper) {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle(drawing.title());
            document.getDocumentInformation().setCreator("Misura");
            new PatternPdf(drawing, paper).fill(document);
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void fill(PDDocument document) throws IOException {
        PdfPen.Faces faces = PdfPen.Faces.in(document);
        if (!paper.isTiled()) {
            double width = Math.max(paper.widthMm(), drawing.widthMm());
            page(document, faces, width, drawing.heightMm(), Point.ORIGIN, null, List.of());
            return;
        }
        Tiles tiles = Tiles.over(drawing, paper);
        map(document, faces, tiles);
        for (int row = 0; row < tiles.rows(); row++) {
            for (int column = 0; column < tiles.columns(); column++) {
                if (!tiles.isUsed(row, column)) {
                    continue;
                }
                Point corner = tiles.corner(row, column);
                Point origin = new Point(Tiles.MARGIN - corner.x(), Tiles.MARGIN - corner.y());
                page(document, faces, paper.widthMm(), paper.heightMm(), origin, tiles, frame(tiles, row, column));
            }
        }
    }

    private void page(
            PDDocument document,
            PdfPen.Faces faces,
            double width,
            double height,
            Point origin,
            @org.jspecify.annotations.Nullable Tiles tiles,
            List<Shape> frame)
            throws IOException {
        PDPage page = new PDPage(new PDRectangle((float) (width * PdfPen.MM), (float) (height * PdfPen.MM)));
        document.addPage(page);
        try (PDPageContentStream stream = new PDPageContentStream(document, page)) {
            stream.transform(new Matrix(PdfPen.MM, 0, 0, PdfPen.MM, 0, 0));
            stream.saveGraphicsState();
            if (tiles != null) {
                stream.addRect((float) Tiles.MARGIN, (float) Tiles.MARGIN, (float) (width - 2 * Tiles.MARGIN), (float)
                        (height - 2 * Tiles.MARGIN));
                stream.clip();
            }
            PdfPen pen = new PdfPen(stream, faces, height, origin);
            for (Drawing.Group group : drawing.groups()) {
                PdfPen moved = pen.on(group);
                for (Shape shape : group.shapes()) {
                    moved.draw(shape);
                }
            }
            stream.restoreGraphicsState();
            PdfPen plain = new PdfPen(stream, faces, height, new Point(Tiles.MARGIN, Tiles.MARGIN));
            for (Shape shape : frame) {
                plain.draw(shape);
            }
        }
    }

    private List<Shape> frame(Tiles tiles, int row, int column) {
        double w = tiles.stepX() + Tiles.OVERLAP;
        double h = tiles.stepY() + Tiles.OVERLAP;
        List<Shape> shapes = new java.util.ArrayList<>();
        shapes.add(new Shape.Chords(
                List.of(new Point(0, 0), new Point(w, 0), new Point(w, h), new Point(0, h)), true, Pen.FRAME));
        for (Point mark : tiles.marks()) {
            shapes.add(Shape.line(mark.plus(new Point(-4, 0)), mark.plus(new Point(4, 0)), Pen.NOTCH));
            shapes.add(Shape.line(mark.plus(new Point(0, -4)), mark.plus(new Point(0, 4)), Pen.NOTCH));
        }
        String neighbours = (tiles.isUsed(row, column - 1)
                        ? "glue to " + tiles.name(row, column - 1) + " on the left"
                        : "first of its row")
                + (tiles.isUsed(row - 1, column) ? ", under " + tiles.name(row - 1, column) : "");
        shapes.add(new Shape.Words(new Point(0, h + 7), tiles.name(row, column), 6, true, false));
        shapes.add(new Shape.Words(
                new Point(14, h + 7), drawing.title() + " · " + neighbours + " · print at 100 %", 3.6, false, false));
        return shapes;
    }

    /** The first page: how the tiles lie, and a square to check the printer with. */
    private void map(PDDocument document, PdfPen.Faces faces, Tiles tiles) throws IOException {
        double w = paper.widthMm() - 2 * Tiles.MARGIN;
        List<Shape> shapes = new java.util.ArrayList<>();
        shapes.add(new Shape.Words(new Point(0, 8), drawing.title(), 7, true, false));
        shapes.add(new Shape.Words(
                new Point(0, 16),
                tiles.used().size() + (tiles.used().size() == 1 ? " page of " : " pages of ") + paper.said()
                        + (tiles.used().size() == 1 ? "" : ", glued by their crosses")
                        + ". Print at 100 %, never \"fit to page\".",
                4,
                false,
                false));
        double scale = Math.min(w / (tiles.columns() * tiles.stepX()), 100 / (tiles.rows() * tiles.stepY()));
        for (int row = 0; row < tiles.rows(); row++) {
            for (int column = 0; column < tiles.columns(); column++) {
                if (!tiles.isUsed(row, column)) {
                    continue;
                }
                double x = column * tiles.stepX() * scale;
                double y = 24 + row * tiles.stepY() * scale;
                double dx = tiles.stepX() * scale;
                double dy = tiles.stepY() * scale;
                shapes.add(new Shape.Chords(
                        List.of(new Point(x, y), new Point(x + dx, y), new Point(x + dx, y + dy), new Point(x, y + dy)),
                        true,
                        Pen.FRAME));
                shapes.add(new Shape.Words(
                        new Point(x + dx / 2, y + dy / 2 + 1.5), tiles.name(row, column), 4, true, true));
            }
        }
        for (Drawing.Group group : drawing.groups()) {
            for (Shape shape : group.shapes()) {
                if (shape instanceof Shape.Chords chords && chords.pen() == Pen.CUT) {
                    shapes.add(new Shape.Chords(
                            chords.points().stream()
                                    .map(p -> group.onSheet(p).times(scale).plus(new Point(0, 24)))
                                    .toList(),
                            chords.closed(),
                            Pen.LEVEL));
                }
            }
        }
        double y = 24 + tiles.rows() * tiles.stepY() * scale + 12;
        shapes.addAll(square(new Point(0, y)));
        Drawing cover = new Drawing(
                drawing.title(),
                w,
                0,
                List.of(new Drawing.Group("map", new Point(Tiles.MARGIN, Tiles.MARGIN), false, shapes)));
        new PatternPdf(cover, paper)
                .page(document, faces, paper.widthMm(), paper.heightMm(), Point.ORIGIN, null, List.of());
    }

    /** A square of exactly ten centimetres, to lay a tape on. */
    public static List<Shape> square(Point at) {
        return List.of(
                new Shape.Chords(
                        List.of(
                                at,
                                at.plus(new Point(SQUARE, 0)),
                                at.plus(new Point(SQUARE, SQUARE)),
                                at.plus(new Point(0, SQUARE))),
                        true,
                        Pen.FRAME),
                new Shape.Words(at.plus(new Point(6, 14)), "10 cm", 8, true, false),
                new Shape.Words(at.plus(new Point(6, 22)), "Measure this square before you cut.", 4, false, false));
    }
}
