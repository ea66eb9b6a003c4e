package brachion.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.FileChooser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A notebook under headings of its own comes in, after what it does not say was asked; the next one is remembered. */
class NotebookTest extends BrowserTest {

    /** As people really keep one. */
    static final String KEPT = """
            Date,Wood,MC,Thick,Width,Bend radius,Steam time,Strap?,Result,Remarks
            3/14/2025,Ash,8%,3/8,1-1/2,7 in,45,no,snapped,first go
            3/15/2025,Ash,8%,3/8,1-1/2,7 in,60,yes,ok,
            3/21/2025,Red oak,18%,1/2,1,6,60,no,small crack,sanded out
            """;

    private void chooseFile(String name, String table) {
        FileChooser chooser = page.waitForFileChooser(() -> page.getByText("Choose a", new Page.GetByTextOptions().setExact(false)).first().click());
        chooser.setFiles(new FilePayload(name, "text/csv", table.getBytes(StandardCharsets.UTF_8)));
    }

    private Locator notebook() {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What your table means"));
    }

    private void pick(String field, String option) {
        notebook().getByLabel(field).click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(option).setExact(true)).click();
    }

    @Test
    void strange_columns_come_in_after_what_they_do_not_say_was_asked() {
        page.setViewportSize(390, 800);
        show("/records/tables");
        chooseFile("notebook.csv", KEPT);
        assertThat(notebook()).containsText("One thing is still asked");
        pick("species: “Ash”, 2 rows", "White ash");
        notebook().getByLabel("bend angle, 3 rows").fill("90");
        assertThat(notebook()).containsText("Everything is said.");
        button("Read it so").click();
        Locator coming = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Bends that can come in"));
        assertThat(coming.getByRole(AriaRole.LISTITEM)).hasCount(3);
        assertThat(coming).containsText(Pattern.compile("3/8\" × 1 1/2\" of .*white ash to 7\" inside through 90°"));
        page.setViewportSize(1280, 800);
        // another answer makes what was read out of date
        notebook().getByLabel("bend angle, 3 rows").fill("120");
        assertThat(coming).hasCount(0);
        button("Read it so").click();
        assertThat(coming).containsText("through 120°");
        button("Import 3 bends").click();
        assertThat(page.getByText("3 bends brought in.")).isVisible();

        chooseFile("notebook2.csv", KEPT.replace("3/14/2025", "4/2/2025"));
        assertThat(notebook()).containsText("As you said of a table under these headings.");
        button("Read it so").click();
        assertThat(page.getByText("1 bend can come in, 2 are here already.")).isVisible();
        // what is said is kept in its order, however slowly it travels
        List<Route> held = new ArrayList<>();
        page.route("**/api/exchange/notebooks/*", held::add);
        notebook().getByLabel("It is").nth(9).click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("left out").setExact(true)).click();
        assertThat(notebook().getByLabel("It is").nth(9)).hasValue("left out");
        page.waitForCondition(() -> held.size() == 1);
        button("Begin afresh").click();
        page.unroute("**/api/exchange/notebooks/*");
        held.get(0).resume();
        assertThat(notebook()).containsText("One thing is still asked");
        assertThat(notebook()).not().containsText("As you said");
    }

    @Test
    void a_line_of_a_notebook_is_typed_and_understood() {
        show("/records/tables");
        field("Or paste cells with their headings, or lines of a notebook").fill("5/16 ash, 1.5h steam, strap, 7in, snapped");
        button("Read it").click();
        assertThat(notebook()).containsText("Bend radius");
        pick("species: “ash”, 1 row", "White ash");
        for (String[] answer : new String[][] {{"day, 1 row", "2025-03-14"}, {"width, 1 row", "1 in"}, {"bend angle, 1 row", "180"}}) {
            notebook().getByLabel(answer[0]).fill(answer[1]);
        }
        pick("seasoning, 1 row", "kiln dried");
        assertThat(notebook()).containsText("Everything is said.");
        button("Read it so").click();
        Locator coming = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Bends that can come in"));
        assertThat(coming).containsText("5/16\" × 1\" of kiln-dried white ash to 7\" inside through 180°");
        assertThat(coming).containsText("after 90 min in the steam box");
    }
}
