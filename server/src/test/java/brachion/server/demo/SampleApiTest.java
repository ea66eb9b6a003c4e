package brachion.server.demo;

import static brachion.server.Wire.read;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.server.ServerTest;
import brachion.server.Wire;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** The sample workshop lies beside the own shop: neither sees the other, and nothing of it is left. */
@ServerTest
class SampleApiTest {

    private static final List<String> TABLES = List.of("day_plan", "day_hours", "photo", "trial", "stock_board", "person", "board", "source", "drying_piece", "bench_piece", "rig_item", "instrument", "row_set_aside", "brought_in", "other_shop", "notebook", "saved_view", "kept_curve", "wood", "steam_rig", "job", "trial_revision",
            "kept_records", "write_done");
    private static final String WOOD = """
            {"commonName": "Sample holly", "latinName": "Ilex", "woodClass": "RING_POROUS_HARDWOOD", "density12": 700, "source": "made up"}""";
    private static final String RIG = """
            {"lengthMm": 2400, "widthMm": 127, "heightMm": 127, "wall": "PLYWOOD", "wallThicknessMm": 12,
             "insulationThicknessMm": 0, "ventAreaMm2": 230, "generatorWatts": 1500, "generators": 1, "tankLitres": 4,
             "shopC": 12, "altitudeM": 0, "shopHumidityPercent": 60}""";

    @Autowired
    private MockMvcTester mvc;
    @Autowired
    private JdbcTemplate database;
    @Autowired
    private SampleWorkshop sample;

    @BeforeEach
    void open() {
        assertThat(Wire.put(mvc, "/api/sample", "")).hasStatus(HttpStatus.NO_CONTENT);
    }

    @AfterEach
    void close() {
        sample.close();
    }

    private MvcTestResult ask(HttpMethod method, String shop, String uri, String json) {
        return mvc.method(method).uri(uri).header("Brachion-Shop", shop).with(SecurityMockMvcRequestPostProcessors.csrf())
                .contentType(MediaType.APPLICATION_JSON).content(json).exchange();
    }

    private int total(String shop) {
        return read(ask(HttpMethod.GET, shop, "/api/trials", ""), "$.total", Integer.class);
    }

    private int trialsBehindAForecast(String shop) {
        return read(Wire.ofTheNewestFit(() -> ask(HttpMethod.POST, shop, "/api/forecast", "{\"recipe\": %s}".formatted(Wire.recipe(12, 200, Wire.STEAM)))),
                "$.fit.trials", Integer.class);
    }

    @Test
    void each_shop_sees_its_own_records_and_forecasts_from_them() {
        int invented = total("sample");
        assertThat(invented).isGreaterThan(100);
        assertThat(total("own")).isZero();
        assertThat(trialsBehindAForecast("sample")).isEqualTo(invented);
        assertThat(trialsBehindAForecast("own")).isZero();

        long own = read(ask(HttpMethod.POST, "own", "/api/trials", Wire.cleanTrial()), "$.id", Long.class);
        long tried = read(ask(HttpMethod.POST, "sample", "/api/trials", Wire.cleanTrial()), "$.id", Long.class);
        assertThat(total("sample")).isEqualTo(invented + 1);
        assertThat(total("own")).isEqualTo(1);
        assertThat(ask(HttpMethod.GET, "sample", "/api/trials/" + own, "")).hasStatus(HttpStatus.NOT_FOUND);
        assertThat(ask(HttpMethod.DELETE, "own", "/api/trials/" + tried + "?version=0", "")).hasStatus(HttpStatus.NOT_FOUND);
        assertThat(trialsBehindAForecast("own")).isEqualTo(1);
        assertThat(ask(HttpMethod.GET, "own", "/api/names", "")).bodyJson().extractingPath("$.people").asArray().isEmpty();
        assertThat(ask(HttpMethod.GET, "sample", "/api/names", "")).bodyJson().extractingPath("$.people[*].name").asArray().contains("Wren");
    }

    @SuppressWarnings("unchecked")
    private static List<Integer> keys(MvcTestResult trials) {
        return read(trials, "$.trials[*].id", List.class);
    }

    /** What is measured on a drawn photograph is what its record says: the drawing, its scale and the measuring agree. */
    @Test
    void a_radius_measured_on_a_photograph_is_that_of_its_record() {
        int compared = 0;
        List<Integer> clean = keys(ask(HttpMethod.GET, "sample", "/api/trials?severity=CLEAN&size=200", ""));
        for (int id : clean) {
            MvcTestResult photos = ask(HttpMethod.GET, "sample", "/api/photos?trial=" + id, "");
            if (read(photos, "$.length()", Integer.class) > 0) {
                double released = read(ask(HttpMethod.GET, "sample", "/api/trials/" + id, ""), "$.outcome.releasedRadiusMm", Double.class);
                assertThat(read(photos, "$[0].measured.radius.mm", Double.class)).isCloseTo(released, within(released * 0.01));
                int photo = read(photos, "$[0].id", Integer.class);
                assertThat(ask(HttpMethod.GET, "sample", "/api/photos/" + photo + "/small", "")).hasStatusOk();
                assertThat(ask(HttpMethod.GET, "own", "/api/photos/" + photo + "/small", "")).hasStatus(HttpStatus.NOT_FOUND);
                compared++;
            }
        }
        assertThat(compared).isEqualTo(2);
        assertThat(read(ask(HttpMethod.GET, "sample", "/api/jobs", ""), "$.length()", Integer.class)).isEqualTo(3);
        assertThat(read(ask(HttpMethod.GET, "own", "/api/jobs", ""), "$.length()", Integer.class)).isZero();
    }

    @Test
    void rack_rig_woods_and_tables_are_apart_too() {
        assertThat(read(ask(HttpMethod.GET, "sample", "/api/rack", ""), "$.length()", Integer.class)).isPositive();
        assertThat(read(ask(HttpMethod.GET, "own", "/api/rack", ""), "$.length()", Integer.class)).isZero();
        assertThat(ask(HttpMethod.PUT, "sample", "/api/rig?version=-1", RIG)).hasStatusOk();
        assertThat(read(ask(HttpMethod.GET, "sample", "/api/rig", ""), "$.version", Integer.class)).isZero();
        assertThat(read(ask(HttpMethod.GET, "own", "/api/rig", ""), "$.version", Integer.class)).as("never saved").isEqualTo(-1);
        assertThat(ask(HttpMethod.POST, "sample", "/api/woods", WOOD)).hasStatus2xxSuccessful();
        assertThat(species("sample")).contains("Sample holly");
        assertThat(species("own")).doesNotContain("Sample holly");
        assertThat(mvc.get().uri("/api/exchange/trials?units=METRIC&shop=sample").exchange()).bodyText().contains("Crook handle");
        assertThat(mvc.get().uri("/api/exchange/trials?units=METRIC").exchange()).bodyText().doesNotContain("Crook handle");
    }

    private String species(String shop) {
        return read(ask(HttpMethod.GET, shop, "/api/species", ""), "$[*].commonName", List.class).toString();
    }

    @Test
    void it_is_left_without_a_trace() {
        ask(HttpMethod.POST, "own", "/api/trials", Wire.cleanTrial());
        ask(HttpMethod.POST, "sample", "/api/woods", WOOD);
        ask(HttpMethod.POST, "sample", "/api/trials", Wire.cleanTrial());
        assertThat(Wire.delete(mvc, "/api/sample")).hasStatus(HttpStatus.NO_CONTENT);
        for (String table : TABLES) {
            assertThat(database.queryForObject("select count(*) from " + table + " where shop <> 'own'", Integer.class)).as(table).isZero();
        }
        for (String part : List.of("trial_stage", "chamber_reading", "weigh_in", "bench_tap", "bench_item", "job_item", "instrument_reading")) {
            assertThat(database.queryForObject("select count(*) from " + part, Integer.class)).as(part).isZero();
        }
        assertThat(total("own")).isEqualTo(1);
        assertThat(total("sample")).isZero();
        assertThat(trialsBehindAForecast("sample")).isZero();
        assertThat(Wire.delete(mvc, "/api/sample")).as("leaving twice").hasStatus(HttpStatus.NO_CONTENT);
    }

    /** Every table that keeps something for a shop is emptied: a new one with a shop's key must be named. */
    @Test
    void no_table_with_a_shops_key_is_forgotten() {
        assertThat(database.queryForList("select table_name from information_schema.columns where table_schema = database() "
                + "and column_name = 'shop'", String.class)).containsExactlyInAnyOrderElementsOf(TABLES);
    }

    @Test
    void several_who_come_at_once_find_it_filled_once() {
        int once = total("sample");
        sample.close();
        Stream.generate(() -> CompletableFuture.runAsync(sample::open)).limit(4).toList().forEach(CompletableFuture::join);
        assertThat(total("sample")).isEqualTo(once);
    }

    @Test
    void another_shop_there_is_not() {
        assertThat(Wire.refusedFields(ask(HttpMethod.GET, "neighbour", "/api/trials", ""))).containsExactly("shop");
    }
}
