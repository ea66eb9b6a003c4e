package brachion.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class EveryoneCanUseItTest extends BrowserTest {

    @ParameterizedTest
    @ValueSource(strings = {"/plan", "/plan/curve", "/plan/ways", "/plan/map", "/plan/next", "/plan/sheet", "/plan/spares", "/plan/jobs", "/plan/jobs/1", "/stock", "/stock/new", "/stock/1", "/photos/1", "/bench", "/bench/day", "/bench/rack", "/records", "/records/3", "/records/compare?ids=3,5", "/records/new",
        "/records/evidence", "/records/woods", "/records/names", "/records/tables", "/rig", "/rig/instruments", "/help/computation", "/help/words", "/help/components"})
    void no_view_has_a_serious_barrier_by_day_or_evening_and_nothing_is_cut_off_on_a_phone(String view) {
        show(view);
        settle();
        assertThat(seriousBarriers(axe())).as("by day").isEmpty();
        button("Evening").click();
        settle();
        // only colours are others
        assertThat(seriousBarriers(axe().withRules(List.of("color-contrast")))).as("in the evening").isEmpty();
        page.setViewportSize(390, 844);
        settle();
        assertThat(page.evaluate("document.documentElement.scrollWidth")).as("width on a phone").isEqualTo(390);
    }

    /** In one go: the page has no frames for which a second page would have to be opened. What is as it should be is not told one by one. */
    private AxeBuilder axe() {
        AxeRunOptions options = new AxeRunOptions();
        options.setResultTypes(List.of("violations"));
        return new AxeBuilder(page).options(options).setLegacyMode(true);
    }

    private static List<String> seriousBarriers(AxeBuilder axe) {
        List<Rule> found = axe.analyze().getViolations();
        return found.stream().filter(rule -> List.of("serious", "critical").contains(rule.getImpact()))
                .map(rule -> rule.getId() + ": " + rule.getNodes().get(0).getHtml()).toList();
    }
}
