package brachion.bench;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What a first visit to each view costs in Chromium: seconds of the main thread until the page is at rest (thread time, so
 * that other guests of the machine do not count), and how far things move on a phone (cumulative layout shift, as the browser
 * reports it). The same for a page of the same build that shows nothing is the yardstick.
 */
final class FirstViews {

    private static final String EMPTY = "/nothing-here";
    private static final List<String> VIEWS = List.of("/plan", "/plan/curve", "/plan/ways", "/plan/map", "/plan/next", "/plan/sheet", "/plan/spares", "/stock", "/bench", "/bench/day", "/records",
            "/records/3", "/records/new", "/records/evidence", "/records/woods", "/records/names", "/records/tables", "/rig");
    private static final int VISITS = 3;
    private static final int AT_REST_MS = 1500;
    private static final String COUNT_SHIFTS = "window.shifted = 0; new PerformanceObserver(list => { for (const each of list.getEntries()) "
            + "if (!each.hadRecentInput) window.shifted += each.value; }).observe({type: 'layout-shift', buffered: true});";

    /** Is told each row of the table. */
    interface Row {

        void of(String what, String value, String beside);
    }

    private FirstViews() {
    }

    /**
     * @param seconds main-thread seconds of a desktop page
     * @param shift   cumulative layout shift of a phone's page
     */
    private record Visit(double seconds, double shift) {
    }

    static void measure(RunningServer server, Row row) {
        try (Playwright playwright = Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
             Browser browser = playwright.chromium().launch(new BrowserType.LaunchOptions().setExecutablePath(Path.of("/usr/bin/chromium"))
                     .setChromiumSandbox(false).setArgs(List.of("--disable-gpu")))) {
            double empty = visit(browser, server, EMPTY).seconds();
            row.of("first view: a page of the same build that shows nothing", "%.2f s of the main thread".formatted(empty), "the yardstick");
            Map<String, Visit> visits = new LinkedHashMap<>();
            VIEWS.forEach(view -> visits.put(view, visit(browser, server, view)));
            visits.forEach((view, visit) -> row.of("first view: " + view, "%.2f s of the main thread".formatted(visit.seconds()),
                    "%.1f × the empty page; layout shift on a phone %.3f, aim 0.02".formatted(visit.seconds() / empty, visit.shift())));
        }
    }

    /** The median of a few visits, each in a browser that has seen nothing yet. */
    private static Visit visit(Browser browser, RunningServer server, String view) {
        double[] seconds = new double[VISITS];
        double[] shift = new double[VISITS];
        for (int i = 0; i < VISITS; i++) {
            seconds[i] = once(browser, server, view, 1280, 800).seconds();
            shift[i] = once(browser, server, view, 390, 844).shift();
        }
        Arrays.sort(seconds);
        Arrays.sort(shift);
        return new Visit(seconds[VISITS / 2], shift[VISITS / 2]);
    }

    private static Visit once(Browser browser, RunningServer server, String view, int width, int height) {
        try (BrowserContext context = browser.newContext(new Browser.NewContextOptions().setViewportSize(width, height))) {
            Page page = context.newPage();
            page.addInitScript(COUNT_SHIFTS);
            CDPSession session = context.newCDPSession(page);
            JsonObject threadTime = new JsonObject();
            threadTime.addProperty("timeDomain", "threadTicks");
            session.send("Performance.enable", threadTime);
            page.navigate(server.at(view).toString());
            page.waitForLoadState(LoadState.NETWORKIDLE);
            page.waitForTimeout(AT_REST_MS);
            double seconds = metric(session, "TaskDuration");
            return new Visit(seconds, ((Number) page.evaluate("window.shifted")).doubleValue());
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
