package brachion.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.FileChooser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** Photographs of a record: added, measured on, and what they tell written down. */
class PhotosTest extends BrowserTest {

    private static final int WIDTH = 1200;
    private static final int HEIGHT = 900;
    private static final double PX_PER_MM = 2;
    private static final double RADIUS_MM = 160;
    private static final double CENTRE_X = 600;
    private static final double CENTRE_Y = 500;

    /** A disc of a known radius above a bar of 200 mm. */
    private static byte[] picture() {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D drawn = image.createGraphics();
        drawn.setColor(Color.LIGHT_GRAY);
        drawn.fillRect(0, 0, WIDTH, HEIGHT);
        drawn.setColor(new Color(0x705030));
        double radius = RADIUS_MM * PX_PER_MM;
        drawn.fill(new Ellipse2D.Double(CENTRE_X - radius, CENTRE_Y - radius, 2 * radius, 2 * radius));
        drawn.fill(new Rectangle2D.Double(400, 850, 200 * PX_PER_MM, 12));
        drawn.dispose();
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", png);
        } catch (IOException inMemory) {
            throw new AssertionError(inMemory);
        }
        return png.toByteArray();
    }

    private Locator photographs() {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Photographs"));
    }

    private void add(String name, String type, byte[] file) {
        FileChooser chooser = page.waitForFileChooser(() -> button("Add a photograph").click());
        chooser.setFiles(new FilePayload(name, type, file));
    }

    /** Drags a place to where it belongs on the picture [px of the picture]. */
    private void drag(String place, double x, double y) {
        settle();
        page.waitForFunction("() => [...document.images].every((image) => image.complete)");
        BoundingBox from = inTheMiddle(button(place));
        BoundingBox picture = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Pointed at")).boundingBox();
        page.mouse().move(from.x + from.width / 2, from.y + from.height / 2);
        page.mouse().down();
        assertThat(page.getByTestId("glass")).isVisible();
        page.mouse().move(picture.x + x / WIDTH * picture.width, picture.y + y / HEIGHT * picture.height, new Mouse.MoveOptions().setSteps(5));
        page.mouse().up();
    }

    @Test
    void a_curve_is_measured_on_a_photograph_and_written_down() {
        Matcher clean = Pattern.compile("\"id\":(\\d+)").matcher(page.request().get("/api/trials?severity=CLEAN&size=1").text());
        assertThat(clean.find()).isTrue();
        String record = "/records/" + clean.group(1);
        show(record);
        String before = page.getByRole(AriaRole.MAIN).innerText();
        add("piece.png", "image/png", picture());
        Locator small = photographs().getByRole(AriaRole.LINK);
        small.last().click();
        page.waitForURL("**/photos/*");
        button("curve").click();
        double radius = RADIUS_MM * PX_PER_MM;
        drag("Curve, place 1", CENTRE_X + radius * Math.cos(Math.toRadians(200)), CENTRE_Y + radius * Math.sin(Math.toRadians(200)));
        drag("Curve, place 2", CENTRE_X, CENTRE_Y - radius);
        drag("Curve, place 3", CENTRE_X + radius * Math.cos(Math.toRadians(-20)), CENTRE_Y + radius * Math.sin(Math.toRadians(-20)));
        Locator measured = page.getByLabel("Measured", new Page.GetByLabelOptions().setExact(true));
        assertThat(measured).containsText("needs a known length");
        button("known length").click();
        drag("Known length, place 1", 400, 856);
        drag("Known length, place 2", 800, 856);
        field("How long the known length is").fill("200 mm");
        button("Millimetres and degrees Celsius").click();
        assertThat(measured).containsText(Pattern.compile("\\d+ mm, give or take"));
        settle();
        Matcher told = Pattern.compile("([\\d.]+) mm, give or take").matcher(measured.innerText());
        assertThat(told.find()).isTrue();
        assertThat(Double.parseDouble(told.group(1))).isCloseTo(RADIUS_MM, within(RADIUS_MM * 0.01));

        field("What it shows").fill("A turned disc");
        button("Save").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("A turned disc"))).isVisible();
        assertThat(button("Save")).isDisabled();
        button("Write it down as the radius after release").click();
        assertThat(page.getByText(Pattern.compile("^Radius after release: "))).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Back to the record")).click();
        assertThat(photographs()).containsText("A turned disc");
        assertThat(photographs()).containsText("radius " + told.group(1) + " mm");
        assertThat(page.getByRole(AriaRole.MAIN)).containsText("radius " + told.group(1) + " mm, ");
        assertThat(before).doesNotContain("radius " + told.group(1) + " mm, ");

        // what was pointed at is there again, and the photograph goes with a way back
        photographs().getByRole(AriaRole.LINK).last().click();
        assertThat(button("Curve, place 2")).hasCount(0);
        button("curve").click();
        assertThat(button("Curve, place 2")).isVisible();
        assertThat(measured).containsText(told.group(1) + " mm");
        button("Remove").click();
        page.waitForURL("**" + record);
        assertThat(photographs().getByText("A turned disc")).hasCount(0);
        button("Undo").click();
        assertThat(photographs().getByText("A turned disc")).isVisible();
    }

    @Test
    void what_is_no_photograph_is_refused_and_said() {
        show("/stock/1");
        add("notes.png", "image/png", "no picture at all".getBytes(StandardCharsets.US_ASCII));
        assertThat(photographs().getByRole(AriaRole.ALERT)).containsText("a JPEG, PNG or WebP is");
        forgetErrors();
        // places are moved by keys, too
        add("edge.png", "image/png", picture());
        photographs().getByRole(AriaRole.LINK).last().click();
        page.waitForURL("**/photos/*");
        button("slope of grain").click();
        Locator measured = page.getByLabel("Measured", new Page.GetByLabelOptions().setExact(true));
        assertThat(measured).containsText("1 in ");
        settle();
        String told = measured.innerText();
        button("Grain, place 2").focus();
        page.keyboard().press("Shift+ArrowUp");
        page.keyboard().press("Shift+ArrowUp");
        settle();
        assertThat(measured.innerText()).isNotEqualTo(told);
        button("Write it down as the board’s slope of grain").click();
        assertThat(page.getByText(Pattern.compile("slope of grain 1 in \\d"))).isVisible();
    }
}
