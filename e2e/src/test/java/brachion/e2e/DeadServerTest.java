package brachion.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import org.junit.jupiter.api.Test;

/** What dies is started again, and whoever is at work meanwhile loses nothing. */
class DeadServerTest extends BrowserTest {

    private static final int MOST_TRIES = 5;

    @Test
    void a_database_that_dies_is_started_again() {
        String before = product().get("/api/trials?size=200");
        product().killDatabase();
        assertThat(product().getOnceThere("/api/trials?size=200")).isEqualTo(before);
    }

    @Test
    void a_server_that_answers_nobody_is_ended_and_started_again() {
        String before = product().getOnceThere("/api/trials?size=200");
        long silent = product().server();
        product().stopServerFromAnswering();
        assertThat(product().getOnceThere("/api/trials?size=200")).isEqualTo(before);
        assertThat(product().server()).isNotEqualTo(silent);
    }

    @Test
    void a_bend_saved_while_the_server_is_dead_is_written_once_when_it_is_back() {
        String before = product().getOnceThere("/api/trials/counts");
        show("/records/new");
        type("Thickness", "5/16");
        type("Inner radius", "21\"");
        button("clean").click();
        settle();
        product().killServer();
        button("Save this bend").click();
        Locator saved = page.getByText("Bend saved.");
        Locator nobody = page.getByText("The workshop server does not answer. Nothing you typed is lost");
        assertThat(saved.or(nobody)).isVisible();
        // a machine that takes longer to start a server than the page has patience leaves it to the person
        for (int tries = 0; !saved.isVisible(); tries++) {
            assertThat(tries).as("tries to save it after the server was back").isLessThan(MOST_TRIES);
            product().getOnceThere("/api/trials/counts");
            button("Save this bend").click();
            assertThat(saved.or(nobody)).isVisible();
        }
        String after = product().getOnceThere("/api/trials/counts");
        assertThat(clean(after)).isEqualTo(clean(before) + 1);
        forgetErrors();
    }

    private static int clean(String counts) {
        return Integer.parseInt(counts.replaceAll(".*\"clean\":(\\d+).*", "$1"));
    }
}
