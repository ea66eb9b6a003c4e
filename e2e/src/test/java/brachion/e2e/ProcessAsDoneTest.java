package brachion.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class ProcessAsDoneTest extends BrowserTest {

    @Test
    void what_was_done_is_kept_beside_the_plan_with_the_names_and_the_chamber() {
        show("/records/new");
        button("All fields").click();
        name("Board", "Ash, third from the pile");
        name("Bent by", "Odo");
        page.getByText("It went otherwise than planned").click();
        type("Steamed, minutes", "47");
        type("Chamber, minutes and temperature, one reading a line", "0 120 °F\n15 min 92 °C\n30 200 °F");
        button("clean").click();
        button("Save this bend").click();
        assertThat(page.getByText("Bend saved.")).isVisible();
        show("/records");
        page.getByRole(AriaRole.LISTITEM).first().getByRole(AriaRole.LINK).click();
        assertThat(page.getByText("steamed 47 min instead of 30 min")).isVisible();
        assertThat(page.getByText("board Ash, third from the pile, bent by Odo")).isVisible();
        assertThat(page.getByText(Pattern.compile("The chamber came to 200 °F; 208 °F was wanted"))).isVisible();
        button("Delete").click();
        assertThat(page.getByText("Bend deleted.")).isVisible();
    }

    /** A name is typed into a field that offers the ones used before. */
    private void name(String label, String text) {
        Locator field = page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(label).setExact(true));
        field.fill(text);
        field.press("Tab");
    }

    @Test
    void a_reading_that_cannot_be_read_is_named() {
        show("/records/new");
        page.getByText("It went otherwise than planned").click();
        type("Chamber, minutes and temperature, one reading a line", "hot");
        assertThat(page.getByText("“hot” is not a time and a temperature")).isVisible();
        button("clean").click();
        button("Save this bend").click();
        assertThat(page.getByText("An entry is marked in red")).isVisible();
    }
}
