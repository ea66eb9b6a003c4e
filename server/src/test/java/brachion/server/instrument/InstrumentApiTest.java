package brachion.server.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.server.ServerTest;
import brachion.server.Wire;
import brachion.server.storage.CurrentShop;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

@ServerTest
class InstrumentApiTest {

    private static final String READING = "{\"readAt\": \"%s\", \"celsius\": %s}";

    @Autowired
    private MockMvcTester mvc;
    @Autowired
    private JdbcTemplate database;
    @Autowired
    private InstrumentService service;

    private final Instant anHourAgo = Instant.now().minus(Duration.ofHours(1));

    @Test
    void late_and_doubled_readings_fall_into_their_place() {
        MvcTestResult told = added();
        assertThat(send(told, reading(60, 40), reading(120, 60))).hasStatus(HttpStatus.NO_CONTENT);
        assertThat(send(told, reading(90, 50), reading(60, 41))).hasStatus(HttpStatus.NO_CONTENT);
        long id = Wire.read(told, "$.id", Long.class);
        assertThat(service.between(id, anHourAgo, Instant.now())).extracting(ChamberRecord.Read::celsius).containsExactly(40.0, 50.0, 60.0);
        assertThat(mvc.get().uri("/api/instruments")).bodyJson().extractingPath("$[0].last.celsius").isEqualTo(60.0);
    }

    @Test
    void whoever_does_not_show_the_token_writes_nothing_and_nonsense_is_refused_by_field() {
        MvcTestResult told = added();
        long id = Wire.read(told, "$.id", Long.class);
        assertThat(send(id, "nonsense", reading(0, 20))).hasStatus(HttpStatus.UNAUTHORIZED);
        assertThat(mvc.post().uri("/api/instruments/" + id + "/readings").contentType(MediaType.APPLICATION_JSON).content("{\"readings\": []}"))
                .hasStatus(HttpStatus.UNAUTHORIZED);
        assertThat(send(4711, "nonsense", reading(0, 20))).hasStatus(HttpStatus.NOT_FOUND);
        assertThat(Wire.refusedFields(send(told, reading(0, 900)))).containsExactly("readings[0].celsius");
        assertThat(Wire.refusedFields(send(told, READING.formatted(Instant.now().plusSeconds(3600), 20)))).containsExactly("readings");
        assertThat(Wire.refusedFields(send(told, READING.formatted(Instant.now().minus(Duration.ofDays(30)), 20)))).containsExactly("readings");
        assertThat(database.queryForObject("select count(*) from instrument_reading", Integer.class)).isZero();
        assertThat(database.queryForObject("select token_digest from instrument", String.class)).as("only a digest is kept")
                .doesNotContain(Wire.read(told, "$.token", String.class));
        assertThat(Wire.delete(mvc, "/api/instruments/%d?version=0".formatted(id))).hasStatusOk();
        assertThat(send(told, reading(0, 20))).as("taken away").hasStatus(HttpStatus.NOT_FOUND);
    }

    @Test
    void a_piece_in_the_heat_is_followed_by_the_thermometer_that_is_heard_and_its_curve_stands_in_the_record() {
        MvcTestResult told = added();
        send(told, reading(0, 18));
        MvcTestResult planned = Wire.post(mvc, "/api/bench", "{\"name\": \"Rib\", \"recipe\": %s}".formatted(Wire.recipe(12, 200, Wire.STEAM)));
        long id = Wire.read(planned, "$.id", Long.class);
        MvcTestResult in = tap(id, "INTO_HEAT", 10);
        assertThat(in).as("nothing was read since it went in").bodyJson().extractingPath("$.chamber.length()").isEqualTo(0);
        // a chamber that comes up straight to 98 °C in ten minutes, read each second
        send(told, IntStream.range(11, 2400).mapToObj(second -> reading(second, Math.min(98, 18 + 80.0 * second / 600))).toArray(String[]::new));
        MvcTestResult bench = mvc.get().uri("/api/bench").exchange();
        assertThat(bench).bodyJson().extractingPath("$.pieces[0].standing.dueIs").isEqualTo("SOFT");
        assertThat(Wire.read(bench, "$.pieces[0].chamber.length()", Integer.class)).as("a ramp and a line").isBetween(3, 6);
        assertThat(Wire.read(bench, "$.pieces[0].next[0].tap", String.class)).as("nobody need say that it is at heat").isEqualTo("PULLED");
        tap(id, "PULLED", 2400);
        MvcTestResult clamped = tap(id, "CLAMPED", 2410);
        MvcTestResult judged = Wire.post(mvc, "/api/bench/" + id + "/verdict?version=" + Wire.read(clamped, "$.version", Integer.class),
                "{\"outcome\": {\"severity\": \"CLEAN\"}, \"note\": \"\"}");
        MvcTestResult trial = mvc.get().uri("/api/trials/" + Wire.read(judged, "$.trialId", Long.class)).exchange();
        assertThat(Wire.read(trial, "$.done.chamber[-1].celsius", Double.class)).isEqualTo(98);
        assertThat(Wire.read(trial, "$.done.chamber[-1].minutes", Double.class)).isCloseTo(2389 / 60.0, within(0.01));
    }

    /** Two boxes: the piece goes by the one that was heard last, until somebody says that it lies in the other. */
    @Test
    void of_several_thermometers_the_right_one_is_chosen() {
        MvcTestResult cold = added();
        MvcTestResult hot = added();
        send(hot, IntStream.range(0, 1800).mapToObj(second -> reading(second, 98)).toArray(String[]::new));
        send(cold, IntStream.range(0, 180).mapToObj(i -> reading(10 * i + 1, 30)).toArray(String[]::new));
        long id = Wire.read(Wire.post(mvc, "/api/bench", "{\"name\": \"Rib\", \"recipe\": %s}".formatted(Wire.recipe(12, 200, Wire.STEAM))), "$.id", Long.class);
        tap(id, "INTO_HEAT", 100);
        MvcTestResult beside = mvc.get().uri("/api/bench").exchange();
        assertThat(Wire.read(beside, "$.pieces[0].chamber[-1].celsius", Double.class)).isEqualTo(98);
        double soft = Wire.read(beside, "$.pieces[0].standing.wood.softShare", Double.class);
        int version = Wire.read(beside, "$.pieces[0].version", Integer.class);
        MvcTestResult other = Wire.put(mvc, "/api/bench/%d/thermometer/%d?version=%d".formatted(id, Wire.read(cold, "$.id", Long.class), version), "");
        assertThat(other).hasStatusOk();
        assertThat(Wire.read(other, "$.chamber[-1].celsius", Double.class)).isEqualTo(30);
        assertThat(Wire.read(other, "$.standing.wood.softShare", Double.class)).isLessThan(soft);
        assertThat(Wire.put(mvc, "/api/bench/%d/thermometer/%d?version=%d".formatted(id, Wire.read(hot, "$.id", Long.class), version), "")).hasStatus(HttpStatus.CONFLICT);
        long scale = Wire.read(added("SCALE"), "$.id", Long.class);
        assertThat(Wire.refusedFields(Wire.put(mvc, "/api/bench/%d/thermometer/%d?version=%d".formatted(id, scale, Wire.read(other, "$.version", Integer.class)), "")))
                .containsExactly("thermometer");
    }

    @Test
    void what_is_older_than_a_day_is_thinned_to_its_curve() {
        MvcTestResult told = added();
        long id = Wire.read(told, "$.id", Long.class);
        send(told, IntStream.range(0, 900).mapToObj(second -> reading(second, 20 + Math.min(60, second / 5.0))).toArray(String[]::new));
        database.update("update instrument set thinned_until = ?", java.sql.Timestamp.from(anHourAgo.minusSeconds(1)));
        Instant until = anHourAgo.plusSeconds(800);
        service.thin(id, until);
        assertThat(service.between(id, anHourAgo, until)).hasSizeLessThan(6);
        assertThat(service.between(id, until.plusSeconds(1), Instant.now())).as("of the last day each is kept").hasSizeBetween(98, 100);
    }

    @Test
    void each_shop_has_its_own() {
        MvcTestResult told = added();
        send(told, reading(3500, 20));
        assertThat(service.heardAt(anHourAgo.plusSeconds(3550))).isPresent();
        assertThat(service.heardAt(anHourAgo.plusSeconds(1000))).as("silent for long").isEmpty();
        assertThat(CurrentShop.in(CurrentShop.SAMPLE, () -> service.heardAt(anHourAgo.plusSeconds(3550)))).isEmpty();
    }

    @Test
    void each_kind_sends_what_it_measures_and_nothing_else() {
        MvcTestResult meter = added("METER");
        assertThat(send(meter, at(3500, "\"moisturePercent\": 17.5"))).hasStatus(HttpStatus.NO_CONTENT);
        MvcTestResult scale = added("SCALE");
        assertThat(send(scale, at(3500, "\"massG\": 412"))).hasStatus(HttpStatus.NO_CONTENT);
        MvcTestResult room = added("ROOM");
        assertThat(send(room, at(3500, "\"celsius\": 17, \"humidityPercent\": 55"))).hasStatus(HttpStatus.NO_CONTENT);
        MvcTestResult all = mvc.get().uri("/api/instruments").exchange();
        assertThat(Wire.read(all, "$[?(@.kind == 'METER')].last.moisturePercent", List.class)).isEqualTo(List.of(17.5));
        assertThat(Wire.read(all, "$[?(@.kind == 'SCALE')].last.massG", List.class)).isEqualTo(List.of(412.0));
        assertThat(Wire.read(all, "$[?(@.kind == 'ROOM')].last.humidityPercent", List.class)).isEqualTo(List.of(55.0));
        assertThat(Wire.refusedFields(send(scale, at(3501, "\"massG\": 412"), at(3502, "\"celsius\": 20")))).containsExactly("readings[1]");
        assertThat(Wire.refusedFields(send(room, at(3501, "\"celsius\": 20")))).containsExactly("readings[0]");
        assertThat(Wire.refusedFields(send(meter, at(3501, "\"moisturePercent\": 900")))).containsExactly("readings[0].moisturePercent");
        assertThat(Wire.refusedFields(Wire.post(mvc, "/api/instruments", "{\"name\": \"What\"}"))).containsExactly("kind");
        assertThat(service.heardAt(anHourAgo.plusSeconds(3550))).as("none of them is in the chamber").isEmpty();
    }

    /** Half the time at 16 °C and 60 %, a quarter at 20 and 40, a quarter at 18 and 50: 17.5 °C and 52.5 %. */
    @Test
    void the_air_of_the_day_counts_each_reading_as_long_as_it_was_the_last() {
        assertThat(mvc.get().uri("/api/instruments/air")).bodyJson().extractingPath("$").asMap().isEmpty();
        MvcTestResult room = added("ROOM");
        send(room, at(0, "\"celsius\": 16, \"humidityPercent\": 60"), at(1200, "\"celsius\": 20, \"humidityPercent\": 40"),
                at(1800, "\"celsius\": 18, \"humidityPercent\": 50"), at(2400, "\"celsius\": 30, \"humidityPercent\": 10"));
        MvcTestResult air = mvc.get().uri("/api/instruments/air").exchange();
        assertThat(Wire.read(air, "$.celsius", Double.class)).isCloseTo(17.5, within(1e-9));
        assertThat(Wire.read(air, "$.humidityPercent", Double.class)).isCloseTo(52.5, within(1e-9));
        assertThat(Wire.read(air, "$.hours", Double.class)).isCloseTo(2400 / 3600.0, within(1e-9));
    }

    @Test
    void of_a_room_what_makes_either_curve_is_kept_and_of_a_scale_the_last_day() {
        MvcTestResult room = added("ROOM");
        // as warm all the time, and damper from the middle on
        send(room, IntStream.range(0, 900).mapToObj(second -> at(second, "\"celsius\": 18, \"humidityPercent\": " + (second < 400 ? 50 : 60))).toArray(String[]::new));
        MvcTestResult scale = added("SCALE");
        send(scale, at(10, "\"massG\": 412"), at(850, "\"massG\": 400"));
        database.update("update instrument set thinned_until = ?", java.sql.Timestamp.from(anHourAgo.minusSeconds(1)));
        for (MvcTestResult each : new MvcTestResult[] {room, scale}) {
            service.thin(Wire.read(each, "$.id", Long.class), anHourAgo.plusSeconds(800));
        }
        assertThat(database.queryForObject("select count(*) from instrument_reading where instrument_id = ? and read_at_ms <= ?", Integer.class,
                Wire.read(room, "$.id", Long.class), anHourAgo.plusSeconds(800).toEpochMilli())).isBetween(4, 6);
        assertThat(database.queryForList("select measured from instrument_reading where instrument_id = ?", Double.class, Wire.read(scale, "$.id", Long.class)))
                .containsExactly(400.0);
    }

    private MvcTestResult added() {
        return added("THERMOMETER");
    }

    private String at(int second, String read) {
        return "{\"readAt\": \"%s\", %s}".formatted(anHourAgo.plusSeconds(second), read);
    }

    private MvcTestResult added(String kind) {
        MvcTestResult told = Wire.post(mvc, "/api/instruments", "{\"name\": \"In the box\", \"kind\": \"%s\"}".formatted(kind));
        assertThat(told).hasStatus(HttpStatus.CREATED);
        return told;
    }

    private MvcTestResult tap(long id, String tap, int second) {
        return Wire.post(mvc, "/api/bench/" + id + "/taps", "{\"tap\": \"%s\", \"saidAt\": \"%s\"}".formatted(tap, anHourAgo.plusSeconds(second)));
    }

    private String reading(int second, double celsius) {
        return READING.formatted(anHourAgo.plusSeconds(second), celsius);
    }

    private MvcTestResult send(MvcTestResult told, String... readings) {
        MvcTestResult last = null;
        for (int from = 0; from < readings.length; from += 1000) {
            String some = IntStream.range(from, Math.min(readings.length, from + 1000)).mapToObj(i -> readings[i]).collect(Collectors.joining(","));
            last = send(Wire.read(told, "$.id", Long.class), Wire.read(told, "$.token", String.class), some);
        }
        return last;
    }

    /** As an instrument sends it: no cookie, no token of a page. */
    private MvcTestResult send(long id, String token, String readings) {
        return mvc.post().uri("/api/instruments/" + id + "/readings").header("Authorization", "Bearer " + token)
                .contentType(MediaType.APPLICATION_JSON).content("{\"readings\": [" + readings + "]}").exchange();
    }
}
