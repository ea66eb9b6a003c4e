package brachion.load;

import brachion.endure.LaunchedProduct;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;

/** Something on a page that is dragged about for some seconds, and what that costs. */
final class Dragging {

    private static final int SECONDS = 4;
    private static final int STANDS_STILL_MS = 3000;
    private static final String COUNT_FRAMES = "() => { window.frames_ = 0; const next = () => { window.frames_++; requestAnimationFrame(next); }; requestAnimationFrame(next); }";

    private Dragging() {
    }

    /**
     * A row of the report.
     *
     * @param what    what is dragged
     * @param address the page it is on
     * @param thing   finds it there
     */
    static String row(String what, LaunchedProduct product, String address, Function<Page, Locator> thing) throws IOException {
        try (Playwright playwright = Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
             Browser browser = playwright.chromium().launch(new BrowserType.LaunchOptions().setExecutablePath(Path.of("/usr/bin/chromium"))
                     .setChromiumSandbox(false).setArgs(List.of("--disable-gpu")))) {
            Page page = browser.newPage(new Browser.NewPageOptions().setViewportSize(1280, 800));
            page.navigate(product.request(address).build().uri().toString());
            Locator dragged = thing.apply(page);
            dragged.waitFor();
            page.waitForTimeout(STANDS_STILL_MS);
            CDPSession session = page.context().newCDPSession(page);
            JsonObject threadTime = new JsonObject();
            threadTime.addProperty("timeDomain", "threadTicks");
            session.send("Performance.enable", threadTime);
            BoundingBox at = dragged.boundingBox();
            page.mouse().move(at.x + at.width / 2, at.y + at.height / 2);
            page.mouse().down();
            page.evaluate(COUNT_FRAMES);
            double script = metric(session, "ScriptDuration");
            long until = System.nanoTime() + SECONDS * 1_000_000_000L;
            for (int i = 0; System.nanoTime() < until; i++) {
                page.mouse().move(at.x + at.width / 2 + 60 * Math.sin(i / 9.0), at.y + at.height / 2 + 20 * Math.cos(i / 7.0));
            }
            double frames = ((Number) page.evaluate("window.frames_")).doubleValue();
            double each = 1000 * (metric(session, "ScriptDuration") - script) / frames;
            page.mouse().up();
            return String.format(Locale.ROOT, "| %s | %.1f ms of script a frame | thread time; aim: 8 ms; %.0f frames a second |", what, each, frames / SECONDS);
        }
    }

    private static double metric(CDPSession session, String name) {
        for (JsonElement metric : session.send("Performance.getMetrics").getAsJsonArray("metrics")) {
            if (metric.getAsJsonObject().get("name").getAsString().equals(name)) {
                return metric.getAsJsonObject().get("value").getAsDouble();
            }
        }
        throw new IllegalStateException("The browser does not say " + name);
    }
}
