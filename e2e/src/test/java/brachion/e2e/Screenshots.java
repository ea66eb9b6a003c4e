package brachion.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Takes the pictures of the main views from the demo workshop; run by {@code ./brachion screenshots}. */
class Screenshots extends BrowserTest {

    private static final Path PICTURES = Path.of("../docs/screenshots");

    @Test
    void records() {
        show("/records");
        take("records");
    }

    @Test
    void tables() {
        show("/records/tables");
        field("Table of bends").setInputFiles(new FilePayload("notebook.csv", "text/csv", NotebookTest.KEPT.getBytes(StandardCharsets.UTF_8)));
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What your table means")).scrollIntoViewIfNeeded();
        take("tables");
    }

    @Test
    void woods() {
        show("/records/woods");
        type("Find a wood", "ash");
        take("woods");
    }

    @Test
    void record() {
        show("/records/3");
        take("record");
    }

    @Test
    void log() {
        show("/records/new");
        type("Thickness", "7/8");
        type("Inner radius", "3\"");
        choose("Support on the outer face", "steel strap");
        take("log");
        page.setViewportSize(390, 844);
        show("/plan");
        take("plan-phone");
    }

    @Test
    void plan() {
        show("/plan");
        type("Thickness", "3/4");
        type("Inner radius", "5 1/2\"");
        take("plan");
    }

    @Test
    void heatAndWater() {
        show("/plan");
        choose("Seasoning", "kiln-dried");
        type("Moisture %", "8");
        type("Soak, hours", "12");
        type("Steam, minutes", "60");
        button("How wet").click();
        settle();
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Heat and water through the piece")).evaluate("e => e.scrollIntoView()");
        page.mouse().wheel(0, -80);
        take("heat-and-water");
    }

    @Test
    void job() {
        show("/plan/jobs/1");
        take("job");
    }

    @Test
    void photo() {
        show("/photos/1");
        button("curve").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Curve, place 3")).focus();
        settle();
        take("photo");
    }

    @Test
    void curve() {
        show("/plan/curve");
        button("Settle leg").click();
        settle();
        page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Radius of part 2").setExact(true)).focus();
        settle();
        take("curve");
    }

    @Test
    void stock() {
        show("/stock/1");
        type("How many", "4");
        button("Lay where best").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Snowshoe frame at 8"))).focus();
        page.keyboard().press("ArrowRight");
        settle();
        take("stock");
    }

    @Test
    void ways() {
        show("/plan/ways");
        type("Inner radius", "4\"");
        type("Thickness", "7/8");
        type("Width", "7/8");
        settle();
        page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName("Steam bag")).getByRole(AriaRole.BUTTON).click();
        take("ways");
    }

    @Test
    void map() {
        page.setViewportSize(1280, 1100);
        show("/plan/map");
        choose("Support on the outer face", "steel strap");
        type("Thickness", "7/8");
        type("Inner radius", "3 1/4\"");
        take("map");
    }

    @Test
    void day() {
        show("/bench/day");
        page.getByText("Not in force yet").waitFor();
        take("day");
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
    void bench() {
        show("/bench");
        take("bench");
    }

    @Test
    void firstSteps(@TempDir Path folder) {
        try (Product shop = Product.start(folder.resolve("empty"), "shop")) {
            page.navigate(shop.address());
            page.getByText("Will it bend?").waitFor();
            take("first-steps");
        }
    }

    private void take(String name) {
        settle();
        page.waitForTimeout(1500);
        page.screenshot(new Page.ScreenshotOptions().setPath(PICTURES.resolve(name + ".png")));
    }
}
