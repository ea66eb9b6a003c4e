package brachion.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** Every way to one bend side by side, saw cuts refused and mended, and the sheet for the bench. */
class EveryWayTest extends BrowserTest {

    private Locator list(String name) {
        return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName(name));
    }

    /** A sentence under a field of the method. */
    private Locator problem(String sentence) {
        return page.getByRole(AriaRole.STATUS).getByText("Waits: " + sentence);
    }

    private void quarterTurn(String thickness, String radius) {
        quarterTurn(thickness, radius, "Thickness");
    }

    private void quarterTurn(String thickness, String radius, String called) {
        type(called, thickness);
        type("Inner radius", radius);
        type("Bend angle °", "90");
    }

    @Test
    void cuts_are_refused_with_what_would_reach_and_the_sheet_says_where_the_saw_goes() throws IOException {
        show("/plan");
        bendBy("Kerf bending");
        quarterTurn("12.7 mm", "76 mm");
        type("Saw kerf", "3.2 mm");
        type("Left standing", "1.6 mm");
        type("From cut to cut", "30 mm");
        assertThat(problem("The cuts close before the curve is reached. Set them no further apart than 25.5 mm, or saw them wider than 3.8 mm."))
                .isVisible();
        type("From cut to cut", "6.35 mm");
        settle();
        assertThat(odds()).isBetween(0.0, 1.0);
        assertThat(page.getByText(Pattern.compile("Blade guard on"))).isVisible();
        page.getByLabel("Millimetres and degrees Celsius").click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Sheet")).click();
        Locator sheet = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Sheet for the bench"));
        assertThat(sheet.getByRole(AriaRole.ROW, new Locator.GetByRoleOptions().setName(Pattern.compile("^Saw cuts")))).containsText("22");
        assertThat(sheet.getByRole(AriaRole.ROW, new Locator.GetByRoleOptions().setName(Pattern.compile("^Left open at each mouth")))).containsText("2.4 mm");
        assertThat(sheet.getByRole(AriaRole.ROW, new Locator.GetByRoleOptions().setName(Pattern.compile("^A facet stands off")))).containsText("0.06 mm");
        assertThat(sheet).containsText("Blade guard on");
        try (PDDocument pdf = Loader.loadPDF(Files.readAllBytes(page.waitForDownload(() -> button("Print as PDF").click()).path()))) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("Kerf bending", "Saw cuts", "22", "Three cuts from the side", "leave 1.6 mm", "saw 3.2 mm", "Blade guard on");
        }
        assertThat(sheet.getByRole(AriaRole.IMG)).hasAttribute("aria-label", Pattern.compile("22 cuts 6.4 mm apart, 11.1 mm deep"));
    }

    @Test
    void a_web_thicker_than_the_piece_is_refused_at_its_field() {
        show("/plan");
        bendBy("Kerf bending");
        quarterTurn("10 mm", "100 mm");
        type("Left standing", "12 mm");
        assertThat(problem("A web must be thinner than what is sawn, less than 10.0 mm.")).isVisible();
    }

    @Test
    void no_way_is_too_wide_for_a_phone() {
        page.setViewportSize(390, 844);
        show("/records/new");
        button("All fields").click();
        Locator ways = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("How it is bent")).getByRole(AriaRole.BUTTON);
        assertThat(ways).hasCount(12);
        for (Locator way : ways.all()) {
            way.click();
            settle();
            assertThat(page.evaluate("document.documentElement.scrollWidth")).as(way.innerText()).isEqualTo(390);
            button("As a sentence").click();
            assertThat(page.evaluate("document.documentElement.scrollWidth")).as("said in a sentence").isEqualTo(390);
            button("All fields").click();
        }
    }

    @Test
    void kerfed_plies_keep_the_finished_section_and_say_which_of_them_limits() {
        show("/plan");
        bendBy("Kerfed plies");
        quarterTurn("15 mm", "120 mm", "Finished thickness");
        type("Clean ply", "1.2 mm");
        type("Saw kerf", "3.2 mm");
        type("Left standing", "1.6 mm");
        type("From cut to cut", "6.35 mm");
        type("Plies", "3");
        double thin = oddsAfter(() -> type("Clean ply", "1.2 mm"));
        assertThat(field("Or each ply")).hasAttribute("placeholder", "17/64\"");
        double thick = oddsAfter(() -> type("Clean ply", "4 mm"));
        assertThat(thick).isLessThan(thin);
        assertThat(page.getByText(Pattern.compile("^Take a thinner clean ply")).first()).isVisible();
        type("Clean ply", "15 mm");
        assertThat(problem("The clean ply must be thinner than the finished section.")).isVisible();
        type("Clean ply", "1.2 mm");
        settle();
        page.getByLabel("Millimetres and degrees Celsius").click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Sheet")).click();
        Locator sheet = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Sheet for the bench"));
        // (15 + 120) mm · π/2 in steps of 6.35 mm
        assertThat(sheet.getByRole(AriaRole.ROW, new Locator.GetByRoleOptions().setName(Pattern.compile("^Saw cuts")))).containsText("34");
        assertThat(sheet.getByRole(AriaRole.ROW, new Locator.GetByRoleOptions().setName(Pattern.compile("^Clean ply")))).containsText("1.2 mm");
        assertThat(sheet).containsText("face the form");
    }

    @Test
    void a_plate_is_curved_both_ways_flattened_by_advice_and_its_sheet_says_the_former() {
        show("/plan");
        bendBy("Pressed plate");
        type("Plate thickness", "4 mm");
        type("Width", "200 mm");
        type("Inner radius", "600 mm");
        type("Bend angle °", "30");
        double flat = oddsAfter(() -> type("Rise across the grain", "10 mm"));
        double high = oddsAfter(() -> type("Rise across the grain", "34 mm"));
        assertThat(high).isLessThan(flat);
        assertThat(page.getByText(Pattern.compile("^The stretch across the grain limits it"))).isVisible();
        assertThat(page.getByText(Pattern.compile("^Flatten it across the grain to a rise of")).first()).isVisible();
        assertThat(page.getByText(Pattern.compile("leave it loose enough to shrink"))).isVisible();
        type("Rise across the grain", "120 mm");
        assertThat(problem("A plate can rise no more than half its width, 100.0 mm.")).isVisible();
        type("Rise across the grain", "10 mm");
        settle();
        page.getByLabel("Millimetres and degrees Celsius").click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Sheet")).click();
        Locator sheet = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Sheet for the bench"));
        // 600·(1 − cos 15°) = 20.4 mm, 200²/80 + 5 = 505 mm, (2·atan 0.1)/sin(2·atan 0.1) − 1 = 0.66 %
        assertThat(sheet.getByRole(AriaRole.ROW, new Locator.GetByRoleOptions().setName(Pattern.compile("^It rises over that")))).containsText("20.4 mm");
        assertThat(sheet.getByRole(AriaRole.ROW, new Locator.GetByRoleOptions().setName(Pattern.compile("^Radius of the former across")))).containsText("505 mm");
        assertThat(sheet.getByRole(AriaRole.ROW, new Locator.GetByRoleOptions().setName(Pattern.compile("^Stretched across the grain")))).containsText("0.7 %");
    }

    @Test
    void a_rod_is_asked_more_than_a_plank_and_shaving_the_bend_helps_it() {
        show("/plan");
        settle();
        double plank = odds();
        double rod = oddsAfter(() -> choose("Section", "round"));
        assertThat(rod).isLessThanOrEqualTo(plank);
        assertThat(page.getByText(Pattern.compile("^round 1/2\" × 1\""))).isVisible();
        bendBy("Green rod");
        type("Thickness", "1\"");
        type("Inner radius", "3\"");
        double whole = oddsAfter(() -> type("Thinned to", "1\""));
        double shaved = oddsAfter(() -> type("Thinned to", "3/8\""));
        assertThat(shaved).isGreaterThan(whole);
        assertThat(page.getByText(Pattern.compile("tie it before you let go"))).isVisible();
        type("Thinned to", "2\"");
        assertThat(problem("It cannot be thicker at the bend than the piece, 25.4 mm.")).isVisible();
    }

    @Test
    void a_plank_shaved_over_its_bend_is_asked_less_and_one_shaved_too_short_is_told_where() {
        show("/plan");
        quarterTurn("1\"", "8\"");
        settle();
        double whole = odds();
        double shaved = oddsAfter(() -> {
            choose("At the bend", "shaved thinner");
            type("Thinned to", "1/2\"");
        });
        assertThat(shaved).isGreaterThan(whole);
        type("Thinned over", "6\"");
        assertThat(page.getByText(Pattern.compile("^The stretch of the outer face where the thinning ends limits it"))).isVisible();
        assertThat(page.getByText(Pattern.compile("^Shave it thinner over ")).first()).isVisible();
        settle();
        choose("At the bend", "as thick as the rest");
        assertThat(page.getByText(Pattern.compile("^The stretch of the outer face limits it"))).isVisible();
    }

    @Test
    void a_way_among_all_is_opened_by_a_tap_in_its_row_and_used() {
        show("/plan/ways");
        quarterTurn("5/8\"", "8\"");
        Locator ways = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Every way to this bend"));
        Locator rows = ways.locator("tbody > tr");
        assertThat(rows).hasCount(11);
        settle();
        assertThat(rows.filter(new Locator.FilterOptions().setHasText("your plan"))).hasCount(1);
        Locator bath = rows.filter(new Locator.FilterOptions().setHasText("Hot bath"));
        // a tap anywhere in the row opens it
        BoundingBox cell = inTheMiddle(bath.locator("td").nth(3));
        page.mouse().click(cell.x + cell.width / 2, cell.y + cell.height / 2);
        assertThat(rows).hasCount(12);
        assertThat(ways.getByText(Pattern.compile("Needs .*a boiling trough"))).isVisible();
        assertThat(ways.getByRole(AriaRole.IMG)).isVisible();
        ways.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Use this")).click();
        assertThat(field("In the bath, minutes")).isVisible();
        assertThat(page.getByText("Taken into the recipe.")).isVisible();
        assertThat(rows.filter(new Locator.FilterOptions().setHasText("your plan"))).containsText("Hot bath");
        assertThat(field("Inner radius")).hasValue("8\"");
    }
}
