package brachion.server.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import brachion.server.ServerTest;
import brachion.server.Wire;
import java.io.IOException;
import java.time.Duration;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** Without its database the server says so at once, and goes on by itself when it is back. */
@ServerTest
@DirtiesContext
// as impatient with its database as the product is, not as its other tests
@TestPropertySource(properties = "spring.config.location=classpath:/application.yaml")
class DeadDatabaseTest {

    private static final String URL = System.getenv("BRACHION_DB_URL");
    private static final Relay RELAY = relay();

    @Autowired
    private MockMvcTester mvc;

    private static Relay relay() {
        try {
            return new Relay(Integer.parseInt(URL.replaceAll(".*:(\\d+)/.*", "$1")));
        } catch (IOException failed) {
            throw new IllegalStateException(failed);
        }
    }

    @DynamicPropertySource
    static void throughTheRelay(DynamicPropertyRegistry properties) {
        properties.add("spring.datasource.url", () -> URL.replaceAll(":\\d+/", ":" + RELAY.port() + "/"));
    }

    @AfterEach
    void mend() throws IOException {
        RELAY.mend();
    }

    @AfterAll
    static void close() {
        RELAY.close();
    }

    /** Written past the relay. */
    private static JdbcTemplate database() {
        return new JdbcTemplate(new DriverManagerDataSource(URL, System.getenv("BRACHION_DB_USER"), System.getenv("BRACHION_DB_PASSWORD")));
    }

    private void assertSaysThatTheDatabaseIsGone(MvcTestResult answer) {
        assertThat(answer).hasStatus(HttpStatus.SERVICE_UNAVAILABLE).hasHeader("Retry-After", "2")
                .hasContentTypeCompatibleWith("application/problem+json");
        assertThat(answer).bodyJson().extractingPath("$.detail").asString().contains("database does not answer").contains("Nothing you typed is lost");
    }

    private void assertGoesOnByItself() throws IOException {
        RELAY.mend();
        awaitTheDatabase();
        String key = UUID.randomUUID().toString();
        assertThat(Wire.persistently(() -> Wire.post(mvc, "/api/trials", Wire.cleanTrial(), key))).hasStatus(HttpStatus.CREATED);
        assertThat(database().queryForObject("select count(*) from trial", Integer.class)).isEqualTo(1);
    }

    private void awaitTheDatabase() {
        await().atMost(Duration.ofMinutes(1)).until(() -> mvc.get().uri("/api/trials").exchange().getResponse().getStatus() == HttpStatus.OK.value());
    }

    private void assertEveryQuestionIsToldSo() {
        assertSaysThatTheDatabaseIsGone(mvc.get().uri("/api/trials").exchange());
        assertSaysThatTheDatabaseIsGone(mvc.get().uri("/api/rig").exchange());
        assertSaysThatTheDatabaseIsGone(Wire.post(mvc, "/api/trials", Wire.cleanTrial()));
        assertSaysThatTheDatabaseIsGone(Wire.post(mvc, "/api/forecast", "{\"recipe\": " + Wire.recipe(12, 200, Wire.STEAM) + "}"));
        assertThat(mvc.get().uri("/plan")).as("the page itself needs no database").hasStatusOk();
    }

    @Test
    void one_that_was_killed_is_said_to_be_gone_and_found_again() throws Exception {
        RELAY.cut();
        assertEveryQuestionIsToldSo();
        assertGoesOnByItself();
    }

    @Test
    void one_that_hangs_is_said_to_be_gone_and_found_again() throws Exception {
        RELAY.stick();
        assertEveryQuestionIsToldSo();
        assertGoesOnByItself();
    }

    /** Each answer comes in time, but a bend takes ten of them. */
    @Test
    void one_that_answers_late_again_and_again_is_not_waited_for_either() throws Exception {
        awaitTheDatabase();
        RELAY.delay(300);
        assertSaysThatTheDatabaseIsGone(Wire.post(mvc, "/api/trials", Wire.cleanTrial().replace("\"method\"", "\"person\": \"Odo\", \"board\": \"Ash\", \"method\"")));
        assertGoesOnByItself();
    }

    /** A question that the database itself holds up, here by a lock on the table, is not waited for either, nor half done. */
    @Test
    void one_that_is_slow_is_not_waited_for_and_nothing_is_written_half() throws Exception {
        try (var other = new DriverManagerDataSource(URL, System.getenv("BRACHION_DB_USER"), System.getenv("BRACHION_DB_PASSWORD")).getConnection();
             var statement = other.createStatement()) {
            statement.execute("lock tables trial_stage write");
            assertSaysThatTheDatabaseIsGone(Wire.post(mvc, "/api/trials", Wire.cleanTrial().replace("\"outcome\"",
                    "\"done\": {\"stages\": [{\"kind\": \"STEAM_BOX\", \"actualMinutes\": 50}], \"chamber\": []}, \"outcome\"")));
            statement.execute("unlock tables");
        }
        assertGoesOnByItself();
    }
}
