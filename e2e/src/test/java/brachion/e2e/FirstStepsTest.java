package brachion.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.io.TempDir;

/** A shop in which nothing has been written down yet, as its owner meets it, until all of another one moves in and the power fails. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class FirstStepsTest extends BrowserTest {

    @TempDir
    private static Path folder;
    private static Product shop;

    @BeforeAll
    static void openShop() {
        shop = Product.start(folder.resolve("empty"), "shop");
    }

    @AfterAll
    static void closeShop() {
        shop.close();
    }

    @Override
    protected Product product() {
        return shop;
    }

    @Test
    void an_empty_shop_opens_on_its_first_steps_and_forecasts_at_once_from_published_radii() {
        show("/");
        Locator steps = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("First steps"));
        assertThat(steps.getByRole(AriaRole.LISTITEM)).hasCount(4);
        step("Plan a bend").click();
        assertThat(page).hasURL(Pattern.compile(".*/plan$"));
        settle();
        assertThat(odds()).isBetween(0.0, 1.0);
        assertThat(page.getByText(Pattern.compile("Rests on 0 of your hot-bending trials"))).isVisible();
        show("/");
        step("Import a table").click();
        assertThat(page).hasURL(Pattern.compile(".*/records/tables$"));
        show("/");
        step("Log a bend").click();
        assertThat(page).hasURL(Pattern.compile(".*/records/new$"));
        assertThat(button("Save this bend")).isVisible();
    }

    /** Another tab stays in the own shop meanwhile, and what was typed there is there again. */
    @Test
    void the_sample_workshop_lies_beside_the_own_shop_and_is_left_without_a_trace() {
        show("/plan");
        type("Inner radius", "9\"");
        settle();
        show("/");
        page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("First steps")).getByRole(AriaRole.BUTTON).click();
        Locator mark = page.getByRole(AriaRole.COMPLEMENTARY, new Page.GetByRoleOptions().setName("Sample workshop"));
        assertThat(mark).containsText("invented");
        assertThat(field("Inner radius")).hasValue("6\"");
        assertThat(page.getByText(Pattern.compile("Rests on \\d\\d+ of your hot-bending trials"))).isVisible();
        type("Inner radius", "5\"");
        settle();
        page.reload();
        assertThat(mark).isVisible();
        assertThat(field("Inner radius")).hasValue("5\"");
        Page beside = page.context().newPage();
        beside.navigate(page.url());
        assertThat(beside.getByLabel("Inner radius").first()).hasValue("9\"");
        assertThat(beside.getByRole(AriaRole.COMPLEMENTARY)).hasCount(0);
        assertThat(beside.getByText("Rests on 0 of your hot-bending trials")).isVisible();
        beside.close();
        button("Back to my shop").click();
        assertThat(page.getByText("Will it bend?")).isVisible();
        assertThat(mark).hasCount(0);
        show("/plan");
        assertThat(field("Inner radius")).hasValue("9\"");
        assertThat(page.getByText("Rests on 0 of your hot-bending trials")).isVisible();
    }

    /** The demo workshop, which runs beside it, moves into the empty shop. */
    @Test
    @Order(Integer.MAX_VALUE)
    void a_backup_of_another_shop_comes_back_into_the_empty_one_and_nothing_of_it_is_lost_when_the_power_fails() {
        Page workshop = page.context().newPage();
        workshop.navigate(Product.demo().address() + "/records/tables");
        Path file = folder.resolve("backup.zip");
        workshop.waitForDownload(() -> workshop.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Take a backup")).click()).saveAs(file);
        String trials = Product.demo().get("/api/exchange/trials");
        workshop.close();
        show("/records/tables");
        field("Backup to bring back").setInputFiles(folder.resolve("backup.zip"));
        assertThat(page.getByText(Pattern.compile("The backup of \\d{4}-\\d\\d-\\d\\d is back: \\d+ rows"))).isVisible();
        assertThat(page.getByText(Pattern.compile("this one holds \\d+ bends"))).isVisible();
        assertThat(shop.address()).isNotEqualTo(Product.demo().address());
        show("/");
        // with bends written down a shop opens on the plan
        assertThat(page).hasURL(Pattern.compile(".*/plan$"));
        show("/records/new");
        button("clean").click();
        button("Save this bend").click();
        assertThat(page.getByText("Bend saved.")).isVisible();
        String saved = shop.get("/api/exchange/trials");
        assertThat(saved).startsWith(trials.strip());
        shop.kill();
        forgetErrors();
        shop = Product.start(folder.resolve("empty"), "shop");
        assertThat(shop.get("/api/exchange/trials")).isEqualTo(saved);
    }

    private Locator step(String name) {
        return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("First steps"))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(name));
    }
}
