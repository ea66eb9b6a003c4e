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

/** A recipe is a sentence whose words are controls: by keyboard, by touch, read aloud, and beside the plain fields. */
class SentenceTest extends BrowserTest {

    @Test
    void it_is_changed_by_the_keyboard_alone_and_a_mistyped_word_moves_nothing() {
        show("/plan");
        double before = oddsAfter(() -> type("Inner radius", "7\""));
        field("Thickness").focus();
        page.keyboard().press("Tab");
        assertThat(field("Width")).isFocused();
        page.keyboard().type("3");
        assertThat(field("Width")).hasValue("3");
        page.keyboard().press("Escape");
        assertThat(field("Width")).hasValue("1\"");
        page.keyboard().press("Tab");
        assertThat(word("Seasoning")).isFocused();
        page.keyboard().press("ArrowDown");
        page.keyboard().type("kiln");
        page.keyboard().press("Enter");
        assertThat(word("Seasoning")).hasText("kiln-dried");
        choose("Seasoning", "air-dried");
        settle();
        assertThat(odds()).isEqualTo(before);
        Locator sentence = recipe().locator("p").first();
        BoundingBox place = sentence.boundingBox();
        field("Steam, minutes").fill("3o");
        field("Steam, minutes").press("Tab");
        assertThat(field("Steam, minutes")).hasAttribute("aria-invalid", "true");
        assertThat(page.getByText(Pattern.compile("^Waits: “3o”"))).isVisible();
        assertThat(odds()).as("the last answer stays").isEqualTo(before);
        assertThat(sentence.boundingBox()).usingRecursiveComparison().isEqualTo(place);
    }

    @Test
    void one_key_leads_to_the_next_word_nobody_knows_and_another_to_the_search() {
        show("/plan");
        page.locator("main").focus();
        page.keyboard().press("n");
        assertThat(field("Moisture %")).isFocused();
        page.keyboard().type("12");
        page.keyboard().press("Alt+n");
        assertThat(field("Grain slope, 1 in")).isFocused();
        assertThat(field("Moisture %")).hasValue("12");
        page.keyboard().press("Alt+n");
        assertThat(word("Growth rings at the bend")).isFocused();
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Keys"))).isVisible();
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        page.keyboard().press("/");
        assertThat(field("Search notes and names")).isFocused();
        assertThat(page).hasURL(Pattern.compile("/records$"));
    }

    @Test
    void it_is_read_aloud_as_a_sentence() {
        show("/plan");
        String read = recipe().locator("p").first().ariaSnapshot().replaceAll("\\s+", " ").replaceAll("- /placeholder: \"[^\"]*\" - text: ", "");
        assertThat(read).contains("Bend", "textbox \"Thickness\": 1/2\"", "×", "textbox \"Width\": 1\"", "button \"Seasoning: air-dried\"",
                "button \"Species: white ash\"", "inside through", "textbox \"Bend angle °\": \"180\"", "button \"How it is bent: steam box\"", "to the form and");
        word("Knots or wild grain").click();
        assertThat(page.getByRole(AriaRole.LISTBOX)).hasAccessibleName("Knots or wild grain");
    }

    @Test
    void everything_that_is_decided_by_stands_in_one_look() {
        show("/plan");
        type("Inner radius", "5\"");
        settle();
        Locator odds = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Odds"));
        Locator changes = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What to change")).locator("button:not([aria-pressed])");
        for (Locator seen : List.of(recipe(), page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("The piece on its form"))),
                odds.locator("p").first(), odds.getByText(Pattern.compile("limits it")), changes.nth(0), changes.nth(1))) {
            BoundingBox box = seen.boundingBox();
            assertThat(box.y).as("top of %s", seen).isPositive();
            assertThat(box.y + box.height).as("bottom of %s", seen).isLessThan(800);
        }
    }

    @Test
    void on_a_phone_it_wraps_and_plan_and_log_are_short() {
        page.setViewportSize(390, 844);
        show("/plan");
        settle();
        assertThat((int) page.evaluate("document.documentElement.scrollHeight")).as("height of the plan").isLessThanOrEqualTo(1_850);
        bendBy("Hot pipe");
        word("Board").click();
        field("Board").fill("from-the-stack-behind-the-second-barn-door-".repeat(2));
        field("Board").press("Enter");
        type("Thickness", "12345678901234567890123456789012345678901234567890");
        assertThat(page.getByText(Pattern.compile("^Waits: "))).isVisible();
        assertThat(page.evaluate("document.documentElement.scrollWidth")).as("with a long name and a long number in it").isEqualTo(390);
        show("/records/new");
        settle();
        assertThat((int) page.evaluate("document.documentElement.scrollHeight")).as("height of the log").isLessThanOrEqualTo(1_750);
        assertThat(button("Save this bend")).isInViewport();
    }

    @Test
    void who_likes_fields_better_keeps_them_and_both_are_of_one_recipe() {
        show("/plan");
        bendBy("Steam bag");
        type("Steam, minutes", "52");
        button("All fields").click();
        assertThat(field("Steam, minutes")).hasValue("52");
        assertThat(button("Steam bag")).hasAttribute("aria-pressed", "true");
        type("Steam, minutes", "53");
        page.reload();
        assertThat(button("Steam bag")).isVisible();
        show("/records/new");
        assertThat(button("Steam box")).isVisible();
        show("/plan");
        button("As a sentence").click();
        assertThat(field("Steam, minutes")).hasValue("53");
        assertThat(word("How it is bent")).hasText("steam bag");
    }

    @Test
    void a_bend_that_was_planned_is_logged_by_two_taps_and_read_back_as_the_sentence() {
        show("/plan");
        type("Inner radius", "11\"");
        settle();
        button("Bend it and log how it went").click();
        assertThat(recipe()).containsText("Bent");
        button("clean").click();
        button("Save this bend").click();
        assertThat(page.getByText("Bend saved.")).isVisible();
        show("/records");
        page.getByRole(AriaRole.LISTITEM).first().getByRole(AriaRole.LINK).click();
        assertThat(page.getByText("1/2\" × 1\" of air-dried white ash to 11\" inside through 180°, after 30 min in the steam box at 208 °F, no soak, no strap, "
                + "15 s to the form and 24 h on it.")).isVisible();
        button("Delete").click();
        assertThat(page.getByText("Bend deleted.")).isVisible();
    }

    private Locator recipe() {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Recipe"));
    }
}
