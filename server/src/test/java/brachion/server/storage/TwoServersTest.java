package brachion.server.storage;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.server.BrachionApplication;
import brachion.server.Client;
import brachion.server.Wire;
import com.jayway.jsonpath.JsonPath;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/** Two servers on one database are one shop: what is said to one the other knows. */
class TwoServersTest {

    private static ConfigurableApplicationContext first;
    private static ConfigurableApplicationContext second;

    private Client one;
    private Client other;

    @BeforeAll
    static void start() {
        first = new SpringApplicationBuilder(BrachionApplication.class).run("--server.port=0");
        second = new SpringApplicationBuilder(BrachionApplication.class).run("--server.port=0");
    }

    @AfterAll
    static void stop() {
        first.close();
        second.close();
    }

    @BeforeEach
    void empty() {
        JdbcTemplate database = first.getBean(JdbcTemplate.class);
        List.of("photo_image", "photo", "trial", "bench_tap", "bench_item", "job_item", "bench_piece", "steam_rig", "rig_item", "stock_mark", "stock_reading", "stock_blank", "stock_board", "person", "board", "source", "row_set_aside", "brought_in", "other_shop", "notebook", "saved_view", "weigh_in", "drying_piece", "instrument_reading", "instrument", "wood", "job_plan", "job", "kept_curve")
                .forEach(table -> database.update("delete from " + table));
        database.update("update trial_revision set revision = revision + 1");
        one = client(first);
        other = client(second);
    }

    private static Client client(ConfigurableApplicationContext server) {
        return new Client(((WebServerApplicationContext) server).getWebServer().getPort());
    }

    private static <T> T read(HttpResponse<String> answer, String path) {
        assertThat(answer.statusCode()).as(answer.body()).isBetween(200, 299);
        return JsonPath.read(answer.body(), path);
    }

    private static HttpResponse<String> forecast(Client server, String species) throws Exception {
        return server.post("/api/forecast", "{\"recipe\": " + Wire.recipe(12, 200, Wire.STEAM).replace("white-ash", species) + "}");
    }

    /** A fit is made behind the scenes; on a slow machine a forecast may still be from the one before. */
    private static void assertLearnedFrom(Client server, int trials) throws Exception {
        long patience = System.nanoTime() + Duration.ofMinutes(1).toNanos();
        while ((int) read(forecast(server, "white-ash"), "$.evidence.trialsOfFamily") != trials && System.nanoTime() < patience) {
            Thread.sleep(50);
        }
        assertThat((int) read(forecast(server, "white-ash"), "$.evidence.trialsOfFamily")).isEqualTo(trials);
    }

    @Test
    void a_trial_logged_at_one_is_listed_counted_and_learned_from_at_the_other() throws Exception {
        assertLearnedFrom(other, 0);
        for (int i = 0; i < 3; i++) {
            int id = read(one.post("/api/trials", Wire.cleanTrial()), "$.id");
            assertThat((int) read(other.get("/api/trials/" + id), "$.version")).isZero();
            assertLearnedFrom(one, i + 1);
            assertLearnedFrom(other, i + 1);
            assertThat((Object) read(forecast(other, "white-ash"), "$.unbroken")).isEqualTo(read(forecast(one, "white-ash"), "$.unbroken"));
        }
        int id = read(other.get("/api/trials"), "$.trials[0].id");
        assertThat(other.put("/api/trials/" + id + "?version=0", Wire.cleanTrial().replace("Crook handle", "Corrected")).statusCode()).isEqualTo(200);
        assertThat(one.put("/api/trials/" + id + "?version=0", Wire.cleanTrial()).statusCode()).as("a change on top of the other's").isEqualTo(409);
        assertThat(one.get("/api/trials/" + id).body()).contains("Corrected");
    }

    @Test
    void a_write_sent_to_one_and_again_to_the_other_is_done_once() throws Exception {
        String key = UUID.randomUUID().toString();
        List<HttpResponse<String>> answers = List.of(
                one.send(one.request("POST", "/api/trials", Wire.cleanTrial()).header("Content-Type", "application/json").header("Idempotency-Key", key).build()),
                other.send(other.request("POST", "/api/trials", Wire.cleanTrial()).header("Content-Type", "application/json").header("Idempotency-Key", key).build()));
        assertThat(answers.get(1).body()).isEqualTo(answers.get(0).body());
        assertThat((int) read(one.get("/api/trials"), "$.total")).isEqualTo(1);
    }

    @Test
    void rig_rack_woods_and_names_are_the_same_at_both() throws Exception {
        String rig = one.get("/api/rig").body().replaceAll(".*\"rig\":(\\{.*})}$", "$1").replaceAll("\"shopC\":[0-9.]+", "\"shopC\":4.0");
        double warm = read(forecast(other, "white-ash"), "$.unbroken.probability");
        assertThat(one.put("/api/rig?version=-1", rig).statusCode()).isEqualTo(200);
        assertThat((double) read(other.get("/api/rig"), "$.rig.shopC")).isEqualTo(4);
        assertThat((double) read(forecast(other, "white-ash"), "$.unbroken.probability")).as("a cold shop").isLessThan(warm);
        assertThat(other.put("/api/rig?version=-1", rig).statusCode()).as("kept by the first already").isEqualTo(409);

        String wood = read(one.post("/api/woods", """
                {"commonName": "Hop hornbeam", "latinName": "Ostrya virginiana", "woodClass": "RING_POROUS_HARDWOOD", "basicSpecificGravity": 0.63,
                 "source": "a table at the mill"}"""), "$.id");
        assertThat(forecast(other, wood).statusCode()).isEqualTo(200);

        int piece = read(other.post("/api/rack", """
                {"name": "Bow 3", "speciesId": "%s", "thicknessMm": 12, "widthMm": 25, "startedOn": "2026-11-20", "startMoisturePercent": 25.3,
                 "shopC": 18, "shopHumidityPercent": 50}""".formatted(wood)), "$.id");
        assertThat((List<Integer>) read(one.get("/api/rack"), "$[*].id")).containsExactly(piece);
        assertThat(one.post("/api/rack/" + piece + "/weigh-ins?version=0", "{\"weighedOn\": \"2026-11-22\", \"moisturePercent\": 20.1}").statusCode()).isEqualTo(200);
        assertThat(other.get("/api/rack").body()).contains("20.1");

        read(one.post("/api/trials", Wire.cleanTrial().replace("\"method\"", "\"person\": \"Odo\", \"method\"")), "$.id");
        assertThat(other.get("/api/names").body()).contains("Odo");
    }

    @Test
    void what_is_tapped_at_one_bench_is_told_and_seen_at_the_other() throws Exception {
        try (InputStream told = other.listen("/api/bench/changes")) {
            BufferedReader lines = new BufferedReader(new InputStreamReader(told, StandardCharsets.UTF_8));
            int id = read(one.post("/api/bench", "{\"name\": \"Rib\", \"recipe\": " + Wire.recipe(12, 200, Wire.STEAM) + "}"), "$.id");
            String tap = "{\"tap\": \"INTO_HEAT\", \"saidAt\": \"" + Instant.now() + "\"}";
            assertThat((String) read(one.post("/api/bench/" + id + "/taps", tap), "$.step")).isEqualTo("HEATING");
            assertToldOf(lines, first.getBean(JdbcTemplate.class)
                    .queryForObject("select max(id) * 1000003 + sum(version + 1) from bench_piece", Long.class));
            assertThat((String) read(other.get("/api/bench"), "$.pieces[0].step")).isEqualTo("HEATING");
        }
    }

    private static void assertToldOf(BufferedReader lines, long revision) throws IOException {
        long patience = System.nanoTime() + Duration.ofMinutes(1).toNanos();
        String last = "";
        while (System.nanoTime() < patience) {
            String line = lines.readLine();
            if (line != null && line.startsWith("data:")) {
                last = line.substring("data:".length());
                if (((Number) JsonPath.read(last, "$.revision")).longValue() == revision) {
                    return;
                }
            }
        }
        throw new AssertionError("Told only of " + last);
    }
}
