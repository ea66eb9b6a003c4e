package brachion.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class ProcessStripTest extends BrowserTest {

    @Test
    void arrow_keys_lengthen_the_steaming_and_the_odds_follow() {
        show("/plan");
        choose("Seasoning", "kiln-dried");
        double before = oddsAfter(() -> type("Moisture %", "8"));
        Locator handle = handle("End of steam");
        handle.focus();
        double after = before;
        for (int press = 0; press < 3; press++) {
            after = oddsAfter(() -> page.keyboard().press("PageUp"));
        }
        assertThat(field("Steam, minutes")).hasValue("120");
        assertThat(handle).hasAttribute("aria-valuetext", "2 h");
        assertThat(after).isGreaterThan(before);
    }

    @Test
    void the_end_of_a_stage_can_be_dragged() {
        show("/plan");
        Locator handle = handle("End of carry");
        BoundingBox box = inTheMiddle(handle);
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + 60, y, new Mouse.MoveOptions().setSteps(5));
        page.mouse().up();
        double seconds = Double.parseDouble(field("Carry, seconds").inputValue());
        assertThat(seconds).isBetween(20.0, 60.0);
    }

    @Test
    void typed_values_move_the_strip_and_a_soak_adds_its_stage() {
        show("/plan");
        assertThat(handle("End of soak")).hasCount(0);
        type("Soak, hours", "12");
        assertThat(handle("End of soak")).hasAttribute("aria-valuetext", "12 h");
        assertThat(strip()).hasAttribute("aria-label", Pattern.compile(".*Soak for 12 h.*"));
    }

    @Test
    void a_moment_under_the_pointer_is_read_out_and_the_rules_of_thumb_stand_beside_the_computed_time() {
        show("/plan");
        strip().hover();
        assertThat(page.getByText(Pattern.compile("outer face \\d+ °F, core \\d+ °F"))).isVisible();
        assertThat(page.getByText(Pattern.compile("The core is hot after .*Rules of thumb say .*an hour an inch"))).isVisible();
        assertThat(page.getByText(Pattern.compile("Clamp it within \\d+ s"))).isVisible();
    }

    private Locator handle(String name) {
        return page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName(name));
    }

    private Locator strip() {
        return page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("Process strip")));
    }
}
