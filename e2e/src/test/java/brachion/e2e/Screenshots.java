package brachion.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.LoadState;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Takes the pictures of the main views from the demo workshop; run by {@code ./brachion screenshots}. */
class Screenshots extends BrowserTest {

    private static final Path PICTURES = Path.of("../docs/screenshots");

    @Test
    void trials() {
        show("/records");
        take("trials");
    }

    @Test
    void tables() {
        show("/records/tables");
        field("Table of bends").setInputFiles(new FilePayload("ledger.csv", "text/csv", TablesTest.LEDGER.getBytes(StandardCharsets.UTF_8)));
        page.getByText(Pattern.compile("bends can come in,")).waitFor();
        take("tables");
    }

    @Test
    void woods() {
        show("/records/woods");
        type("Find a wood", "ash");
        take("woods");
    }

    @Test
    void trial() {
        show("/records/3");
        take("trial");
    }

    @Test
    void log() {
        show("/records/new");
        type("Thickness", "7/8");
        type("Inner radius", "3\"");
        button("steel strap").click();
        take("log");
        page.setViewportSize(390, 844);
        take("log-phone");
        show("/plan");
        take("forecast-phone");
    }

    @Test
    void forecast() {
        show("/plan");
        type("Thickness", "3/4");
        type("Inner radius", "5 1/2\"");
        take("forecast");
        button("steel strap").click();
        take("forecast-strap");
    }

    @Test
    void process() {
        page.setViewportSize(1280, 1080);
        show("/plan");
        button("kiln-dried").click();
        type("Moisture %", "8");
        type("Soak, hours", "12");
        type("Steam, minutes", "60");
        button("How wet").click();
        take("process");
    }

    @Test
    void ways() {
        show("/plan/ways");
        button("Look for ways").click();
        page.getByText(Pattern.compile("combinations are good enough")).waitFor();
        page.evaluate("window.scrollTo(0, 0)");
        take("ways");
    }

    @Test
    void map() {
        show("/plan/map");
        button("steel strap").click();
        type("Thickness", "7/8");
        type("Inner radius", "3 1/4\"");
        take("map");
    }

    @Test
    void plan() {
        show("/plan/next");
        type("Inner radius", "4\"");
        page.setViewportSize(1280, 1000);
        page.getByText(Pattern.compile("^Cut \\d+")).waitFor();
        page.getByText("Step down to it").waitFor();
        take("plan");
    }

    @Test
    void rig() {
        show("/rig");
        type("Length inside", "8'");
        take("rig");
    }

    @Test
    void evidence() {
        page.setViewportSize(1280, 1400);
        show("/records/evidence");
        take("evidence");
    }

    @Test
    void rack() {
        show("/bench");
        take("rack");
    }

    @Test
    void evening() {
        show("/plan");
        button("Evening").click();
        take("forecast-evening");
    }

    private void take(String name) {
        page.waitForLoadState(LoadState.NETWORKIDLE);
        page.waitForTimeout(1500);
        page.screenshot(new Page.ScreenshotOptions().setPath(PICTURES.resolve(name + ".png")));
    }
}
