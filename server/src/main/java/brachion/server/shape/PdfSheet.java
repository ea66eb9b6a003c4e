package brachion.server.shape;

import brachion.core.shape.Place;
import brachion.core.shape.Trace;
import brachion.server.paper.Paper;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.util.Matrix;

/** A page that is drawn on in millimetres, counted from its lower left corner. */
final class PdfSheet implements AutoCloseable {

    private static final double POINT_MM = 25.4 / 72;
    /** A Bézier curve stands for an arc of an eighth of a circle to within 4 millionths of its radius. */
    private static final double ARC_RAD = Math.PI / 4;
    private static final double CHECK_LETTERS_MM = 4.2;

    private final PDPageContentStream on;
    private final PDFont font;

    PdfSheet(PDDocument document, PDFont font, Paper paper) throws IOException {
        this.font = font;
        PDPage page = new PDPage(new PDRectangle((float) (paper.widthMm() / POINT_MM), (float) (paper.heightMm() / POINT_MM)));
        document.addPage(page);
        on = new PDPageContentStream(document, page);
        on.transform(Matrix.getScaleInstance((float) (1 / POINT_MM), (float) (1 / POINT_MM)));
        on.setLineCapStyle(1);
        on.setLineJoinStyle(1);
    }

    /** Whatever else is drawn on it. */
    PDPageContentStream stream() {
        return on;
    }

    @Override
    public void close() throws IOException {
        on.close();
    }

    /** A line so long, with a stroke across each end. */
    void check(double x, double y, double length, String says) throws IOException {
        on.setLineWidth(0.25f);
        segment(x, y, x + length, y);
        segment(x, y - 2, x, y + 2);
        segment(x + length, y - 2, x + length, y + 2);
        words(says, x + length + 3, y - 1.5, CHECK_LETTERS_MM, 40);
    }

    /** Where pages are laid on one another. */
    void cross(double x, double y) throws IOException {
        on.setLineWidth(0.2f);
        segment(x - 4, y, x + 4, y);
        segment(x, y - 4, x, y + 4);
    }

    private void segment(double fromX, double fromY, double toX, double toY) throws IOException {
        on.moveTo((float) fromX, (float) fromY);
        on.lineTo((float) toX, (float) toY);
        on.stroke();
    }

    /** A line so wide [mm]. */
    void line(Trace trace, double widthMm) throws IOException {
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
    void words(String text, double x, double y, double size, double room) throws IOException {
        words(font, text, x, y, size, room);
    }

    /** The same in other letters. */
    void words(PDFont letters, String text, double x, double y, double size, double room) throws IOException {
        String known = known(letters, text);
        double fits = Math.min(size, size * room / Math.max(1e-9, letters.getStringWidth(known) / 1000 * size));
        on.beginText();
        on.setFont(letters, (float) fits);
        on.newLineAtOffset((float) x, (float) y);
        on.showText(known);
        on.endText();
    }

    /** How wide words are [mm]. */
    double letters(String text, double size) throws IOException {
        return font.getStringWidth(known(font, text)) / 1000 * size;
    }

    /** Signs the letters do not have become a question mark. */
    private static String known(PDFont letters, String text) throws IOException {
        StringBuilder known = new StringBuilder();
        for (int sign : text.codePoints().toArray()) {
            String one = Character.toString(sign);
            known.append(has(letters, one) ? one : "?");
        }
        return known.toString();
    }

    private static boolean has(PDFont letters, String sign) throws IOException {
        try {
            return letters.encode(sign).length > 0;
        } catch (IllegalArgumentException unknown) {
            return false;
        }
    }
}
