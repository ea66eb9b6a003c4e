package brachion.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Pieces on their way over the bench, tapped as by a person in gloves. */
class BenchTest extends BrowserTest {

    /** Lays a piece on the bench that was put into the heat so many minutes ago, and gives its key. */
    private static final String LAY = """
            async ({name, minutes}) => {
                const token = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1];
                const send = async (path, body) => (await fetch(path, {method: 'POST', body: JSON.stringify(body),
                    headers: {'Content-Type': 'application/json', 'X-XSRF-TOKEN': token}})).json();
                const blank = {speciesId: 'white-ash', seasoning: 'AIR_DRIED', moisturePercent: 18, growthRings: 'FLAT', grainRun: 25,
                    knots: 'CLEAR', thicknessMm: 19, widthMm: 25};
                const method = {kind: 'STEAM_BOX', soakHours: 0, steamMinutes: 45, chamberC: 98, carrySeconds: 15};
                const {id} = await send('/api/bench', {name, recipe: {blank, innerRadiusMm: 300, angleDegrees: 90, method}});
                const {now} = await (await fetch('/api/bench/clock')).json();
                const saidAt = new Date(Date.parse(now) - minutes * 60000).toISOString();
                await send(`/api/bench/${id}/taps`, {tap: 'INTO_HEAT', saidAt});
                await send(`/api/bench/${id}/taps`, {tap: 'AT_HEAT', saidAt});
                return id;
            }""";

    /** What the clock of a piece shows beside what it should by the server's clock, and how long asking took [s]. */
    private static final String SHOWN_AND_TRUE = """
            async ({id, name}) => {
                const {pieces} = await (await fetch('/api/bench')).json();
                const due = Date.parse(pieces.find((piece) => piece.id === id).standing.due);
                const asked = performance.now();
                const {now} = await (await fetch('/api/bench/clock')).json();
                const took = performance.now() - asked;
                const shown = document.querySelector(`li[aria-label="${name}"] [role=timer]`).textContent;
                return [Number(shown), (due - Date.parse(now) - took / 2) / 1000, took / 1000];
            }""";

    private static final String SAID = """
            async (id) => {
                const {pieces} = await (await fetch('/api/bench')).json();
                return pieces.find((piece) => piece.id === id).said.map(({tap, saidAt}) => [tap, Date.parse(saidAt)]);
            }""";

    /** A browser whose own clock is an hour and a half behind. */
    private static final String WRONG_CLOCK = """
            (() => {
                const behind = 5400000;
                const right = performance.timeOrigin;
                Object.defineProperty(performance, 'timeOrigin', {get: () => right - behind});
                const now = Date.now.bind(Date);
                Date.now = () => now() - behind;
            })()""";

    private static final double A_WHILE_MS = 20_000;

    private int lay(String name, double minutesInTheHeat) {
        return (Integer) page.evaluate(LAY, Map.of("name", name, "minutes", minutesInTheHeat));
    }

    private Locator card(Page page, String name) {
        return page.getByRole(AriaRole.LISTITEM, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator button(Locator card, String name) {
        return card.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void a_planned_bend_goes_over_the_bench_and_becomes_a_record_without_being_written_down_again() {
        show("/plan");
        button("Put it on the bench").click();
        field("Name of the piece").fill("Toe of a snowshoe");
        button("Lay it there").click();
        Locator card = card(page, "Toe of a snowshoe");
        field("Your name").fill("Tamsin");
        button(card, "Stock is ready").click();
        assertThat(card.getByText(Pattern.compile("^Stock ready .* \\(Tamsin\\)$"))).isVisible();
        button(card, "Into the heat").click();
        // the workshop's thermometer says by itself that it is at heat
        assertThat(card).containsText("Ready at");
        assertThat(button(card, "It is at heat")).hasCount(0);
        assertThat(card.getByText(Pattern.compile("^Chamber \\d+ °F"))).isVisible();
        button(card, "Pull").click();
        assertThat(card).containsText("seconds");
        button(card, "Feathers").click();
        button(card, "Clamped").click();
        assertThat(card).containsText("Held as planned");
        button(card, "Say how it came out").click();
        assertThat(button(card, "splinter or crack outside")).hasAttribute("aria-pressed", "true");
        field("Radius after release").fill("6 1/4\"");
        button(card, "Save as a record").click();
        page.waitForURL("**/records/*");
        assertThat(page.getByRole(AriaRole.MAIN)).containsText("carried");
        show("/bench");
        assertThat(card(page, "Toe of a snowshoe")).hasCount(0);
    }

    @Test
    void the_seconds_after_the_pull_are_the_servers_whatever_the_browsers_clock_says() {
        page.addInitScript(WRONG_CLOCK);
        show("/bench");
        int id = lay("Rib with a wrong clock", 50);
        Locator card = card(page, "Rib with a wrong clock");
        button(card, "Pull").click();
        assertThat(card).containsText("until the outer face is half hard");
        settle();
        @SuppressWarnings("unchecked")
        List<Number> read = (List<Number>) page.evaluate(SHOWN_AND_TRUE, Map.of("id", id, "name", "Rib with a wrong clock"));
        assertThat(read.get(0).doubleValue()).isCloseTo(read.get(1).doubleValue(), within(0.3 + read.get(2).doubleValue()));
        assertThat(read.get(0).doubleValue()).isBetween(0.0, 120.0);
    }

    @Test
    void two_at_one_bench_see_the_same() {
        show("/bench");
        lay("Rib for two", 50);
        Page phone = page.context().newPage();
        phone.setViewportSize(390, 844);
        phone.navigate("/bench");
        button(card(phone, "Rib for two"), "Pull").click();
        assertThat(button(card(page, "Rib for two"), "Clamped")).isVisible();
        button(card(page, "Rib for two"), "Clamped").click();
        assertThat(button(card(phone, "Rib for two"), "Off the form")).isVisible();
        assertThat((Integer) phone.evaluate("document.documentElement.scrollWidth")).isLessThanOrEqualTo(390);
    }

    /** A browser has six connections to a server; whoever looks on from many tabs has one line for all of them. */
    @Test
    void ten_tabs_of_the_bench_all_hear_and_every_page_still_loads() {
        List<Page> tabs = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            Page tab = page.context().newPage();
            tab.navigate("/bench");
            assertThat(tab.getByRole(AriaRole.MAIN)).isVisible();
            tabs.add(tab);
        }
        show("/plan");
        assertThat(odds()).isBetween(0.0, 1.0);
        show("/bench");
        lay("Rib for ten", 50);
        for (Page tab : tabs) {
            assertThat(card(tab, "Rib for ten")).isVisible();
        }
    }

    @Test
    void taps_made_while_nobody_is_heard_arrive_in_order_with_their_times() {
        show("/bench");
        int id = lay("Rib out of reach", 50);
        Locator card = card(page, "Rib out of reach");
        assertThat(button(card, "Pull")).isVisible();
        settle();
        page.context().setOffline(true);
        button(card, "Pull").click();
        assertThat(card).containsText("until the outer face is half hard");
        assertThat(page.getByText("The workshop server is not heard.")).isVisible();
        button(card, "Clamped").click();
        assertThat(page.getByText("2 waiting")).isVisible();
        page.waitForTimeout(A_WHILE_MS);
        page.context().setOffline(false);
        assertThat(page.getByText("The workshop server is not heard.")).isHidden();
        assertThat(button(card, "Off the form")).isVisible();
        assertThat(card.getByText("not sent yet")).hasCount(0);
        @SuppressWarnings("unchecked")
        List<List<Object>> said = (List<List<Object>>) page.evaluate(SAID, id);
        assertThat(said).extracting(each -> each.get(0)).containsExactly("INTO_HEAT", "AT_HEAT", "PULLED", "CLAMPED");
        double now = ((Number) page.evaluate("fetch('/api/bench/clock').then((answer) => answer.json()).then(({now}) => Date.parse(now))")).doubleValue();
        assertThat(now - ((Number) said.get(3).get(1)).doubleValue()).as("said before the line was there again").isGreaterThan(A_WHILE_MS);
        forgetErrors();
    }

    @Test
    void a_clock_goes_on_over_a_server_that_dies_and_what_is_tapped_meanwhile_is_written_down() {
        show("/bench");
        int id = lay("Rib over a dead server", 50);
        Locator card = card(page, "Rib over a dead server");
        button(card, "Pull").click();
        settle();
        product().killServer();
        button(card, "Clamped").click();
        product().getOnceThere("/api/bench");
        assertThat(button(card, "Off the form")).isVisible();
        assertThat(card.getByText("not sent yet")).hasCount(0);
        @SuppressWarnings("unchecked")
        List<List<Object>> said = (List<List<Object>>) page.evaluate(SAID, id);
        assertThat(said).extracting(each -> each.get(0)).containsExactly("INTO_HEAT", "AT_HEAT", "PULLED", "CLAMPED");
        forgetErrors();
    }
}
