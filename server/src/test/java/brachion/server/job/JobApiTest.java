package brachion.server.job;

import static brachion.server.Wire.delete;
import static brachion.server.Wire.post;
import static brachion.server.Wire.put;
import static brachion.server.Wire.read;
import static brachion.server.Wire.refusedFields;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.server.ServerTest;
import brachion.server.Wire;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** Jobs with their plans, and what becomes of their pieces. */
@ServerTest
class JobApiTest {

    @Autowired
    private MockMvcTester mvc;

    private static String job(String name, int wanted, String dueOn, double radiusMm) {
        return """
                {"name": "%s", "wanted": %d, "certainty": 0.9, "flawsPass": true, "dueOn": %s, "note": "", "recipe": %s}"""
                .formatted(name, wanted, dueOn == null ? "null" : "\"" + dueOn + "\"", Wire.recipe(12, radiusMm, Wire.STEAM));
    }

    private long taken(String job) {
        MvcTestResult taken = post(mvc, "/api/jobs", job);
        assertThat(taken).hasStatus(HttpStatus.CREATED);
        return read(taken, "$.id", Long.class);
    }

    private long onBench(long job, String name) {
        MvcTestResult laid = post(mvc, "/api/bench", "{\"name\": \"%s\", \"jobId\": %d, \"recipe\": %s}".formatted(name, job, Wire.recipe(12, 200, Wire.STEAM)));
        assertThat(laid).hasStatus(HttpStatus.CREATED);
        assertThat(read(laid, "$.jobId", Long.class)).isEqualTo(job);
        return read(laid, "$.id", Long.class);
    }

    private MvcTestResult tapped(long piece, String... taps) {
        MvcTestResult last = null;
        Instant at = Instant.now().minusSeconds(3000);
        for (String tap : taps) {
            at = at.plusSeconds(10);
            last = post(mvc, "/api/bench/" + piece + "/taps", "{\"tap\": \"%s\", \"saidAt\": \"%s\"}".formatted(tap, at));
            assertThat(last).as(tap).hasStatusOk();
        }
        return last;
    }

    private MvcTestResult jobs() {
        return mvc.get().uri("/api/jobs").exchange();
    }

    @Test
    void a_job_has_a_curve_that_was_kept_and_keeps_it_when_that_is_let_go() {
        long curve = read(post(mvc, "/api/curves/kept", "{\"name\": \"Rim\", \"chain\": {\"stretches\": [{\"kind\": \"STRAIGHT\", \"lengthMm\": 100}]}, \"strapTurned\": false}"), "$.id", Long.class);
        String rims = job("Rims", 4, null, 200).replace("\"note\"", "\"curveId\": " + curve + ", \"note\"");
        long id = taken(rims);
        assertThat(read(jobs(), "$[0].job.curveId", Long.class)).isEqualTo(curve);
        assertThat(delete(mvc, "/api/curves/kept/" + curve)).hasStatus(HttpStatus.NO_CONTENT);
        assertThat(put(mvc, "/api/jobs/" + id + "?version=0", rims.replace("Rims", "Rims, small"))).hasStatusOk();
        MvcTestResult none = post(mvc, "/api/jobs", rims.replace("\"curveId\": " + curve, "\"curveId\": 987654"));
        assertThat(none).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(Wire.refusedFields(none)).containsExactly("curveId");
        assertThat(put(mvc, "/api/jobs/" + id + "?version=1", job("Rims", 4, null, 200))).hasStatusOk();
        assertThat(jobs()).bodyJson().doesNotHavePath("$[0].job.curveId");
    }

    @Test
    void a_job_keeps_every_plan_there_was_for_it() {
        long id = taken(job("Rims", 4, null, 200));
        assertThat(put(mvc, "/api/jobs/" + id + "?version=0", job("Rims, small", 6, "2026-12-24", 200))).hasStatusOk();
        MvcTestResult changed = put(mvc, "/api/jobs/" + id + "?version=1", job("Rims, small", 6, "2026-12-24", 180));
        assertThat(read(changed, "$.plans[*].recipe.innerRadiusMm", List.class)).isEqualTo(List.of(200.0, 180.0));
        assertThat(read(changed, "$.job.recipe.innerRadiusMm", Double.class)).isEqualTo(180);
        assertThat(read(changed, "$.job.dueOn", String.class)).isEqualTo("2026-12-24");
        assertThat(put(mvc, "/api/jobs/" + id + "?version=0", job("Rims", 4, null, 200))).hasStatus(HttpStatus.CONFLICT);
        assertThat(delete(mvc, "/api/jobs/" + id + "?version=2")).hasStatusOk();
        assertThat(read(jobs(), "$.length()", Integer.class)).isZero();
        assertThat(post(mvc, "/api/jobs/" + id + "/restoration", "")).hasStatusOk();
        assertThat(read(jobs(), "$[0].job.name", String.class)).isEqualTo("Rims, small");
    }

    @Test
    void a_job_says_what_of_the_rig_its_pieces_are_made_with() {
        MvcTestResult form = post(mvc, "/api/rig/items", "{\"kind\": \"FORM\", \"name\": \"Rim form\", \"room\": 1, \"note\": \"\", \"radiusMm\": 200}");
        assertThat(form).hasStatus(HttpStatus.CREATED);
        long thing = read(form, "$.id", Long.class);
        post(mvc, "/api/rig/items", "{\"kind\": \"FORM\", \"name\": \"Another\", \"room\": 1, \"note\": \"\", \"radiusMm\": 200}");
        String rims = job("Rims", 2, null, 200);
        String madeWith = rims.replace("\"note\"", "\"madeWith\": [{\"itemId\": %d, \"takes\": 1}], \"note\"".formatted(thing + 1));
        long id = taken(madeWith);
        assertThat(read(jobs(), "$[0].job.madeWith[0].itemId", Long.class)).isEqualTo(thing + 1);
        String asked = "{\"recipe\": %s, \"jobId\": %d}".formatted(Wire.recipe(12, 200, Wire.STEAM), id);
        assertThat(read(post(mvc, "/api/bench/items/choices", asked), "$[?(@.suggested == true)].item.name", List.class)).as("not the first that fits").isEqualTo(List.of("Another"));
        assertThat(put(mvc, "/api/jobs/" + id + "?version=0", rims)).hasStatusOk();
        assertThat(read(post(mvc, "/api/bench/items/choices", asked), "$[?(@.suggested == true)].item.name", List.class)).isEqualTo(List.of("Rim form"));
        assertThat(refusedFields(post(mvc, "/api/jobs", madeWith.replace("\"itemId\": " + (thing + 1), "\"itemId\": 99999")))).containsExactly("madeWith");
    }

    @Test
    void what_is_due_first_stands_first() {
        taken(job("Some day", 1, null, 200));
        taken(job("Later", 1, "2027-01-10", 200));
        taken(job("Soon", 1, "2026-12-01", 200));
        assertThat(read(jobs(), "$[*].job.name", List.class)).isEqualTo(List.of("Soon", "Later", "Some day"));
    }

    /** Six pieces, each at another end: two judged, one broke before anybody judged it, one on its form, one in the heat, one not begun. */
    @Test
    void its_pieces_are_counted_by_what_became_of_them() {
        long job = taken(job("Ribs", 5, null, 200));
        long good = onBench(job, "Rib 1");
        MvcTestResult clamped = tapped(good, "INTO_HEAT", "AT_HEAT", "PULLED", "CLAMPED");
        MvcTestResult judged = post(mvc, "/api/bench/%d/verdict?version=%d".formatted(good, read(clamped, "$.version", Integer.class)),
                "{\"outcome\": {\"severity\": \"FLAW\", \"flaw\": \"OUTER_SPLINTER\"}, \"note\": \"\"}");
        assertThat(judged).hasStatusOk();
        long record = read(judged, "$.trialId", Long.class);
        assertThat(read(mvc.get().uri("/api/trials/" + record).exchange(), "$.jobId", Long.class)).isEqualTo(job);
        MvcTestResult broken = post(mvc, "/api/trials?job=" + job, Wire.trial(Wire.recipe(12, 200, Wire.STEAM), "{\"severity\": \"BROKEN\", \"flaw\": \"OUTER_SPLINTER\"}"));
        assertThat(broken).hasStatus(HttpStatus.CREATED);
        tapped(onBench(job, "Rib 2"), "INTO_HEAT", "AT_HEAT", "PULLED", "BROKE");
        tapped(onBench(job, "Rib 3"), "INTO_HEAT", "AT_HEAT", "PULLED", "FEATHERS", "CLAMPED");
        tapped(onBench(job, "Rib 4"), "INTO_HEAT");
        onBench(job, "Rib 5");
        MvcTestResult all = jobs();
        assertThat(read(all, "$[0].progress.good", Integer.class)).isEqualTo(1);
        assertThat(read(all, "$[0].progress.spoilt", Integer.class)).isEqualTo(2);
        assertThat(read(all, "$[0].progress.bent", Integer.class)).isEqualTo(1);
        assertThat(read(all, "$[0].progress.underWay", Integer.class)).isEqualTo(2);
        assertThat(read(all, "$[0].pieces[*].step", List.class)).isEqualTo(List.of("JUDGED", "JUDGED", "FINISHED", "ON_FORM", "HEATING", "PLANNED"));

        MvcTestResult outstanding = mvc.get().uri("/api/jobs/" + job + "/outstanding").exchange();
        assertThat(read(outstanding, "$.missing", Integer.class)).as("five, less one good and one bent").isEqualTo(3);
        assertThat(read(outstanding, "$.suffices", Double.class)).as("two under way are no three").isZero();
        int toStart = read(outstanding, "$.toStart", Integer.class);
        // the same question asked of the spares: so many blanks for three good ones
        MvcTestResult spares = post(mvc, "/api/forecast/spares", "{\"recipe\": %s, \"good\": 3, \"certainty\": 0.9, \"flawsPass\": true}".formatted(Wire.recipe(12, 200, Wire.STEAM)));
        assertThat(toStart + 2).isEqualTo(read(spares, "$.blanks", Integer.class));
        assertThat(read(outstanding, "$.perPiece.probability", Double.class)).isCloseTo(read(spares, "$.perPiece.probability", Double.class), within(1e-9));
    }

    @Test
    void a_record_can_be_for_a_job_afterwards_and_a_correction_leaves_it_there() {
        long job = taken(job("Rims", 4, null, 200));
        long trial = read(post(mvc, "/api/trials", Wire.cleanTrial()), "$.id", Long.class);
        assertThat(read(put(mvc, "/api/trials/%d/job?version=0&job=%d".formatted(trial, job), ""), "$.jobId", Long.class)).isEqualTo(job);
        assertThat(put(mvc, "/api/trials/%d?version=1".formatted(trial), Wire.cleanTrial())).hasStatusOk();
        assertThat(read(jobs(), "$[0].progress.good", Integer.class)).isEqualTo(1);
        assertThat(put(mvc, "/api/trials/%d/job?version=1".formatted(trial), "")).hasStatusOk();
        assertThat(read(jobs(), "$[0].progress.good", Integer.class)).isZero();
        assertThat(refusedFields(put(mvc, "/api/trials/%d/job?version=2&job=999999".formatted(trial), ""))).containsExactly("job");
        assertThat(refusedFields(post(mvc, "/api/bench", "{\"name\": \"Rib\", \"jobId\": 999999, \"recipe\": %s}".formatted(Wire.recipe(12, 200, Wire.STEAM)))))
                .containsExactly("jobId");
        assertThat(refusedFields(post(mvc, "/api/jobs", job("", 0, null, 200)))).containsExactlyInAnyOrder("name", "wanted");
    }
}
