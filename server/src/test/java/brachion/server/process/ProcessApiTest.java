package brachion.server.process;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.server.ServerTest;
import brachion.server.Wire;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

@ServerTest
class ProcessApiTest {

    private static final String AFTERWARDS = "\"formHours\": 24, \"rackDays\": 14";

    private static final String SOAK =
            "{\"recipe\": %1$s, \"bathC\": %2$s, \"wantedMeanPercent\": %3$s, \"wantedCorePercent\": %3$s}";

    @Autowired
    private MockMvcTester mvc;

    @Test
    void follows_a_piece_through_every_stage_and_says_when_things_happen() {
        MvcTestResult answer = follow(Wire.STEAM.replace("\"soakHours\": 0", "\"soakHours\": 6"));
        assertThat(answer).hasStatusOk();
        assertThat(answer).bodyJson().extractingPath("$.stages[*].kind").asArray()
                .containsExactly("SOAK", "STEAM_BOX", "CARRY", "FORM", "RACK");
        assertThat(Wire.read(answer, "$.times.softAfterS", Double.class)).isBetween(60.0, 3600.0);
        assertThat(Wire.read(answer, "$.times.coldAfterS", Double.class)).isBetween(300.0, 7200.0);
        assertThat(answer).bodyJson().extractingPath("$.schools[*].school").asArray().hasSize(4);
        assertThat(answer).bodyJson().extractingPath("$.stages[*].softens").asArray().containsExactly(false, true, false, false, false);
    }

    @Test
    void no_rule_of_thumb_for_steaming_is_about_a_pipe() {
        MvcTestResult answer = follow("""
                {"kind": "HOT_PIPE", "soakHours": 0, "pipeMinutes": 3, "pipeC": 130, "contactPercent": 15}""");
        assertThat(answer).hasStatusOk();
        assertThat(answer).bodyJson().extractingPath("$.stages[0].softens").isEqualTo(true);
        assertThat(answer).bodyJson().extractingPath("$.schools").asArray().isEmpty();
    }

    @Test
    void without_a_soak_or_a_carry_there_is_no_such_stage() {
        MvcTestResult answer = follow(Wire.STEAM.replace("\"carrySeconds\": 15", "\"carrySeconds\": 0"));
        assertThat(answer).bodyJson().extractingPath("$.stages[*].kind").asArray()
                .containsExactly("STEAM_BOX", "FORM", "RACK");
    }

    @Test
    void a_shop_no_one_works_in_and_a_method_without_heat_are_refused_by_field() {
        assertThat(Wire.refusedFields(Wire.post(mvc, "/api/process", "{\"recipe\": %s, %s}".formatted(
                Wire.recipe(12, 200, Wire.STEAM), AFTERWARDS.replace("14", "9000"))))).containsExactly("rackDays");
        String laminated = Wire.recipe(3, 240, Wire.EIGHT_PLIES);
        MvcTestResult refused = Wire.post(mvc, "/api/process", "{\"recipe\": %s, %s}".formatted(laminated, AFTERWARDS));
        assertThat(refused).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(Wire.refusedFields(refused)).containsExactly("recipe.method");
    }

    @Test
    void the_cross_section_is_cold_before_the_steam_and_hot_after_it() {
        MvcTestResult before = section(0, 0);
        MvcTestResult after = section(0, 2700);
        assertThat(before).hasStatusOk();
        assertThat(Wire.read(before, "$.celsius[7][0]", Double.class)).isEqualTo(18);
        assertThat(Wire.read(after, "$.celsius[7][0]", Double.class)).isGreaterThan(95);
        assertThat(Wire.read(after, "$.softness.length()", Integer.class)).isEqualTo(15);
        assertThat(Wire.read(after, "$.moisture[0].length()", Integer.class)).isEqualTo(15);
    }

    @Test
    void a_stage_that_is_not_there_is_refused_by_name() {
        assertThat(Wire.refusedFields(section(4, 10))).containsExactly("stage");
    }

    private MvcTestResult section(int stage, double seconds) {
        return Wire.post(mvc, "/api/process/section", "{\"process\": {\"recipe\": %s, %s}, \"stage\": %d, \"seconds\": %s}"
                .formatted(Wire.recipe(12, 200, Wire.STEAM), AFTERWARDS, stage, seconds));
    }

    @Test
    void a_soak_takes_longer_for_wetter_wood_and_warm_water_is_quicker() {
        double modest = soak(18, 20);
        assertThat(soak(18, 26)).isGreaterThan(modest);
        assertThat(soak(60, 20)).isLessThan(modest);
        MvcTestResult refused = Wire.post(mvc, "/api/process/soak", SOAK.formatted(Wire.recipe(12, 200, Wire.STEAM), 18.0, 45.0));
        assertThat(Wire.refusedFields(refused)).containsExactlyInAnyOrder("wantedMeanPercent", "wantedCorePercent");
    }

    private double soak(double bathC, double wanted) {
        return Wire.read(Wire.post(mvc, "/api/process/soak", SOAK.formatted(Wire.recipe(12, 200, Wire.STEAM), bathC, wanted)),
                "$.coreAfterS", Double.class);
    }

    private MvcTestResult follow(String steam) {
        return Wire.post(mvc, "/api/process", "{\"recipe\": %s, %s}".formatted(Wire.recipe(12, 200, steam), AFTERWARDS));
    }
}
