package brachion.server.trial;

import static brachion.server.Wire.post;
import static brachion.server.Wire.put;
import static brachion.server.Wire.read;
import static brachion.server.Wire.refusedFields;
import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import brachion.server.ServerTest;
import brachion.server.Wire;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** People, boards and sources have keys: a name is a label that can be put right in one place. */
@ServerTest
class NamesApiTest {

    @Autowired
    private MockMvcTester mvc;
    @Autowired
    private JdbcTemplate database;

    private long bentBy(String person) {
        return read(post(mvc, "/api/trials", trialOf(person)), "$.id", Long.class);
    }

    private static String trialOf(String person) {
        return Wire.cleanTrial().replace("\"innerRadiusMm\"", "\"person\": \"%s\", \"board\": \"Ash A\", \"innerRadiusMm\"".formatted(person));
    }

    private MvcTestResult names() {
        return mvc.get().uri("/api/names").exchange();
    }

    private String personOf(long trial) {
        return read(mvc.get().uri("/api/trials/" + trial).exchange(), "$.recipe.person", String.class);
    }

    private MvcTestResult rename(String was, String to, boolean asOne) {
        List<Integer> keys = read(names(), "$.people[?(@.name == '%s')].id".formatted(was), List.class);
        return put(mvc, "/api/names/PERSON/%d?version=0&asOne=%s".formatted(keys.get(0), asOne), "{\"name\": \"%s\"}".formatted(to));
    }

    @Test
    void each_name_is_kept_once_and_counts_its_trials() {
        bentBy("Odo");
        bentBy("Odo ");
        bentBy("odo");
        assertThat(read(names(), "$.people[*].name", List.class)).containsExactlyInAnyOrder("Odo", "odo");
        assertThat(read(names(), "$.people[?(@.name == 'Odo')].trials", List.class)).containsExactly(2);
        assertThat(read(names(), "$.boards[*].trials", List.class)).containsExactly(3);
        assertThat(read(names(), "$.sources", List.class)).isEmpty();
    }

    @Test
    void a_name_put_right_is_right_in_every_trial_and_makes_the_fit_anew() {
        long first = bentBy("Odo");
        long second = bentBy("Odo");
        long revision = revision();
        assertThat(rename("Odo", " Odo Fell ", false)).bodyJson().extractingPath("$.people[0].name").isEqualTo("Odo Fell");
        assertThat(personOf(first)).isEqualTo("Odo Fell");
        assertThat(personOf(second)).isEqualTo("Odo Fell");
        assertThat(revision()).isGreaterThan(revision);
    }

    private long revision() {
        return database.queryForObject("select revision from trial_revision where shop = 'own'", Long.class);
    }

    @Test
    void two_are_taken_for_one_only_when_that_is_meant() {
        long odo = bentBy("Odo");
        long other = bentBy("Oddo");
        assertThat(refusedFields(rename("Oddo", "Odo", false))).containsExactly("name");
        assertThat(personOf(other)).isEqualTo("Oddo");
        assertThat(read(rename("Oddo", "Odo", true), "$.people[*].trials", List.class)).containsExactly(2);
        assertThat(personOf(other)).isEqualTo("Odo");
        assertThat(personOf(odo)).isEqualTo("Odo");
        assertThat(database.queryForObject("select count(*) from person", Integer.class)).isEqualTo(1);
    }

    @Test
    void what_is_no_name_or_out_of_date_is_refused() {
        bentBy("Odo");
        assertThat(refusedFields(rename("Odo", "  ", false))).containsExactly("name");
        assertThat(refusedFields(rename("Odo", "x".repeat(81), false))).containsExactly("name");
        rename("Odo", "Odette", false);
        assertThat(rename("Odette", "Odile", false)).as("renamed since version 0").hasStatus(HttpStatus.CONFLICT);
        assertThat(put(mvc, "/api/names/PERSON/999999?version=0", "{\"name\": \"Odo\"}")).hasStatus(HttpStatus.NOT_FOUND);
        assertThat(put(mvc, "/api/names/HAMMER/1?version=0", "{\"name\": \"Odo\"}")).hasStatus(HttpStatus.BAD_REQUEST);
    }

    @Test
    void a_name_that_several_give_at_once_is_given_once() throws InterruptedException {
        ExecutorService several = Executors.newFixedThreadPool(8);
        try {
            IntStream.range(0, 24).mapToObj(i -> CompletableFuture.runAsync(() -> assertThat(Wire.persistently(() ->
                    post(mvc, "/api/trials", trialOf(i % 2 == 0 ? "Wren" : "Tamsin")))).hasStatus(HttpStatus.CREATED), several)).toList()
                    .forEach(CompletableFuture::join);
        } finally {
            several.shutdownNow();
            assertThat(several.awaitTermination(1, TimeUnit.MINUTES)).as("nobody goes on into the next test").isTrue();
        }
        assertThat(read(names(), "$.people[*].trials", List.class)).containsExactly(12, 12);
    }

    /** Somebody who holds the count of changes wants the name that is being given, and so each waits for the other. */
    @Test
    void who_loses_to_one_that_waited_for_it_is_told_to_come_again_and_is_then_written() throws SQLException {
        String key = UUID.randomUUID().toString();
        Supplier<MvcTestResult> write = () -> post(mvc, "/api/trials", trialOf("Wren"), key);
        bentBy("Odo");
        try (Connection other = database.getDataSource().getConnection(); Statement statement = other.createStatement()) {
            other.setAutoCommit(false);
            // who has written more is not the one that is let go
            for (int i = 0; i < 200; i++) {
                statement.execute("insert into source (version, shop, name) values (0, 'own', 'Yard %d')".formatted(i));
            }
            statement.execute("select * from trial_revision where shop = 'own' for update");
            CompletableFuture<MvcTestResult> waiting = CompletableFuture.supplyAsync(write);
            awaitGiven("Wren");
            statement.execute("insert ignore into person (version, shop, name) values (0, 'own', 'Wren')");
            assertThat(waiting.join()).hasStatus(HttpStatus.SERVICE_UNAVAILABLE).hasHeader("Retry-After", "2");
            other.rollback();
        }
        assertThat(write.get()).hasStatus(HttpStatus.CREATED);
        assertThat(read(names(), "$.people[?(@.name == 'Wren')].trials", List.class)).containsExactly(1);
    }

    /** Until a name has been given, be it in a transaction that has not ended. */
    private void awaitGiven(String name) throws SQLException {
        try (Connection reader = database.getDataSource().getConnection(); Statement statement = reader.createStatement()) {
            statement.execute("set session transaction isolation level read uncommitted");
            try {
                await().atMost(Duration.ofMinutes(1)).until(() -> statement.executeQuery("select 1 from person where shop = 'own' and name = '%s'".formatted(name)).next());
            } finally {
                statement.execute("set session transaction isolation level repeatable read");
            }
        }
    }

    @Test
    void a_name_put_right_is_put_right_on_the_bench_and_in_plans_too() {
        bentBy("Tasmin");
        String recipe = Wire.recipe(12, 200, Wire.STEAM).replaceFirst("\\{", "{\"person\": \"Tasmin\", ");
        post(mvc, "/api/bench", "{\"name\": \"Rib\", \"recipe\": %s}".formatted(recipe));
        long piece = read(mvc.get().uri("/api/bench").exchange(), "$.pieces[0].id", Long.class);
        assertThat(post(mvc, "/api/bench/" + piece + "/taps", "{\"tap\": \"PREPARED\", \"saidAt\": \"%s\", \"person\": \"Tasmin\"}".formatted(Instant.now().minusSeconds(60)))).hasStatusOk();
        post(mvc, "/api/jobs", "{\"name\": \"Ribs\", \"wanted\": 2, \"certainty\": 0.9, \"flawsPass\": true, \"note\": \"\", \"recipe\": %s}".formatted(recipe));
        assertThat(rename("Tasmin", "Tamsin", false)).hasStatusOk();
        assertThat(read(mvc.get().uri("/api/bench").exchange(), "$.pieces[0].recipe.person", String.class)).isEqualTo("Tamsin");
        assertThat(read(mvc.get().uri("/api/bench").exchange(), "$.pieces[0].said[0].person", String.class)).as("who said the stock is ready").isEqualTo("Tamsin");
        assertThat(read(mvc.get().uri("/api/jobs").exchange(), "$[0].job.recipe.person", String.class)).isEqualTo("Tamsin");
    }

    /** Hands are known by what was measured, those of one shop apart from those of another. */
    @Test
    void hands_are_known_by_three_carries_that_were_measured() {
        for (int seconds : new int[] {8, 12, 9}) {
            String trial = Wire.cleanTrial().replace("\"innerRadiusMm\"", "\"person\": \"Odo\", \"innerRadiusMm\"")
                    .replace("\"outcome\"", "\"done\": {\"stages\": [{\"kind\": \"CARRY\", \"actualMinutes\": %s}], \"chamber\": []}, \"outcome\"".formatted(seconds / 60.0));
            assertThat(Wire.post(mvc, "/api/trials", trial)).hasStatus(HttpStatus.CREATED);
        }
        assertThat(Wire.post(mvc, "/api/trials", Wire.cleanTrial().replace("\"innerRadiusMm\"", "\"person\": \"Tamsin\", \"innerRadiusMm\""))).hasStatus(HttpStatus.CREATED);
        MvcTestResult hands = mvc.get().uri("/api/names/people/hands").exchange();
        assertThat(Wire.read(hands, "$.length()", Integer.class)).isEqualTo(1);
        assertThat(Wire.read(hands, "$[0].person", String.class)).isEqualTo("Odo");
        assertThat(Wire.read(hands, "$[0].carries.medianS", Double.class)).isCloseTo(9, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(Wire.read(mvc.get().uri("/api/names/people/hands").header("Brachion-Shop", "sample").exchange(), "$.length()", Integer.class)).isZero();
    }
}
