package brachion.server.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import brachion.core.form.Form;
import brachion.core.shape.Chain;
import brachion.core.shape.Course;
import brachion.core.shape.Familiar;
import brachion.core.shape.Place;
import brachion.core.shape.Stretch.Arc;
import brachion.core.shape.Stretch.Straight;
import brachion.core.shape.Trace;
import brachion.core.shape.Turn;
import brachion.server.paper.Paper;
import brachion.server.shape.Drawing.Label;
import brachion.server.shape.Drawing.Layer;
import brachion.server.shape.Drawing.Stroke;
import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.SVGLoader;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class DrawingFilesTest {

    private static final Chain CROOK = new Chain(List.of(new Straight(400), new Arc(180, 35, Turn.RIGHT), new Arc(76.2, 205, Turn.LEFT), new Straight(60)));

    private static Drawing drawing(Chain chain) {
        Course middle = chain.middle(19);
        return new Drawing("Crook", List.of("Ash, 3/4\" × 3/4\""), List.of(new Stroke(Layer.PIECE, Form.outline(middle, 19)), new Stroke(Layer.MARKS, middle.trace())),
                List.of(new Label(middle.at(500).place(), "R 3\", 205°")));
    }

    /** What we wrote, read by our own readers, is the same line within a hundredth of a millimetre. */
    @ParameterizedTest
    @EnumSource(Familiar.class)
    void what_was_written_comes_back(Familiar curve) {
        Course middle = curve.chain(137.3, 77).middle(19);
        Trace line = middle.trace();
        Drawing drawing = new Drawing("A curve", List.of(), List.of(new Stroke(Layer.PIECE, line)), List.of());
        for (DrawnFile read : List.of(SvgReader.read(SvgFile.of(drawing)), DxfReader.read(DxfFile.of(drawing), 25.4))) {
            assertThat(read.unitSaid()).isTrue();
            assertThat(read.lines()).hasSize(1);
            Trace again = read.lines().get(0);
            assertThat(again.lengthMm()).isCloseTo(line.lengthMm(), within(0.01));
            Place there = again.corners().get(0).place();
            assertThat(there.to(line.corners().get(0).place())).isLessThan(0.01);
            for (int i = 0; i < line.edges().size(); i++) {
                assertThat(again.edges().get(i).to().to(line.edges().get(i).to())).isLessThan(0.01);
                assertThat(again.edges().get(i).turnRad()).isCloseTo(line.edges().get(i).turnRad(), within(1e-4));
            }
        }
    }

    /** Rendered by an independent library (JSVG), each place on the piece is dark and its middle, undrawn, is not. */
    @Test
    void another_program_draws_the_svg_where_the_piece_is() {
        Course middle = CROOK.middle(19);
        Drawing drawing = new Drawing("Crook", List.of(), List.of(new Stroke(Layer.PIECE, Form.outline(middle, 19))), List.of());
        SVGDocument document = new SVGLoader().load(new ByteArrayInputStream(SvgFile.of(drawing)));
        double[] box = drawing.box();
        double pixels = 4;
        double scale = pixels * (box[2] - box[0] + 20) / document.size().width;
        assertThat(document.size().width).as("a CSS pixel is 1/96 in").isCloseTo((float) ((box[2] - box[0] + 20) * 96 / 25.4), withinPercentage(0.1));
        BufferedImage image = new BufferedImage((int) (document.size().width * scale) + 1, (int) (document.size().height * scale) + 1, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, image.getWidth(), image.getHeight());
        graphics.scale(scale, scale);
        document.render(null, graphics);
        graphics.dispose();
        for (double along = 5; along < middle.lengthMm(); along += 7) {
            for (double side : new double[] {9.5, -9.5, 0}) {
                Place place = middle.at(along).leftBy(side).place();
                int x = (int) Math.round((place.xMm() - box[0] + 10) * pixels);
                int y = (int) Math.round((box[3] + 10 - place.yMm()) * pixels);
                int darkest = IntStream.rangeClosed(-1, 1).flatMap(dx -> IntStream.rangeClosed(-1, 1).map(dy -> image.getRGB(x + dx, y + dy) & 0xff)).min().orElseThrow();
                assertThat(darkest).as("%s mm along, %s mm to the left", along, side).matches(grey -> side == 0 ? grey > 200 : grey < 140);
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Paper.class)
    void the_check_lines_of_a_printed_pattern_are_as_long_as_they_say(Paper paper) throws IOException {
        byte[] file = PdfPattern.of(drawing(CROOK), paper);
        double dpi = 300;
        try (PDDocument document = Loader.loadPDF(file)) {
            assertThat(document.getNumberOfPages()).isGreaterThan(2);
            for (int page = 0; page < document.getNumberOfPages(); page++) {
                assertThat(document.getPage(page).getMediaBox().getWidth() / 72 * 25.4).isCloseTo(paper.widthMm(), within(0.01));
                BufferedImage image = new PDFRenderer(document).renderImageWithDPI(page, (float) dpi, ImageType.GRAY);
                int[] longest = page == 0 ? new int[] {longestRow(image, 0, image.getHeight() * 2 / 3)} : new int[] {longestRow(image, image.getHeight() * 94 / 100, image.getHeight())};
                double expected = page == 0 ? 4 * 25.4 : 100;
                assertThat(longest[0] / dpi * 25.4).as("page %s", page).isCloseTo(expected, within(0.3));
            }
            String text = new PDFTextStripper().getText(document);
            assertThat(text).contains("Crook", "100 mm", "4 in", "Print at 100 %", "R 3\", 205°", "A1");
            assertThat(document.getPage(1).getResources().getFontNames()).as("the product's own type is in the file").isNotEmpty();
        }
    }

    /** The longest run of dark pixels in a row. */
    private static int longestRow(BufferedImage image, int from, int to) {
        int longest = 0;
        for (int y = from; y < to; y++) {
            int run = 0;
            for (int x = 0; x < image.getWidth(); x++) {
                run = (image.getRGB(x, y) & 0xff) < 128 ? run + 1 : 0;
                longest = Math.max(longest, run);
            }
        }
        return longest;
    }

    /** Where two pages overlap the drawing is at one place when their crosses are laid on one another. */
    @Test
    void neighbouring_pages_fit_together() {
        Tiles tiles = Tiles.of(drawing(Familiar.SINGLE.chain(600, 90)), Paper.A4);
        assertThat(tiles.used()).hasSizeGreaterThan(4).hasSizeLessThan(tiles.columns() * tiles.rows() + 1);
        double step = Tiles.widthMm(Paper.A4) - Tiles.OVERLAP_MM;
        double rightCross = tiles.leftMm() + Tiles.widthMm(Paper.A4) - Tiles.OVERLAP_MM / 2;
        assertThat(rightCross).isCloseTo(tiles.leftMm() + step + Tiles.OVERLAP_MM / 2, within(1e-9));
        for (Stroke stroke : tiles.drawing().strokes()) {
            for (Place place : stroke.trace().places(1)) {
                assertThat(tiles.used()).as("every place lies on some page").anyMatch(tile -> {
                    double left = tiles.leftMm() + tile.column() * step;
                    double top = tiles.topMm() - tile.row() * (Tiles.heightMm(Paper.A4) - Tiles.OVERLAP_MM);
                    return place.xMm() >= left && place.xMm() <= left + Tiles.widthMm(Paper.A4) && place.yMm() <= top && place.yMm() >= top - Tiles.heightMm(Paper.A4);
                });
            }
        }
    }

    @Test
    void a_pattern_of_hundreds_of_pages_is_refused() {
        Chain arch = new Chain(List.of(new Straight(7000), new Arc(300, 90, Turn.LEFT), new Straight(7000)));
        Chain coil = new Chain(IntStream.range(0, 60).<brachion.core.shape.Stretch>mapToObj(i -> new Arc(30 + 0.1 * i, 200, i % 2 == 0 ? Turn.LEFT : Turn.RIGHT)).toList());
        assertThat(PdfPattern.of(drawing(coil), Paper.A4)).isNotEmpty();
        Drawing fence = new Drawing("Fence", List.of(), IntStream.range(0, 12).mapToObj(i -> new Stroke(Layer.FORM, arch.middle(20).trace().placed(0, 0, 240.0 * i))).toList(), List.of());
        assertThatThrownBy(() -> PdfPattern.of(fence, Paper.LETTER)).isInstanceOf(IllegalArgumentException.class).hasMessageContaining("plotter");
    }

    @Test
    void signs_the_letters_do_not_have_are_no_trouble() throws IOException {
        Drawing named = new Drawing("曲木 \uD83E\uDE91 ½\u0007", List.of("\n"), drawing(CROOK).strokes(), List.of(new Label(Place.ORIGIN, "→")));
        try (PDDocument document = Loader.loadPDF(PdfPattern.of(named, Paper.A4))) {
            assertThat(document.getNumberOfPages()).isPositive();
        }
        assertThat(new String(DxfFile.of(named), StandardCharsets.US_ASCII)).contains("EOF");
        assertThat(SvgReader.read(SvgFile.of(named)).lines()).isNotEmpty();
    }
}
