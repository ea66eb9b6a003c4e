package brachion.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** A run of twelve pieces is planned, one breaks, and the plan repairs itself. */
class DayTest extends BrowserTest {

    /** Takes a job on, and lays pieces of it on the bench with what was said of them. */
    private static final String SEND = """
            async ({method, path, body}) => {
                const token = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1];
                const answer = await fetch(path, {method, body: body && JSON.stringify(body), headers: {'Content-Type': 'application/json', 'X-XSRF-TOKEN': token}});
                const text = await answer.text();
                return text === '' ? {} : JSON.parse(text);
            }""";
    private static final Map<String, Object> RECIPE = Map.of("blank", Map.of("speciesId", "white-ash", "seasoning", "AIR_DRIED", "moisturePercent", 18, "growthRings", "FLAT", "grainRun", 25,
            "knots", "CLEAR", "thicknessMm", 10, "widthMm", 22), "innerRadiusMm", 152.4, "angleDegrees", 180,
            "method", Map.of("kind", "STEAM_BOX", "soakHours", 0, "steamMinutes", 40, "chamberC", 98, "carrySeconds", 15));

    private Integer job;
    private Integer piece;

    @SuppressWarnings("unchecked")
    private Map<String, Object> send(String method, String path, Object body) {
        return (Map<String, Object>) page.evaluate(SEND, body == null ? Map.of("method", method, "path", path) : Map.of("method", method, "path", path, "body", body));
    }

    private Locator region(String name) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private void onlyTheRibs() {
        page.getByLabel("Pieces of Twelve ribs to begin").waitFor();
        for (String other : List.of("Snowshoe frames", "Orchard gate", "Garden arch", "Basket rims")) {
            Locator box = page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(Pattern.compile(other)));
            if (box.count() > 0 && box.isChecked()) {
                box.uncheck();
            }
        }
    }

    /** What is shown is the best that was found. */
    private void searched() {
        assertThat(page.getByRole(AriaRole.PROGRESSBAR)).hasCount(0);
        settle();
    }

    @AfterEach
    void leaveTheShopAsItWas() {
        page.navigate("/bench/day");
        page.getByRole(AriaRole.MAIN).waitFor();
        send("DELETE", "/api/day/plan", null);
        if (piece != null) {
            send("DELETE", "/api/bench/%d?version=%s".formatted(piece, send("GET", "/api/bench", null).get("pieces") instanceof List<?> all
                    ? all.stream().map(each -> (Map<?, ?>) each).filter(each -> each.get("id").equals(piece)).findFirst().orElseThrow().get("version") : 0), null);
        }
        if (job != null) {
            send("DELETE", "/api/jobs/%d?version=0".formatted(job), null);
        }
    }

    @Test
    void a_run_is_planned_a_piece_breaks_and_the_plan_repairs_itself() throws IOException {
        show("/bench/day");
        job = (Integer) send("POST", "/api/jobs", Map.of("name", "Twelve ribs", "wanted", 12, "certainty", 0.8, "flawsPass", true, "note", "", "recipe", RECIPE, "madeWith", List.of())).get("id");
        show("/bench/day");
        onlyTheRibs();
        page.getByLabel("Pieces of Twelve ribs to begin").fill("12");
        assertThat(page.getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName("When Twelve ribs is done"))).containsText("The last one planned is done");
        searched();
        button("Whole run").click();
        Locator agenda = region("What to do when");
        assertThat(agenda.getByText(Pattern.compile("Twelve ribs \\d+: bend and clamp"))).hasCount(12);
        assertThat(region("When it is done")).containsText(Pattern.compile("One more like Snowshoe form, 6 in: done .* sooner"));
        String sixth = agenda.getByText("Twelve ribs 6: bend and clamp").locator("xpath=ancestor::li").textContent();

        agenda.getByText(Pattern.compile("Twelve ribs 12: into the heat")).click();
        Locator moving = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Move Twelve ribs 12"));
        assertThat(moving).containsText(Pattern.compile("Not sooner: .*(Twelve ribs|nobody is in the shop)"));
        moving.getByText("A day sooner").click();
        assertThat(region("When it is done")).containsText(Pattern.compile("Twelve ribs 12 goes on .* and not when you asked: "));
        assertThat(page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Move Twelve ribs 12"))).isVisible();
        button("As it was").click();
        onlyTheRibs();
        page.getByLabel("Pieces of Twelve ribs to begin").fill("12");
        assertThat(region("When it is done").getByText("and not when you asked")).hasCount(0);
        assertThat(page.getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName("When Twelve ribs is done"))).containsText("The last one planned is done");
        searched();

        Download sheet = page.waitForDownload(() -> button("Print as PDF").click());
        try (PDDocument paper = Loader.loadPDF(sheet.path().toFile())) {
            assertThat(paper.getNumberOfPages()).as("a page for each day on which there is work").isBetween(4, 24);
            assertThat(new PDFTextStripper().getText(paper)).contains("Twelve ribs 12: bend and clamp", "On the form overnight: ").doesNotContain("Orchard gate 2: into the water");
        }

        button("Use this plan").click();
        assertThat(page.getByText(Pattern.compile("^In force, made"))).isVisible();
        Download calendar = page.waitForDownload(() -> page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Calendar")).click());
        assertThat(Files.readString(calendar.path())).contains("BEGIN:VCALENDAR").contains("SUMMARY:Twelve ribs 12: bend and clamp");

        piece = (Integer) send("POST", "/api/bench", Map.of("name", "The first rib", "recipe", RECIPE, "jobId", job)).get("id");
        String now = (String) send("GET", "/api/bench/clock", null).get("now");
        for (String tap : List.of("INTO_HEAT", "PULLED", "BROKE")) {
            send("POST", "/api/bench/%d/taps".formatted(piece), Map.of("tap", tap, "saidAt", now));
        }
        show("/bench/day");
        assertThat(page.getByText("The bench went another way than planned.")).isVisible();
        searched();
        button("Whole run").click();
        assertThat(agenda.getByText("Twelve ribs 13: bend and clamp")).isVisible();
        assertThat(agenda.getByText("Twelve ribs 6: bend and clamp").locator("xpath=ancestor::li")).hasText(sixth);
        button("Use this plan").click();
        assertThat(page.getByText(Pattern.compile("^In force, made"))).isVisible();
        show("/bench");
        assertThat(region("Next by the plan")).isVisible();
    }
}
