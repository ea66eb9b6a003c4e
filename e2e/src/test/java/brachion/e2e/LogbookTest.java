package brachion.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.MultiFormatReader;
import com.google.zxing.NotFoundException;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** What is printed, read back by an independent library (Apache PDFBox). */
class LogbookTest extends BrowserTest {

    private PDDocument printed() throws IOException {
        return Loader.loadPDF(Files.readAllBytes(page.waitForDownload(() -> button("Print as PDF").click()).path()));
    }

    private static void assertSize(PDDocument pdf, double widthPt, double heightPt) {
        PDRectangle paper = pdf.getPage(0).getMediaBox();
        assertThat((double) paper.getWidth()).isCloseTo(widthPt, within(1.5));
        assertThat((double) paper.getHeight()).isCloseTo(heightPt, within(1.5));
    }

    @Test
    void the_records_that_are_looked_for_are_printed_on_a5_and_letter() throws IOException {
        show("/records?find=" + URLEncoder.encode("{\"words\":\"\",\"conditions\":[{\"fact\":\"severity\",\"among\":[\"BROKEN\"]}],\"falling\":true}", StandardCharsets.UTF_8));
        String found = page.getByRole(AriaRole.STATUS).getByText(Pattern.compile("^\\d+ bends match$")).innerText().replaceAll("\\D", "");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Print a logbook")).click();
        assertThat(page.getByText(Pattern.compile("^" + found + " bends, "))).isVisible();
        assertThat(page.getByRole(AriaRole.ARTICLE)).hasCount(Integer.parseInt(found));
        button("A5").click();
        try (PDDocument pdf = printed()) {
            assertSize(pdf, 148 / 25.4 * 72, 210 / 25.4 * 72);
            String text = new PDFTextStripper().getText(pdf);
            assertThat(Pattern.compile(", broken: ").matcher(text).results().count()).as("each record once").isEqualTo(Integer.parseInt(found));
            assertThat(text).contains("Logbook of bends").doesNotContain("Log a bend").doesNotContain("Print a card");
            assertThat(pdf.getNumberOfPages()).isBetween(Integer.parseInt(found) / 8, Integer.parseInt(found));
        }
        button("Letter").click();
        try (PDDocument pdf = printed()) {
            assertSize(pdf, 8.5 * 72, 11 * 72);
        }
    }

    @Test
    void one_record_is_a_card_of_one_page() throws IOException {
        show("/records/3");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Print a card")).click();
        assertThat(page.getByRole(AriaRole.ARTICLE)).hasCount(1);
        String wood = page.getByRole(AriaRole.ARTICLE).locator("p").first().innerText();
        try (PDDocument pdf = printed()) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            assertThat(new PDFTextStripper().getText(pdf)).contains(wood.substring(0, wood.indexOf(','))).contains("Planned");
        }
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("The record")).click();
        page.waitForURL("**/records/3");
    }

    @Test
    void a_piece_on_the_bench_has_a_card_whose_code_leads_to_its_clock() throws Exception {
        show("/bench");
        Locator piece = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Pieces under way")).getByRole(AriaRole.LISTITEM).first();
        String name = piece.getByRole(AriaRole.HEADING, new Locator.GetByRoleOptions().setLevel(2)).first().innerText();
        String place = piece.getAttribute("id");
        piece.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("On paper")).click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name).setExact(true))).isVisible();
        assertThat(page.getByRole(AriaRole.TABLE).getByRole(AriaRole.ROW).first()).isVisible();
        button("A5").click();
        try (PDDocument pdf = printed()) {
            assertThat(decoded(new PDFRenderer(pdf).renderImageWithDPI(0, 200))).as("read by ZXing").isEqualTo(product().address() + "/bench#" + place);
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            assertThat(new PDFTextStripper().getText(pdf)).contains(name).contains("Gloves and sleeves on").contains("Clamped at").doesNotContain("Log a bend");
        }
        page.navigate("/bench#" + place);
        assertThat(page.locator("#" + place)).isInViewport();
    }

    private static String decoded(BufferedImage image) throws NotFoundException {
        int[] pixels = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
        return new MultiFormatReader().decode(new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(image.getWidth(), image.getHeight(), pixels)))).getText();
    }
}
