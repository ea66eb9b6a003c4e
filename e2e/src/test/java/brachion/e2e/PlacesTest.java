package brachion.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SameSiteAttribute;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The places, their parts and the ways between them, by pointer, by keyboard and on a phone. */
class PlacesTest extends BrowserTest {

    @ParameterizedTest
    @CsvSource({"/forecast, /plan", "/ways, /plan/ways", "/map, /plan/map", "/rack, /bench/rack", "/trials, /records", "/trials/3, /records/3",
        "/trials/tables, /records/tables", "/log, /records/new", "/log/3, /records/3/correct", "/evidence, /records/evidence", "/woods, /records/woods"})
    void an_old_address_leads_to_where_it_stands_now(String old, String now) {
        show(old);
        assertThat(page).hasURL(Pattern.compile(".*" + now + "$"));
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("There is nothing at this address"))).hasCount(0);
    }

    @Test
    void the_page_comes_closely_compressed_and_in_few_pieces() {
        List<Response> scripts = Collections.synchronizedList(new ArrayList<>());
        page.onResponse(response -> {
            if (response.url().endsWith(".js")) {
                scripts.add(response);
            }
        });
        show("/plan");
        settle();
        assertThat(scripts).isNotEmpty().allSatisfy(script -> assertThat(script.headerValue("content-encoding")).as(script.url()).isEqualTo("br"));
        assertThat(scripts.size()).as("scripts").isLessThan(40);
        assertThat(page.context().cookies()).singleElement().satisfies(token -> {
            assertThat(token.name).isEqualTo("XSRF-TOKEN");
            assertThat(token.sameSite).as("it travels with nothing another page asks for").isEqualTo(SameSiteAttribute.STRICT);
        });
    }

    @Test
    void the_parts_of_the_plan_are_about_one_bend_and_keep_their_address() {
        show("/plan");
        type("Inner radius", "9\"");
        settle();
        for (String part : new String[] {"Other ways", "Map", "Next trial", "Spares"}) {
            link("Parts of the plan", part).click();
            assertThat(link("Parts of the plan", part)).hasAttribute("aria-current", "page");
            // the planned way is a row among the others there
            assertThat(page.getByText(part.equals("Other ways") ? Pattern.compile("^your plan$") : Pattern.compile("radius 9\" through 180°")).first()).isVisible();
            assertThat(field("Inner radius")).hasValue("9\"");
        }
        page.reload();
        assertThat(page).hasURL(Pattern.compile(".*/plan/spares$"));
        assertThat(field("Inner radius")).hasValue("9\"");
        page.goBack();
        assertThat(page).hasURL(Pattern.compile(".*/plan/next$"));
    }

    @Test
    void every_place_is_reached_by_keyboard_and_a_bend_is_logged_from_anywhere() {
        show("/rig");
        for (String place : new String[] {"Plan", "Stock", "Bench", "Records", "Rig"}) {
            link("Places", place).focus();
            page.keyboard().press("Enter");
            assertThat(link("Places", place)).hasAttribute("aria-current", "page");
            assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Log a bend"))).isVisible();
        }
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Log a bend")).focus();
        page.keyboard().press("Enter");
        assertThat(page).hasURL(Pattern.compile(".*/records/new$"));
        assertThat(button("Save this bend")).isVisible();
    }

    @Test
    void on_a_phone_the_places_lie_under_the_thumb_and_drawing_and_odds_stay_in_sight() {
        page.setViewportSize(390, 844);
        show("/plan");
        settle();
        BoundingBox places = page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Places")).boundingBox();
        assertThat(places.y + places.height).as("bottom of the places").isEqualTo(844);
        Locator carry = field("Carry, seconds");
        carry.scrollIntoViewIfNeeded();
        carry.fill("40");
        settle();
        assertThat(carry.boundingBox().y).as("the field is in sight").isBetween(0.0, 844.0);
        Locator drawing = page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("The piece on its form")));
        BoundingBox drawn = drawing.boundingBox();
        assertThat(drawn.y).as("top of the drawing").isBetween(0.0, 100.0);
        assertThat(drawn.y + drawn.height).as("above the field that is changed").isLessThan(carry.boundingBox().y);
        assertThat(page.getByText(Pattern.compile("^\\d+ in \\d+$")).first()).isInViewport();
        link("Places", "Bench").click();
        assertThat(page).hasURL(Pattern.compile(".*/bench$"));
    }

    @Test
    void on_a_phone_the_recipe_folds_away_before_the_other_parts_and_can_be_changed_there() {
        page.setViewportSize(390, 844);
        show("/plan/spares");
        settle();
        assertThat(field("Inner radius")).not().isVisible();
        page.getByText(Pattern.compile("through 180°: change it")).click();
        type("Inner radius", "9\"");
        assertThat(page.getByText(Pattern.compile("radius 9\" through 180°: change it"))).isVisible();
    }

    @Test
    void a_term_explains_itself_and_a_number_leads_to_how_it_is_computed() {
        show("/plan");
        button("All fields").click();
        button("What is this: Slope of grain?").click();
        Locator explained = page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Slope of grain"));
        assertThat(explained).containsText("1 in 25 is straight");
        page.keyboard().press("Escape");
        assertThat(explained).isHidden();
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Odds"))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("How this is computed")).last().click();
        assertThat(page).hasURL(Pattern.compile(".*/help/computation#the-odds$"));
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(Pattern.compile("^The odds")))).isInViewport();
    }

    private Locator link(String navigation, String name) {
        return page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName(navigation))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(name).setExact(true));
    }
}
