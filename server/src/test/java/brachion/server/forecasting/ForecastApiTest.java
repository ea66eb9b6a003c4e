package brachion.server.forecasting;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.server.ServerTest;
import brachion.server.Wire;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

@ServerTest
class ForecastApiTest {

    @Autowired
    private MockMvcTester mvc;

    @Test
    void tightening_the_form_lowers_the_odds_and_a_strap_raises_them() {
        double gentle = unbroken(Wire.recipe(19, 300, Wire.STEAM));
        double tight = unbroken(Wire.recipe(19, 150, Wire.STEAM));
        double strapped = unbroken(Wire.recipe(19, 150, Wire.STEEL_STRAP));
        assertThat(gentle).isGreaterThan(tight);
        assertThat(strapped).isGreaterThan(tight);
    }

    @Test
    void a_trial_logged_or_deleted_changes_the_fit_at_once() {
        String hard = Wire.recipe(19, 170, Wire.STEAM);
        double before = unbroken(hard);
        String uri = null;
        for (int piece = 0; piece < 6; piece++) {
            uri = Wire.post(mvc, "/api/trials", Wire.trial(hard, "{\"severity\": \"CLEAN\"}"))
                    .getResponse().getHeader("Location");
        }
        MvcTestResult after = forecast(hard);
        assertThat(Wire.read(after, "$.unbroken.probability", Double.class)).isGreaterThan(before);
        assertThat(Wire.read(after, "$.evidence.trialsNear", Integer.class)).isEqualTo(6);
        assertThat(Wire.read(after, "$.fit.trials", Integer.class)).isEqualTo(6);
        Wire.delete(mvc, uri + "?version=0");
        assertThat(Wire.read(forecast(hard), "$.fit.trials", Integer.class)).isEqualTo(5);
    }

    @Test
    void an_answer_names_what_limits_the_bend_and_why() {
        MvcTestResult answer = forecast(Wire.recipe(19, 120, Wire.STEAM));
        assertThat(answer).bodyJson().extractingPath("$.modes[0].mode").isEqualTo("TENSION");
        assertThat(answer).bodyJson().extractingPath("$.modes[0].reasons[0].cause").isEqualTo("CURVE");
        assertThat(answer).bodyJson().extractingPath("$.evidence.beyondRecords").isEqualTo(true);
    }

    @Test
    void an_impossible_question_is_refused_by_field() {
        MvcTestResult refused = Wire.post(mvc, "/api/forecast",
                "{\"recipe\": %s}".formatted(Wire.recipe(19, 2, Wire.STEAM)));
        assertThat(refused).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(Wire.refusedFields(refused)).containsExactly("recipe.innerRadiusMm");
    }

    private double unbroken(String recipe) {
        return Wire.read(forecast(recipe), "$.unbroken.probability", Double.class);
    }

    private MvcTestResult forecast(String recipe) {
        MvcTestResult answer = Wire.post(mvc, "/api/forecast", "{\"recipe\": %s}".formatted(recipe));
        assertThat(answer).hasStatusOk();
        return answer;
    }
}
