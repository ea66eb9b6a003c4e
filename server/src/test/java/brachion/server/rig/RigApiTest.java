package brachion.server.rig;

import static brachion.server.Wire.post;
import static brachion.server.Wire.put;
import static brachion.server.Wire.read;
import static brachion.server.Wire.recipe;
import static brachion.server.Wire.refusedFields;
import static org.assertj.core.api.Assertions.assertThat;

import brachion.server.ServerTest;
import brachion.server.Wire;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

@ServerTest
class RigApiTest {

    private static final String RIG = """
            {"lengthMm": 2400, "widthMm": 127, "heightMm": 127, "wall": "PLYWOOD", "wallThicknessMm": 12,
             "insulationThicknessMm": 0, "ventAreaMm2": 230, "generatorWatts": 1500, "generators": 1, "tankLitres": 4,
             "shopC": 12, "altitudeM": 0, "shopHumidityPercent": 60}""";
    private static final String LOAD = """
            {"speciesId": "white-ash", "thicknessMm": 19, "widthMm": 25, "lengthMm": 1000, "moisturePercent": 15,
             "across": 2, "layers": 2}""";

    @Autowired
    private MockMvcTester mvc;

    @Test
    void the_usual_rig_stands_in_until_one_is_saved() {
        MvcTestResult usual = mvc.get().uri("/api/rig").exchange();
        assertThat(read(usual, "$.version", Integer.class)).isEqualTo(-1);
        assertThat(put(mvc, "/api/rig?version=-1", RIG)).hasStatusOk();
        assertThat(read(mvc.get().uri("/api/rig").exchange(), "$.rig.lengthMm", Double.class)).isEqualTo(2400);
    }

    @Test
    void a_change_on_top_of_somebody_elses_is_refused() {
        put(mvc, "/api/rig?version=-1", RIG);
        assertThat(put(mvc, "/api/rig?version=-1", RIG)).hasStatus(409);
    }

    @Test
    void eight_feet_are_too_long_for_a_small_generator_and_it_says_what_to_change() {
        MvcTestResult answer = post(mvc, "/api/rig/appraisal", "{\"rig\": %s, \"load\": %s}".formatted(RIG, LOAD));
        assertThat(answer).hasStatusOk();
        assertThat(read(answer, "$.hold", String.class)).isEqualTo("BARELY");
        assertThat(read(answer, "$.changes[0].kind", String.class)).isEqualTo("SHORTEN");
        assertThat(read(answer, "$.steamWatts", Double.class)).isEqualTo(1125);
    }

    @Test
    void a_rig_that_never_gets_hot_is_asked_about_in_a_forecast_once_it_is_kept() {
        String forecast = "{\"recipe\": " + recipe(12, 200, Wire.STEAM) + "}";
        assertThat(read(post(mvc, "/api/forecast", forecast), "$.doubts.length()", Integer.class)).isZero();
        put(mvc, "/api/rig?version=-1", RIG.replace("2400", "9000"));
        assertThat(read(post(mvc, "/api/forecast", forecast), "$.doubts[0].kind", String.class)).isEqualTo("HOTTER_THAN_RIG");
    }

    @Test
    void a_sealed_chamber_is_refused_by_name() {
        MvcTestResult answer = post(mvc, "/api/rig/appraisal", "{\"rig\": %s, \"load\": %s}".formatted(
                RIG.replace("\"ventAreaMm2\": 230", "\"ventAreaMm2\": 0"), LOAD));
        assertThat(answer).hasStatus(400);
        assertThat(refusedFields(answer)).containsExactly("rig.ventAreaMm2");
    }

    @Test
    void the_height_of_the_shop_decides_what_chamber_is_doubted() {
        put(mvc, "/api/rig?version=-1", RIG.replace("\"altitudeM\": 0", "\"altitudeM\": 2000"));
        MvcTestResult forecast = post(mvc, "/api/forecast", "{\"recipe\": %s}".formatted(recipe(12, 200, Wire.STEAM)));
        assertThat(read(forecast, "$.doubts[0].kind", String.class)).isEqualTo("HOTTER_THAN_BOILING");
    }

    @Test
    void the_air_of_the_shop_goes_into_every_forecast_and_the_fit_is_made_anew() {
        String thin = "{\"recipe\": %s}".formatted(Wire.recipe(6, 75, Wire.STEAM.replace("15", "25")));
        Wire.post(mvc, "/api/trials", Wire.cleanTrial());
        put(mvc, "/api/rig?version=-1", RIG.replace("\"shopC\": 12", "\"shopC\": 30"));
        MvcTestResult warm = Wire.post(mvc, "/api/forecast", thin);
        put(mvc, "/api/rig?version=0", RIG.replace("\"shopC\": 12", "\"shopC\": 0"));
        MvcTestResult cold = Wire.post(mvc, "/api/forecast", thin);
        assertThat(Wire.read(cold, "$.unbroken.probability", Double.class)).isLessThan(Wire.read(warm, "$.unbroken.probability", Double.class));
        assertThat(Wire.read(cold, "$.fit.revision", Integer.class)).isGreaterThan(Wire.read(warm, "$.fit.revision", Integer.class));
        put(mvc, "/api/rig?version=1", RIG.replace("\"shopC\": 12", "\"shopC\": 0").replace("1500", "2000"));
        MvcTestResult same = Wire.post(mvc, "/api/forecast", thin);
        assertThat(Wire.read(same, "$.fit.revision", Integer.class)).as("another generator is no other shop")
                .isEqualTo(Wire.read(cold, "$.fit.revision", Integer.class));
    }

    private long box(String name) {
        return read(post(mvc, "/api/rig/items", "{\"kind\": \"STEAM_BOX\", \"name\": \"%s\", \"room\": 4, \"note\": \"\", \"lengthMm\": 900}".formatted(name)), "$.id", Long.class);
    }

    @Test
    void of_several_boxes_each_is_kept_and_plans_go_by_one() {
        put(mvc, "/api/rig?version=-1", RIG);
        long first = box("Long box");
        assertThat(read(mvc.get().uri("/api/rig?item=" + first).exchange(), "$.rig.lengthMm", Double.class)).as("the one there was has a name now").isEqualTo(2400);
        long second = box("Short box");
        MvcTestResult unsaid = mvc.get().uri("/api/rig?item=" + second).exchange();
        assertThat(read(unsaid, "$.version", Integer.class)).isEqualTo(-1);
        assertThat(read(unsaid, "$.rig.lengthMm", Double.class)).as("so much is known of it").isEqualTo(900);
        assertThat(read(unsaid, "$.rig.shopC", Double.class)).isEqualTo(12);
        assertThat(refusedFields(put(mvc, "/api/rig/planned/" + second, ""))).containsExactly("item");
        assertThat(put(mvc, "/api/rig?version=-1&item=" + second, RIG.replace("2400", "900").replace("\"shopC\": 12", "\"shopC\": 25"))).hasStatusOk();
        assertThat(read(mvc.get().uri("/api/rig?item=" + first).exchange(), "$.rig.shopC", Double.class)).as("they stand in one shop").isEqualTo(25);
        assertThat(read(mvc.get().uri("/api/rig").exchange(), "$.itemId", Long.class)).isEqualTo(first);
        assertThat(put(mvc, "/api/rig/planned/" + second, "")).hasStatusOk();
        MvcTestResult planned = mvc.get().uri("/api/rig").exchange();
        assertThat(read(planned, "$.itemId", Long.class)).isEqualTo(second);
        assertThat(read(planned, "$.planned", Boolean.class)).isTrue();
        assertThat(read(mvc.get().uri("/api/rig?item=" + first).exchange(), "$.planned", Boolean.class)).isFalse();
        assertThat(mvc.get().uri("/api/rig?item=999999")).hasStatus(404);
    }
}
