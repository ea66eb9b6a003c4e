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
        assertThat(thermometer("In the steam box")).containsText(Pattern.compile("heard \\d+ s ago"));
        field("Name of the instrument").fill("In the second box");
        button("Add it").click();
        assertThat(thermometer("In the second box")).containsText("not heard yet");
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

    /** Nothing that an instrument reads is typed. */
    @Test
    void what_meter_scale_and_room_sensor_read_is_taken_with_a_tap() {
        show("/rig/instruments");
        for (String name : new String[] {"Pin meter", "Scale by the rack", "On the loft wall"}) {
            assertThat(thermometer(name)).containsText(Pattern.compile("heard .* ago"));
        }
        show("/stock/2");
        Locator moisture = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("Moisture"));
        int before = moisture.getByRole(AriaRole.LISTITEM).count();
        moisture.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Take [\\d.]+ % from Pin meter$"))).click();
        assertThat(field("Moisture %")).hasValue(Pattern.compile("^[\\d.]+$"));
        button("Write it down").click();
        assertThat(moisture.getByRole(AriaRole.LISTITEM)).hasCount(before + 1);
        show("/rig");
        button(page.getByText(Pattern.compile("from the room sensor")).innerText()).click();
        assertThat(field("Shop humidity %")).hasValue(Pattern.compile("^[\\d.]+ %$"));
        show("/bench/rack");
        Locator weigh = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName(Pattern.compile("^Weigh ")))
                .filter(new Locator.FilterOptions().setHas(field("Mass, g"))).first();
        weigh.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Take \\d+ g from Scale by the rack$"))).click();
        assertThat(weigh.getByLabel("Mass, g")).hasValue(Pattern.compile("^\\d+$"));
    }
}
