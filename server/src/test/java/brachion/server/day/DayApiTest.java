package brachion.server.day;

import static brachion.server.Wire.post;
import static brachion.server.Wire.put;
import static brachion.server.Wire.read;
import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.ICalVersion;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import brachion.server.ServerTest;
import brachion.server.Wire;
import com.jayway.jsonpath.JsonPath;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.json.JsonMapper;

/** From a job to a plan of the day, and what becomes of it when the bench goes its own way. */
@ServerTest
class DayApiTest {

    private static final String ALL_WEEK = "{\"people\": 1, \"days\": \"1234567\", \"opens\": \"00:00\", \"closes\": \"23:59\"}";

    @Autowired
    private MockMvcTester mvc;

    private long ribs(int wanted, String dueOn) {
        return read(post(mvc, "/api/jobs", """
                {"name": "Ribs", "wanted": %d, "certainty": 0.9, "flawsPass": true, "dueOn": %s, "note": "", "recipe": %s}"""
                .formatted(wanted, dueOn, Wire.recipe(12, 200, Wire.STEAM))), "$.id", Long.class);
    }

    private void rig() {
        assertThat(post(mvc, "/api/rig/items", "{\"kind\": \"STEAM_BOX\", \"name\": \"Box\", \"room\": 2, \"note\": \"\"}")).hasStatus(HttpStatus.CREATED);
        assertThat(post(mvc, "/api/rig/items", "{\"kind\": \"FORM\", \"name\": \"Rib form\", \"room\": 1, \"note\": \"\", \"radiusMm\": 200}")).hasStatus(HttpStatus.CREATED);
    }

    private String asked(long job, Integer toStart, String more) {
        return "{\"jobs\": [{\"id\": %d, \"toStart\": %s}], \"anew\": false%s}".formatted(job, toStart, more);
    }

    /** The best of the lines. */
    private String proposed(String asked) throws Exception {
        MvcTestResult answer = post(mvc, "/api/day/proposals", asked);
        assertThat(answer).hasStatusOk();
        String[] lines = answer.getResponse().getContentAsString().split("\n");
        assertThat(lines[0]).as("a schedule at once").contains("\"slots\"");
        String last = lines[lines.length - 1];
        assertThat(JsonPath.<Boolean>read(last, "$.done")).isTrue();
        return last;
    }

    private MvcTestResult take(String asked, String line) {
        Map<String, Object> taken = Map.of("asked", JsonPath.read(asked, "$"), "from", JsonPath.read(line, "$.proposal.from"), "order", JsonPath.read(line, "$.proposal.order"),
                "begins", JsonPath.read(line, "$.proposal.slots[*].beginsAt"));
        return put(mvc, "/api/day/plan", JsonMapper.shared().writeValueAsString(taken));
    }

    private MvcTestResult day() {
        return mvc.get().uri("/api/day").exchange();
    }

    @Test
    void a_job_is_planned_taken_and_found_again() throws Exception {
        rig();
        assertThat(put(mvc, "/api/day/hours?version=-1", ALL_WEEK)).hasStatusOk();
        String asked = asked(ribs(3, "\"" + LocalDate.now().plusDays(60) + "\""), 3, "");
        String line = proposed(asked);
        List<String> bends = JsonPath.read(line, "$.proposal.slots[?(@.step == 'BENDING')].beginsAt");
        assertThat(bends).hasSize(3);
        Instant first = bends.stream().map(Instant::parse).min(Instant::compareTo).orElseThrow();
        Instant last = bends.stream().map(Instant::parse).max(Instant::compareTo).orElseThrow();
        assertThat(last).as("one form, a day on it each").isAfterOrEqualTo(first.plusSeconds(2 * 24 * 3600));
        assertThat(JsonPath.<Double>read(line, "$.proposal.jobs[0].inTime")).isBetween(0.0, 1.0);
        assertThat(JsonPath.<List<Integer>>read(line, "$.proposal.gains[*].minutes")).as("a second form gains a day at least").anyMatch(minutes -> minutes >= 24 * 60);
        MvcTestResult taken = take(asked, line);
        assertThat(taken).hasStatusOk();
        assertThat(read(day(), "$.plan.slots[*].beginsAt", List.class)).isEqualTo(JsonPath.<List<String>>read(line, "$.proposal.slots[*].beginsAt"));
        assertThat(read(day(), "$.plan.pieces[*].name", List.class)).isEqualTo(List.of("Ribs 1", "Ribs 2", "Ribs 3"));
        assertThat(Wire.delete(mvc, "/api/day/plan")).hasStatusOk();
        assertThat(day()).bodyJson().doesNotHavePath("$.plan");
    }

    @Test
    void the_same_question_gets_the_same_answer_within_its_minute() throws Exception {
        rig();
        put(mvc, "/api/day/hours?version=-1", ALL_WEEK);
        String asked = asked(ribs(4, "null"), 4, "");
        String line = proposed(asked);
        String again = proposed(asked);
        if (JsonPath.<String>read(line, "$.proposal.from").equals(JsonPath.<String>read(again, "$.proposal.from"))) {
            assertThat(JsonPath.<Object>read(again, "$.proposal")).isEqualTo(JsonPath.<Object>read(line, "$.proposal"));
        }
    }

    @Test
    void a_piece_laid_on_the_bench_is_the_next_planned_and_the_others_stay_where_people_count_on_them() throws Exception {
        rig();
        put(mvc, "/api/day/hours?version=-1", ALL_WEEK);
        long job = ribs(3, "null");
        String line = proposed(asked(job, 3, ""));
        assertThat(take(asked(job, 3, ""), line)).hasStatusOk();
        MvcTestResult laid = post(mvc, "/api/bench", "{\"name\": \"The first rib\", \"jobId\": %d, \"recipe\": %s}".formatted(job, Wire.recipe(12, 200, Wire.STEAM)));
        long piece = read(laid, "$.id", Long.class);
        assertThat(read(day(), "$.plan.pieces[*].name", List.class)).isEqualTo(List.of("The first rib", "Ribs 2", "Ribs 3"));
        String broke = post(mvc, "/api/bench/" + piece + "/taps", "{\"tap\": \"INTO_HEAT\", \"saidAt\": \"%s\"}".formatted(Instant.now().minusSeconds(120))).getResponse().getContentAsString();
        assertThat(broke).contains("HEATING");
        post(mvc, "/api/bench/" + piece + "/taps", "{\"tap\": \"PULLED\", \"saidAt\": \"%s\"}".formatted(Instant.now().minusSeconds(60)));
        assertThat(post(mvc, "/api/bench/" + piece + "/taps", "{\"tap\": \"BROKE\", \"saidAt\": \"%s\"}".formatted(Instant.now().minusSeconds(30)))).hasStatusOk();
        String mended = proposed(asked(job, null, ""));
        assertThat(JsonPath.<List<String>>read(mended, "$.proposal.pieces[*].name")).as("one begun for the one that broke").containsExactly("Ribs 2", "Ribs 3", "Ribs 4");
        assertThat(JsonPath.<List<String>>read(mended, "$.proposal.slots[?(@.piece == 0)].beginsAt")).isEqualTo(JsonPath.<List<String>>read(line, "$.proposal.slots[?(@.piece == 1)].beginsAt"));
        assertThat(JsonPath.<List<String>>read(mended, "$.proposal.slots[?(@.piece == 1)].beginsAt")).isEqualTo(JsonPath.<List<String>>read(line, "$.proposal.slots[?(@.piece == 2)].beginsAt"));
        assertThat(JsonPath.<Integer>read(mended, "$.proposal.changedMinutes")).isZero();
    }

    @Test
    void a_piece_is_moved_and_a_plan_for_a_bench_that_went_on_is_refused() throws Exception {
        rig();
        put(mvc, "/api/day/hours?version=-1", ALL_WEEK);
        long job = ribs(2, "null");
        Instant later = Instant.now().plusSeconds(20 * 3600);
        String moved = ", \"moved\": [{\"jobId\": %d, \"number\": 1, \"noSooner\": \"%s\"}]".formatted(job, later);
        String line = proposed(asked(job, 2, moved));
        Instant begins = Instant.parse(JsonPath.<List<String>>read(line, "$.proposal.slots[?(@.piece == 0)].beginsAt").get(0));
        assertThat(begins).isAfterOrEqualTo(later.minusSeconds(60));
        String plain = proposed(asked(job, 2, ""));
        assertThat(take(asked(job, 2, moved), plain)).as("another schedule than was asked for").hasStatus(HttpStatus.CONFLICT);
        post(mvc, "/api/bench", "{\"name\": \"One more\", \"recipe\": %s}".formatted(Wire.recipe(12, 200, Wire.STEAM)));
        assertThat(take(asked(job, 2, ""), plain)).as("a piece more on the bench").hasStatus(HttpStatus.CONFLICT);
    }

    /** Read by a library that did not write it. */
    @Test
    void a_calendar_has_every_time_hands_are_wanted_and_its_events_keep_their_names() throws Exception {
        rig();
        put(mvc, "/api/day/hours?version=-1", ALL_WEEK);
        long job = ribs(2, "null");
        String line = proposed(asked(job, 2, ""));
        assertThat(take(asked(job, 2, ""), line)).hasStatusOk();
        List<VEvent> events = calendar();
        assertThat(events).extracting(event -> event.getDateStart().getValue().toInstant().toString())
                .containsExactlyInAnyOrderElementsOf(JsonPath.<List<String>>read(line, "$.proposal.slots[*].beginsAt"));
        assertThat(events).extracting(event -> event.getDateEnd().getValue().toInstant().toString())
                .containsExactlyInAnyOrderElementsOf(JsonPath.<List<String>>read(line, "$.proposal.slots[*].handsOffAt"));
        assertThat(events).extracting(event -> event.getSummary().getValue()).contains("Ribs 1: into the heat", "Ribs 2: off the form, hang to dry");
        assertThat(events).filteredOn(event -> event.getSummary().getValue().contains("bend")).allMatch(event -> event.getDescription().getValue().equals("Rib form"));
        List<Integer> states = events.stream().map(event -> event.getSequence().getValue()).toList();
        List<String> names = events.stream().map(event -> event.getUid().getValue()).sorted().toList();
        assertThat(names).doesNotHaveDuplicates();
        Instant later = Instant.now().plusSeconds(90_000);
        String moved = ", \"moved\": [{\"jobId\": %d, \"number\": 1, \"noSooner\": \"%s\"}]".formatted(job, later);
        assertThat(take(asked(job, 2, moved), proposed(asked(job, 2, moved)))).hasStatusOk();
        assertThat(calendar().stream().map(event -> event.getUid().getValue()).sorted().toList()).as("moved, not doubled").isEqualTo(names);
        assertThat(calendar()).as("newer than before, so that they are moved where they are known").allMatch(event -> event.getSequence().getValue() >= states.get(0));
    }

    private List<VEvent> calendar() throws Exception {
        MvcTestResult answer = mvc.get().uri("/api/day/plan.ics").exchange();
        assertThat(answer).hasStatusOk().hasContentTypeCompatibleWith("text/calendar");
        ICalendar read = Biweekly.parse(answer.getResponse().getContentAsString()).first();
        assertThat(read.validate(ICalVersion.V2_0).isEmpty()).as("%s", read.validate(ICalVersion.V2_0)).isTrue();
        return read.getEvents();
    }

    @Test
    void the_plan_is_shown_though_its_job_is_done_with_and_its_pieces_fall_out_of_the_next() throws Exception {
        rig();
        put(mvc, "/api/day/hours?version=-1", ALL_WEEK);
        long job = ribs(2, "null");
        assertThat(take(asked(job, 2, ""), proposed(asked(job, 2, "")))).hasStatusOk();
        assertThat(Wire.delete(mvc, "/api/jobs/" + job + "?version=0")).hasStatusOk();
        assertThat(read(day(), "$.plan.pieces[*].name", List.class)).isEqualTo(List.of("Ribs 1", "Ribs 2"));
        assertThat(JsonPath.<List<Object>>read(proposed("{\"jobs\": [], \"anew\": false}"), "$.proposal.slots")).isEmpty();
        assertThat(post(mvc, "/api/day/proposals", asked(job, 2, ""))).hasStatus(HttpStatus.NOT_FOUND);
    }

    @Test
    void far_days_and_other_orders_are_refused_with_a_sentence() throws Exception {
        rig();
        put(mvc, "/api/day/hours?version=-1", ALL_WEEK);
        long job = ribs(2, "null");
        String far = ", \"moved\": [{\"jobId\": %d, \"number\": 1, \"noSooner\": \"2090-01-01T00:00:00Z\"}]".formatted(job);
        MvcTestResult never = post(mvc, "/api/day/proposals", asked(job, 2, far));
        assertThat(never).hasStatus(HttpStatus.BAD_REQUEST);
        String line = proposed(asked(job, 2, ""));
        String taken = "{\"asked\": %s, \"from\": \"%s\", \"order\": %s, \"begins\": []}";
        String from = JsonPath.read(line, "$.proposal.from");
        for (String order : List.of("[]", "[0]", "[0, 0]", "[0, 1, 2]", "[-1, 1]", "[2147483647, 0]")) {
            assertThat(put(mvc, "/api/day/plan", taken.formatted(asked(job, 2, ""), from, order))).as(order).hasStatus(HttpStatus.CONFLICT);
        }
        assertThat(put(mvc, "/api/day/plan", taken.formatted(asked(job, 2, ""), "2026-01-01T00:00:00Z", "[0, 1]"))).as("too old").hasStatus(HttpStatus.CONFLICT);
        assertThat(post(mvc, "/api/day/proposals", "{\"jobs\": [{\"id\": %d, \"toStart\": 200}, {\"id\": %d, \"toStart\": 200}]}".formatted(job, job))).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(post(mvc, "/api/day/proposals", "{\"jobs\": null}")).hasStatus(HttpStatus.BAD_REQUEST);
    }

    /** A piece on the bench that took so long from the pull to the last clamp. */
    private long bent(String by, int minutes) {
        long piece = read(post(mvc, "/api/bench", "{\"name\": \"Rib\", \"recipe\": %s}".formatted(Wire.recipe(12, 200, Wire.STEAM))), "$.id", Long.class);
        Instant pulled = Instant.now().minusSeconds(7200);
        for (Map.Entry<String, Instant> tap : List.of(Map.entry("INTO_HEAT", pulled.minusSeconds(1800)), Map.entry("PULLED", pulled), Map.entry("CLAMPED", pulled.plusSeconds(60L * minutes)))) {
            assertThat(post(mvc, "/api/bench/" + piece + "/taps", "{\"tap\": \"%s\", \"saidAt\": \"%s\"%s}".formatted(tap.getKey(), tap.getValue(), by))).hasStatusOk();
        }
        return piece;
    }

    @Test
    void the_bench_tells_how_long_hands_take_once_three_pieces_do() {
        for (int i = 0; i < 3; i++) {
            assertThat(read(day(), "$.hands.bend", Integer.class)).as("after %d pieces", i).isEqualTo(10);
            bent("", 15 + 5 * i);
        }
        assertThat(read(day(), "$.hands.bend", Integer.class)).as("the median of 15, 20 and 25 min").isEqualTo(20);
    }

    @Test
    void a_piece_is_planned_by_the_pace_of_whoever_makes_it() throws Exception {
        rig();
        put(mvc, "/api/day/hours?version=-1", ALL_WEEK);
        for (int i = 0; i < 6; i++) {
            String who = i % 2 == 0 ? "Ada" : "Bo";
            long piece = bent(", \"person\": \"%s\"".formatted(who), who.equals("Ada") ? 31 : 14);
            Wire.delete(mvc, "/api/bench/" + piece + "?version=" + read(mvc.get().uri("/api/bench").exchange(), "$.pieces[0].version", Integer.class));
        }
        for (Map.Entry<String, Integer> pace : Map.of("Ada", 31, "Bo", 14, "Cy", 31).entrySet()) {
            String recipe = Wire.recipe(12, 200, Wire.STEAM);
            String theirs = "{\"person\": \"%s\", %s".formatted(pace.getKey(), recipe.strip().substring(1));
            long job = read(post(mvc, "/api/jobs", "{\"name\": \"Ribs\", \"wanted\": 1, \"certainty\": 0.9, \"flawsPass\": true, \"note\": \"\", \"recipe\": %s}".formatted(theirs)), "$.id", Long.class);
            String line = proposed(asked(job, 1, ""));
            Instant begins = Instant.parse(JsonPath.<List<String>>read(line, "$.proposal.slots[?(@.step == 'BENDING')].beginsAt").get(0));
            Instant handsOff = Instant.parse(JsonPath.<List<String>>read(line, "$.proposal.slots[?(@.step == 'BENDING')].handsOffAt").get(0));
            assertThat(Duration.between(begins, handsOff)).as("%s; who was never measured is as quick as the shop", pace.getKey()).isEqualTo(Duration.ofMinutes(pace.getValue()));
        }
    }

    @Test
    void what_keeps_a_piece_from_the_moment_it_was_moved_to_is_said() throws Exception {
        rig();
        put(mvc, "/api/day/hours?version=-1", ALL_WEEK);
        long job = ribs(2, "null");
        String first = proposed(asked(job, 2, ""));
        assertThat(JsonPath.<List<Object>>read(first, "$.proposal.conflicts[?(@.asked == true)]")).as("nobody asked").isEmpty();
        assertThat(JsonPath.<List<String>>read(first, "$.proposal.conflicts[?(@.piece == 1)].kind")).as("the second waits for the first").doesNotContain("CLOSED").hasSize(1);
        assertThat(take(asked(job, 2, ""), first)).hasStatusOk();
        Instant hour = Instant.parse(JsonPath.<List<String>>read(first, "$.proposal.slots[?(@.piece == 0 && @.step == 'BENDING')].beginsAt").get(0)).plusSeconds(3600);
        String moved = ", \"moved\": [{\"jobId\": %d, \"number\": 2, \"noSooner\": \"%s\"}]".formatted(job, hour);
        String line = proposed(asked(job, 2, moved));
        assertThat(JsonPath.<List<Map<String, Object>>>read(line, "$.proposal.conflicts[?(@.asked == true)]")).singleElement()
                .satisfies(conflict -> assertThat(conflict).containsEntry("kind", "THING_TAKEN").containsEntry("step", "BENDING").containsEntry("piece", 1).containsEntry("holders", List.of(0)));
    }

    /** The thermometer says that the box is cold: bending waits for the heat, and the plan with it. */
    @Test
    void while_the_box_stays_cold_what_comes_after_it_is_planned_later() throws Exception {
        rig();
        put(mvc, "/api/day/hours?version=-1", ALL_WEEK);
        Instant bends = null;
        for (int celsius : new int[] {98, 30}) {
            long piece = read(post(mvc, "/api/bench", "{\"name\": \"Rib at %d\", \"recipe\": %s}".formatted(celsius, Wire.recipe(12, 200, Wire.STEAM))), "$.id", Long.class);
            Instant in = Instant.now().minusSeconds(20 * 60);
            assertThat(post(mvc, "/api/bench/" + piece + "/taps", "{\"tap\": \"INTO_HEAT\", \"saidAt\": \"%s\"}".formatted(in))).hasStatusOk();
            for (int minute = 1; minute < 20; minute += 3) {
                assertThat(post(mvc, "/api/bench/" + piece + "/taps", "{\"tap\": \"READING\", \"celsius\": %d, \"saidAt\": \"%s\"}".formatted(celsius, in.plusSeconds(60 * minute)))).hasStatusOk();
            }
            String line = proposed("{\"jobs\": [], \"anew\": false}");
            Instant begins = Instant.parse(JsonPath.<List<String>>read(line, "$.proposal.slots[?(@.step == 'BENDING')].beginsAt").get(0));
            if (bends == null) {
                bends = begins;
            } else {
                assertThat(begins).isAfter(bends.plusSeconds(600));
            }
            Wire.delete(mvc, "/api/bench/" + piece + "?version=" + read(mvc.get().uri("/api/bench").exchange(), "$.pieces[0].version", Integer.class));
        }
    }

    @Test
    void a_quick_glue_takes_two_pairs_of_hands_where_there_are_two_and_too_quick_a_one_is_said() throws Exception {
        long glue = read(post(mvc, "/api/rig/items", "{\"kind\": \"GLUE\", \"name\": \"Quick\", \"room\": 1, \"note\": \"\", \"openMinutes\": 2}"), "$.id", Long.class);
        String job = post(mvc, "/api/jobs", "{\"name\": \"Stacks\", \"wanted\": 1, \"certainty\": 0.9, \"flawsPass\": true, \"note\": \"\", \"madeWith\": [{\"itemId\": %d, \"takes\": 1}], \"recipe\": %s}"
                .formatted(glue, Wire.recipe(2, 200, Wire.EIGHT_PLIES))).getResponse().getContentAsString();
        long id = JsonPath.<Integer>read(job, "$.id");
        int version = -1;
        int alone = 0;
        for (int people : new int[] {1, 2}) {
            assertThat(put(mvc, "/api/day/hours?version=" + version, ALL_WEEK.replace("\"people\": 1", "\"people\": " + people))).hasStatusOk();
            version = read(day(), "$.hoursVersion", Integer.class);
            String line = proposed(asked(id, 1, ""));
            Map<String, Object> gluing = JsonPath.<List<Map<String, Object>>>read(line, "$.proposal.slots[?(@.step == 'GLUING')]").get(0);
            assertThat(gluing).containsEntry("people", people);
            alone = people == 1 ? (int) gluing.get("overrunMinutes") : alone;
            assertThat((int) gluing.get("overrunMinutes")).as("two are sooner done").isLessThan(people == 1 ? Integer.MAX_VALUE : alone);
        }
        assertThat(alone).isPositive();
    }

    @Test
    void what_fits_into_no_hours_is_said() {
        rig();
        assertThat(put(mvc, "/api/day/hours?version=-1", "{\"people\": 1, \"days\": \"3\", \"opens\": \"08:00\", \"closes\": \"08:20\"}")).hasStatusOk();
        MvcTestResult never = post(mvc, "/api/day/proposals", asked(ribs(1, "null"), 1, ""));
        assertThat(never).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(read(never, "$.errors[0].message", String.class)).contains("Ribs 1").contains("hours of work");
    }

    @Test
    void hours_nobody_works_are_refused_and_older_ones_conflict() {
        assertThat(put(mvc, "/api/day/hours?version=-1", "{\"people\": 0, \"days\": \"\", \"opens\": \"17:00\", \"closes\": \"08:00\"}")).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(put(mvc, "/api/day/hours?version=-1", "{\"people\": 1, \"days\": \"12\", \"opens\": \"17:00\", \"closes\": \"08:00\"}")).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(put(mvc, "/api/day/hours?version=-1", ALL_WEEK)).hasStatusOk();
        assertThat(put(mvc, "/api/day/hours?version=-1", ALL_WEEK)).hasStatus(HttpStatus.CONFLICT);
    }

    @Test
    void a_shop_without_jobs_and_pieces_has_nothing_to_plan() throws Exception {
        assertThat(JsonPath.<List<Object>>read(proposed("{\"jobs\": [], \"anew\": false}"), "$.proposal.slots")).isEmpty();
        assertThat(mvc.get().uri("/api/day/plan.ics").exchange()).hasStatusOk();
    }
}
