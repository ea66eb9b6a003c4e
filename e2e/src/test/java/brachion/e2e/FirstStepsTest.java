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
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A shop in which nothing has been written down yet, as its owner meets it. */
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
        assertThat(steps.getByRole(AriaRole.LISTITEM)).hasCount(3);
        step("Plan a bend").click();
        assertThat(page).hasURL(Pattern.compile(".*/plan$"));
        settle();
        assertThat(odds()).isBetween(0.0, 1.0);
        assertThat(page.getByText(Pattern.compile("Rests on 0 of your steaming trials"))).isVisible();
        show("/");
        step("Bring in a table").click();
        assertThat(page).hasURL(Pattern.compile(".*/records/tables$"));
    }

    @Test
    void with_a_bend_written_down_the_shop_opens_on_the_plan() {
        show("/");
        step("Log a bend").click();
        button("clean").click();
        button("Save this trial").click();
        assertThat(page.getByText("Trial saved.")).isVisible();
        show("/");
        assertThat(page).hasURL(Pattern.compile(".*/plan$"));
        show("/records");
        page.getByRole(AriaRole.LISTITEM).first().getByRole(AriaRole.LINK).click();
        button("Remove").click();
        assertThat(page.getByText("Trial removed.")).isVisible();
    }

    private Locator step(String name) {
        return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("First steps"))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(name));
    }
}
