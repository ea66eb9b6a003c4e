package brachion.server.shell;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.server.ServerTest;
import brachion.server.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@ServerTest
class WriteOnceTest {

    /** What is worked out and not stored, and the visit to the sample workshop, which is the same however often it is begun or ended. */
    private static final Set<String> STORE_NOTHING = Set.of("post /api/forecast", "post /api/trials/{id}/diagnosis", "post /api/forecast/levers", "post /api/forecast/map",
            "post /api/forecast/next", "post /api/forecast/plies", "post /api/forecast/side-by-side", "post /api/forecast/spares", "post /api/forecast/typed", "post /api/process", "post /api/process/section",
            "post /api/process/soak", "post /api/readings", "post /api/rig/appraisal", "post /api/ways", "post /api/exchange/readings", "post /api/exchange/notebooks", "post /api/bench/items/choices",
            "post /api/released-curve", "post /api/records/found", "post /api/records/tally", "post /api/records/count", "post /api/stock/layout", "post /api/photos/measurement", "post /api/stock/proposal",
            "post /api/day/proposals", "post /api/curves/forecast", "post /api/curves/form", "post /api/curves/points", "post /api/curves/drawn", "post /api/curves/drawing/svg",
            "post /api/curves/drawing/dxf", "post /api/curves/drawing/pdf", "post /api/sheets/bend", "post /api/sheets/logbook", "post /api/sheets/day", "post /api/sheets/form", "post /api/sheets/strap", "post /api/sheets/pipe",
            "put /api/sample", "delete /api/sample", "delete /api/work/{key}");

    @Autowired
    private MockMvcTester mvc;

    @Autowired
    private JdbcTemplate database;

    private static String key() {
        return UUID.randomUUID().toString();
    }

    private int trials() {
        return database.queryForObject("select count(*) from trial", Integer.class);
    }

    @Test
    void what_is_sent_twice_is_written_once_and_answered_alike() throws Exception {
        String key = key();
        MvcTestResult first = Wire.post(mvc, "/api/trials", Wire.cleanTrial(), key);
        MvcTestResult again = Wire.post(mvc, "/api/trials", Wire.cleanTrial(), key);
        assertThat(first).hasStatus(HttpStatus.CREATED);
        assertThat(again).hasStatus(HttpStatus.CREATED).hasHeader(HttpHeaders.LOCATION, first.getResponse().getHeader(HttpHeaders.LOCATION));
        assertThat(again.getResponse().getContentAsString()).isEqualTo(first.getResponse().getContentAsString()).contains("\"id\"");
        assertThat(again.getResponse().getContentType()).isEqualTo(first.getResponse().getContentType());
        assertThat(trials()).isEqualTo(1);
        assertThat(Wire.post(mvc, "/api/trials", Wire.cleanTrial(), key())).hasStatus(HttpStatus.CREATED);
        assertThat(trials()).as("another key is another bend").isEqualTo(2);
    }

    @Test
    void what_arrives_twice_at_once_is_written_once() throws Exception {
        String key = key();
        ExecutorService hands = Executors.newFixedThreadPool(6);
        List<Future<MvcTestResult>> sent = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            sent.add(hands.submit(() -> Wire.post(mvc, "/api/trials", Wire.cleanTrial(), key)));
        }
        for (Future<MvcTestResult> each : sent) {
            assertThat(each.get().getResponse().getStatus()).isIn(201, 503);
        }
        hands.shutdown();
        assertThat(Wire.post(mvc, "/api/trials", Wire.cleanTrial(), key)).hasStatus(HttpStatus.CREATED);
        assertThat(trials()).isEqualTo(1);
    }

    @Test
    void a_key_stands_for_one_write_and_a_refused_write_may_be_put_right() throws Exception {
        String key = key();
        MvcTestResult refused = Wire.post(mvc, "/api/trials", Wire.cleanTrial().replace("CLEAN\", \"releasedRadiusMm\": 208", "FLAW\""), key);
        assertThat(refused).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(Wire.refusedFields(refused)).isNotEmpty();
        assertThat(Wire.post(mvc, "/api/trials", Wire.cleanTrial(), key)).hasStatus(HttpStatus.CREATED);
        MvcTestResult other = Wire.post(mvc, "/api/trials", Wire.trial(Wire.recipe(9, 200, Wire.STEAM), "{\"severity\": \"CLEAN\"}"), key);
        assertThat(other).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(other).bodyJson().extractingPath("$.detail").asString().contains("another write");
        assertThat(trials()).isEqualTo(1);
        assertThat(Wire.refusedFields(Wire.post(mvc, "/api/trials", Wire.cleanTrial(), "short"))).containsExactly("Idempotency-Key");
    }

    /** A shop's keys are its own, and what takes something away is repeated as well. */
    @Test
    void taking_away_twice_is_answered_twice() throws Exception {
        long id = Wire.read(Wire.post(mvc, "/api/trials", Wire.cleanTrial()), "$.id", Long.class);
        String key = key();
        for (int i = 0; i < 2; i++) {
            assertThat(mvc.delete().uri("/api/trials/" + id + "?version=0").with(SecurityMockMvcRequestPostProcessors.csrf())
                    .header("Idempotency-Key", key).exchange()).hasStatusOk();
        }
        assertThat(mvc.get().uri("/api/trials")).bodyJson().extractingPath("$.total").isEqualTo(0);
    }

    @Test
    void everything_that_stores_takes_a_key() throws Exception {
        JsonNode paths = JsonMapper.builder().build().readTree(mvc.get().uri("/v3/api-docs").exchange().getResponse().getContentAsByteArray()).get("paths");
        Set<String> without = new TreeSet<>();
        paths.properties().forEach(path -> path.getValue().properties().forEach(each -> {
            boolean key = each.getValue().path("parameters").valueStream().anyMatch(parameter -> "Idempotency-Key".equals(parameter.path("name").asString()));
            if (!key && !each.getKey().equals("get")) {
                without.add(each.getKey() + " " + path.getKey());
            }
        }));
        assertThat(without).containsExactlyInAnyOrderElementsOf(STORE_NOTHING);
    }
}
