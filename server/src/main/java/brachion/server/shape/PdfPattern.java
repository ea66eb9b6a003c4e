package brachion.server.shape;

import brachion.core.shape.Place;
import brachion.core.shape.Trace;
import brachion.server.shape.Drawing.Layer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.util.Matrix;
import org.springframework.core.io.ClassPathResource;

/**
 * A drawing at full size on ordinary paper: a first page with a map of the pages and two lines to check the scale by, then the pages,
 * which overlap and are laid on one another at their crosses.
 */
final class PdfPattern {

    static final String TYPE = "application/pdf";
    private static final String LETTERS = "fonts/AtkinsonHyperlegibleNext-Regular.ttf";
    private static final double POINT_MM = 25.4 / 72;
    private static final double CHECK_MM = 100;
    private static final double CHECK_IN_MM = 4 * 25.4;
    /** A Bézier curve stands for an arc of an eighth of a circle to within 4 millionths of its radius. */
    private static final double ARC_RAD = Math.PI / 4;
    private static final double TITLE_MM = 7;
    private static final double WORDS_MM = 4.2;
    private static final double LINE_MM = 6.5;

    private final PDDocument document;
    private final PDFont font;
    private final Paper paper;
    private final Tiles tiles;
    private final List<Drawn> drawn;

    /** A line and the box round it; pages it does not touch do without it. */
    private record Drawn(Drawing.Stroke stroke, double[] box) {

        boolean touches(double left, double low, double right, double high) {
            return box[0] <= right && box[2] >= left && box[1] <= high && box[3] >= low;
        }
    }

    private PdfPattern(PDDocument document, PDFont font, Paper paper, Tiles tiles) {
        this.document = document;
        this.font = font;
        this.paper = paper;
        this.tiles = tiles;
        this.drawn = tiles.drawing().strokes().stream().map(stroke -> new Drawn(stroke, Trace.boxRound(List.of(stroke.trace())))).toList();
    }

    static byte[] of(Drawing drawing, Paper paper) {
        try (PDDocument document = new PDDocument(); InputStream letters = new ClassPathResource(LETTERS).getInputStream()) {
            document.getDocumentInformation().setTitle(drawing.title());
            PdfPattern pattern = new PdfPattern(document, PDType0Font.load(document, letters, true), paper, Tiles.of(drawing, paper));
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

    /** A page whose unit is a millimetre, counted from its lower left corner. */
    private PDPageContentStream sheet() throws IOException {
        PDPage page = new PDPage(new PDRectangle((float) (paper.widthMm() / POINT_MM), (float) (paper.heightMm() / POINT_MM)));
        document.addPage(page);
        PDPageContentStream on = new PDPageContentStream(document, page);
        on.transform(Matrix.getScaleInstance((float) (1 / POINT_MM), (float) (1 / POINT_MM)));
        on.setLineCapStyle(1);
        on.setLineJoinStyle(1);
        return on;
    }

    private void map() throws IOException {
        double left = Tiles.MARGIN_MM;
        double width = Tiles.widthMm(paper);
        try (PDPageContentStream on = sheet()) {
            double y = paper.heightMm() - Tiles.MARGIN_MM - TITLE_MM;
            words(on, tiles.drawing().title(), left, y, TITLE_MM, width);
            for (String note : tiles.drawing().notes()) {
                y -= LINE_MM;
                words(on, note, left, y, WORDS_MM, width);
            }
            y -= 1.5 * LINE_MM;
            words(on, "Print at 100 %, not fitted to the page. Measure both lines before anything is cut.", left, y, WORDS_MM, width);
            y -= 2 * LINE_MM;
            check(on, left, y, CHECK_MM, "100 mm");
            y -= 2 * LINE_MM;
            check(on, left, y, CHECK_IN_MM, "4 in");
            y -= 2 * LINE_MM;
            words(on, pages(), left, y, WORDS_MM, width);
            mapped(on, left, Tiles.FOOT_MM, width, y - LINE_MM - Tiles.FOOT_MM);
        }
    }

    private String pages() {
        int pages = tiles.used().size();
        return pages == 1 ? "One page follows." : pages + " pages follow. They overlap: lay their crosses on one another.";
    }

    /** The drawing small, with the pages it lies on. */
    private void mapped(PDPageContentStream on, double left, double low, double width, double height) throws IOException {
        double stepX = Tiles.widthMm(paper) - Tiles.OVERLAP_MM;
        double stepY = Tiles.heightMm(paper) - Tiles.OVERLAP_MM;
        double wide = tiles.columns() * stepX + Tiles.OVERLAP_MM;
        double high = tiles.rows() * stepY + Tiles.OVERLAP_MM;
        double scale = Math.min(1, Math.min(width / wide, height / high));
        on.saveGraphicsState();
        on.transform(new Matrix((float) scale, 0, 0, (float) scale, (float) (left - scale * tiles.leftMm()), (float) (low - scale * (tiles.topMm() - high))));
        for (Drawing.Stroke stroke : tiles.drawing().strokes()) {
            if (stroke.layer() != Layer.MARKS) {
                line(on, stroke.trace(), 0.4 / scale);
            }
        }
        on.setStrokingColor(0.45f);
        for (Tiles.Tile tile : tiles.used()) {
            double x = tiles.leftMm() + tile.column() * stepX;
            double y = tiles.topMm() - (tile.row() + 1) * stepY - Tiles.OVERLAP_MM;
            on.setLineWidth((float) (0.2 / scale));
            on.addRect((float) x, (float) y, (float) (stepX + Tiles.OVERLAP_MM), (float) (stepY + Tiles.OVERLAP_MM));
            on.stroke();
            words(on, tile.name(), x + (2 + WORDS_MM) / scale, y + stepY + Tiles.OVERLAP_MM - (2 + WORDS_MM) / scale, WORDS_MM / scale, stepX);
        }
        on.restoreGraphicsState();
    }

    private void page(Tiles.Tile tile) throws IOException {
        double width = Tiles.widthMm(paper);
        double height = Tiles.heightMm(paper);
        try (PDPageContentStream on = sheet()) {
            on.saveGraphicsState();
            on.addRect((float) Tiles.MARGIN_MM, (float) Tiles.FOOT_MM, (float) width, (float) height);
            on.clip();
            double left = tiles.leftMm() + tile.column() * (width - Tiles.OVERLAP_MM);
            double top = tiles.topMm() - tile.row() * (height - Tiles.OVERLAP_MM);
            on.transform(Matrix.getTranslateInstance((float) (Tiles.MARGIN_MM - left), (float) (Tiles.FOOT_MM + height - top)));
            for (Drawn stroke : drawn) {
                if (stroke.touches(left, top - height, left + width, top)) {
                    line(on, stroke.stroke().trace(), width(stroke.stroke().layer()));
                }
            }
            for (Drawing.Label label : tiles.drawing().labels()) {
                double half = letters(label.text(), WORDS_MM) / 2;
                words(on, label.text(), label.at().xMm() - half, label.at().yMm(), WORDS_MM, Double.MAX_VALUE);
            }
            on.restoreGraphicsState();
            double in = Tiles.OVERLAP_MM / 2;
            for (double x : new double[] {Tiles.MARGIN_MM + in, Tiles.MARGIN_MM + width - in}) {
                for (double y : new double[] {Tiles.FOOT_MM + in, Tiles.FOOT_MM + height - in}) {
                    cross(on, x, y);
                }
            }
            check(on, Tiles.MARGIN_MM, Tiles.MARGIN_MM, CHECK_MM, "100 mm");
            words(on, tile.name() + "   " + tiles.drawing().title(), Tiles.MARGIN_MM + CHECK_MM + 20, Tiles.MARGIN_MM - 1.5, WORDS_MM, width - CHECK_MM - 20);
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

    /** A line so long, with a stroke across each end. */
    private void check(PDPageContentStream on, double x, double y, double length, String says) throws IOException {
        on.setLineWidth(0.25f);
        segment(on, x, y, x + length, y);
        segment(on, x, y - 2, x, y + 2);
        segment(on, x + length, y - 2, x + length, y + 2);
        words(on, says, x + length + 3, y - 1.5, WORDS_MM, 40);
    }

    private static void cross(PDPageContentStream on, double x, double y) throws IOException {
        on.setLineWidth(0.2f);
        segment(on, x - 4, y, x + 4, y);
        segment(on, x, y - 4, x, y + 4);
    }

    private static void segment(PDPageContentStream on, double fromX, double fromY, double toX, double toY) throws IOException {
        on.moveTo((float) fromX, (float) fromY);
        on.lineTo((float) toX, (float) toY);
        on.stroke();
    }

    private static void line(PDPageContentStream on, Trace trace, double widthMm) throws IOException {
        on.setLineWidth((float) widthMm);
        Place start = trace.corners().get(0).place();
        on.moveTo((float) start.xMm(), (float) start.yMm());
        for (Trace.Edge edge : trace.edges()) {
            List<Place[]> curves = edge.beziers(ARC_RAD);
            if (curves.isEmpty()) {
                on.lineTo((float) edge.to().xMm(), (float) edge.to().yMm());
            }
            for (Place[] curve : curves) {
                on.curveTo((float) curve[0].xMm(), (float) curve[0].yMm(), (float) curve[1].xMm(), (float) curve[1].yMm(), (float) curve[2].xMm(), (float) curve[2].yMm());
            }
        }
        if (trace.closed()) {
            on.closePath();
        }
        on.stroke();
    }

    /** Words no wider than there is room [mm]; longer ones are set smaller. */
    private void words(PDPageContentStream on, String text, double x, double y, double size, double room) throws IOException {
        String known = known(text);
        double fits = Math.min(size, size * room / Math.max(1e-9, letters(known, size)));
        on.beginText();
        on.setFont(font, (float) fits);
        on.newLineAtOffset((float) x, (float) y);
        on.showText(known);
        on.endText();
    }

    private double letters(String text, double size) throws IOException {
        return font.getStringWidth(known(text)) / 1000 * size;
    }

    /** Signs the letters do not have become a question mark. */
    private String known(String text) throws IOException {
        StringBuilder known = new StringBuilder();
        for (int sign : text.codePoints().toArray()) {
            String one = Character.toString(sign);
            known.append(has(one) ? one : "?");
        }
        return known.toString();
    }

    private boolean has(String sign) throws IOException {
        try {
            return font.encode(sign).length > 0;
        } catch (IllegalArgumentException unknown) {
            return false;
        }
    }
}
