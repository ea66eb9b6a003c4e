package brachion.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Records found by words and facts, counted, and looked at again. */
class FindTest extends BrowserTest {

    private static final Pattern COUNT = Pattern.compile("^(\\d+) bend(s match| matches)$");

    private Locator pick(String label, String option) {
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(label)).selectOption(new SelectOption().setLabel(option));
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Filter by " + option));
    }

    private int found() {
        Locator said = page.getByRole(AriaRole.STATUS).getByText(COUNT);
        assertThat(said).isVisible();
        return Integer.parseInt(said.innerText().replaceFirst("\\D.*", ""));
    }

    @ParameterizedTest
    @ValueSource(ints = {1280, 390})
    void broken_ash_is_found_counted_and_kept_as_a_view(int widthPx) {
        page.setViewportSize(widthPx, 800);
        show("/records");
        Locator ended = pick("Filter", "Ended");
        ended.getByRole(AriaRole.CHECKBOX, new Locator.GetByRoleOptions().setName(Pattern.compile("^broken"))).click();
        int broken = found();
        Locator wood = pick("Filter", "Wood");
        Locator ash = wood.getByRole(AriaRole.CHECKBOX, new Locator.GetByRoleOptions().setName(Pattern.compile("^White ash")));
        ash.click();
        assertThat(page.getByText("Wood: White ash", new Page.GetByTextOptions().setExact(true))).isVisible();
        String ashes = wood.getByText(Pattern.compile("^White ash")).innerText().replaceAll("\\D", "");
        assertThat(page.getByRole(AriaRole.STATUS).getByText(ashes + " bends match")).isVisible();
        assertThat(Integer.parseInt(ashes)).isBetween(1, broken - 1);
        button("Done").click();
        Locator first = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Bends")).getByRole(AriaRole.LISTITEM).first();
        assertThat(first).containsText("White ash");
        assertThat(first).containsText("broken");

        String view = "Broken ash at " + widthPx;
        button("Save this view").click();
        field("Called").fill(view);
        button("Save").click();
        Locator kept = button(view);
        assertThat(kept).hasAttribute("aria-pressed", "true");
        first.getByRole(AriaRole.LINK).click();
        page.waitForURL("**/records/*");
        page.goBack();
        assertThat(page.getByRole(AriaRole.STATUS).getByText(ashes + " bends match")).isVisible();
        button("Clear filters").click();
        kept.click();
        assertThat(page.getByRole(AriaRole.STATUS).getByText(ashes + " bends match")).isVisible();
        button("Delete").click();
        assertThat(kept).hasCount(0);

        pick("Group by", "Flaw");
        Locator table = page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Bends by flaw"));
        Locator snapped = table.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^snapped through")));
        String snaps = snapped.innerText().replaceFirst("\\D.*", "");
        snapped.click();
        assertThat(page.getByRole(AriaRole.STATUS).getByText(COUNT)).hasText(Pattern.compile("^" + snaps + " bend"));
        assertThat((Integer) page.evaluate("document.documentElement.scrollWidth")).isLessThanOrEqualTo(widthPx);
    }

    @Test
    void a_record_is_found_by_a_word_of_its_note() {
        show("/records/new");
        field("Note").fill("spar knee 4711");
        button("clean").click();
        button("Save this bend").click();
        assertThat(page.getByText("Bend saved.")).isVisible();
        show("/records");
        field("Search notes and names").fill("KNEE 4711");
        assertThat(page.getByRole(AriaRole.STATUS).getByText("1 bend matches")).isVisible();
    }
}
