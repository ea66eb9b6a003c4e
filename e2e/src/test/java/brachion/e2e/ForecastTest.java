package brachion.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class ForecastTest extends BrowserTest {

    @Test
    void odds_fall_as_the_radius_is_tightened() {
        show("/plan");
        double last = oddsAfter(() -> type("Inner radius", "12\""));
        double first = last;
        for (String radius : new String[] {"9\"", "7\"", "5\"", "4\""}) {
            double next = oddsAfter(() -> type("Inner radius", radius));
            assertThat(next).as("odds at " + radius).isLessThanOrEqualTo(last);
            last = next;
        }
        assertThat(last).as("from twelve inches to four").isLessThan(first - 0.3);
    }

    @Test
    void beside_the_odds_stands_what_breaks_unforeseen_and_whether_the_records_reach_so_far() {
        show("/plan");
        Locator odds = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Odds"));
        assertThat(odds).containsText(Pattern.compile("\\d+ in 100 of your pieces break for no reason we can see"));
        assertThat(odds).containsText(Pattern.compile("\\d+ of your bends were about as hard"));
        oddsAfter(() -> type("Inner radius", "3/8\""));
        assertThat(odds).containsText("Harder than anything you have logged");
    }

    @Test
    void a_steel_strap_moves_the_axis_and_raises_the_odds() {
        show("/plan");
        double bare = oddsAfter(() -> type("Inner radius", "4\""));
        String before = drawing().getAttribute("aria-label");
        double strapped = oddsAfter(() -> choose("Support on the outer face", "steel strap"));
        assertThat(strapped).isGreaterThan(bare);
        assertThat(drawing().getAttribute("aria-label")).isNotEqualTo(before);
        assertThat(page.getByText("A strap under load stores energy")).isVisible();
    }

    @Test
    void inches_and_millimetres_are_one_switch_and_the_piece_stays_the_same() {
        show("/plan");
        double before = oddsAfter(() -> type("Inner radius", "5"));
        assertThat(field("Inner radius")).hasValue("5\"");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Millimetres and degrees Celsius")).click();
        assertThat(drawing()).hasAttribute("aria-label", Pattern.compile(".*inner radius 127 mm.*"));
        assertThat(odds()).isEqualTo(before);
        assertThat(oddsAfter(() -> type("Inner radius", "300"))).isGreaterThan(before);
        assertThat(field("Inner radius")).hasValue("300 mm");
    }

    @Test
    void a_trial_can_be_taken_into_the_forecast_and_from_there_into_the_log() {
        show("/records");
        page.getByRole(AriaRole.LISTITEM).first().getByRole(AriaRole.LINK).click();
        button("Try changes").click();
        assertThat(page).hasURL(Pattern.compile(".*/plan"));
        String radius = field("Inner radius").inputValue();
        button("Bend it and log how it went").click();
        assertThat(page).hasURL(Pattern.compile(".*/records/new"));
        assertThat(field("Inner radius")).hasValue(radius);
    }

    @Test
    void the_finished_section_stays_when_it_is_made_of_plies_and_when_it_is_solid_again() {
        show("/plan");
        type("Inner radius", "10\"");
        type("Thickness", "5/8");
        bendBy("Cold lamination");
        settle();
        assertThat(field("Finished thickness")).hasValue("5/8");
        assertThat(field("Plies")).hasAttribute("placeholder", "7 plies");
        assertThat(page.getByText(Pattern.compile("^7 plies of 3/32\" × 1\", radius 10\""))).isVisible();
        double thick = oddsAfter(() -> type("Plies", "2"));
        assertThat(field("Or each ply")).hasAttribute("placeholder", "5/16\"");
        double thin = oddsAfter(() -> type("Or each ply", "1/16"));
        assertThat(field("Plies")).hasAttribute("placeholder", "10 plies");
        assertThat(field("Plies")).hasValue("");
        assertThat(thin).isGreaterThan(thick);
        bendBy("Steam box");
        settle();
        assertThat(field("Thickness")).hasValue("5/8");
        assertThat(page.getByText(Pattern.compile("^5/8\" × 1\", radius 10\""))).isVisible();
    }

    @Test
    void a_unit_that_is_typed_is_honoured_or_refused() {
        show("/plan");
        field("Steam, minutes").fill("2 h");
        assertThat(page.getByText("= 120 min")).isVisible();
        assertThat(page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("End of steam"))).hasAttribute("aria-valuetext", "2 h");
        type("Steam, minutes", "90 °F");
        assertThat(page.getByText(Pattern.compile("^Waits: “90 °F” is not a span of time"))).isVisible();
    }

    @Test
    void a_mistyped_value_leaves_the_last_answer_in_its_place_and_is_named() {
        show("/plan");
        double before = oddsAfter(() -> type("Inner radius", "7\""));
        List<Locator> parts = List.of(drawing(), page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Odds")), field("Width"),
                page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Parts of the plan")),
                page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Strain across the thickness")));
        List<BoundingBox> places = parts.stream().map(Locator::boundingBox).toList();
        type("Inner radius", "7q");
        assertThat(page.getByText(Pattern.compile("^Waits: “7q” is not a length"))).isVisible();
        assertThat(odds()).as("the last answer stays").isEqualTo(before);
        assertThat(page.locator("[aria-busy=true]", new Page.LocatorOptions().setHas(drawing()))).isVisible();
        for (int i = 0; i < parts.size(); i++) {
            assertThat(parts.get(i).boundingBox()).as(parts.get(i).toString()).usingRecursiveComparison().isEqualTo(places.get(i));
        }
        oddsAfter(() -> type("Inner radius", "8\""));
        assertThat(page.getByText(Pattern.compile("^Waits:"))).hasCount(0);
    }

    private Locator drawing() {
        return page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("The piece on its form")));
    }
}
