package brachion.server.shape;

import brachion.core.shape.Trace;
import brachion.server.paper.Letters;
import brachion.server.paper.Paper;
import brachion.server.shape.Drawing.Layer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.util.Matrix;

/**
 * A drawing at full size on ordinary paper: a first page with a map of the pages and two lines to check the scale by, then the pages,
 * which overlap and are laid on one another at their crosses.
 */
final class PdfPattern {

    private static final double CHECK_MM = 100;
    private static final double CHECK_IN_MM = 4 * 25.4;
    private static final double TITLE_MM = 7;
    private static final double WORDS_MM = 4.2;
    private static final double LINE_MM = 6.5;

    private final PDDocument document;
    private final PDFont font;
    private final PDFont headings;
    private final Paper paper;
    private final Tiles tiles;
    private final List<Drawn> drawn;

    /** A line and the box round it; pages it does not touch do without it. */
    private record Drawn(Drawing.Stroke stroke, double[] box) {

        boolean touches(double left, double low, double right, double high) {
            return box[0] <= right && box[2] >= left && box[1] <= high && box[3] >= low;
        }
    }

    private PdfPattern(PDDocument document, Paper paper, Tiles tiles) throws IOException {
        this.document = document;
        this.font = font(document, Letters.PLAIN);
        this.headings = font(document, Letters.HEADINGS);
        this.paper = paper;
        this.tiles = tiles;
        this.drawn = tiles.drawing().strokes().stream().map(stroke -> new Drawn(stroke, Trace.boxRound(List.of(stroke.trace())))).toList();
    }

    static byte[] of(Drawing drawing, Paper paper) {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(drawing.title());
            PdfPattern pattern = new PdfPattern(document, paper, Tiles.of(drawing, paper));
            pattern.map();
            for (Tiles.Tile tile : pattern.tiles.used()) {
                pattern.page(tile);
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException impossible) {
            throw new UncheckedIOException("What is written stays in memory", impossible);
        }
    }

    private static PDFont font(PDDocument document, Letters letters) throws IOException {
        try (InputStream file = letters.open()) {
            return PDType0Font.load(document, file, true);
        }
    }

    private void map() throws IOException {
        double left = Tiles.MARGIN_MM;
        double width = Tiles.widthMm(paper);
        try (PdfSheet on = new PdfSheet(document, font, paper)) {
            double y = paper.heightMm() - Tiles.MARGIN_MM - TITLE_MM;
            on.words(headings, tiles.drawing().title(), left, y, TITLE_MM, width);
            for (String note : tiles.drawing().notes()) {
                y -= LINE_MM;
                on.words(note, left, y, WORDS_MM, width);
            }
            y -= 1.5 * LINE_MM;
            on.words("Print at 100 %, not fitted to the page. Measure both lines before anything is cut.", left, y, WORDS_MM, width);
            y -= 2 * LINE_MM;
            on.check(left, y, CHECK_MM, "100 mm");
            y -= 2 * LINE_MM;
            on.check(left, y, CHECK_IN_MM, "4 in");
            y -= 2 * LINE_MM;
            on.words(pages(), left, y, WORDS_MM, width);
            mapped(on, left, Tiles.FOOT_MM, width, y - LINE_MM - Tiles.FOOT_MM);
        }
    }

    private String pages() {
        int pages = tiles.used().size();
        return pages == 1 ? "One page follows." : pages + " pages follow. They overlap: lay their crosses on one another.";
    }

    /** The drawing small, with the pages it lies on. */
    private void mapped(PdfSheet on, double left, double low, double width, double height) throws IOException {
        double stepX = Tiles.widthMm(paper) - Tiles.OVERLAP_MM;
        double stepY = Tiles.heightMm(paper) - Tiles.OVERLAP_MM;
        double wide = tiles.columns() * stepX + Tiles.OVERLAP_MM;
        double high = tiles.rows() * stepY + Tiles.OVERLAP_MM;
        double scale = Math.min(1, Math.min(width / wide, height / high));
        on.stream().saveGraphicsState();
        on.stream().transform(new Matrix((float) scale, 0, 0, (float) scale, (float) (left - scale * tiles.leftMm()), (float) (low - scale * (tiles.topMm() - high))));
        for (Drawing.Stroke stroke : tiles.drawing().strokes()) {
            if (stroke.layer() != Layer.MARKS) {
                on.line(stroke.trace(), 0.4 / scale);
            }
        }
        on.stream().setStrokingColor(0.45f);
        for (Tiles.Tile tile : tiles.used()) {
            double x = tiles.leftMm() + tile.column() * stepX;
            double y = tiles.topMm() - (tile.row() + 1) * stepY - Tiles.OVERLAP_MM;
            on.stream().setLineWidth((float) (0.2 / scale));
            on.stream().addRect((float) x, (float) y, (float) (stepX + Tiles.OVERLAP_MM), (float) (stepY + Tiles.OVERLAP_MM));
            on.stream().stroke();
            on.words(tile.name(), x + (2 + WORDS_MM) / scale, y + stepY + Tiles.OVERLAP_MM - (2 + WORDS_MM) / scale, WORDS_MM / scale, stepX);
        }
        on.stream().restoreGraphicsState();
    }

    private void page(Tiles.Tile tile) throws IOException {
        double width = Tiles.widthMm(paper);
        double height = Tiles.heightMm(paper);
        try (PdfSheet on = new PdfSheet(document, font, paper)) {
            on.stream().saveGraphicsState();
            on.stream().addRect((float) Tiles.MARGIN_MM, (float) Tiles.FOOT_MM, (float) width, (float) height);
            on.stream().clip();
            double left = tiles.leftMm() + tile.column() * (width - Tiles.OVERLAP_MM);
            double top = tiles.topMm() - tile.row() * (height - Tiles.OVERLAP_MM);
            on.stream().transform(Matrix.getTranslateInstance((float) (Tiles.MARGIN_MM - left), (float) (Tiles.FOOT_MM + height - top)));
            for (Drawn stroke : drawn) {
                if (stroke.touches(left, top - height, left + width, top)) {
                    on.line(stroke.stroke().trace(), width(stroke.stroke().layer()));
                }
            }
            for (Drawing.Label label : tiles.drawing().labels()) {
                double half = on.letters(label.text(), WORDS_MM) / 2;
                on.words(label.text(), label.at().xMm() - half, label.at().yMm(), WORDS_MM, Double.MAX_VALUE);
            }
            on.stream().restoreGraphicsState();
            double in = Tiles.OVERLAP_MM / 2;
            for (double x : new double[] {Tiles.MARGIN_MM + in, Tiles.MARGIN_MM + width - in}) {
                for (double y : new double[] {Tiles.FOOT_MM + in, Tiles.FOOT_MM + height - in}) {
                    on.cross(x, y);
                }
            }
            on.check(Tiles.MARGIN_MM, Tiles.MARGIN_MM, CHECK_MM, "100 mm");
            on.words(tile.name() + "   " + tiles.drawing().title(), Tiles.MARGIN_MM + CHECK_MM + 20, Tiles.MARGIN_MM - 1.5, WORDS_MM, width - CHECK_MM - 20);
        }
    }

    private static double width(Layer layer) {
        return switch (layer) {
            case PIECE -> 0.5;
            case FORM -> 0.7;
            case HOLES -> 0.4;
            case MARKS -> 0.25;
        };
    }
}
