package brachion.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What to change, find a way, the map, the next trial, spares and evidence, as a person meets them. */
class AdviceTest extends BrowserTest {

    @Test
    void a_lever_that_is_tapped_changes_the_recipe_and_raises_the_odds() {
        show("/plan");
        double before = oddsAfter(() -> type("Inner radius", "4\""));
        Locator strap = region("What to change").getByRole(AriaRole.BUTTON,
                new Locator.GetByRoleOptions().setName(Pattern.compile("^Add a .* steel strap, stops hard"))).last();
        double after = oddsAfter(strap::click);
        assertThat(after).isGreaterThan(before);
        assertThat(word("Support on the outer face")).hasText("steel strap");
    }

    @Test
    void the_forecast_says_what_measuring_is_worth_how_it_springs_back_and_which_records_are_like_it() {
        show("/plan");
        assertThat(page.getByText(Pattern.compile("Measure .*: on average the range shrinks by \\d+ %|Measuring .* would hardly narrow this"))).isVisible();
        assertThat(page.getByText(Pattern.compile("Bent to 6\" it comes to about .* make the form 5"))).isVisible();
        page.getByText(Pattern.compile("Most like it in your records")).waitFor();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("White ash, .* at "))).first().click();
        assertThat(page).hasURL(Pattern.compile(".*/records/\\d+"));
    }

    @Test
    void green_wood_at_six_per_cent_is_asked_about_and_forecast_all_the_same() {
        show("/plan");
        choose("Seasoning", "green");
        double odds = oddsAfter(() -> type("Moisture %", "6"));
        assertThat(page.getByText(Pattern.compile("Green wood at 6 %\\?"))).isVisible();
        assertThat(odds).isBetween(0.0, 1.0);
    }

    @Test
    void ways_are_found_ranked_and_one_is_taken_into_the_forecast() {
        show("/plan/ways");
        type("Inner radius", "4\"");
        type("Bend angle °", "190");
        type("Thickness", "7/8\"");
        type("Width", "7/8\"");
        settle();
        button("Look for ways").click();
        Locator ways = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Ways")).getByRole(AriaRole.LISTITEM);
        assertThat(page.getByText(Pattern.compile("\\d+ of \\d{4} combinations are good enough")))
                .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(120_000));
        assertThat(ways.count()).isBetween(1, 12);
        assertThat(page.getByText(Pattern.compile("^\\d+ because the curve is too tight"))).isVisible();
        button("most tried").click();
        assertThat(ways.first()).containsText(Pattern.compile("\\d+ of your bends (was|were) about as hard, (all|\\d+) of this wood"),
                new LocatorAssertions.ContainsTextOptions().setTimeout(120_000));
        double before = odds();
        double after = oddsAfter(() -> ways.first().getByRole(AriaRole.BUTTON).click());
        assertThat(page.getByText("Taken into the recipe.")).isVisible();
        assertThat(field("Inner radius")).hasValue("4\"");
        assertThat(after).isGreaterThanOrEqualTo(0.9);
        assertThat(oddsAfter(() -> button("Undo").click())).as("the recipe before").isEqualTo(before);
    }

    @Test
    void a_search_limited_to_what_is_at_hand_keeps_to_it() {
        show("/plan/ways");
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Woods")).fill("Hick");
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Shagbark hickory")).click();
        button("Look for ways").click();
        Locator ways = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Ways")).getByRole(AriaRole.LISTITEM);
        assertThat(ways.first()).containsText("Shagbark hickory", new LocatorAssertions.ContainsTextOptions().setTimeout(120_000));
        assertThat(ways.count()).isLessThanOrEqualTo(2);
    }

    @Test
    void a_place_on_the_map_is_taken_by_pointer_and_by_keys() {
        show("/plan/map");
        Locator map = page.getByRole(AriaRole.APPLICATION);
        map.waitFor();
        BoundingBox box = inTheMiddle(map);
        page.mouse().click(box.x + box.width * 0.4, box.y + box.height * 0.2);
        assertThat(field("Thickness")).not().hasValue("1/2\"");
        String clicked = field("Inner radius").inputValue();
        map.focus();
        for (int i = 0; i < 8; i++) {
            page.keyboard().press("ArrowDown");
        }
        assertThat(field("Inner radius")).not().hasValue(clicked);
        assertThat(map).hasAttribute("aria-label", Pattern.compile("Bend map\\. At .* of your pieces are on it\\."));
        String chosen = field("Inner radius").inputValue();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Forecast")).click();
        assertThat(page).hasURL(Pattern.compile(".*/plan$"));
        assertThat(field("Inner radius")).hasValue(chosen);
    }

    @Test
    void the_ladder_ends_at_the_target_and_a_rung_can_be_looked_at() {
        show("/plan/next");
        Locator rungs = region("Ladder").getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^radius ")));
        assertThat(rungs.last()).containsText("radius 6\"");
        rungs.first().click();
        assertThat(page.getByText("Taken into the recipe.")).isVisible();
        assertThat(field("Inner radius")).not().hasValue("6\"");
    }

    @Test
    void a_trial_can_tell_of_several_bends() {
        show("/plan/next");
        button("Keep this bend in mind").click();
        assertThat(button("Keep this bend in mind")).not().isVisible();
        Request asked = page.waitForRequest(request -> request.url().endsWith("/api/forecast/next") && request.postData().contains("\"others\":[{"),
                () -> type("Inner radius", "9\""));
        assertThat(asked.postData()).contains("\"innerRadiusMm\":228.6").contains("\"innerRadiusMm\":152.4");
        assertThat(region("Most telling trials").getByText(Pattern.compile("To tell of these bends too"))).isVisible();
        page.reload();
        Locator kept = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Bends kept in mind")).getByRole(AriaRole.LISTITEM);
        assertThat(kept).containsText("radius 6\" through");
        kept.getByText("Forget it").click();
        assertThat(kept).hasCount(0);
    }

    @Test
    void more_good_pieces_ask_for_more_blanks_and_a_mistyped_number_is_named() {
        show("/plan/spares");
        Locator spares = region("Spares");
        assertThat(spares.getByText(Pattern.compile("Cut \\d+: \\d+ to spare"))).isVisible();
        int four = blanks(spares);
        spares.getByLabel("Good pieces needed").fill("12");
        assertThat(spares.getByText(Pattern.compile("Without a spare all 12"))).isVisible();
        settle();
        assertThat(blanks(spares)).isGreaterThan(four + 7);
        spares.getByLabel("Good pieces needed").fill("some");
        assertThat(spares.getByRole(AriaRole.ALERT)).containsText("“some” is not a number of pieces.");
    }

    private static int blanks(Locator spares) {
        return Integer.parseInt(spares.getByText(Pattern.compile("^Cut \\d+")).innerText().replaceAll("Cut (\\d+).*", "$1"));
    }

    @Test
    void evidence_begins_with_what_leans_and_says_what_would_close_the_rest() {
        show("/records/evidence");
        Locator leaning = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Decided or leaning")).getByRole(AriaRole.LISTITEM);
        assertThat(leaning.first()).containsText(Pattern.compile("to 1 for “.+”, from \\d+ bends"));
        Locator open = page.getByRole(AriaRole.TERM).filter(new Locator.FilterOptions().setHasText("?"));
        assertThat(open.count() + leaning.count()).as("questions").isEqualTo(20);
        assertThat(page.getByText(Pattern.compile("\\d+ bends; about \\d+ more would tell")).first()).isVisible();
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("Said against seen")))).isVisible();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Hands"))).isVisible();
    }

    @Test
    void evidence_says_what_breaks_unforeseen_and_what_is_known_of_the_shops_steam() {
        show("/records/evidence");
        assertThat(region("Your shop")).containsText(Pattern.compile("in 100 of your pieces break for no reason we can see"));
        assertThat(region("Your shop").getByRole(AriaRole.TERM)).hasCount(8);
        assertThat(region("Your shop")).containsText("How your steam heats");
        button("Cold plies").click();
        assertThat(region("Your shop").getByRole(AriaRole.TERM)).hasCount(0);
    }

    private Locator region(String name) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
    }
}
