package brachion.server.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.server.ServerTest;
import brachion.server.Wire;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.TimeZone;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

@ServerTest
class BenchApiTest {

    @Autowired
    private MockMvcTester mvc;

    private Instant twoDaysAgo;

    @BeforeEach
    void now() {
        twoDaysAgo = Instant.now().minus(Duration.ofDays(2));
    }

    @Test
    void a_piece_goes_from_the_plan_to_its_verdict_and_nothing_is_written_down_twice() {
        long id = planned(Wire.recipe(12, 200, Wire.STEAM));
        assertThat(tap(id, "INTO_HEAT", 0)).bodyJson().extractingPath("$.next[0].tap").isEqualTo("AT_HEAT");
        assertThat(tap(id, "AT_HEAT", 300)).bodyJson().extractingPath("$.standing.dueIs").isEqualTo("SOFT");
        MvcTestResult pulled = tap(id, "PULLED", 300 + 40 * 60);
        assertThat(pulled).bodyJson().extractingPath("$.standing.dueIs").isEqualTo("OUTER_FACE_HARD");
        assertThat(pulled).bodyJson().extractingPath("$.next[0].tap").isEqualTo("CLAMPED");
        tap(id, "FEATHERS", 300 + 40 * 60 + 4);
        tap(id, "CLAMPED", 300 + 40 * 60 + 9.5);
        MvcTestResult released = tap(id, "RELEASED", 300 + 40 * 60 + 86_400);
        assertThat(released).bodyJson().extractingPath("$.step").isEqualTo("DRYING");
        assertThat(mvc.get().uri("/api/rack")).as("it hangs as wet as it was followed to be").bodyJson()
                .extractingPath("$[0].piece.startMoisturePercent").asNumber().satisfies(wet -> assertThat(wet.doubleValue()).isBetween(12.0, 20.0));
        MvcTestResult judged = Wire.post(mvc, "/api/bench/" + id + "/verdict?version=" + Wire.read(released, "$.version", Integer.class),
                "{\"outcome\": {\"severity\": \"FLAW\", \"flaw\": \"OUTER_SPLINTER\", \"releasedRadiusMm\": 210}, \"note\": \"bound with thread\"}");
        assertThat(judged).hasStatusOk();
        MvcTestResult trial = mvc.get().uri("/api/trials/" + Wire.read(judged, "$.trialId", Long.class)).exchange();
        assertThat(took(trial, "STEAM_BOX")).isCloseTo(40, within(1e-9));
        assertThat(took(trial, "CARRY")).isCloseTo(9.5 / 60, within(1e-9));
        assertThat(took(trial, "FORM")).isCloseTo((86_400 - 9.5) / 60, within(1e-9));
        assertThat(Wire.read(trial, "$.note", String.class)).isEqualTo("bound with thread");
        assertThat(mvc.get().uri("/api/bench")).bodyJson().extractingPath("$.pieces.length()").isEqualTo(0);
    }

    /** The night a clock on the wall shows half past two twice (26 October 2025 in Berlin). */
    @Test
    void an_hour_in_the_heat_is_an_hour_over_the_end_of_summer_time() {
        TimeZone before = TimeZone.getDefault();
        TimeZone.setDefault(TimeZone.getTimeZone("Europe/Berlin"));
        try {
            long id = planned(Wire.recipe(12, 200, Wire.STEAM));
            String said = "{\"tap\": \"%s\", \"saidAt\": \"2025-10-26T%sZ\"}";
            assertThat(say(id, said.formatted("INTO_HEAT", "00:30:00"))).hasStatusOk();
            assertThat(say(id, said.formatted("AT_HEAT", "00:30:00"))).hasStatusOk();
            assertThat(say(id, said.formatted("PULLED", "01:30:00"))).hasStatusOk();
            MvcTestResult clamped = say(id, said.formatted("CLAMPED", "01:30:10"));
            assertThat(mvc.get().uri("/api/bench")).bodyJson().extractingPath("$.pieces[0].said[*].saidAt")
                    .isEqualTo(List.of("2025-10-26T00:30:00Z", "2025-10-26T00:30:00Z", "2025-10-26T01:30:00Z", "2025-10-26T01:30:10Z"));
            MvcTestResult judged = Wire.post(mvc, "/api/bench/" + id + "/verdict?version=" + Wire.read(clamped, "$.version", Integer.class), "{\"outcome\": {\"severity\": \"CLEAN\"}, \"note\": \"\"}");
            MvcTestResult trial = mvc.get().uri("/api/trials/" + Wire.read(judged, "$.trialId", Long.class)).exchange();
            assertThat(took(trial, "STEAM_BOX")).isEqualTo(60);
            assertThat(trial).bodyJson().extractingPath("$.bentOn").isEqualTo("2025-10-26");
        } finally {
            TimeZone.setDefault(before);
        }
    }

    @Test
    void a_thermometer_that_was_read_stands_in_the_record() {
        long id = planned(Wire.recipe(12, 200, Wire.STEAM));
        tap(id, "INTO_HEAT", 0);
        assertThat(say(id, "{\"tap\": \"READING\", \"saidAt\": \"%s\", \"celsius\": 60}".formatted(at(300)))).hasStatusOk();
        assertThat(say(id, "{\"tap\": \"READING\", \"saidAt\": \"%s\", \"celsius\": 97}".formatted(at(900)))).hasStatusOk();
        tap(id, "PULLED", 3600);
        MvcTestResult broke = tap(id, "BROKE", 3605);
        MvcTestResult judged = Wire.post(mvc, "/api/bench/" + id + "/verdict?version=" + Wire.read(broke, "$.version", Integer.class),
                "{\"outcome\": {\"severity\": \"BROKEN\", \"flaw\": \"SNAP\"}, \"note\": \"\"}");
        MvcTestResult trial = mvc.get().uri("/api/trials/" + Wire.read(judged, "$.trialId", Long.class)).exchange();
        assertThat(took(trial, "STEAM_BOX")).isEqualTo(60);
        assertThat(trial).bodyJson().extractingPath("$.done.chamber[1].celsius").isEqualTo(97.0);
        assertThat(trial).bodyJson().extractingPath("$.done.chamber[0].minutes").isEqualTo(5.0);
    }

    @Test
    void what_cannot_follow_is_refused_in_words_and_changes_nothing() {
        long id = planned(Wire.recipe(12, 200, Wire.STEAM));
        assertThat(tap(id, "PULLED", 0)).hasStatus(HttpStatus.CONFLICT).bodyJson().extractingPath("$.detail").asString().contains("planned");
        tap(id, "INTO_HEAT", 100);
        assertThat(tap(id, "PULLED", 50)).as("before it went in").hasStatus(HttpStatus.CONFLICT);
        assertThat(Wire.refusedFields(say(id, "{\"tap\": \"PULLED\", \"saidAt\": \"%s\"}".formatted(Instant.now().plusSeconds(60)))))
                .containsExactly("saidAt");
        assertThat(Wire.refusedFields(tap(id, "READING", 200))).containsExactly("celsius");
        assertThat(Wire.refusedFields(tap(id, "JUDGED", 200))).containsExactly("tap");
        assertThat(Wire.refusedFields(say(id, "{}"))).containsExactlyInAnyOrder("tap", "saidAt");
        assertThat(mvc.get().uri("/api/bench")).bodyJson().extractingPath("$.pieces[0].said.length()").isEqualTo(1);
        assertThat(tap(4711, "INTO_HEAT", 0)).hasStatus(HttpStatus.NOT_FOUND);
        assertThat(Wire.refusedFields(Wire.post(mvc, "/api/bench", "{\"name\": \" \", \"recipe\": %s}".formatted(Wire.recipe(12, 200, Wire.STEAM)))))
                .containsExactly("name");
    }

    @Test
    void the_last_touch_can_be_taken_back_and_with_it_what_it_brought_about() {
        long id = planned(Wire.recipe(12, 200, Wire.STEAM));
        tap(id, "INTO_HEAT", 0);
        tap(id, "PULLED", 3600);
        tap(id, "CLAMPED", 3610);
        MvcTestResult released = tap(id, "RELEASED", 90_000);
        assertThat(mvc.get().uri("/api/rack")).bodyJson().extractingPath("$.length()").isEqualTo(1);
        int version = Wire.read(released, "$.version", Integer.class);
        assertThat(Wire.delete(mvc, "/api/bench/%d/taps/last?version=%d".formatted(id, version - 1))).hasStatus(HttpStatus.CONFLICT);
        assertThat(Wire.delete(mvc, "/api/bench/%d/taps/last?version=%d".formatted(id, version))).bodyJson()
                .extractingPath("$.step").isEqualTo("ON_FORM");
        assertThat(mvc.get().uri("/api/rack")).bodyJson().extractingPath("$.length()").isEqualTo(0);
        version = Wire.read(mvc.get().uri("/api/bench").exchange(), "$.pieces[0].version", Integer.class);
        assertThat(Wire.delete(mvc, "/api/bench/%d?version=%d".formatted(id, version))).hasStatusOk();
        assertThat(mvc.get().uri("/api/bench")).bodyJson().extractingPath("$.pieces.length()").isEqualTo(0);
        assertThat(Wire.post(mvc, "/api/bench/%d/restoration".formatted(id), "")).hasStatusOk();
        assertThat(mvc.get().uri("/api/bench")).bodyJson().extractingPath("$.pieces[0].said.length()").isEqualTo(3);
    }

    @Test
    void the_most_pressing_piece_stands_first() {
        long planned = planned(Wire.recipe(12, 200, Wire.STEAM));
        long soon = planned(Wire.recipe(6, 200, Wire.STEAM));
        long glued = planned(Wire.recipe(2, 300, Wire.EIGHT_PLIES));
        long pulled = planned(Wire.recipe(12, 200, Wire.STEAM));
        tap(soon, "INTO_HEAT", 0);
        tap(soon, "AT_HEAT", 0);
        tap(glued, "GLUE_ON", 60);
        tap(glued, "CLAMPED", 120);
        tap(pulled, "INTO_HEAT", 86_400);
        tap(pulled, "AT_HEAT", 86_400);
        tap(pulled, "PULLED", 90_000);
        @SuppressWarnings("unchecked")
        List<Integer> order = Wire.read(mvc.get().uri("/api/bench").exchange(), "$.pieces[*].id", List.class);
        assertThat(order).containsExactly((int) pulled, (int) soon, (int) glued, (int) planned);
    }

    @Test
    void several_who_tap_at_once_are_all_heard_and_what_comes_late_takes_its_place() {
        long id = planned(Wire.recipe(12, 200, Wire.STEAM));
        tap(id, "INTO_HEAT", 0);
        tap(id, "PULLED", 3600);
        List<CompletableFuture<MvcTestResult>> taps = IntStream.range(0, 8)
                .mapToObj(i -> CompletableFuture.supplyAsync(() -> tap(id, "CLICK", 3601 + (i * 5 % 8)))).toList();
        assertThat(taps.stream().map(CompletableFuture::join)).allSatisfy(answer -> assertThat(answer).hasStatusOk());
        assertThat(tap(id, "CLAMPED", 3620)).hasStatusOk();
        assertThat(tap(id, "FEATHERS", 3610)).as("heard of late").hasStatusOk();
        MvcTestResult bench = mvc.get().uri("/api/bench").exchange();
        assertThat(Wire.read(bench, "$.pieces[0].said[*].tap", List.class)).hasSize(12).endsWith("FEATHERS", "CLAMPED");
        @SuppressWarnings("unchecked")
        List<String> moments = Wire.read(bench, "$.pieces[0].said[*].saidAt", List.class);
        assertThat(moments.stream().map(Instant::parse)).isSorted();
    }

    /** An hour nobody touched the screen is no carry; a piece pulled at once was heated as briefly as can be. */
    @Test
    void a_touch_that_came_too_late_or_too_early_makes_no_record_that_cannot_be() {
        long id = planned(Wire.recipe(12, 200, Wire.STEAM));
        tap(id, "INTO_HEAT", 0);
        tap(id, "PULLED", 3);
        MvcTestResult clamped = tap(id, "CLAMPED", 3700);
        assertThat(Wire.read(clamped, "$.tooLong", List.class)).as("said before the verdict").containsExactly("CARRY");
        MvcTestResult judged = Wire.post(mvc, "/api/bench/" + id + "/verdict?version=" + Wire.read(clamped, "$.version", Integer.class),
                "{\"outcome\": {\"severity\": \"CLEAN\"}, \"note\": \"\"}");
        MvcTestResult trial = mvc.get().uri("/api/trials/" + Wire.read(judged, "$.trialId", Long.class)).exchange();
        assertThat(took(trial, "STEAM_BOX")).isEqualTo(1);
        assertThat(Wire.read(trial, "$.done.stages[*].kind", List.class)).doesNotContain("CARRY");
    }

    private long planned(String recipe) {
        MvcTestResult planned = Wire.post(mvc, "/api/bench", "{\"name\": \"Rib\", \"recipe\": %s}".formatted(recipe));
        assertThat(planned).hasStatus(HttpStatus.CREATED);
        return Wire.read(planned, "$.id", Long.class);
    }

    private MvcTestResult tap(long id, String tap, double seconds) {
        return say(id, "{\"tap\": \"%s\", \"saidAt\": \"%s\"}".formatted(tap, at(seconds)));
    }

    private MvcTestResult say(long id, String json) {
        return Wire.post(mvc, "/api/bench/" + id + "/taps", json);
    }

    private Instant at(double seconds) {
        return twoDaysAgo.plusMillis(Math.round(seconds * 1000));
    }

    private static double took(MvcTestResult trial, String stage) {
        return ((Number) Wire.read(trial, "$.done.stages[?(@.kind == '" + stage + "')].actualMinutes", List.class).get(0)).doubleValue();
    }
}
