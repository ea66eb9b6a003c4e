package brachion.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every way of bending hot wood: forecast as it is typed, its stages on the strip, written down and read again. */
class HotWaysTest extends BrowserTest {

    @ParameterizedTest
    @CsvSource({"Steam box, Steam, 'Chamber temperature', 'Never seal the chamber'",
        "Steam bag, Steam bag, 'Bag temperature', 'leave the far end open'",
        "Steam in place, Steam left on, 'Steam left on, minutes', 'an end of the bag open'",
        "Hot bath, Hot bath, 'In the bath, minutes', 'Near-boiling water scalds'",
        "Hot pipe, Hot pipe, 'Touching, % of the time', 'hot enough to scorch dry wood'",
        "Free bending, Steam bag, 'Bag temperature', 'tightest place is tighter than the curve'",
        "Green rod, Steam, 'Thinned over', 'keep your face out of its way'",
        "'Steam, then laminate', Steam, 'Or each ply', 'Set the plies in the order they will be glued'"})
    void a_way_has_its_own_fields_its_stages_and_its_caution(String way, String stage, String field, String caution) {
        show("/plan");
        bendBy(way);
        settle();
        assertThat(odds()).isBetween(0.0, 1.0);
        assertThat(field(field)).isVisible();
        assertThat(page.getByText(Pattern.compile(caution))).isVisible();
        assertThat(page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("End of " + stage.toLowerCase()).setExact(true))).isVisible();
    }

    @Test
    void what_ways_share_stays_when_one_changes_between_them() {
        show("/plan");
        type("Steam, minutes", "52");
        type("Soak, hours", "9");
        settle();
        bendBy("Steam bag");
        settle();
        assertThat(field("Steam, minutes")).hasValue("52");
        assertThat(field("Soak, hours")).hasValue("9");
        assertThat(field("Carry, seconds")).isVisible();
        choose("Bent", "with the bag on");
        settle();
        assertThat(field("Carry, seconds")).hasCount(0);
        assertThat(page.getByText("nothing cools before it is clamped")).isVisible();
        bendBy("Hot bath");
        settle();
        assertThat(field("Cold soak, hours")).hasValue("9");
    }

    @Test
    void steam_that_stays_on_is_dragged_on_the_strip_written_down_and_corrected() {
        show("/plan");
        bendBy("Steam in place");
        settle();
        page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("End of steam left on")).press("ArrowRight");
        assertThat(field("Steam left on, minutes")).hasValue("20");
        settle();
        button("Bend it and log how it went").click();
        settle();
        button("clean").click();
        button("Save this bend").click();
        assertThat(page.getByText("Bend saved.")).isVisible();
        show("/records");
        assertThat(page.getByText(Pattern.compile("steam in place at 208 °F, steam left on 20 min")).first()).isVisible();
        page.getByRole(AriaRole.LISTITEM).first().getByRole(AriaRole.LINK).click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Correct")).click();
        assertThat(page).hasURL(Pattern.compile(".*/records/\\d+/correct$"));
        page.reload();
        assertThat(field("Steam left on, minutes")).hasValue("20");
        assertThat(button("Save the correction")).isVisible();
    }
}
