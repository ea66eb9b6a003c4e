package brachion.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.FileChooser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** A piece of several bends: drawn, pulled, forecast, given a form, and taken out at full size. */
class CurveTest extends BrowserTest {

    private static final double HALF_INCH_MM = 12.7;

    private Locator part(int number) {
        return page.getByRole(AriaRole.LISTITEM, new Page.GetByRoleOptions().setName("Part " + number).setExact(true));
    }

    private Locator grip(String name) {
        return page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private Locator odds(String text) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Odds of the curve")).getByText(text);
    }

    private byte[] taken(String kind) throws IOException {
        return taken("Pattern at full size", kind);
    }

    private byte[] taken(String part, String kind) throws IOException {
        Locator there = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(part).setExact(true)).getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(kind).setExact(true));
        return Files.readAllBytes(page.waitForDownload(there::click).path());
    }

    private void begin(String curve) {
        show("/plan/curve");
        part(1).waitFor();
        button(curve).click();
        assertThat(page.getByText("Another curve.")).isVisible();
        settle();
    }

    @Test
    void an_s_from_nothing_to_its_pattern() throws IOException {
        begin("S");
        assertThat(part(5)).isVisible();
        assertThat(odds("hold at every bend")).isVisible();
        part(2).getByLabel("Radius").fill("9");
        part(2).getByLabel("Radius").blur();
        assertThat(part(2).getByLabel("Radius")).hasValue("9\"");
        settle();
        assertThat(odds("R 9\", 90°").first()).isVisible();
        assertThat(page.getByText(Pattern.compile("^Bend 2 decides: R 6\", 90°"))).isVisible();

        // a joint is pulled, then nudged by a mark of the rule
        BoundingBox joint = inTheMiddle(grip("Length of part 1"));
        page.mouse().move(joint.x + joint.width / 2, joint.y + joint.height / 2);
        page.mouse().down();
        page.mouse().move(joint.x + joint.width / 2 + 30, joint.y + joint.height / 2, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(6));
        page.mouse().up();
        assertThat(part(1).getByLabel("Length")).not().hasValue("3\"");
        part(1).getByLabel("Length").fill("3 1/2");
        part(1).getByLabel("Length").blur();
        assertThat(grip("Length of part 1")).hasAttribute("aria-valuetext", "3 1/2\"");
        grip("Length of part 1").press("ArrowRight");
        assertThat(part(1).getByLabel("Length")).hasValue("3 9/16\"");
        grip("Angle of part 2").press("ArrowLeft");
        assertThat(part(2).getByLabel("Angle")).hasValue("89");
        settle();

        try (PDDocument pattern = Loader.loadPDF(taken("Print as PDF"))) {
            assertThat(pattern.getNumberOfPages()).isGreaterThan(2);
            assertThat(new PDFTextStripper().getText(pattern)).contains("R 9\", 89°").contains("100 mm").contains("4 in");
        }
        double middle = 25.4 * (3 + 9 / 16.0 + 3 + 3) + Math.toRadians(89) * (9 * 25.4 + HALF_INCH_MM / 2) + Math.toRadians(90) * (6 * 25.4 + HALF_INCH_MM / 2);
        double fourInchesOverAtEachEnd = 4 * 101.6;
        double outline = 2 * middle + fourInchesOverAtEachEnd + 2 * HALF_INCH_MM;
        assertThat(lengthByDxfParser(taken("DXF"))).as("both faces and both ends, read by dxf-parser").isCloseTo(outline, within(0.01));
        assertThat(lengthByBrowser(taken("SVG"))).as("the same, by Chromium, which takes a quarter circle for 0.014 % longer than it is").isCloseTo(outline, within(2e-4 * outline));
    }

    /** What Chromium says of the path it draws. */
    private double lengthByBrowser(byte[] svg) {
        try (Page other = page.context().newPage()) {
            other.setContent(new String(svg, StandardCharsets.UTF_8).replaceFirst("<\\?xml[^>]*>", ""));
            return ((Number) other.evaluate("() => document.querySelector('#piece path').getTotalLength()")).doubleValue();
        }
    }

    /** A reader of others from the npm registry; the length of a bulge is that of its arc. */
    private double lengthByDxfParser(byte[] dxf) throws IOException {
        String reader = Files.readString(Path.of("../web/node_modules/dxf-parser/dist/dxf-parser.js"));
        try (Page other = page.context().newPage()) {
            other.setContent("<p></p>");
            other.addScriptTag(new Page.AddScriptTagOptions().setContent(reader));
            return ((Number) other.evaluate("""
                    (text) => {
                        const drawing = new DxfParser().parseSync(text);
                        if (drawing.header.$INSUNITS !== 4) throw new Error('not in millimetres');
                        const line = drawing.entities.find((each) => each.layer === 'PIECE');
                        const places = line.vertices;
                        return places.reduce((sum, from, index) => {
                            const to = places[(index + 1) % places.length];
                            const chord = Math.hypot(to.x - from.x, to.y - from.y);
                            const turn = 4 * Math.atan(Math.abs(from.bulge ?? 0));
                            return sum + (turn === 0 ? chord : chord / 2 / Math.sin(turn / 2) * turn);
                        }, 0);
                    }""", new String(dxf, StandardCharsets.US_ASCII))).doubleValue();
        }
    }

    @Test
    void a_form_of_every_kind_is_drawn_and_laid_out() throws IOException {
        begin("S");
        Locator form = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("The form"));
        assertThat(form.getByText(Pattern.compile("^Body: 2 layers of 3/4\""))).isVisible();
        form.getByLabel("A sheet costs").fill("40");
        assertThat(form.getByText(Pattern.compile("40 in all"))).isVisible();
        button("Two-sided press").click();
        assertThat(form.getByText(Pattern.compile("^Outer half: 2 layers"))).isVisible();
        button("Peg board").click();
        assertThat(form.getByText(Pattern.compile("pegs, each as long"))).isVisible();
        settle();
        try (PDDocument sheet = Loader.loadPDF(taken("The form", "Print as PDF"))) {
            assertThat(new PDFTextStripper().getText(sheet)).contains("Curve: peg board", "Peg 1", "to the right", "How the parts lie on the sheet");
        }
        button("The form").click();
        settle();
        assertThat(new String(taken("SVG"), StandardCharsets.UTF_8)).contains("id=\"holes\"").contains("Board");
        button("One-sided").click();
        form.getByLabel("A sheet costs").fill("");
        settle();
    }

    @Test
    void clamps_of_the_rig_a_form_that_is_a_rack_and_a_built_form_goes_to_the_rig() {
        begin("One bend");
        Locator form = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("The form"));
        Locator clamps = form.getByRole(AriaRole.GROUP, new Locator.GetByRoleOptions().setName("Clamps"));
        clamps.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Bar clamps")).click();
        assertThat(form.getByText(Pattern.compile("clamps along the piece; of Bar clamps there are"))).isVisible();
        page.getByLabel("Width").first().fill("3");
        settle();
        form.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Yes, layers with air between")).click();
        assertThat(form.getByText(Pattern.compile("spacers of 3/4\""))).isVisible();
        assertThat(form.getByText(Pattern.compile("the piece may dry on it"))).isVisible();
        settle();
        button("It is built: put it in the rig").click();
        assertThat(page.getByText("Curve: one-sided is in the rig.")).isVisible();
        show("/rig/things");
        Locator built = page.getByRole(AriaRole.LISTITEM, new Page.GetByRoleOptions().setName("Curve: one-sided").setExact(true));
        assertThat(built).containsText(Pattern.compile("of sheet goods, \\d+ places for clamps, also a rack"));
        // other tests find the rig as it was
        built.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take it away")).click();
        assertThat(page.getByText("Curve: one-sided taken away.")).isVisible();
        assertThat(built).hasCount(0);
    }

    @Test
    void the_strap_of_a_curve_has_its_length_its_bolts_and_a_sheet() throws IOException {
        begin("One bend");
        choose("Support on the outer face", "steel strap");
        Locator strap = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("The strap"));
        assertThat(strap.getByRole(AriaRole.ROW, new Locator.GetByRoleOptions().setName(Pattern.compile("^From stop to stop")))).isVisible();
        settle();
        String between = strap.getByRole(AriaRole.ROW, new Locator.GetByRoleOptions().setName(Pattern.compile("^From stop to stop"))).getByRole(AriaRole.CELL).innerText();
        page.getByLabel("Over at each end").fill("5");
        assertThat(strap.getByRole(AriaRole.ROW, new Locator.GetByRoleOptions().setName(Pattern.compile("^From stop to stop"))).getByRole(AriaRole.CELL)).not().hasText(between);
        String longer = strap.getByRole(AriaRole.ROW, new Locator.GetByRoleOptions().setName(Pattern.compile("^From stop to stop"))).getByRole(AriaRole.CELL).innerText();
        try (PDDocument sheet = Loader.loadPDF(taken("The strap", "Print as PDF"))) {
            assertThat(new PDFTextStripper().getText(sheet)).contains("Curve: the strap", "from stop to stop " + longer, "stores enough to hurt");
        }
    }

    @Test
    void on_a_hot_pipe_a_reverse_has_its_zones_along_the_strip_and_a_sheet() throws IOException {
        begin("S");
        bendBy("Hot pipe");
        Locator pipe = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("On the pipe"));
        Locator second = pipe.getByRole(AriaRole.ROW, new Locator.GetByRoleOptions().setName(Pattern.compile("^2\\. R ")));
        assertThat(second).containsText("turn the strip over");
        pipe.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("from one end on")).click();
        settle();
        String zone = second.getByRole(AriaRole.CELL).innerText();
        try (PDDocument sheet = Loader.loadPDF(taken("On the pipe", "Print as PDF"))) {
            String text = new PDFTextStripper().getText(sheet).replaceAll("\\s+", " ");
            assertThat(text).contains("Curve: on the pipe", "the heavy edge lies on the pipe", "turn the strip over");
            assertThat(text).contains(zone.substring(0, zone.indexOf(" heated")));
        }
    }

    @Test
    void a_drawing_from_elsewhere_is_taken_kept_and_let_go() {
        show("/plan/curve");
        part(1).waitFor();
        button("A drawing or places …").click();
        FileChooser chooser = page.waitForFileChooser(() -> button("Choose an SVG or DXF").click());
        chooser.setFiles(new FilePayload("rail.svg", "image/svg+xml", """
                <svg xmlns="http://www.w3.org/2000/svg" width="24in" viewBox="0 0 24 24"><path d="M2 20h6a8 8 0 0 0 8-8v-6"/></svg>""".getBytes(StandardCharsets.UTF_8)));
        button("Take it as the curve").click();
        assertThat(page.getByText("The line as it was drawn.")).isVisible();
        assertThat(part(2).getByLabel("Radius")).hasValue("7 3/4\"");
        button("Save this curve …").click();
        field("Called").fill("Rail of a gate");
        button("Save").click();
        assertThat(button("Rail of a gate")).hasAttribute("aria-pressed", "true");
        button("U").click();
        assertThat(part(5)).isVisible();
        button("Rail of a gate").click();
        assertThat(part(4)).hasCount(0);
        button("Delete").click();
        assertThat(button("Rail of a gate")).hasCount(0);
        page.getByText("Undo").click();
        assertThat(button("Rail of a gate")).isVisible();
        button("Delete").click();
        assertThat(button("Rail of a gate")).hasCount(0);

        button("A drawing or places …").click();
        field("Or places on the curve, two numbers a line").fill("0 0\n6 1\n12 4\n17 9\n20 15");
        button("Take it as the curve").click();
        assertThat(page.getByText(Pattern.compile("^A curve fitted to it; it passes by"))).isVisible();
        assertThat(odds(Pattern.compile("hold at every bend").pattern())).isVisible();
        settle();
    }

    @Test
    void a_curve_is_traced_on_a_picture() throws IOException {
        show("/plan/curve");
        part(1).waitFor();
        button("Trace a picture …").click();
        ByteArrayOutputStream picture = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(800, 600, BufferedImage.TYPE_INT_RGB), "png", picture);
        FileChooser chooser = page.waitForFileChooser(() -> button("Choose a picture").click());
        chooser.setFiles(new FilePayload("rail.png", "image/png", picture.toByteArray()));
        Locator end = button("Known length, place 2");
        end.focus();
        end.press("Shift+ArrowRight");
        button("The curve").click();
        button("One more place").click();
        assertThat(button("Curve, place 4")).isVisible();
        field("The known length is").fill("20 in");
        button("Take it as the curve").click();
        assertThat(page.getByText(Pattern.compile("^A curve fitted to it"))).isVisible();
        // 330 px are 20 in; the outermost places of the curve lie 400 px apart
        settle();
        assertThat(page.getByText(Pattern.compile("Along the middle it is 3\\d"))).isVisible();
    }

    @Test
    void the_worst_bend_becomes_the_planned_one() {
        begin("U");
        part(4).getByLabel("Radius").fill("4 1/2");
        part(4).getByLabel("Radius").blur();
        settle();
        button("Plan by bend 2").click();
        assertThat(field("Inner radius")).hasValue("4 1/2\"");
        assertThat(field("Bend angle °")).hasValue("90");
        settle();
    }
}
