package brachion.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Boards: laid in, marked, blanks laid on them and dragged, and one of them carried to its verdict. */
class StockTest extends BrowserTest {

    private void layIn(String name) {
        show("/stock/new");
        field("Name of the board").fill(name);
        type("Length", "8'");
        type("Width", "6\"");
        type("Thickness", "1 1/16");
        type("Grain slope, 1 in", "20");
        button("Lay it in").click();
        page.waitForURL(Pattern.compile(".*/stock/\\d+$"));
        settle();
    }

    private Locator cutList() {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Cut list"));
    }

    private Locator onBoard(String beginning) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + beginning + " at ")));
    }

    @Test
    void a_piece_goes_from_its_board_over_the_bench_to_its_verdict() {
        layIn("Ash by the door");
        field("Moisture %").fill("17");
        button("Write it down").click();
        assertThat(page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("Moisture"))).containsText("17 % by meter");
        field("Called").fill("Rim");
        button("Lay where best").click();
        assertThat(cutList()).containsText("Clear in the bend, grain 1 in 20.");
        settle();
        cutList().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Put it on the bench")).click();
        assertThat(field("Name of the piece")).hasValue("Rim 1");
        button("Lay it there").click();
        Locator card = page.getByRole(AriaRole.LISTITEM, new Page.GetByRoleOptions().setName("Rim 1").setExact(true));
        assertThat(card).containsText("Sawn from Ash by the door, Rim 1");
        for (String tap : new String[] {"Into the heat", "Pull", "Clamped", "Say how it came out", "clean", "Save as a record"}) {
            // a card that finds its new place under the mouse is missed
            settle();
            card.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(tap).setExact(true)).click();
        }
        page.waitForURL("**/records/*");
        assertThat(page.getByRole(AriaRole.MAIN)).containsText("board Ash by the door");
        assertThat(page.getByRole(AriaRole.MAIN)).containsText("1 in 20");
        show("/stock");
        assertThat(page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("Ash by the door"))).containsText("1 blank, sawn");
    }

    @Test
    void a_blank_dragged_onto_a_knot_loses_its_odds_at_once_and_stays_where_it_was_let_go() {
        layIn("Ash to drag on");
        button("Lay where best").click();
        assertThat(cutList()).containsText("Clear in the bend");
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Mark something"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Knot")).click();
        settle();
        String clear = odds(cutList());
        BoundingBox blank = inTheMiddle(onBoard("Blank 1"));
        BoundingBox knot = onBoard("Knot").boundingBox();
        page.mouse().move(blank.x + blank.width / 2, blank.y + blank.height / 2);
        page.mouse().down();
        page.mouse().move(knot.x + knot.width / 2, knot.y + knot.height / 2, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(12));
        assertThat(cutList()).containsText("Knot in the bend");
        page.mouse().up();
        settle();
        assertThat(odds(cutList())).isNotEqualTo(clear);
        page.reload();
        settle();
        assertThat(cutList()).containsText("Knot in the bend");
        // eight marks at once, by keyboard, until it lies clear again
        onBoard("Blank 1").focus();
        page.keyboard().press("Shift+ArrowDown");
        page.keyboard().press("Shift+ArrowDown");
        assertThat(cutList()).containsText("Clear in the bend");
        settle();
        assertThat(odds(cutList())).isEqualTo(clear);
    }

    private static String odds(Locator list) {
        return list.getByText(Pattern.compile("^\\d+ in \\d+$")).first().innerText();
    }

    @Test
    void a_board_is_changed_and_taken_out_with_a_way_back() {
        layIn("Ash to be renamed");
        button("Change the board").click();
        field("Name of the board").fill("Ash, renamed");
        type("Width", "nonsense");
        button("Save").click();
        assertThat(page.getByText("“nonsense”").first()).isVisible();
        type("Width", "7 1/2");
        button("Save").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Ash, renamed"))).isVisible();
        assertThat(page.getByText(Pattern.compile("96\" × 7 1/2\" × 1 1/16\""))).isVisible();
        button("Take it out").click();
        page.waitForURL(Pattern.compile(".*/stock$"));
        Locator boards = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Boards"));
        assertThat(boards.getByText("Ash, renamed")).hasCount(0);
        button("Undo").click();
        assertThat(boards.getByText("Ash, renamed")).isVisible();
    }
}
