package brachion.server.trial;

import static brachion.server.Wire.post;
import static brachion.server.Wire.read;
import static brachion.server.Wire.recipe;
import static brachion.server.Wire.refusedFields;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.server.ServerTest;
import brachion.server.Wire;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

@ServerTest
class TrialApiTest {

    @Autowired
    private MockMvcTester mvc;

    @Autowired
    private JdbcTemplate database;

    @Test
    void a_logged_trial_is_stored_and_comes_back_as_it_was() {
        MvcTestResult logged = Wire.post(mvc, "/api/trials",
                Wire.trial(Wire.recipe(4.7625, 50, Wire.STEEL_STRAP), "{\"severity\": \"BROKEN\", \"flaw\": \"SNAP\"}"));
        assertThat(logged).hasStatus(HttpStatus.CREATED);
        MvcTestResult read = mvc.get().uri(logged.getResponse().getHeader("Location")).exchange();
        assertThat(read).bodyJson().extractingPath("$.recipe.blank.thicknessMm").isEqualTo(4.7625);
        assertThat(read).bodyJson().extractingPath("$.recipe.method.strap.material").isEqualTo("STEEL");
        assertThat(read).bodyJson().extractingPath("$.outcome.flaw").isEqualTo("SNAP");
        assertThat(read).bodyJson().doesNotHavePath("$.recipe.method.plies");
        assertThat(database.queryForObject("select thickness_mm from trial", Double.class)).isEqualTo(4.7625);
    }

    @Test
    void a_lamination_keeps_its_glue_and_plies() {
        String recipe = Wire.recipe(3, 240, Wire.EIGHT_PLIES);
        MvcTestResult logged = Wire.post(mvc, "/api/trials", Wire.trial(recipe, "{\"severity\": \"CLEAN\"}"));
        assertThat(logged).bodyJson().extractingPath("$.recipe.method.plies").isEqualTo(8);
        assertThat(logged).bodyJson().doesNotHavePath("$.recipe.steam");
    }

    @ParameterizedTest(name = "{0} = {1} is refused")
    @CsvSource({"thicknessMm, 250, recipe.blank.thicknessMm", "thicknessMm, 0.1, recipe.blank.thicknessMm",
        "innerRadiusMm, 1, recipe.innerRadiusMm", "innerRadiusMm, 30000, recipe.innerRadiusMm",
        "moisturePercent, -2, recipe.blank.moisturePercent", "moisturePercent, 300, recipe.blank.moisturePercent",
        "chamberC, 400, recipe.method.chamberC", "grainRun, 0, recipe.blank.grainRun",
        "steamMinutes, -5, recipe.method.steamMinutes", "angleDegrees, 0, recipe.angleDegrees"})
    void what_no_bench_has_seen_is_refused_by_field_and_nothing_is_stored(String name, String value, String field) {
        String json = Wire.cleanTrial().replaceAll("\"" + name + "\": [0-9.]+", "\"" + name + "\": " + value);
        MvcTestResult refused = Wire.post(mvc, "/api/trials", json);
        assertThat(refused).hasStatus(HttpStatus.BAD_REQUEST).hasContentTypeCompatibleWith("application/problem+json");
        assertThat(Wire.refusedFields(refused)).containsExactly(field);
        assertThat(Wire.read(refused, "$.errors[0].message", String.class)).contains("between");
        assertThat(database.queryForObject("select count(*) from trial", Long.class)).isZero();
    }

    @Test
    void contradictions_are_refused_with_what_to_do() {
        String brokenYetMeasured = "{\"severity\": \"BROKEN\", \"flaw\": \"SNAP\", \"releasedRadiusMm\": 80}";
        assertThat(Wire.refusedFields(Wire.post(mvc, "/api/trials",
                Wire.trial(Wire.recipe(12, 200, Wire.STEAM), brokenYetMeasured))))
                .containsExactly("outcome.releasedRadiusMm");
        assertThat(Wire.refusedFields(Wire.post(mvc, "/api/trials",
                Wire.trial(Wire.recipe(12, 200, Wire.STEAM), "{\"severity\": \"CLEAN\", \"flaw\": \"SNAP\"}"))))
                .containsExactly("outcome.flaw");
        assertThat(Wire.refusedFields(Wire.post(mvc, "/api/trials",
                Wire.trial(Wire.recipe(12, 200, "null"), "{\"severity\": \"CLEAN\"}"))))
                .containsExactly("recipe.method");
        assertThat(Wire.refusedFields(Wire.post(mvc, "/api/trials",
                Wire.cleanTrial().replace("white-ash", "plywood-tree")))).containsExactly("recipe.blank.speciesId");
    }

    @Test
    void unreadable_requests_are_refused_without_a_server_error() {
        assertThat(Wire.post(mvc, "/api/trials", "{not json")).hasStatus(HttpStatus.BAD_REQUEST);
        MvcTestResult wrongWord = Wire.post(mvc, "/api/trials", Wire.cleanTrial().replace("AIR_DRIED", "SUN_DRIED"));
        assertThat(Wire.refusedFields(wrongWord)).containsExactly("recipe.blank.seasoning");
        MvcTestResult missing = Wire.post(mvc, "/api/trials", "{}");
        assertThat(Wire.refusedFields(missing)).contains("recipe", "outcome", "bentOn");
        assertThat(mvc.get().uri("/api/trials?method=GLUE")).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(mvc.get().uri("/api/trials?size=100000")).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(mvc.get().uri("/api/trials/987654")).hasStatus(HttpStatus.NOT_FOUND);
    }

    @Test
    void a_change_on_top_of_somebody_elses_is_refused_and_theirs_stays() {
        String uri = Wire.post(mvc, "/api/trials", Wire.cleanTrial()).getResponse().getHeader("Location");
        assertThat(Wire.put(mvc, uri + "?version=0", Wire.cleanTrial().replace("Crook handle", "theirs"))).hasStatusOk();
        assertThat(Wire.put(mvc, uri + "?version=0", Wire.cleanTrial().replace("Crook handle", "mine")))
                .hasStatus(HttpStatus.CONFLICT);
        assertThat(mvc.get().uri(uri)).bodyJson().extractingPath("$.note").isEqualTo("theirs");
    }

    @Test
    void a_deleted_trial_is_gone_from_list_and_count_and_can_be_brought_back() {
        String uri = Wire.post(mvc, "/api/trials", Wire.cleanTrial()).getResponse().getHeader("Location");
        assertThat(Wire.delete(mvc, uri + "?version=7")).hasStatus(HttpStatus.CONFLICT);
        assertThat(Wire.delete(mvc, uri + "?version=0")).hasStatusOk();
        assertThat(mvc.get().uri("/api/trials")).bodyJson().extractingPath("$.total").isEqualTo(0);
        assertThat(mvc.get().uri("/api/trials/counts")).bodyJson().extractingPath("$.clean").isEqualTo(0);
        assertThat(mvc.get().uri(uri)).hasStatus(HttpStatus.NOT_FOUND);
        assertThat(Wire.post(mvc, uri + "/restoration", "")).hasStatusOk();
        assertThat(mvc.get().uri("/api/trials")).bodyJson().extractingPath("$.total").isEqualTo(1);
    }

    @Test
    void the_list_is_searched_by_species_method_and_ending() {
        Wire.post(mvc, "/api/trials", Wire.cleanTrial());
        Wire.post(mvc, "/api/trials", Wire.cleanTrial().replace("white-ash", "white-oak"));
        Wire.post(mvc, "/api/trials", Wire.trial(Wire.recipe(12, 200, Wire.STEAM),
                "{\"severity\": \"FLAW\", \"flaw\": \"INNER_CREASE\"}"));
        assertThat(mvc.get().uri("/api/trials?speciesId=white-oak")).bodyJson().extractingPath("$.total").isEqualTo(1);
        assertThat(mvc.get().uri("/api/trials?severity=FLAW")).bodyJson().extractingPath("$.total").isEqualTo(1);
        assertThat(mvc.get().uri("/api/trials?method=COLD_LAMINATION")).bodyJson().extractingPath("$.total")
                .isEqualTo(0);
        MvcTestResult second = mvc.get().uri("/api/trials?size=2&page=1").exchange();
        assertThat(second).bodyJson().extractingPath("$.total").isEqualTo(3);
        assertThat(second).bodyJson().extractingPath("$.trials.length()").isEqualTo(1);
    }

    @Test
    void the_database_itself_refuses_what_the_door_refuses() {
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> database.update("insert into trial "
                        + "(version, logged_at, bent_on, species_id, seasoning, growth_rings, knots, thickness_mm, "
                        + "width_mm, inner_radius_mm, angle_degrees, method, settings, severity, note) values "
                        + "(0, now(), now(), 'x', 'GREEN', 'FLAT', 'CLEAR', 900, 20, 100, 90, 'STEAM_BOX', '{\"version\": 1}', "
                        + "'CLEAN', '')"))
                .hasMessageContaining("trial_thickness");
    }

    private MvcTestResult logged(String outcome) {
        return post(mvc, "/api/trials", Wire.trial(recipe(12, 200, Wire.STEAM), outcome));
    }

    /** A chord of 240 mm and its rise of 40 mm lie on a circle of 120²/80 + 20 = 200 mm. */
    @Test
    void a_curve_is_told_by_its_chord_and_rise_or_by_the_gap_to_its_pattern() {
        MvcTestResult byRise = logged("{\"severity\": \"CLEAN\", \"releasedChordMm\": 240, \"releasedRiseMm\": 40, \"twistDegrees\": 2}");
        assertThat(read(byRise, "$.outcome.releasedRadiusMm", Double.class)).isCloseTo(200, within(1e-9));
        assertThat(read(byRise, "$.outcome.twistDegrees", Double.class)).isEqualTo(2);
        // on a pattern of 200 mm the same chord rises by 40 mm; 5 mm less is 120²/70 + 17.5
        MvcTestResult byGap = logged("{\"severity\": \"CLEAN\", \"releasedChordMm\": 240, \"releasedGapMm\": 5}");
        assertThat(read(byGap, "$.outcome.releasedRadiusMm", Double.class)).isCloseTo(14_400 / 70.0 + 17.5, within(1e-9));
        assertThat(refusedFields(logged("{\"severity\": \"CLEAN\", \"releasedChordMm\": 240}"))).containsExactly("outcome.releasedChordMm");
        assertThat(refusedFields(logged("{\"severity\": \"CLEAN\", \"releasedChordMm\": 240, \"releasedRiseMm\": 4, \"releasedGapMm\": 4}")))
                .containsExactly("outcome.releasedChordMm");
        assertThat(refusedFields(logged("{\"severity\": \"CLEAN\", \"releasedChordMm\": 240, \"releasedGapMm\": 60}"))).containsExactly("outcome.releasedChordMm");
        MvcTestResult asked = post(mvc, "/api/released-curve", "{\"patternMm\": 200, \"chordMm\": 240, \"gapMm\": 5}");
        assertThat(read(asked, "$.radiusMm", Double.class)).isCloseTo(14_400 / 70.0 + 17.5, within(1e-9));
        assertThat(read(asked, "$.sdMm", Double.class)).isBetween(1.0, 4.0);
    }

    @Test
    void several_pieces_that_came_out_alike_are_each_a_trial_and_are_taken_back_together() {
        MvcTestResult alike = post(mvc, "/api/trials/alike?pieces=4", Wire.cleanTrial());
        assertThat(alike).hasStatus(201);
        assertThat(read(mvc.get().uri("/api/trials/counts").exchange(), "$.clean", Integer.class)).isEqualTo(4);
        assertThat(post(mvc, "/api/trials/alike/undoing", "{\"trials\": %s}".formatted(read(alike, "$.trials", List.class)))).hasStatus(204);
        assertThat(read(mvc.get().uri("/api/trials/counts").exchange(), "$.clean", Integer.class)).isZero();
        assertThat(post(mvc, "/api/trials/alike?pieces=1000", Wire.cleanTrial())).hasStatus(400);
    }

    /** Whatever way it comes: alone, with others alike, or in a table ({@code TrialReader} asks the same). */
    @Test
    void pieces_alike_are_held_to_what_one_is_held_to() {
        for (String outcome : List.of("{\"severity\": \"BROKEN\", \"flaw\": \"SNAP\", \"releasedRadiusMm\": 208}", "{\"severity\": \"CLEAN\", \"flaw\": \"SNAP\"}",
                "{\"severity\": \"BROKEN\"}", "{\"severity\": \"FLAW\", \"flaw\": \"OUTER_SPLINTER\", \"also\": [{\"flaw\": \"SNAP\", \"severity\": \"BROKEN\"}]}")) {
            String trial = Wire.trial(Wire.recipe(12, 200, Wire.STEAM), outcome);
            MvcTestResult one = post(mvc, "/api/trials", trial);
            MvcTestResult alike = post(mvc, "/api/trials/alike?pieces=3", trial);
            assertThat(alike).as(outcome).hasStatus(HttpStatus.BAD_REQUEST);
            assertThat(Wire.refusedFields(alike)).isEqualTo(Wire.refusedFields(one));
        }
        String unknown = Wire.cleanTrial().replace("white-ash", "no-such-wood");
        assertThat(Wire.refusedFields(post(mvc, "/api/trials/alike?pieces=3", unknown))).isEqualTo(Wire.refusedFields(post(mvc, "/api/trials", unknown))).isNotEmpty();
        assertThat(read(mvc.get().uri("/api/trials").exchange(), "$.total", Integer.class)).isZero();
    }

    @Test
    void a_day_that_is_yet_to_come_is_refused_and_so_is_a_page_nobody_can_turn_to() {
        assertThat(Wire.refusedFields(post(mvc, "/api/trials", Wire.cleanTrial().replace("2026-11-24", "2199-01-01")))).containsExactly("bentOn");
        assertThat(Wire.refusedFields(mvc.get().uri("/api/trials?page=2147483647&size=100").exchange())).containsExactly("page");
    }

    @Test
    void several_things_can_be_seen_on_a_piece_none_worse_than_the_piece_and_none_twice() {
        MvcTestResult logged = logged("""
                {"severity": "BROKEN", "flaw": "OUTER_SPLINTER", "also": [{"flaw": "INNER_CREASE", "severity": "FLAW", "flawAt": "MIDDLE"}]}""");
        assertThat(read(logged, "$.outcome.also[0].flaw", String.class)).isEqualTo("INNER_CREASE");
        assertThat(read(mvc.get().uri("/api/trials/" + read(logged, "$.id", Long.class)).exchange(), "$.outcome.also[0].flawAt", String.class)).isEqualTo("MIDDLE");
        assertThat(refusedFields(logged("""
                {"severity": "FLAW", "flaw": "OUTER_SPLINTER", "also": [{"flaw": "INNER_CREASE", "severity": "BROKEN"}]}"""))).containsExactly("outcome.also[0].severity");
        assertThat(refusedFields(logged("""
                {"severity": "FLAW", "flaw": "OUTER_SPLINTER", "also": [{"flaw": "OUTER_SPLINTER", "severity": "FLAW"}]}"""))).containsExactly("outcome.also[0].flaw");
        assertThat(refusedFields(logged("""
                {"severity": "CLEAN", "also": [{"flaw": "INNER_CREASE", "severity": "FLAW"}]}"""))).containsExactly("outcome.also[0].severity");
        assertThat(refusedFields(logged("""
                {"severity": "FLAW", "flaw": "OUTER_SPLINTER", "also": [{"severity": "FLAW"}]}"""))).containsExactly("outcome.also[0].flaw");
    }

    @Test
    void a_verdict_says_where_how_it_was_mended_and_what_to_do_otherwise() {
        MvcTestResult logged = logged("""
                {"severity": "FLAW", "flaw": "OUTER_SPLINTER", "flawAt": "FIRST_HALF", "mended": "thin glue, bound overnight", "nextTime": " "}""");
        assertThat(read(logged, "$.outcome.flawAt", String.class)).isEqualTo("FIRST_HALF");
        assertThat(read(logged, "$.outcome.mended", String.class)).isEqualTo("thin glue, bound overnight");
        assertThat(logged).bodyJson().doesNotHavePath("$.outcome.nextTime");
        assertThat(logged("{\"severity\": \"CLEAN\", \"flawAt\": \"MIDDLE\"}")).bodyJson().doesNotHavePath("$.outcome.flawAt");
    }
}
