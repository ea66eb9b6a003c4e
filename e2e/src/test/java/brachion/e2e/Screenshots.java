package brachion.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** Takes the pictures of the main views from the demo workshop; run by {@code ./brachion screenshots}. */
class Screenshots extends BrowserTest {

    private static final Path PICTURES = Path.of("../docs/screenshots");

    @Test
    void trials() {
        show("/trials");
        take("trials");
    }

    @Test
    void trial() {
        show("/trials/3");
        take("trial");
    }

    @Test
    void log() {
        show("/log");
        type("Thickness", "7/8");
        type("Inner radius", "3\"");
        button("steel strap").click();
        take("log");
        page.setViewportSize(390, 844);
        take("log-phone");
    }

    @Test
    void forecast() {
        show("/forecast");
        type("Thickness", "3/4");
        type("Inner radius", "5 1/2\"");
        take("forecast");
        button("steel strap").click();
        take("forecast-strap");
    }

    @Test
    void process() {
        page.setViewportSize(1280, 1080);
        show("/forecast");
        button("kiln-dried").click();
        type("Moisture %", "8");
        type("Soak, hours", "12");
        type("Steam, minutes", "60");
        button("How wet").click();
        take("process");
    }

    @Test
    void rack() {
        show("/rack");
        take("rack");
    }

    @Test
    void evening() {
        show("/forecast");
        button("Evening").click();
        take("forecast-evening");
    }

    private void take(String name) {
        page.waitForLoadState(LoadState.NETWORKIDLE);
        page.waitForTimeout(600);
        page.screenshot(new Page.ScreenshotOptions().setPath(PICTURES.resolve(name + ".png")));
    }
}
