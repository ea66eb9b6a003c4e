package brachion.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class TablesTest extends BrowserTest {

    static final String LEDGER = """
            day,species,seasoning,moisture,thickness [in],width,inner radius,bend angle,method,steam,strap,strap thickness,gap at the stops,ended,flaw,weather
            2025-10-04,White ash,air dried,17,3/8,1",6",180,steam box,45 min,,,,clean,,rain
            2025-10-11,White oak,air dried,19,1/2,1",8",180,steam box,1 h,steel,0.9 mm,0 mm,clean,,
            2025-10-11,White oak,air dried,19,half a thumb,1",8",180,steam box,1 h,,,,broken,snap,
            2025-10-18,Beech,kiln dried,9,10 mm,1",150,180,steam box,1 h,,,,broken,,dry
            """;

    @Test
    void a_ledger_comes_in_and_its_unread_rows_are_mended() {
        show("/records");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Import and export")).click();
        field("Table of bends").setInputFiles(new FilePayload("ledger.csv", "text/csv", LEDGER.getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("2 bends can come in, 2 rows cannot be read. Headings not known here go into the note: weather."))
                .isVisible();
        Locator unread = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Rows that cannot be read").setExact(true));
        assertThat(unread).containsText("line 4");
        assertThat(unread).containsText(Pattern.compile("thickness \\[in]: “half a thumb” is not a length"));
        assertThat(unread).containsText(Pattern.compile("inner radius: “150” has no unit"));
        button("Import 2 bends and keep 2 rows to mend").click();
        assertThat(page.getByText("2 bends brought in, 2 rows wait to be mended.")).isVisible();
        page.reload();
        Locator oak = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("ledger.csv, line 4"));
        oak.getByLabel("thickness [in]").fill("1/2");
        oak.getByRole(AriaRole.BUTTON).getByText("Read again").click();
        assertThat(page.getByText("Line 4 of ledger.csv is a bend now.")).isVisible();
        Locator beech = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("ledger.csv, line 5"));
        beech.getByLabel("inner radius").fill("150 mm");
        beech.getByRole(AriaRole.BUTTON).getByText("Read again").click();
        assertThat(beech.getByText("Say what was seen on the piece.")).isVisible();
        beech.getByRole(AriaRole.BUTTON).getByText("Discard").click();
        assertThat(page.getByText("Line 5 of ledger.csv discarded.")).isVisible();
        button("Undo").click();
        assertThat(beech).isVisible();
        beech.getByRole(AriaRole.BUTTON).getByText("Discard").click();
        assertThat(beech).not().isVisible();
        show("/records");
        assertThat(page.getByText("to be mended")).not().isVisible();
    }

    @Test
    void all_bends_leave_as_a_table_that_is_known_again() throws IOException {
        show("/records/tables");
        Download download = page.waitForDownload(() -> page.getByRole(AriaRole.LINK,
                new Page.GetByRoleOptions().setName(Pattern.compile("Export \\d+ bends in inches and °F"))).click());
        List<String> lines = Files.readAllLines(download.path());
        assertThat(lines.get(0)).startsWith("\uFEFFday,species,seasoning,moisture [%]").contains("thickness [in]");
        assertThat(lines).hasSizeGreaterThan(100);
        field("Table of bends").setInputFiles(download.path());
        assertThat(page.getByText(Pattern.compile("^0 bends can come in, \\d+ are here already\\.$"))).isVisible();
    }

    private static FilePayload bends(String name, int count) {
        return new FilePayload(name, "text/csv", ("day,species,seasoning,moisture,thickness [mm],width [mm],inner radius [mm],bend angle,method,steam [min],ended,flaw\n"
                + IntStream.range(0, count).mapToObj(i -> "2026-02-%02d,White ash,air dried,14,%d,30,%d,90,steam box,45,%s\n".formatted(1 + i % 28, 6 + i % 9, 700 + i, i % 4 == 0 ? "broken,snap" : "clean,"))
                        .collect(Collectors.joining())).getBytes(StandardCharsets.UTF_8));
    }

    /** Another shop's bends: brought in as its own, told apart where they are listed, left out with a tap, and taken back as a whole. */
    @Test
    void another_shops_bends_stay_another_shops() throws IOException {
        show("/records/tables");
        field("Table of bends").setInputFiles(bends("barn.csv", 12));
        assertThat(page.getByText("12 bends can come in.")).isVisible();
        Locator whose = page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Another shop’s bends? Its name"));
        whose.fill("Oak Barn");
        whose.press("Enter");
        button("Import 12 bends").click();
        Locator tables = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Tables brought in"));
        assertThat(tables.getByText("12 bends of Oak Barn")).isVisible();
        assertThat(whose).hasValue("");
        Locator counted = page.getByRole(AriaRole.SWITCH, new Page.GetByRoleOptions().setName("Count Oak Barn in forecasts"));
        counted.click();
        assertThat(counted).not().isChecked();
        Download own = page.waitForDownload(() -> page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("As a JSON document")).click());
        assertThat(Files.readString(own.path())).doesNotContain("\"innerRadiusMm\":707.0");
        Download theirs = page.waitForDownload(() -> page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Export").setExact(true)).click());
        assertThat(Files.readString(theirs.path())).contains("\"innerRadiusMm\":707.0").hasLineCount(14);
        show("/records");
        assertThat(page.getByText(Pattern.compile("\\d+ bends, 12 of them from other shops"))).isVisible();
        show("/records/tables");
        button("Take back barn.csv").click();
        assertThat(page.getByText("barn.csv is taken back.")).isVisible();
        assertThat(counted).hasCount(0);
    }

    @Test
    void a_long_table_says_how_far_it_is_and_can_be_stopped() {
        show("/records/tables");
        field("Table of bends").setInputFiles(bends("long.csv", 80_000));
        assertThat(page.getByText(Pattern.compile("^Reading: [\\d,]+ of 80,000 rows$"))).isVisible();
        button("Stop").click();
        assertThat(page.getByText("Stopped. Nothing of the table was kept.")).isVisible();
        assertThat(page.getByRole(AriaRole.PROGRESSBAR)).hasCount(0);
        field("Table of bends").setInputFiles(bends("short.csv", 3));
        assertThat(page.getByText("3 bends can come in.")).isVisible();
        // what was stopped is answered by a refusal where it is quicker than the page is at leaving
        forgetErrors();
    }

    @Test
    void what_is_no_table_is_refused_in_words() {
        show("/records/tables");
        field("Table of bends").setInputFiles(new FilePayload("shopping.csv", "text/csv", "eggs,milk\n6,1\n".getBytes(StandardCharsets.UTF_8)));
        // nothing of it is understood, so all is asked and nothing comes in
        Locator notebook = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What your table means"));
        assertThat(notebook.getByText("Goes into the note")).hasCount(2);
        assertThat(notebook).containsText(Pattern.compile("\\d+ things are still asked"));
        field("Table of bends").setInputFiles(new FilePayload("empty.csv", "text/csv", new byte[0]));
        assertThat(page.getByText("The file is empty.")).isVisible();
        assertThat(notebook).hasCount(0);
        forgetErrors();
    }
}
