package brachion.server.forecasting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.server.ServerTest;
import brachion.server.Wire;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

@ServerTest
class TypedForecastApiTest {

    private static final String BLANK =
            "\"blank\": {\"speciesId\": \"white-ash\", \"seasoning\": \"AIR_DRIED\", \"growthRings\": \"FLAT\", \"knots\": \"CLEAR\"}";
    private static final String STEAMED = "{%s, \"method\": {\"kind\": \"STEAM_BOX\"}}".formatted(BLANK);
    private static final String GLUED = "{%s, \"method\": {\"kind\": \"COLD_LAMINATION\", \"glue\": \"PVA\"}}".formatted(BLANK);
    private static final Map<String, String> CURVE = Map.of("blank.widthMm", "LENGTH 1", "innerRadiusMm", "LENGTH 6", "angleDegrees", "ANGLE 180°");
    private static final Map<String, String> STEAM = Map.of("blank.thicknessMm", "LENGTH 1/2", "blank.moisturePercent", "MOISTURE 18 %",
            "method.soakHours", "HOURS 0", "method.steamMinutes", "MINUTES 0.5 h", "method.chamberC", "TEMPERATURE 208", "method.carrySeconds", "SECONDS 15");

    @Autowired
    private MockMvcTester mvc;

    @Test
    void what_was_typed_is_read_and_forecast_in_one_answer() {
        MvcTestResult typed = typed(STEAMED, STEAM);
        assertThat(Wire.read(typed, "$.recipe.blank.thicknessMm", Double.class)).isEqualTo(12.7);
        assertThat(Wire.read(typed, "$.recipe.method.steamMinutes", Double.class)).isEqualTo(30);
        String recipe = """
                {%s, "innerRadiusMm": 152.4, "angleDegrees": 180, "method": {"kind": "STEAM_BOX",
                 "soakHours": 0, "steamMinutes": 30, "chamberC": 97.777778, "carrySeconds": 15}}"""
                .formatted(BLANK.replace("}", ", \"moisturePercent\": 18, \"thicknessMm\": 12.7, \"widthMm\": 25.4}"));
        MvcTestResult plain = Wire.post(mvc, "/api/forecast", "{\"recipe\": %s}".formatted(recipe));
        assertThat(Wire.read(typed, "$.forecast.unbroken.probability", Double.class)).as("the same bend, the same odds")
                .isCloseTo(Wire.read(plain, "$.unbroken.probability", Double.class), within(1e-9));
    }

    @Test
    void a_half_typed_entry_is_told_apart_and_nothing_is_forecast() {
        MvcTestResult typed = typed(STEAMED, with(STEAM, "blank.thicknessMm", "LENGTH 1/", "method.steamMinutes", "MINUTES 30"));
        assertThat(typed).hasStatusOk();
        assertThat(Wire.read(typed, "$.readings[?(@.unreadable)].field", List.class)).isEqualTo(List.of("blank.thicknessMm"));
        assertThat(typed).bodyJson().doesNotHavePath("$.forecast");
    }

    @Test
    void what_no_bench_has_seen_is_named_by_field() {
        MvcTestResult typed = typed(STEAMED, with(STEAM, "method.chamberC", "TEMPERATURE 400 °C", "blank.moisturePercent", "MOISTURE 900"));
        assertThat(typed).hasStatusOk();
        assertThat(typed).bodyJson().extractingPath("$.problems[*].field").asArray().containsExactlyInAnyOrder("method.chamberC", "blank.moisturePercent");
        MvcTestResult unknown = typed(STEAMED.replace("white-ash", "unobtainium"), STEAM);
        assertThat(Wire.read(unknown, "$.problems[0].message", String.class)).contains("unobtainium");
    }

    @Test
    void any_two_of_finished_thickness_ply_and_plies_give_the_third() {
        MvcTestResult byPlies = typed(GLUED, Map.of("finishedThicknessMm", "LENGTH 1/2", "method.plies", "COUNT 4"));
        assertThat(Wire.read(byPlies, "$.recipe.blank.thicknessMm", Double.class)).isEqualTo(3.175);
        MvcTestResult byPly = typed(GLUED, Map.of("finishedThicknessMm", "LENGTH 1/2", "blank.thicknessMm", "LENGTH 1/16"));
        assertThat(Wire.read(byPly, "$.recipe.method.plies", Integer.class)).isEqualTo(8);
        MvcTestResult byRadius = typed(GLUED, Map.of("finishedThicknessMm", "LENGTH 1/2"));
        assertThat(Wire.read(byRadius, "$.recipe.method.plies", Integer.class)).as("a ply is at most a hundredth of 6 in").isEqualTo(9);
        MvcTestResult plain = typed(GLUED, Map.of("blank.thicknessMm", "LENGTH 1/16", "method.plies", "COUNT 5"));
        assertThat(Wire.read(plain, "$.recipe.method.plies", Integer.class)).isEqualTo(5);
    }

    @Test
    void a_layup_nobody_can_cut_is_refused_by_field() {
        assertThat(problem(Map.of("finishedThicknessMm", "LENGTH 1/2", "method.plies", "COUNT 1"))).isEqualTo("method.plies");
        assertThat(problem(Map.of("finishedThicknessMm", "LENGTH 1/2", "blank.thicknessMm", "LENGTH 0"))).isEqualTo("blank.thicknessMm");
        assertThat(problem(Map.of("finishedThicknessMm", "LENGTH 1/2", "method.plies", "COUNT 100"))).isEqualTo("blank.thicknessMm");
    }

    @Test
    void a_choice_or_a_place_there_is_not_is_refused() {
        assertThat(typed(STEAMED.replace("FLAT", "ROUND"), STEAM)).hasStatus(HttpStatus.BAD_REQUEST);
        MvcTestResult deep = typed(STEAMED, with(STEAM, "method.deep", "COUNT 3", "blank.widthMm", "LENGTH 1"));
        assertThat(deep).bodyJson().extractingPath("$.problems[*].field").asArray().containsExactly("method.deep");
        assertThat(typed(STEAMED, with(STEAM, "blank.speciesId.deep", "COUNT 3", "blank.widthMm", "LENGTH 1"))).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(typed(STEAMED, with(STEAM, "no such", "COUNT 3", "blank.widthMm", "LENGTH 1"))).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(Wire.post(mvc, "/api/forecast/typed", "{\"bareUnits\": \"INCH\"}")).hasStatus(HttpStatus.BAD_REQUEST);
    }

    private String problem(Map<String, String> typed) {
        return Wire.read(typed(GLUED, typed), "$.problems[0].field", String.class);
    }

    private static Map<String, String> with(Map<String, String> typed, String field, String text, String otherField, String otherText) {
        Map<String, String> changed = new TreeMap<>(typed);
        changed.put(field, text);
        changed.put(otherField, otherText);
        return changed;
    }

    /** Each measurement as its kind and, after a space, what was typed. */
    private MvcTestResult typed(String choices, Map<String, String> measured) {
        Map<String, String> all = new TreeMap<>(CURVE);
        all.putAll(measured);
        String typed = all.entrySet().stream().map(each -> "{\"field\": \"%s\", \"measurement\": \"%s\", \"text\": \"%s\"}".formatted(each.getKey(),
                each.getValue().split(" ", 2)[0], each.getValue().split(" ", 2)[1])).collect(Collectors.joining(", "));
        return Wire.post(mvc, "/api/forecast/typed", "{\"bareUnits\": \"INCH\", \"choices\": %s, \"typed\": [%s]}".formatted(choices, typed));
    }
}
