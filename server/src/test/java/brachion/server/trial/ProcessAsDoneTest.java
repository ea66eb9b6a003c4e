package brachion.server.trial;

import static brachion.server.Wire.post;
import static brachion.server.Wire.put;
import static brachion.server.Wire.read;
import static brachion.server.Wire.recipe;
import static brachion.server.Wire.refusedFields;
import static org.assertj.core.api.Assertions.assertThat;

import brachion.server.ServerTest;
import brachion.server.Wire;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

@ServerTest
class ProcessAsDoneTest {

    private static final String BROKEN = "{\"severity\": \"BROKEN\", \"flaw\": \"SNAP\"}";

    @Autowired
    private MockMvcTester mvc;
    @Autowired
    private DataSource dataSource;

    private static String trial(String done) {
        return Wire.trial(recipe(12, 200, Wire.STEAM), "{\"severity\": \"CLEAN\"}")
                .replace("\"outcome\"", "\"done\": " + done + ", \"outcome\"");
    }

    @Test
    void stages_are_kept_as_planned_and_as_done() {
        MvcTestResult logged = post(mvc, "/api/trials", trial("""
                {"stages": [{"kind": "STEAM_BOX", "actualMinutes": 70}, {"kind": "RACK", "actualMinutes": 20160}],
                 "chamber": [{"minutes": 0, "celsius": 40}, {"minutes": 12, "celsius": 97}]}"""));
        assertThat(logged).hasStatus(201);
        MvcTestResult read = mvc.get().uri("/api/trials/" + read(logged, "$.id", Long.class)).exchange();
        assertThat(read(read, "$.done.stages[0].plannedMinutes", Double.class)).isEqualTo(45);
        assertThat(read(read, "$.done.stages[0].actualMinutes", Double.class)).isEqualTo(70);
        assertThat(read(read, "$.done.chamber[1].celsius", Double.class)).isEqualTo(97);
    }

    @Test
    void a_correction_replaces_what_was_done() {
        MvcTestResult logged = post(mvc, "/api/trials", trial("{\"stages\": [{\"kind\": \"SOAK\", \"actualMinutes\": 600}], \"chamber\": []}"));
        long id = read(logged, "$.id", Long.class);
        MvcTestResult corrected = put(mvc, "/api/trials/%d?version=0".formatted(id),
                trial("{\"stages\": [{\"kind\": \"CARRY\", \"actualMinutes\": 0.5}], \"chamber\": []}"));
        assertThat(read(corrected, "$.done.stages.length()", Integer.class)).isEqualTo(1);
        assertThat(read(corrected, "$.done.stages[0].kind", String.class)).isEqualTo("CARRY");
    }

    /** The fit hears of what was done: a chamber that never got hot excuses the wood. */
    @Test
    void a_broken_piece_says_less_against_the_wood_when_the_chamber_was_cold() {
        post(mvc, "/api/trials", Wire.trial(recipe(12, 120, Wire.STEAM), BROKEN));
        double hot = odds();
        post(mvc, "/api/trials", Wire.cleanTrial());
        new JdbcTemplate(dataSource).execute("delete from trial");
        post(mvc, "/api/trials", Wire.trial(recipe(12, 120, Wire.STEAM), BROKEN).replace("\"outcome\"", """
                "done": {"stages": [], "chamber": [{"minutes": 0, "celsius": 60}, {"minutes": 45, "celsius": 70}]}, "outcome\""""));
        assertThat(odds()).isGreaterThan(hot);
    }

    /** What the record's own page says is of the piece as it was done, with the plan beside it where they differ. */
    @Test
    void a_record_is_forecast_and_explained_as_it_was_done() {
        String planned = Wire.trial(recipe(12, 120, Wire.STEAM), BROKEN);
        String cold = planned.replace("\"outcome\"", """
                "done": {"stages": [], "chamber": [{"minutes": 0, "celsius": 60}, {"minutes": 45, "celsius": 70}]}, "outcome\"""");
        MvcTestResult asPlanned = forecastOf(planned);
        assertThat(asPlanned).bodyJson().doesNotHavePath("$.planned");
        MvcTestResult asDone = forecastOf(cold);
        assertThat(read(asDone, "$.asDone.section.outerSoftness", Double.class))
                .isLessThan(read(asPlanned, "$.asDone.section.outerSoftness", Double.class) / 2);
        assertThat(read(asDone, "$.asDone.unbroken.probability", Double.class))
                .isLessThan(read(asDone, "$.planned.probability", Double.class));
        String path = "/api/trials/" + read(post(mvc, "/api/trials", cold), "$.id", Long.class) + "/diagnosis";
        MvcTestResult explained = post(mvc, path, "{\"radiusMm\": 5, \"thicknessMm\": 0.5}");
        assertThat(read(explained, "$.likely[0].cause", String.class)).isEqualTo("COLD");
        assertThat(read(explained, "$.likely[0].next.kind", String.class)).isEqualTo("HOTTER_CHAMBER");
    }

    @Test
    void nothing_is_explained_about_a_piece_without_a_flaw() {
        String path = "/api/trials/" + read(post(mvc, "/api/trials", Wire.cleanTrial()), "$.id", Long.class) + "/diagnosis";
        assertThat(refusedFields(post(mvc, path, "{\"radiusMm\": 5, \"thicknessMm\": 0.5}"))).containsExactly("outcome.flaw");
        assertThat(mvc.get().uri("/api/trials/4711/forecast")).hasStatus(404);
    }

    private MvcTestResult forecastOf(String trial) {
        return mvc.get().uri("/api/trials/%d/forecast".formatted(read(post(mvc, "/api/trials", trial), "$.id", Long.class))).exchange();
    }

    private double odds() {
        return read(Wire.forecast(mvc, recipe(12, 120, Wire.STEAM)), "$.unbroken.probability", Double.class);
    }

    /** The first piece is forecast by published radii, the second by the first, whatever came later. */
    @Test
    void what_was_forecast_beforehand_knows_nothing_of_later_records() {
        long first = read(post(mvc, "/api/trials", Wire.trial(recipe(12, 120, Wire.STEAM), BROKEN)), "$.id", Long.class);
        double byTables = beforehand(first);
        long second = read(post(mvc, "/api/trials", Wire.trial(recipe(12, 120, Wire.STEAM), BROKEN)), "$.id", Long.class);
        double byTheFirst = beforehand(second);
        post(mvc, "/api/trials", Wire.trial(recipe(12, 120, Wire.STEAM), BROKEN));
        assertThat(byTheFirst).isLessThan(byTables);
        assertThat(beforehand(first)).isEqualTo(byTables);
        assertThat(beforehand(second)).isEqualTo(byTheFirst);
    }

    private double beforehand(long trial) {
        return read(mvc.get().uri("/api/trials/%d/beforehand".formatted(trial)).exchange(), "$.unbroken.probability", Double.class);
    }

    @Test
    void what_no_process_does_is_refused_by_name() {
        assertThat(refusedFields(post(mvc, "/api/trials",
                trial("{\"stages\": [{\"kind\": \"STEAM_BOX\", \"actualMinutes\": -5}], \"chamber\": []}")))).containsExactly("done.STEAM_BOX");
        assertThat(refusedFields(post(mvc, "/api/trials",
                trial("{\"stages\": [{\"kind\": \"HOT_PIPE\", \"actualMinutes\": 5}], \"chamber\": []}")))).containsExactly("done.stages");
        assertThat(refusedFields(post(mvc, "/api/trials", trial(
                "{\"stages\": [], \"chamber\": [{\"minutes\": 5, \"celsius\": 90}, {\"minutes\": 5, \"celsius\": 91}]}"))))
                .containsExactly("done.chamber");
    }
}
