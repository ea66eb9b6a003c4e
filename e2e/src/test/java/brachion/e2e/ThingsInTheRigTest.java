package brachion.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.FileChooser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** A form is described, brings its curve into the plan, is taken by a piece and given back; what was seen on the way is in the record. */
class ThingsInTheRigTest extends BrowserTest {

    private Locator item(String name) {
        return page.getByRole(AriaRole.LISTITEM, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator in(Locator card, String name) {
        return card.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name).setExact(true));
    }

    private Locator main() {
        return page.getByRole(AriaRole.MAIN);
    }

    private static byte[] photograph() {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        try {
            ImageIO.write(new BufferedImage(320, 240, BufferedImage.TYPE_INT_RGB), "png", png);
        } catch (IOException inMemory) {
            throw new AssertionError(inMemory);
        }
        return png.toByteArray();
    }

    private void describeAForm() {
        show("/rig/things");
        button("Add equipment").click();
        button("Save").click();
        assertThat(page.getByRole(AriaRole.ALERT).getByText("Give it a name.")).isVisible();
        field("Name").fill("Sled form");
        type("Inner radius", "9 1/4");
        type("Goes round, °", "100");
        type("Width of the stock it takes", "2");
        field("Where it hangs or stands").fill("Over the door");
        button("Save").click();
        assertThat(item("Sled form")).containsText("radius 9 1/4\" through 100°, stock to 2\" wide; Over the door");
        assertThat(item("Sled form")).containsText("Free.");
    }

    @Test
    void a_form_goes_from_the_wall_into_the_plan_and_to_a_piece_and_back() {
        describeAForm();
        show("/plan");
        word("Form in the rig").click();
        field("Form in the rig").click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Sled form").setExact(true)).click();
        settle();
        assertThat(field("Inner radius")).hasValue("9 1/4\"");
        assertThat(field("Bend angle °")).hasValue("100");
        button("Put it on the bench").click();
        field("Name of the piece").fill("Sled runner");
        assertThat(page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("Sled form"))).isChecked();
        assertThat(page.getByText("But its radius is 6\", planned is 9 1/4\".")).isVisible();
        button("Lay it there").click();
        page.waitForURL("**/bench");
        Locator card = item("Sled runner");
        assertThat(card).containsText("Sled form");
        for (String tap : new String[] {"Into the heat", "Pull", "Feathers", "Crease", "Clamped"}) {
            // a card that finds its new place under the mouse is missed
            settle();
            in(card, tap).click();
        }
        show("/rig/things");
        assertThat(item("Sled form")).containsText("Busy until");
        assertThat(item("Sled form")).containsText("Sled runner");

        show("/bench");
        in(card, "Photographs").click();
        FileChooser chooser = page.waitForFileChooser(() -> in(card, "Add a photograph").click());
        chooser.setFiles(new FilePayload("runner.png", "image/png", photograph()));
        assertThat(card.getByRole(AriaRole.IMG, new Locator.GetByRoleOptions().setName("Photograph"))).hasCount(1);
        in(card, "Off the form").click();
        show("/rig/things");
        assertThat(item("Sled form")).containsText("Free.");

        show("/bench");
        Locator scales = card.getByRole(AriaRole.FORM, new Locator.GetByRoleOptions().setName("Weigh Sled runner"));
        scales.getByLabel("Moisture %").fill("14");
        in(scales, "Write it down").click();
        assertThat(card).containsText("By its weigh-ins: ");
        settle();
        in(card, "Say how it came out").click();
        assertThat(card.getByRole(AriaRole.GROUP, new Locator.GetByRoleOptions().setName("Also seen 1"))).isVisible();
        in(card, "Save as a record").click();
        page.waitForURL("**/records/*");
        assertThat(main()).containsText("Made with");
        assertThat(main()).containsText("Sled form");
        assertThat(main()).containsText("Also");
        assertThat(main()).containsText("to 14 % within the day, by one weigh-in");
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Photographs")).getByRole(AriaRole.IMG)).hasCount(1);
    }

    @Test
    void two_pieces_cannot_have_one_form_unseen() {
        show("/rig/things");
        assertThat(item("Rim form, 5 in")).containsText("Pannier rim, lower");
        show("/bench");
        in(item("Pannier rim, lower"), "Made with").click();
        assertThat(page.getByText("busy until").first()).isVisible();
        page.getByLabel("Rim form, 5 in").uncheck();
        page.getByLabel("Snowshoe form, 6 in").check();
        button("Save").click();
        assertThat(item("Pannier rim, lower")).containsText("Snowshoe form, 6 in: its radius is 6\", planned is 5\".");
        in(item("Pannier rim, lower"), "Made with").click();
        page.getByLabel("Snowshoe form, 6 in").uncheck();
        page.getByLabel("Rim form, 5 in").check();
        button("Save").click();
        assertThat(item("Pannier rim, lower").getByText("its radius is 6\"")).hasCount(0);
    }
}
