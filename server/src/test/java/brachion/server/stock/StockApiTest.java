package brachion.server.stock;

import static brachion.server.Wire.delete;
import static brachion.server.Wire.post;
import static brachion.server.Wire.put;
import static brachion.server.Wire.read;
import static brachion.server.Wire.refusedFields;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.server.ServerTest;
import brachion.server.Wire;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** Boards in stock and the blanks on them, as the page asks for them. */
@ServerTest
class StockApiTest {

    private static final String KNOT = "{\"kind\": \"KNOT\", \"alongMm\": 300, \"acrossMm\": 10, \"lengthMm\": 20, \"widthMm\": 20}";
    private static final String MARKS = "{\"radiusMm\": 5, \"thicknessMm\": 0.5}";
    private static final String BLANK = """
            {"name": "Rim 1", "alongMm": %s, "acrossMm": 0, "lengthMm": 866, "widthMm": 27, "bentFromMm": 100, "bentToMm": 766}""";

    @Autowired
    private MockMvcTester mvc;

    private static String board(String name, String marks, String readings, String blanks) {
        return """
                {"name": "%s", "speciesId": "white-ash", "seasoning": "AIR_DRIED", "growthRings": "FLAT", "grainRun": 20, "lengthMm": 2400, "widthMm": 160,
                 "thicknessMm": 27, "kerfMm": 3, "place": "Loft", "price": "40 a board", "note": "", "marks": [%s], "readings": [%s], "blanks": [%s]}"""
                .formatted(name, marks, readings, blanks);
    }

    private MvcTestResult boards() {
        return mvc.get().uri("/api/stock/boards").exchange();
    }

    private long laid(String board) {
        MvcTestResult laid = post(mvc, "/api/stock/boards", board);
        assertThat(laid).hasStatus(HttpStatus.CREATED);
        return read(laid, "$.id", Long.class);
    }

    @Test
    void a_board_is_kept_with_everything_known_of_it() {
        long id = laid(board("Ash A", KNOT, """
                {"readOn": "2026-03-01", "sampleWetG": 120, "sampleDryG": 100, "massG": 6000}, {"readOn": "2026-04-01", "massG": 5500}""",
                BLANK.formatted(0)));
        MvcTestResult read = boards();
        assertThat(read(read, "$[0].board.marks[0].kind", String.class)).isEqualTo("KNOT");
        assertThat(read(read, "$[0].board.price", String.class)).isEqualTo("40 a board");
        // oven dry 6000/1.2 = 5000 g, so 5500 g is 10 %
        assertThat(read(read, "$[0].moisture[1].percent", Double.class)).isCloseTo(10, within(1e-9));
        assertThat(read(read, "$[0].moisture[1].how", String.class)).isEqualTo("SCALE");
        assertThat(read(read, "$[0].leftShare", Double.class)).isCloseTo(1 - 866.0 * 27 / (2400 * 160), within(1e-9));
        assertThat(read(read, "$[0].board.blanks[0].cut", Boolean.class)).isFalse();
        MvcTestResult sawn = put(mvc, "/api/stock/boards/%d?version=0".formatted(id), board("Ash A", "", "", BLANK.formatted(0).replace("}", ", \"cut\": true}")));
        assertThat(read(sawn, "$.board.blanks[0].cut", Boolean.class)).isTrue();
        MvcTestResult changed = put(mvc, "/api/stock/boards/%d?version=1".formatted(id), board("Ash A", "", "", ""));
        assertThat(read(changed, "$.board.marks.length()", Integer.class)).isZero();
        assertThat(put(mvc, "/api/stock/boards/%d?version=0".formatted(id), board("Ash A", "", "", ""))).hasStatus(HttpStatus.CONFLICT);
        assertThat(delete(mvc, "/api/stock/boards/%d?version=2".formatted(id))).hasStatusOk();
        assertThat(read(boards(), "$.length()", Integer.class)).isZero();
        assertThat(post(mvc, "/api/stock/boards/%d/restoration".formatted(id), "")).hasStatusOk();
        assertThat(read(boards(), "$[0].board.name", String.class)).isEqualTo("Ash A");
    }

    /** One of them is stored, the others are told that it was changed meanwhile. */
    @Test
    void edits_of_one_board_at_the_same_moment_are_one_change_and_conflicts() {
        for (int round = 0; round < 5; round++) {
            long id = laid(board("Ash at once " + round, "", "", ""));
            List<Integer> answers = IntStream.range(0, 4).parallel().mapToObj(i -> put(mvc, "/api/stock/boards/%d?version=0".formatted(id),
                    board("Ash renamed %d %d".formatted(id, i), KNOT, "", "")).getResponse().getStatus()).sorted().toList();
            assertThat(answers).as("round %d", round).startsWith(200).allMatch(status -> status == 200 || status == 409 || status == 503);
            assertThat(answers).filteredOn(status -> status == 200).hasSize(1);
        }
    }

    /** A board in stock is the one trials name: called otherwise, it is so in all of them. */
    @Test
    void trials_follow_the_name_of_their_board() {
        long trial = read(post(mvc, "/api/trials", Wire.cleanTrial().replace("\"innerRadiusMm\"", "\"board\": \"Ash A\", \"innerRadiusMm\"")), "$.id", Long.class);
        long id = laid(board("Ash A", "", "", ""));
        assertThat(put(mvc, "/api/stock/boards/%d?version=0".formatted(id), board("Ash, left", "", "", ""))).hasStatusOk();
        assertThat(read(mvc.get().uri("/api/trials/" + trial).exchange(), "$.recipe.board", String.class)).isEqualTo("Ash, left");
        assertThat(refusedFields(post(mvc, "/api/stock/boards", board("Ash, left", "", "", "")))).containsExactly("name");
        long other = laid(board("Ash B", "", "", ""));
        assertThat(refusedFields(put(mvc, "/api/stock/boards/%d?version=0".formatted(other), board("Ash, left", "", "", "")))).containsExactly("name");
    }

    @Test
    void two_names_of_one_board_are_one_in_stock_too() {
        post(mvc, "/api/trials", Wire.cleanTrial().replace("\"innerRadiusMm\"", "\"board\": \"Ash A\", \"innerRadiusMm\""));
        post(mvc, "/api/trials", Wire.cleanTrial().replace("\"innerRadiusMm\"", "\"board\": \"the ash\", \"innerRadiusMm\""));
        laid(board("the ash", "", "", ""));
        assertThat(takenForOne("the ash", "Ash A")).hasStatusOk();
        assertThat(read(boards(), "$[*].board.name", List.class)).isEqualTo(List.of("Ash A"));
        post(mvc, "/api/trials", Wire.cleanTrial().replace("\"innerRadiusMm\"", "\"board\": \"Ash B\", \"innerRadiusMm\""));
        laid(board("Ash B", "", "", ""));
        assertThat(refusedFields(takenForOne("Ash B", "Ash A"))).containsExactly("name");
    }

    private MvcTestResult takenForOne(String name, String other) {
        List<Integer> keys = read(mvc.get().uri("/api/names").exchange(), "$.boards[?(@.name == '%s')].id".formatted(name), List.class);
        return put(mvc, "/api/names/BOARD/%d?version=0&asOne=true".formatted(keys.get(0)), "{\"name\": \"%s\"}".formatted(other));
    }

    @Test
    void what_cannot_be_is_refused_by_name() {
        assertThat(refusedFields(post(mvc, "/api/stock/boards", board("A", KNOT.replace("300", "2500"), "", "")))).containsExactly("marks[0]");
        assertThat(refusedFields(post(mvc, "/api/stock/boards", board("A", "", "{\"readOn\": \"2026-03-01\"}", "")))).containsExactly("readings[0]");
        assertThat(refusedFields(post(mvc, "/api/stock/boards",
                board("A", "", "{\"readOn\": \"2026-03-01\", \"sampleWetG\": 90, \"sampleDryG\": 100}", "")))).containsExactly("readings[0]");
        assertThat(refusedFields(post(mvc, "/api/stock/boards",
                board("A", "", "{\"readOn\": \"2026-03-01\", \"sampleWetG\": 310, \"sampleDryG\": 100}", "")))).containsExactly("readings[0]");
        assertThat(refusedFields(post(mvc, "/api/stock/boards", board("A", "", "", BLANK.formatted(0).replace("766", "900"))))).containsExactly("blanks[0]");
        assertThat(refusedFields(post(mvc, "/api/stock/boards", board(" ", "", "", "").replace("2400", "1e9")))).containsExactlyInAnyOrder("name", "lengthMm");
        assertThat(refusedFields(post(mvc, "/api/stock/boards", board("A", "", "", "").replace("white-ash", "unobtainium")))).containsExactly("speciesId");
    }

    private MvcTestResult layout(String board) {
        MvcTestResult answer = post(mvc, "/api/stock/layout", "{\"board\": %s, \"recipe\": %s, \"marks\": %s}".formatted(board, Wire.recipe(12, 200, Wire.STEAM), MARKS));
        assertThat(answer).hasStatusOk();
        return answer;
    }

    @Test
    void a_blank_moved_off_a_knot_has_the_better_odds_and_its_recipe_says_why() {
        String dry = "{\"readOn\": \"2026-03-01\", \"moisturePercent\": 14}";
        MvcTestResult over = layout(board("A", KNOT, dry, BLANK.formatted(0)));
        MvcTestResult beside = layout(board("A", KNOT, dry, BLANK.formatted(900)));
        assertThat(read(over, "$.blanks[0].inBend[0]", Integer.class)).isZero();
        assertThat(read(over, "$.blanks[0].recipe.blank.knots", String.class)).isEqualTo("IN_BEND");
        assertThat(read(beside, "$.blanks[0].recipe.blank.knots", String.class)).isEqualTo("CLEAR");
        assertThat(read(beside, "$.blanks[0].recipe.blank.grainRun", Double.class)).isEqualTo(20);
        assertThat(read(beside, "$.blanks[0].recipe.blank.moisturePercent", Double.class)).isEqualTo(14);
        assertThat(read(beside, "$.blanks[0].recipe.board", String.class)).isEqualTo("A");
        assertThat(read(beside, "$.blanks[0].unbroken.probability", Double.class))
                .isGreaterThan(read(over, "$.blanks[0].unbroken.probability", Double.class) + 0.02);
        // the page of the forecast says the same of that recipe
        String recipe = com.jayway.jsonpath.JsonPath.parse(read(beside, "$.blanks[0].recipe", java.util.Map.class)).jsonString();
        assertThat(read(Wire.forecast(mvc, recipe), "$.unbroken.probability", Double.class))
                .isEqualTo(read(beside, "$.blanks[0].unbroken.probability", Double.class));
        MvcTestResult off = layout(board("A", KNOT, dry, BLANK.formatted(2000)));
        assertThat(read(off, "$.blanks[0].trouble", String.class)).isEqualTo("OFF_THE_BOARD");
    }

    @Test
    void blanks_for_a_job_of_plies_say_which_plies_they_are() {
        String recipe = Wire.recipe(3, 200, "{\"kind\": \"COLD_LAMINATION\", \"glue\": \"UREA_RESIN\", \"plies\": 7}");
        long job = read(post(mvc, "/api/jobs", "{\"name\": \"Arch\", \"wanted\": 1, \"certainty\": 0.9, \"flawsPass\": true, \"note\": \"\", \"recipe\": %s}".formatted(recipe)), "$.id", Long.class);
        String asked = "{\"board\": %s, \"recipe\": %s, \"name\": \"Ply\", \"wanted\": 2, \"marks\": %s, \"jobId\": %d}";
        MvcTestResult two = post(mvc, "/api/stock/proposal", asked.formatted(board("A", "", "", ""), recipe, MARKS, job));
        int each = read(two, "$.size.piecesEach", Integer.class);
        assertThat(each).as("3 mm, planed 1/16 in more, and the cut, out of 27 mm").isEqualTo((int) Math.floor((27 + 3) / (3 + 25.4 / 16 + 3)));
        assertThat(read(two, "$.size.plies", Integer.class)).isEqualTo(7);
        assertThat(read(two, "$.blanks[*].ply", List.class)).isEqualTo(List.of(1, 1 + each));
        assertThat(read(two, "$.blanks[0].jobId", Long.class)).isEqualTo(job);
        String laid = com.jayway.jsonpath.JsonPath.parse(read(two, "$.blanks", List.class)).jsonString();
        String board = board("A", "", "", laid.substring(1, laid.length() - 1));
        assertThat(read(post(mvc, "/api/stock/proposal", asked.formatted(board, recipe, MARKS, job)), "$.blanks[0].ply", Integer.class)).as("goes on, and begins anew with the next piece")
                .isEqualTo(2 * each % 7 + 1);
        MvcTestResult kept = post(mvc, "/api/stock/boards", board);
        assertThat(kept).hasStatus(HttpStatus.CREATED);
        assertThat(refusedFields(post(mvc, "/api/stock/boards", board.replace("\"A\"", "\"B\"").replaceFirst("\"jobId\":" + job, "\"jobId\":99999")))).containsExactly("blanks");
        delete(mvc, "/api/jobs/" + job + "?version=0");
        assertThat(put(mvc, "/api/stock/boards/" + read(kept, "$.id", Long.class) + "?version=0", board)).as("a job that is done with stays named").hasStatusOk();
    }

    @Test
    void blanks_are_proposed_where_the_odds_are_best_and_fit_the_bend() {
        MvcTestResult answer = post(mvc, "/api/stock/proposal", "{\"board\": %s, \"recipe\": %s, \"name\": \"Rim\", \"wanted\": 3, \"marks\": %s}"
                .formatted(board("A", KNOT, "", ""), Wire.recipe(12, 200, Wire.STEAM), MARKS));
        double arc = Math.PI * 212;
        assertThat(read(answer, "$.size.lengthMm", Double.class)).isEqualTo(Math.ceil((arc + 200) / 5) * 5);
        assertThat(read(answer, "$.size.piecesEach", Integer.class)).as("12 + 3 + 12 of 27 mm").isEqualTo(2);
        assertThat(read(answer, "$.blanks[*].name", List.class)).isEqualTo(List.of("Rim 1", "Rim 2", "Rim 3"));
        // in the lowest row the bend begins where the knot's grain ends, at 340 mm
        assertThat(read(answer, "$.blanks[0].alongMm", Double.class) + read(answer, "$.blanks[0].bentFromMm", Double.class)).isCloseTo(340, within(1e-9));
        String laid = com.jayway.jsonpath.JsonPath.parse(read(answer, "$.blanks", List.class)).jsonString();
        MvcTestResult checked = layout(board("A", KNOT, "", laid.substring(1, laid.length() - 1)));
        assertThat(read(checked, "$.blanks[?(@.trouble)]", List.class)).isEmpty();
        assertThat(refusedFields(post(mvc, "/api/stock/proposal", "{\"board\": %s, \"recipe\": %s, \"name\": \"Rim\", \"wanted\": 0, \"marks\": %s}"
                .formatted(board("A", KNOT, "", ""), Wire.recipe(12, 200, Wire.STEAM), MARKS)))).containsExactly("wanted");
    }
}
