package brachion.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class LogABendTest extends BrowserTest {

    @Test
    void a_bend_typed_in_fractions_is_listed_after_a_reload_and_can_be_removed_and_brought_back() {
        show("/records/new");
        type("Thickness", "5/16");
        type("Width", "1 1/4\"");
        type("Inner radius", "2'6\"");
        button("clean").click();
        type("Note", "Gate hinge strap, first of three");
        button("Save this bend").click();
        assertThat(page.getByText("Bend saved.")).isVisible();

        show("/records");
        page.reload();
        Locator row = page.getByRole(AriaRole.LISTITEM).first();
        assertThat(row).containsText("5/16\" × 1 1/4\", radius 30\" through 180°");
        row.getByRole(AriaRole.LINK).click();
        assertThat(page.getByText("Gate hinge strap, first of three")).isVisible();
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions()
                .setName(Pattern.compile("The piece on its form")))).isVisible();

        button("Delete").click();
        assertThat(page.getByText("Bend deleted.")).isVisible();
        assertThat(page.getByRole(AriaRole.LISTITEM).first()).not().containsText("radius 30\"");
        button("Undo").click();
        assertThat(page.getByRole(AriaRole.LISTITEM).first()).containsText("radius 30\"");
    }

    @Test
    void a_mistyped_length_is_named_and_nothing_is_lost() {
        show("/records/new");
        type("Inner radius", "9\"");
        type("Thickness", "3/1x6");
        assertThat(page.getByText("Waits: “3/1x6” is not a length. Try 3/16")).isVisible();
        button("clean").click();
        button("Save this bend").click();
        assertThat(page.getByText("An entry is marked in red")).isVisible();
        page.reload();
        assertThat(field("Thickness")).hasValue("3/1x6");
        assertThat(field("Inner radius")).hasValue("9\"");
        field("Thickness").fill("3/16");
        assertThat(page.getByText("= 4.8 mm")).isVisible();
    }

    /** The label of an empty field stands in it, and in its frame once there is something to read; beside a mark always. */
    @Test
    void a_label_never_lies_over_what_is_typed() {
        String within = "matrix(1, 0, 0, 1, 14, 9)";
        String inFrame = "matrix(0.75, 0, 0, 0.75, 14, -9)";
        show("/records/new");
        button("All fields").click();
        Locator released = page.locator("label").filter(new Locator.FilterOptions().setHasText("Radius after release"));
        assertThat(released).hasCSS("transform", within);
        field("Radius after release").focus();
        assertThat(released).hasCSS("transform", inFrame);
        type("Radius after release", "7\"");
        field("Note").focus();
        assertThat(released).hasCSS("transform", inFrame);
        assertThat(page.locator("label").filter(new Locator.FilterOptions().setHasText("Species"))).hasCSS("transform", inFrame);
        assertThat(page.locator("label").filter(new Locator.FilterOptions().setHasText("Grain slope"))).hasCSS("transform", inFrame);
        assertThat(page.locator("label").filter(new Locator.FilterOptions().setHasText("Bent on"))).hasCSS("transform", inFrame);
    }

    @Test
    void a_length_no_bench_has_seen_is_refused_with_the_bound() {
        show("/records/new");
        type("Thickness", "20 in");
        assertThat(page.getByText("Waits: Thickness must be between 0.3 and 100 mm")).isVisible();
    }

    @Test
    void a_radius_in_the_other_unit_is_said_not_to_count_until_it_is_corrected() {
        show("/records/new");
        type("Inner radius", "9\"");
        button("clean").click();
        type("Radius after release", "9 mm");
        button("Save this bend").click();
        assertThat(page.getByText("Bend saved.")).isVisible();
        show("/records");
        Locator named = page.getByRole(AriaRole.ALERT).getByText(Pattern.compile("inches and millimetres were mixed up"));
        assertThat(named).isVisible();
        page.getByRole(AriaRole.ALERT).getByRole(AriaRole.LINK).click();
        assertThat(page.getByText(Pattern.compile("No forecast counts this bend"))).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Correct")).click();
        type("Radius after release", "9 1/4\"");
        button("Save the correction").click();
        assertThat(page.getByText("Save the correction")).not().isVisible();
        assertThat(page.getByText(Pattern.compile("No forecast counts this bend"))).not().isVisible();
    }

    @Test
    void a_correction_changes_the_trial_and_not_the_draft() {
        show("/records");
        page.getByRole(AriaRole.LISTITEM).last().getByRole(AriaRole.LINK).click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Correct")).click();
        type("Note", "Corrected at the bench");
        button("Save the correction").click();
        assertThat(page.getByText("Corrected at the bench")).isVisible();
        show("/records/new");
        assertThat(field("Note")).hasValue("");
    }

    @Test
    void a_bend_can_be_logged_by_keyboard_alone() {
        show("/records/new");
        field("Thickness").focus();
        page.keyboard().press("ControlOrMeta+a");
        page.keyboard().type("7/16");
        tabTo("clean");
        page.keyboard().press("Space");
        tabTo("Save this bend");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Bend saved.")).isVisible();
    }

    private void tabTo(String name) {
        for (int presses = 0; presses < 60; presses++) {
            page.keyboard().press("Tab");
            if (name.equals(page.evaluate("document.activeElement.textContent"))) {
                return;
            }
        }
        throw new AssertionError("Tab never reached " + name);
    }

    /** 11 inches across and 3 1/2 high lie on a radius of (30.25 + 12.25)/7 inches, 6 5/64 on the rule. */
    @Test
    void a_curve_is_told_by_a_straight_edge_and_a_flaw_by_its_place() {
        show("/records/new");
        type("Inner radius", "6\"");
        button("flaw, can be mended").click();
        button("splinter or crack outside").click();
        button("first half").click();
        button("chord and rise").click();
        type("Chord across the inside", "11");
        type("Rise in its middle", "3 1/2");
        assertThat(page.getByText("Radius 6 5/64\", give or take")).isVisible();
        type("Mended how", "thin glue, bound overnight");
        button("Save this bend").click();
        assertThat(page.getByText("Bend saved.")).isVisible();
        show("/records");
        page.getByRole(AriaRole.LISTITEM).first().getByRole(AriaRole.LINK).click();
        Locator record = page.getByRole(AriaRole.MAIN);
        assertThat(record).containsText("by a chord of 11\" and a rise of 3 1/2\"");
        assertThat(record).containsText("first half of the bend");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Correct")).click();
        assertThat(field("Rise in its middle")).hasValue("3 1/2\"");
        assertThat(field("Mended how")).hasValue("thin glue, bound overnight");
    }

    @Test
    void several_pieces_of_one_batch_are_logged_at_once_and_taken_back_at_once() {
        show("/records/new");
        type("Thickness", "5/16");
        button("clean").click();
        field("Pieces that came out so").fill("many");
        button("Save this bend").click();
        assertThat(page.getByText("One piece to 50, as a whole number.")).isVisible();
        field("Pieces that came out so").fill("3");
        button("Save this bend").click();
        assertThat(page.getByText("3 bends saved. The recipe stays for the next piece.")).isVisible();
        assertThat(field("Pieces that came out so")).hasValue("1");
        button("Undo").click();
        assertThat(page.getByText("3 bends saved.")).hasCount(0);
    }

    @Test
    void two_records_stand_side_by_side_with_what_was_forecast_of_each_before() {
        show("/records/3");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Compare")).click();
        assertThat(page.getByText("Choose two or more")).isVisible();
        page.getByRole(AriaRole.CHECKBOX).first().check();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Compare 2")).click();
        Locator table = page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Records side by side"));
        assertThat(table.getByText(Pattern.compile("in \\d+ to hold"))).hasCount(2);
        assertThat(table.getByText(Pattern.compile("^It (held|broke)\\.$"))).hasCount(2);
    }
}
