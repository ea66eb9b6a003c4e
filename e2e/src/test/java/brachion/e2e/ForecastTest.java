package brachion.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class ForecastTest extends BrowserTest {

    @Test
    void odds_fall_as_the_radius_is_tightened() {
        show("/forecast");
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
        show("/forecast");
        Locator odds = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Odds"));
        assertThat(odds).containsText(Pattern.compile("\\d+ in 100 pieces of yours break for reasons nothing measured here explains"));
        assertThat(odds).containsText(Pattern.compile("\\d+ of your records were asked about as much"));
        oddsAfter(() -> type("Inner radius", "3/8\""));
        assertThat(odds).containsText("Beyond your records");
    }

    @Test
    void a_steel_strap_moves_the_axis_and_raises_the_odds() {
        show("/forecast");
        double bare = oddsAfter(() -> type("Inner radius", "4\""));
        String before = drawing().getAttribute("aria-label");
        double strapped = oddsAfter(() -> button("steel strap").click());
        assertThat(strapped).isGreaterThan(bare);
        assertThat(drawing().getAttribute("aria-label")).isNotEqualTo(before);
        assertThat(page.getByText("A strap under load stores energy")).isVisible();
    }

    @Test
    void inches_and_millimetres_are_one_switch_and_the_piece_stays_the_same() {
        show("/forecast");
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
        show("/trials");
        page.getByRole(AriaRole.LISTITEM).first().getByRole(AriaRole.LINK).click();
        button("Try changes").click();
        assertThat(page).hasURL(Pattern.compile(".*/forecast"));
        String radius = field("Inner radius").inputValue();
        button("Bend it and log how it went").click();
        assertThat(page).hasURL(Pattern.compile(".*/log"));
        assertThat(field("Inner radius")).hasValue(radius);
    }

    @Test
    void a_lamination_is_judged_ply_by_ply() {
        show("/forecast");
        button("Cold lamination").click();
        type("Inner radius", "10\"");
        double thick = oddsAfter(() -> type("Ply thickness", "1/4"));
        double thin = oddsAfter(() -> type("Ply thickness", "1/16"));
        assertThat(thin).isGreaterThan(thick);
    }

    private Locator drawing() {
        return page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("The piece on its form")));
    }
}
