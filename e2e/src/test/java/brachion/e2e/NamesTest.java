package brachion.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** A name put right in one place is right in every record; two can be taken for one. */
class NamesTest extends BrowserTest {

    @Test
    void a_misspelt_name_is_put_right_and_taken_for_one_with_the_right_one() {
        show("/records/new");
        settle();
        word("Bent by").click();
        field("Bent by").fill("Tamsyn");
        field("Bent by").press("Enter");
        assertThat(word("Bent by")).hasText("Tamsyn");
        button("clean").click();
        button("Save this bend").click();
        assertThat(page.getByText("Bend saved.")).isVisible();
        show("/records/names");
        Locator people = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("People"));
        assertThat(people.getByText("Tamsyn")).isVisible();
        button("Rename Tamsyn").press("Enter");
        assertThat(field("Name")).isFocused();
        field("Name").fill("Tamsin");
        field("Name").press("Enter");
        assertThat(page.getByText("There is “Tamsin” already.")).isVisible();
        forgetErrors();
        button("Take both for one").click();
        assertThat(page.getByText("“Tamsyn” and “Tamsin” are one now.")).isVisible();
        assertThat(people.getByText("Tamsyn")).hasCount(0);
        show("/records");
        page.getByRole(AriaRole.LISTITEM).first().getByRole(AriaRole.LINK).click();
        assertThat(page.getByText("Tamsin").first()).isVisible();
    }
}
