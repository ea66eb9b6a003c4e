package brachion.server.paper;

import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;

/** A sheet read back by an independent library (Apache PDFBox). */
public final class ReadSheet {

    private final byte[] pdf;

    public ReadSheet(byte[] pdf) {
        this.pdf = pdf.clone();
    }

    /** Words and where they stand [pt from the upper left corner]. */
    public record Words(String text, int page, Rectangle2D box) {
    }

    public String text() throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }

    public int pages() throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return document.getNumberOfPages();
        }
    }

    public BufferedImage picture(int page, float dpi) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFRenderer(document).renderImageWithDPI(page, dpi);
        }
    }

    /** Every run of words as it was set. */
    public List<Words> words() throws IOException {
        List<Words> all = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            new PDFTextStripper() {
                @Override
                protected void writeString(String text, List<TextPosition> places) {
                    Rectangle2D box = null;
                    for (TextPosition place : places) {
                        // from a little under the line to the height of capitals
                        Rectangle2D one = new Rectangle2D.Double(place.getXDirAdj(), place.getYDirAdj() - 0.68 * place.getFontSizeInPt(), place.getWidthDirAdj(), 0.72 * place.getFontSizeInPt());
                        box = box == null ? one : box.createUnion(one);
                    }
                    if (box != null && !text.isBlank()) {
                        all.add(new Words(text, getCurrentPageNo(), box));
                    }
                }
            }.getText(document);
        }
        return all;
    }

    /** Two runs of words that lie on one another; empty when there are none. */
    public List<String> onOneAnother() throws IOException {
        List<Words> words = words();
        List<String> found = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            for (int j = i + 1; j < words.size(); j++) {
                if (words.get(i).page() == words.get(j).page() && words.get(i).box().intersects(words.get(j).box())) {
                    found.add(words.get(i).text() + " / " + words.get(j).text());
                }
            }
        }
        return found;
    }

    /** Names of the letters it is set in. */
    public List<String> fonts() throws IOException {
        List<String> names = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            for (PDPage page : document.getPages()) {
                for (COSName name : page.getResources().getFontNames()) {
                    PDFont font = page.getResources().getFont(name);
                    names.add(font.getName() + (font.isEmbedded() ? "" : " (not in the file)"));
                }
            }
        }
        return names;
    }
}
