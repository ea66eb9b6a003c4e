package brachion.server.forecasting;

import static brachion.server.Wire.post;
import static brachion.server.Wire.read;
import static brachion.server.Wire.recipe;
import static brachion.server.Wire.refusedFields;
import static org.assertj.core.api.Assertions.assertThat;

import brachion.server.ServerTest;
import brachion.server.Wire;
import java.io.UnsupportedEncodingException;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

@ServerTest
class AdviceApiTest {

    private static final String TIGHT = recipe(19, 120, Wire.STEAM);
    private static final String WAYS = """
            {"innerRadiusMm": %s, "angleDegrees": 180, "thicknessMm": 12, "widthMm": 25, "unbroken": 0.8,
             "speciesIds": ["white-ash", "white-oak"], "seasonings": ["AIR_DRIED", "KILN_DRIED"], "thicknessesMm": [],
             "supports": ["NONE", "STEEL"], "soak": true, "methods": ["STEAM_BOX", "COLD_LAMINATION"], "pliesMm": [1.6, 3], "order": "QUICKEST"}""";

    @Autowired
    private MockMvcTester mvc;

    @Test
    void levers_carry_the_recipe_after_the_step_and_its_odds_are_those_of_the_forecast() {
        MvcTestResult answer = post(mvc, "/api/forecast/levers", "{\"recipe\": %s, \"wanted\": 0.9, \"marks\": {\"radiusMm\": 5, \"thicknessMm\": 0.5}}".formatted(TIGHT));
        assertThat(answer).hasStatusOk();
        assertThat(read(answer, "$.levers[0].kind", String.class)).isEqualTo("STEEL_STRAP");
        double odds = read(answer, "$.levers[0].unbroken.probability", Double.class);
        assertThat(odds).isGreaterThan(read(answer, "$.now.probability", Double.class));
        String after = com.jayway.jsonpath.JsonPath.parse((Object) read(answer, "$.levers[0].recipe", Object.class)).jsonString();
        MvcTestResult forecast = post(mvc, "/api/forecast", "{\"recipe\": %s}".formatted(after));
        assertThat(read(forecast, "$.unbroken.probability", Double.class)).isEqualTo(odds);
        assertThat(read(answer, "$.cheapest.reaches", Boolean.class)).isTrue();
    }

    @Test
    void the_map_holds_the_recorded_pieces() {
        post(mvc, "/api/trials", Wire.cleanTrial());
        MvcTestResult map = post(mvc, "/api/forecast/map", """
                {"recipe": %s, "thinnestMm": 4, "thickestMm": 25, "tightestMm": 50, "widestMm": 500, "columns": 6, "rows": 5}"""
                .formatted(TIGHT));
        assertThat(map).hasStatusOk();
        assertThat(read(map, "$.unbroken.length()", Integer.class)).isEqualTo(5);
        assertThat(read(map, "$.unbroken[4].length()", Integer.class)).isEqualTo(6);
        assertThat(read(map, "$.unbroken[4][0]", Double.class)).isGreaterThan(read(map, "$.unbroken[0][5]", Double.class));
        assertThat(read(map, "$.pieces[0].thicknessMm", Double.class)).isEqualTo(12);
    }

    @Test
    void a_map_that_runs_backwards_is_refused_by_name() {
        MvcTestResult map = post(mvc, "/api/forecast/map", """
                {"recipe": %s, "thinnestMm": 9, "thickestMm": 4, "tightestMm": 50, "widestMm": 500, "columns": 6, "rows": 5}"""
                .formatted(TIGHT));
        assertThat(map).hasStatus(400);
        assertThat(refusedFields(map)).containsExactly("thickestMm");
    }

    @Test
    void next_trials_and_ladders_come_with_recipes() {
        MvcTestResult next = post(mvc, "/api/forecast/next", "{\"recipe\": %s, \"others\": [], \"marks\": {\"radiusMm\": 5, \"thicknessMm\": 0.5}}".formatted(TIGHT));
        assertThat(next).hasStatusOk();
        assertThat(read(next, "$.trials[0].spreadThen", Double.class))
                .isLessThan(read(next, "$.trials[0].spreadNow", Double.class));
        assertThat(read(next, "$.radiusLadder[-1].recipe.innerRadiusMm", Double.class)).isEqualTo(120);
        assertThat(read(next, "$.radiusLadder[0].recipe.innerRadiusMm", Double.class) % 5).isZero();
    }

    @Test
    void spares_are_counted_and_senseless_wishes_refused() {
        MvcTestResult spares = post(mvc, "/api/forecast/spares",
                "{\"recipe\": %s, \"good\": 6, \"certainty\": 0.9, \"flawsPass\": true}".formatted(recipe(12, 200, Wire.STEAM)));
        assertThat(read(spares, "$.blanks", Integer.class)).isGreaterThanOrEqualTo(6);
        MvcTestResult refused = post(mvc, "/api/forecast/spares",
                "{\"recipe\": %s, \"good\": 0, \"certainty\": 1.5, \"flawsPass\": true}".formatted(TIGHT));
        assertThat(refused).hasStatus(400);
        assertThat(refusedFields(refused)).containsExactlyInAnyOrder("good", "certainty");
    }

    @Test
    void a_search_tells_how_far_it_is_and_ends_with_what_it_found() throws UnsupportedEncodingException {
        MvcTestResult answer = post(mvc, "/api/ways", WAYS.formatted(200));
        assertThat(answer).hasStatusOk();
        List<String> lines = answer.getResponse().getContentAsString().lines().toList();
        assertThat(lines).hasSizeGreaterThan(2);
        com.jayway.jsonpath.DocumentContext last = com.jayway.jsonpath.JsonPath.parse(lines.get(lines.size() - 1));
        assertThat(last.read("$.found.ways.length()", Integer.class)).isPositive();
        assertThat(last.read("$.done", Integer.class)).isEqualTo(last.read("$.of", Integer.class));
        assertThat(com.jayway.jsonpath.JsonPath.parse(lines.get(0)).read("$.done", Integer.class))
                .isLessThan(last.read("$.done", Integer.class));
    }

    @Test
    void a_glued_section_is_compared_in_other_plies() {
        MvcTestResult answer = post(mvc, "/api/forecast/plies", "{\"recipe\": %s}".formatted(recipe(3, 200, "{\"kind\": \"COLD_LAMINATION\", \"glue\": \"PVA\", \"plies\": 6}")));
        assertThat(answer).hasStatusOk();
        assertThat(read(answer, "$[?(@.planned == true)].plies", List.class)).isEqualTo(List.of(6));
        assertThat(read(answer, "$[0].plies", Integer.class)).isLessThan(6);
        assertThat(read(answer, "$[0].springback.releasedRadiusMm", Double.class)).isGreaterThan(read(answer, "$[1].springback.releasedRadiusMm", Double.class));
        assertThat(read(post(mvc, "/api/forecast/plies", "{\"recipe\": %s}".formatted(recipe(12, 200, Wire.STEAM))), "$", List.class)).isEmpty();
    }

    @Test
    void a_search_with_nothing_at_hand_is_refused() {
        MvcTestResult answer = post(mvc, "/api/ways", WAYS.formatted(200).replace("[\"AIR_DRIED\", \"KILN_DRIED\"]", "[]"));
        assertThat(answer).hasStatus(400);
        assertThat(refusedFields(answer)).containsExactly("seasonings");
        assertThat(post(mvc, "/api/ways", WAYS.formatted(200).replace("white-oak", "elder"))).hasStatus(400);
        MvcTestResult tooHigh = post(mvc, "/api/ways", WAYS.formatted(200).replace("\"order\"", "\"acrossRiseMm\": 400, \"order\""));
        assertThat(refusedFields(tooHigh)).containsExactly("acrossRiseMm");
    }

    @Test
    void evidence_starts_undecided_and_names_what_it_does_not_use() {
        MvcTestResult before = mvc.get().uri("/api/evidence").exchange();
        assertThat(read(before, "$.rules[0].tip", Double.class)).isEqualTo(0.5);
        assertThat(read(before, "$.byLuck.asked", Integer.class)).isZero();
        post(mvc, "/api/trials", Wire.cleanTrial());
        post(mvc, "/api/trials", Wire.trial(recipe(12, 200, Wire.STEAM), "{\"severity\": \"CLEAN\", \"releasedRadiusMm\": 8}"));
        Wire.forecast(mvc, recipe(12, 200, Wire.STEAM));
        MvcTestResult after = mvc.get().uri("/api/evidence").exchange();
        assertThat(read(after, "$.trials", Integer.class)).isEqualTo(1);
        assertThat(read(after, "$.setAside[0].why", String.class)).isEqualTo("RELEASED_IN_OTHER_UNIT");
        assertThat(read(mvc.get().uri("/api/evidence/set-aside").exchange(), "$[0].value", Double.class)).isEqualTo(8);
    }

    @Test
    void a_forecast_says_what_is_doubtful_and_what_measuring_is_worth() {
        String odd = TIGHT.replace("\"AIR_DRIED\", \"moisturePercent\": 18", "\"GREEN\", \"moisturePercent\": 6");
        MvcTestResult forecast = post(mvc, "/api/forecast", "{\"recipe\": %s}".formatted(odd));
        assertThat(forecast).hasStatusOk();
        assertThat(read(forecast, "$.doubts[0].kind", String.class)).isEqualTo("GREEN_BUT_DRY");
        String unmeasured = TIGHT.replace("\"moisturePercent\": 18,", "");
        assertThat(read(post(mvc, "/api/forecast", "{\"recipe\": %s}".formatted(unmeasured)), "$.missing[0].what", String.class))
                .isEqualTo("MOISTURE");
    }
}
