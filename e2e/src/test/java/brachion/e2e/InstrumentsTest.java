package brachion.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class InstrumentsTest extends BrowserTest {

    private static final Pattern CALL = Pattern.compile("POST (\\S+) .*Bearer (\\w+)", Pattern.DOTALL);

    private Locator thermometer(String name) {
        return page.getByRole(AriaRole.LISTITEM, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void the_workshops_thermometer_is_heard_and_another_can_be_added_and_send() {
        show("/rig/instruments");
        assertThat(thermometer("In the steam box")).containsText(Pattern.compile("Heard \\d+ s ago"));
        field("Name of a thermometer").fill("In the second box");
        button("Add it").click();
        assertThat(thermometer("In the second box")).containsText("Not heard yet");
        Matcher call = CALL.matcher(page.getByLabel("How it sends").innerText());
        assertThat(call.find()).isTrue();
        Object status = page.evaluate("""
                async ([address, token]) => (await fetch(address, {method: 'POST', headers: {'Content-Type': 'application/json',
                    Authorization: `Bearer ${token}`}, body: JSON.stringify({readings: [{readAt: new Date().toISOString(), celsius: 61.5}]})})).status""",
                new String[] {call.group(1), call.group(2)});
        assertThat(status).isEqualTo(204);
        assertThat(thermometer("In the second box")).containsText("143 °F");
        thermometer("In the second box").getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take it away")).click();
        assertThat(thermometer("In the second box")).hasCount(0);
    }
}
