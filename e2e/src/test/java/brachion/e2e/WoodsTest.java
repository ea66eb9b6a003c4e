package brachion.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** A wood the catalogue has not is added where it is wanted, forecast, changed and taken away. */
class WoodsTest extends BrowserTest {

    @Test
    void a_wood_is_added_from_a_forecast_and_the_odds_follow_what_is_known_of_it() {
        show("/plan");
        button("All fields").click();
        species().fill("Osage orange");
        page.getByText("Add “Osage orange” …").click();
        assertThat(field("Name at the yard")).hasValue("Osage orange");
        button("ring-porous").click();
        type("Weight, lb/ft³", "53");
        button("Save this wood").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
        assertThat(species()).hasValue("Osage orange");
        assertThat(page.getByText("Bending radii of this species are estimated")).isVisible();
        settle();
        double estimated = odds();

        show("/records/woods");
        row().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Change Osage orange")).click();
        type("Radius, no strap", "4\"");
        button("Save this wood").click();
        assertThat(page.getByText(Pattern.compile("Say where these figures come from"))).isVisible();
        forgetErrors();
        type("Where the figures come from", "Our own bends");
        button("Save this wood").click();
        assertThat(page.getByText("Osage orange is kept; every forecast knows it now.")).isVisible();
        assertThat(row()).containsText("4\"");

        show("/plan");
        assertThat(species()).hasValue("Osage orange");
        settle();
        Assertions.assertThat(odds()).isGreaterThan(estimated);

        oddsAfter(() -> {
            species().fill("White ash");
            page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("White ash").setExact(true)).click();
        });
        show("/records/woods");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take Osage orange away")).click();
        assertThat(page.getByText("Osage orange is taken away.")).isVisible();
        assertThat(page.getByText("Osage orange", new Page.GetByTextOptions().setExact(true))).isHidden();
    }

    @Test
    void a_wood_is_found_by_what_the_yard_calls_it() {
        show("/plan");
        button("All fields").click();
        species().fill("tulip poplar");
        oddsAfter(() -> page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Yellow-poplar (Tulip poplar)")).click());
        assertThat(species()).hasValue("Yellow-poplar");

        show("/records/woods");
        type("Find a wood", "hainbuche");
        assertThat(page.getByRole(AriaRole.ROWHEADER, new Page.GetByRoleOptions().setName(Pattern.compile("^Hornbeam")))).containsText("Common hornbeam, Hainbuche");
        assertThat(page.getByText("White oak")).hasCount(0);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("How this is computed")).click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Where the figures come from"))).isInViewport();
    }

    private Locator species() {
        return page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Species"));
    }

    private Locator row() {
        return page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("^Osage orange")));
    }
}
