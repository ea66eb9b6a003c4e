package brachion.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class RigTest extends BrowserTest {

    @Test
    void a_long_chamber_is_too_much_for_a_small_generator_and_the_rig_is_kept() {
        show("/rig");
        assertThat(page.getByText(Pattern.compile("It holds 208 °F with steam to spare"))).isVisible();
        type("Length inside", "10'");
        assertThat(page.getByText(Pattern.compile("It just holds|It never holds"))).isVisible();
        assertThat(page.getByText(Pattern.compile("Put .* of foam or wool round it"))).isVisible();
        type("Insulation", "1\"");
        button("Save the rig").click();
        assertThat(page.getByText("The rig is kept.")).isVisible();
        page.evaluate("localStorage.clear()");
        page.reload();
        assertThat(field("Length inside")).hasValue("120\"");
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("The chamber, 120\" long with 4 pieces"))))
                .isVisible();
        type("Length inside", "48\"");
        type("Insulation", "0");
        button("Save the rig").click();
        assertThat(page.getByText("The rig is kept.").first()).isVisible();
    }

    @Test
    void a_sealed_chamber_is_refused_with_the_bound() {
        show("/rig");
        type("Vents and drain, open area mm²", "0");
        assertThat(page.getByText(Pattern.compile("Open area of vents and drain must be between 50")).first()).isVisible();
        forgetErrors();
    }
}
