package brachion.server.forecasting;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.server.ServerTest;
import brachion.server.Wire;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

@ServerTest
class ForecastApiTest {

    @Autowired
    private MockMvcTester mvc;

    @Autowired
    private JdbcTemplate jdbc;

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
        return Wire.forecast(mvc, recipe);
    }

    /** As after an upgrade that knows a wood no more, or a bound drawn tighter. */
    @Test
    void a_stored_trial_that_can_no_longer_be_computed_is_set_aside_by_name() {
        String kept = Wire.recipe(19, 170, Wire.STEAM);
        Wire.post(mvc, "/api/trials", Wire.trial(kept, "{\"severity\": \"CLEAN\"}"));
        String gone = Wire.post(mvc, "/api/trials", Wire.trial(kept, "{\"severity\": \"CLEAN\"}"))
                .getResponse().getHeader("Location");
        int id = Integer.parseInt(gone.substring(gone.lastIndexOf('/') + 1));
        jdbc.update("update trial set species_id = 'petrified-oak' where id = ?", id);
        jdbc.update("update trial_revision set revision = revision + 1");
        assertThat(Wire.read(forecast(kept), "$.fit.trials", Integer.class)).isEqualTo(1);
        MvcTestResult setAside = mvc.get().uri("/api/evidence/set-aside").exchange();
        assertThat(Wire.read(setAside, "$[0].trialId", Integer.class)).isEqualTo(id);
        assertThat(Wire.read(setAside, "$[0].why", String.class)).isEqualTo("OUT_OF_BOUNDS");
    }

    @Test
    void an_answer_says_what_share_breaks_for_reasons_nobody_can_see() {
        MvcTestResult answer = forecast(Wire.recipe(19, 300, Wire.STEAM));
        double hidden = Wire.read(answer, "$.hidden", Double.class);
        assertThat(hidden).isBetween(0.005, 0.1);
        assertThat(Wire.read(answer, "$.unbroken.probability", Double.class)).isLessThanOrEqualTo(1 - hidden);
    }
}
