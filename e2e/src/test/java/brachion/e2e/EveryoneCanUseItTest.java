package brachion.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class EveryoneCanUseItTest extends BrowserTest {

    @ParameterizedTest(name = "{0}, {1}")
    @CsvSource({"/trials, Day", "/trials/3, Day", "/log, Day", "/forecast, Day", "/rack, Day", "/ways, Day", "/map, Day",
        "/plan, Day", "/rig, Day", "/evidence, Day", "/trials, Evening", "/log, Evening", "/forecast, Evening",
        "/rack, Evening", "/ways, Evening", "/map, Evening", "/plan, Evening", "/rig, Evening", "/evidence, Evening"})
    void no_view_has_a_serious_barrier(String view, String light) {
        show(view);
        if (light.equals("Evening")) {
            button("Evening").click();
            page.waitForTimeout(400);
        }
        List<Rule> serious = new AxeBuilder(page).analyze().getViolations().stream()
                .filter(rule -> List.of("serious", "critical").contains(rule.getImpact())).toList();
        assertThat(serious).extracting(rule -> rule.getId() + ": " + rule.getNodes().get(0).getHtml()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"/trials", "/trials/3", "/log", "/forecast", "/rack", "/ways", "/map", "/plan", "/rig",
        "/evidence"})
    void nothing_is_cut_off_on_a_phone(String view) {
        page.setViewportSize(390, 844);
        show(view);
        assertThat(page.evaluate("document.documentElement.scrollWidth")).isEqualTo(390);
    }
}
