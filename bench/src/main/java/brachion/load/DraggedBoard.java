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
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import tools.jackson.databind.json.JsonMapper;

/** A board with forty blanks and twelve marks, one blank of which is dragged about for some seconds. */
final class DraggedBoard {

    private static final int BLANKS = 40;
    private static final int MARKS = 12;
    private static final int SECONDS = 4;
    private static final String COUNT_FRAMES = "() => { window.frames_ = 0; const next = () => { window.frames_++; requestAnimationFrame(next); }; requestAnimationFrame(next); }";

    private final LaunchedProduct product;

    DraggedBoard(LaunchedProduct product) {
        this.product = product;
    }

    List<String> measure() throws IOException, InterruptedException {
        long board = lay();
        try (Playwright playwright = Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
             Browser browser = playwright.chromium().launch(new BrowserType.LaunchOptions().setExecutablePath(Path.of("/usr/bin/chromium"))
                     .setChromiumSandbox(false).setArgs(List.of("--disable-gpu")))) {
            Page page = browser.newPage(new Browser.NewPageOptions().setViewportSize(1280, 800));
            page.navigate(product.request("/stock/" + board).build().uri().toString());
            Locator blank = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Blank 20 at ")));
            blank.waitFor();
            page.waitForTimeout(3000);
            CDPSession session = page.context().newCDPSession(page);
            JsonObject threadTime = new JsonObject();
            threadTime.addProperty("timeDomain", "threadTicks");
            session.send("Performance.enable", threadTime);
            BoundingBox at = blank.boundingBox();
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
            return List.of(String.format(Locale.ROOT, "| one of %d blanks dragged on a board with %d marks | %.1f ms of script a frame | thread time; aim: 8 ms; %.0f frames a second |",
                    BLANKS, MARKS, each, frames / SECONDS));
        }
    }

    private long lay() throws IOException, InterruptedException {
        String blanks = IntStream.range(0, BLANKS).mapToObj(i -> """
                {"name": "Blank %d", "alongMm": %d, "acrossMm": %d, "lengthMm": 560, "widthMm": 30, "bentFromMm": 80, "bentToMm": 480}"""
                .formatted(i + 1, 600 * (i % 8), 36 * (i / 8))).collect(Collectors.joining(","));
        String marks = IntStream.range(0, MARKS).mapToObj(i -> """
                {"kind": "KNOT", "alongMm": %d, "acrossMm": %d, "lengthMm": 20, "widthMm": 20}""".formatted(390 * i, 17 * (i % 10))).collect(Collectors.joining(","));
        HttpResponse<String> laid = product.send(product.request("/api/stock/boards").POST(BodyPublishers.ofString("""
                {"name": "A full board", "speciesId": "white-ash", "seasoning": "AIR_DRIED", "growthRings": "FLAT", "grainRun": 20, "lengthMm": 4800, "widthMm": 200,
                 "thicknessMm": 27, "kerfMm": 3, "note": "", "readings": [], "marks": [%s], "blanks": [%s]}""".formatted(marks, blanks))).build());
        if (laid.statusCode() != 201) {
            throw new IllegalStateException(laid.body());
        }
        return JsonMapper.builder().build().readTree(laid.body()).get("id").asLong();
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
