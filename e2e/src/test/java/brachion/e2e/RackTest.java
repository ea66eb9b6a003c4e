package brachion.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class RackTest extends BrowserTest {

    @Test
    void a_piece_is_hung_weighed_and_keeps_its_weigh_in_after_a_reload() {
        show("/bench/rack");
        button("Put on the rack").click();
        type("Name", "Test crook");
        type("Thickness", "7/8");
        type("Moisture at the start %", "24");
        type("Mass at the start, g", "620");
        button("Hang it").click();
        Locator piece = piece("Test crook");
        assertThat(piece).containsText("Not weighed yet");
        String guessed = piece.innerText();
        piece.getByLabel("Mass, g").fill("600");
        piece.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Write it down")).click();
        assertThat(piece).not().containsText("Not weighed yet");
        page.reload();
        assertThat(piece.getByRole(AriaRole.IMG)).hasAttribute("aria-label", Pattern.compile(".*found 20.0 per cent.*"));
        assertThat(piece.innerText()).isNotEqualTo(guessed);
    }

    @Test
    void a_piece_taken_off_can_be_put_back() {
        show("/bench/rack");
        piece("Drum hoop").getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take it off")).click();
        assertThat(page.getByText("Drum hoop taken off the rack.")).isVisible();
        assertThat(piece("Drum hoop")).hasCount(0);
        button("Undo").click();
        assertThat(piece("Drum hoop")).isVisible();
    }

    @Test
    void a_mistyped_reading_is_named() {
        show("/bench/rack");
        Locator piece = piece("Crook handle for the gate");
        piece.getByLabel("Moisture %").fill("dry");
        piece.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Write it down")).click();
        assertThat(piece.getByRole(AriaRole.ALERT)).containsText("“dry” is not a moisture content");
    }

    private Locator piece(String name) {
        return page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions()
                .setHas(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name).setExact(true))));
    }
}
