package brachion.server.exchange;

import static brachion.server.Wire.delete;
import static brachion.server.Wire.post;
import static brachion.server.Wire.put;
import static brachion.server.Wire.read;
import static org.assertj.core.api.Assertions.assertThat;

import brachion.server.ServerTest;
import brachion.server.Wire;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

@ServerTest
class ExchangeApiTest {

    private static final String HEADINGS = "day,species,seasoning,moisture,thickness [in],width,inner radius,bend angle,method,"
            + "steam,chamber,strap,strap thickness,gap at the stops,ended,flaw,radius after release,smell\n";
    private static final String HOOP =
            "2026-03-01,White ash,air dried,18 %,3/8,1\",5 1/2 in,180°,steam box,45 min,208 °F,,,,clean,,5 3/4 in,\n";

    @Autowired
    private MockMvcTester mvc;
    @Autowired
    private JdbcTemplate database;

    private MvcTestResult send(String uri, byte[] file) {
        return Wire.table(mvc, uri, file);
    }

    private MvcTestResult look(String table) {
        return send("/api/exchange/readings", table.getBytes(StandardCharsets.UTF_8));
    }

    private MvcTestResult bringIn(String table) {
        return send("/api/exchange/trials?fileName=ledger.csv", table.getBytes(StandardCharsets.UTF_8));
    }

    private int trials() {
        return database.queryForObject("select count(*) from trial where deleted_at is null", Integer.class);
    }

    @Test
    void a_table_that_is_wanted_whole_comes_in_whole_or_not_at_all() {
        byte[] torn = (HEADINGS + HOOP + HOOP.replace("White ash", "no such wood")).getBytes(StandardCharsets.UTF_8);
        MvcTestResult refused = send("/api/exchange/trials?fileName=ledger.csv&whole=true", torn);
        assertThat(refused).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(Wire.refusedFields(refused)).containsExactly("file");
        assertThat(read(refused, "$.errors[0].message", String.class)).contains("A row cannot be read", "line 3");
        assertThat(trials()).isZero();
        assertThat(database.queryForObject("select count(*) from row_set_aside", Integer.class)).isZero();
        assertThat(send("/api/exchange/trials?fileName=ledger.csv&whole=true", (HEADINGS + HOOP).getBytes(StandardCharsets.UTF_8))).hasStatusOk();
        assertThat(trials()).isEqualTo(1);
    }

    @Test
    void a_table_in_inches_is_read_as_it_is_written_at_the_bench() {
        MvcTestResult answer = look(HEADINGS + HOOP.replace(",\n", ",like bread\n"));
        assertThat(read(answer, "$.coming", Integer.class)).isEqualTo(1);
        assertThat(read(answer, "$.trials[0].recipe.blank.thicknessMm", Double.class)).isEqualTo(9.525);
        assertThat(read(answer, "$.trials[0].recipe.blank.widthMm", Double.class)).isEqualTo(25.4);
        assertThat(read(answer, "$.trials[0].recipe.innerRadiusMm", Double.class)).isEqualTo(139.7);
        assertThat(read(answer, "$.trials[0].recipe.method.chamberC", Double.class)).isBetween(97.7, 97.8);
        assertThat(read(answer, "$.trials[0].outcome.releasedRadiusMm", Double.class)).isEqualTo(146.05);
        assertThat(read(answer, "$.toNote[0]", String.class)).isEqualTo("smell");
        assertThat(read(answer, "$.trials[0].note", String.class)).contains("smell: like bread")
                .contains("taken as usual: knots clear, soak none.");
        assertThat(read(answer, "$.trials[0].supposed", List.class)).as("nobody said how long it was carried").isEqualTo(List.of("CARRY"));
        assertThat(trials()).as("a look keeps nothing").isZero();
    }

    @Test
    void semicolons_decimal_commas_and_old_spreadsheets_are_read() {
        String table = "Day;Species;Seasoning;Thickness [mm];Width [cm];Inner radius [m];Bend angle [°];Method;Glue;Plies;Ended;Board\r\n"
                + "2026-03-01;Fagus grandifolia;kiln-dried;3,2;2,5;0,24;90;Cold lamination;epoxy;8;clean;Brett für Tür\r\n";
        MvcTestResult answer = send("/api/exchange/readings", table.getBytes(Charset.forName("windows-1252")));
        assertThat(read(answer, "$.trials[0].recipe.blank.thicknessMm", Double.class)).isEqualTo(3.2);
        assertThat(read(answer, "$.trials[0].recipe.innerRadiusMm", Double.class)).isEqualTo(240);
        assertThat(read(answer, "$.trials[0].recipe.board", String.class)).isEqualTo("Brett für Tür");
    }

    @Test
    void rows_that_cannot_be_read_or_contradict_themselves_are_named_with_line_and_reason() {
        MvcTestResult answer = look(HEADINGS + HOOP
                + HOOP.replace("3/8", "3 cubits")
                + HOOP.replace("1\"", "25")
                + HOOP.replace("clean,,5 3/4 in", "broken,snap,5 3/4 in")
                + HOOP.replace("5 3/4 in", "5.75 mm")
                + HOOP.replace("5 1/2 in", "5 1/2 leagues").replace("White ash", "ash wood")
                + HOOP.replace("5 1/2 in", "55 m").replace("5 3/4 in", "")
                + HOOP.replace("steam box", "ropes").replace("2026-03-01", "1 March")
                + HOOP.replace(",clean,", ",,"));
        assertThat(read(answer, "$.coming", Integer.class)).isEqualTo(1);
        assertThat(read(answer, "$.left", Integer.class)).isEqualTo(8);
        assertThat(faults(answer, 0)).containsExactly("thickness [in]");
        assertThat(read(answer, "$.rows[0].line", Integer.class)).isEqualTo(3);
        assertThat(read(answer, "$.rows[0].faults[0].message", String.class)).contains("3 cubits").contains("is not a length");
        assertThat(read(answer, "$.rows[1].faults[0].message", String.class)).contains("“25” has no unit").contains("width [mm]");
        assertThat(read(answer, "$.rows[2].faults[0].message", String.class)).contains("A broken piece has no radius after release");
        assertThat(read(answer, "$.rows[3].faults[0].message", String.class)).contains("inches written as millimetres");
        assertThat(faults(answer, 4)).as("each cell at fault is named").containsExactly("species", "inner radius");
        assertThat(read(answer, "$.rows[4].faults[0].message", String.class)).contains("White ash").contains("Black ash");
        assertThat(read(answer, "$.rows[5].faults[0].message", String.class)).contains("Inner radius");
        assertThat(faults(answer, 6)).containsExactly("day", "method");
        assertThat(faults(answer, 7)).containsExactly("ended");
        assertThat(read(answer, "$.rows[7].line", Integer.class)).isEqualTo(10);
    }

    @Test
    void headings_with_a_strange_unit_are_not_read_as_the_usual_one() {
        MvcTestResult answer = look(HEADINGS.replace("bend angle", "bend angle [rad]").replace("moisture", "moisture [g]")
                .replace("smell", "chamber readings") + HOOP.replace("180°", "3.14").replace(",\n", ",0 = 40; 9 = 97\n"));
        assertThat(faults(answer, 0)).containsExactlyInAnyOrder("moisture [g]", "bend angle [rad]", "chamber readings");
        MvcTestResult slope = look(HEADINGS.replace("smell", "slope of grain") + HOOP.replace(",\n", ",5 %\n")
                + HOOP.replace(",\n", ",1 in 20\n"));
        assertThat(faults(slope, 0)).as("five in a hundred is not one in five").containsExactly("slope of grain");
        assertThat(read(slope, "$.trials[0].recipe.blank.grainRun", Double.class)).isEqualTo(20);
    }

    @Test
    void readings_of_the_chamber_take_the_units_of_their_heading() {
        String reading = HOOP.replace(",\n", ",0 = 104; 12 = 207.5\n");
        for (String unit : List.of("[min, °F]", "[f]", "(°F)")) {
            MvcTestResult answer = look(HEADINGS.replace("smell", "\"chamber readings " + unit + "\"") + reading);
            assertThat(read(answer, "$.trials[0].done.chamber[0].celsius", Double.class)).as(unit).isEqualTo(40);
            assertThat(read(answer, "$.trials[0].done.chamber[1].celsius", Double.class)).as(unit).isEqualTo(97.5);
            assertThat(read(answer, "$.trials[0].done.chamber[1].minutes", Double.class)).as(unit).isEqualTo(12);
        }
        MvcTestResult seconds = look(HEADINGS.replace("smell", "\"chamber readings [s, °C]\"") + HOOP.replace(",\n", ",720 = 97\n"));
        assertThat(read(seconds, "$.trials[0].done.chamber[0].minutes", Double.class)).isEqualTo(12);
        assertThat(faults(look(HEADINGS.replace("smell", "chamber readings [K]") + reading), 0)).containsExactly("chamber readings [K]");
    }

    @Test
    void cells_that_belong_to_another_method_are_not_dropped_without_a_word() {
        MvcTestResult answer = look(HEADINGS.replace("smell", "plies") + HOOP.replace(",\n", ",6\n")
                + HOOP.replace("steam box", "cold lamination").replace(",\n", ",6\n")
                + HOOP.replace("208 °F,,,", "208 °F,,0.9 mm,0 mm"));
        assertThat(faults(answer, 0)).containsExactly("plies");
        assertThat(faults(answer, 1)).containsExactly("steam", "chamber", "glue");
        assertThat(read(answer, "$.rows[1].faults[0].message", String.class)).contains("does not belong to a bend by cold lamination");
        assertThat(faults(answer, 2)).as("a strap of no material").containsExactly("strap");
    }

    @SuppressWarnings("unchecked")
    @Test
    void a_width_no_strap_has_is_a_fault_of_the_width() {
        MvcTestResult answer = look(HEADINGS + HOOP.replace("208 °F,,,,", "208 °F,steel,0.9 mm,0 mm,").replace("1\"", "99 ft"));
        assertThat(faults(answer, 0)).containsExactly("width");
    }

    private static List<String> faults(MvcTestResult answer, int row) {
        return read(answer, "$.rows[%d].faults[*].heading".formatted(row), List.class);
    }

    @Test
    void a_table_comes_in_once_and_its_unread_rows_wait() {
        String table = HEADINGS + HOOP + HOOP + HOOP.replace("3/8", "3 cubits");
        assertThat(bringIn(table)).hasStatusOk();
        assertThat(trials()).as("two pieces alike are two pieces").isEqualTo(2);
        MvcTestResult again = bringIn(table);
        assertThat(read(again, "$.coming", Integer.class)).isZero();
        assertThat(read(again, "$.alreadyHere", Integer.class)).isEqualTo(2);
        assertThat(trials()).isEqualTo(2);
        MvcTestResult waiting = mvc.get().uri("/api/exchange/rows").exchange();
        assertThat(read(waiting, "$.length()", Integer.class)).isEqualTo(1);
        assertThat(read(waiting, "$[0].fileName", String.class)).isEqualTo("ledger.csv");
        assertThat(read(waiting, "$[0].row.line", Integer.class)).isEqualTo(4);
        assertThat(read(waiting, "$[0].row.cells[4].text", String.class)).isEqualTo("3 cubits");
    }

    @Test
    void a_row_that_waits_is_mended_cell_by_cell() {
        bringIn(HEADINGS + HOOP.replace("3/8", "3 cubits"));
        long id = database.queryForObject("select id from row_set_aside", Long.class);
        MvcTestResult still = mend(id, 0, "4 cubits", "");
        assertThat(read(still, "$.row.row.faults[0].message", String.class)).contains("4 cubits");
        assertThat(mend(id, 0, "3/8", "")).as("changed meanwhile").hasStatus(409);
        MvcTestResult mended = mend(id, 1, "3/8", "");
        MvcTestResult trial = mvc.get().uri("/api/trials/" + read(mended, "$.trialId", Long.class)).exchange();
        assertThat(read(trial, "$.recipe.blank.thicknessMm", Double.class)).isEqualTo(9.525);
        assertThat(read(mvc.get().uri("/api/exchange/rows").exchange(), "$.length()", Integer.class)).isZero();
    }

    @Test
    void a_column_the_table_lacks_is_added_to_a_row() {
        bringIn("day,species,seasoning,thickness [in],width [mm],bend angle,method,steam,ended\n"
                + "2026-03-01,White ash,air dried,3/8,25,180,steam box,45 min,clean\n");
        long id = database.queryForObject("select id from row_set_aside", Long.class);
        MvcTestResult waiting = mvc.get().uri("/api/exchange/rows").exchange();
        assertThat(read(waiting, "$[0].row.faults[0].heading", String.class)).isEqualTo("inner radius");
        assertThat(read(mend(id, 0, "3/8", ", {\"heading\": \"inner radius\", \"text\": \"6 in\"}"), "$.trialId", Long.class)).isPositive();
    }

    private MvcTestResult mend(long id, int version, String thickness, String more) {
        String cells = Arrays.stream(new String[] {"day=2026-03-01", "species=White ash", "seasoning=air dried",
            "thickness [in]=" + thickness, "width [mm]=25", "bend angle=180", "method=steam box", "steam=45 min", "ended=clean"})
                .map(cell -> "{\"heading\": \"%s\", \"text\": \"%s\"}".formatted((Object[]) cell.split("=")))
                .collect(Collectors.joining(", "));
        String radius = more.isEmpty() ? ", {\"heading\": \"inner radius\", \"text\": \"5 1/2 in\"}" : more;
        return put(mvc, "/api/exchange/rows/%d?version=%d".formatted(id, version), "{\"cells\": [" + cells + radius + "]}");
    }

    @Test
    void a_row_that_is_discarded_can_be_brought_back() {
        bringIn(HEADINGS + HOOP.replace("3/8", "3 cubits"));
        long id = database.queryForObject("select id from row_set_aside", Long.class);
        assertThat(Wire.delete(mvc, "/api/exchange/rows/" + id)).hasStatus(204);
        assertThat(read(mvc.get().uri("/api/exchange/rows").exchange(), "$.length()", Integer.class)).isZero();
        assertThat(post(mvc, "/api/exchange/rows/%d/restoration".formatted(id), "{}")).hasStatusOk();
        assertThat(read(mvc.get().uri("/api/exchange/rows").exchange(), "$.length()", Integer.class)).isEqualTo(1);
    }

    @Test
    void what_is_no_table_of_trials_is_refused_whole() {
        for (String file : new String[] {"", " \n", "a,b,c\n1,2,3\n", "day,species\n2026-03-01,\"White ash\n",
            "thickness [mm],thickness [in]\n3,4\n"}) {
            assertThat(look(file)).as("“" + file + "”").hasStatus(400);
            assertThat(Wire.refusedFields(look(file))).containsExactly("file");
        }
        assertThat(look("x".repeat(20_000_001))).hasStatus(400);
    }

    @Test
    void a_trial_told_with_everything_usual_spelled_out_is_known_again_in_ones_own_table() {
        String spelledOut = Wire.recipe(12, 200, Wire.STEAM.replace("}", ", \"soakAdditive\": \"NONE\"}"))
                .replace("\"knots\"", "\"outerFace\": \"SAWN\", \"knots\"").replace("\"method\"", "\"person\": \" Odo \", \"board\": \" \", \"method\"");
        Wire.post(mvc, "/api/trials", Wire.trial(spelledOut, "{\"severity\": \"CLEAN\"}"));
        String table = new String(mvc.get().uri("/api/exchange/trials?units=METRIC").exchange().getResponse().getContentAsByteArray(), StandardCharsets.UTF_8);
        MvcTestResult again = bringIn(table);
        assertThat(read(again, "$.coming", Integer.class)).isZero();
        assertThat(read(again, "$.alreadyHere", Integer.class)).isEqualTo(1);
    }

    @Test
    void what_one_table_brought_in_is_taken_back_by_one_touch() {
        bringIn(HEADINGS + HOOP);
        MvcTestResult second = bringIn(HEADINGS + HOOP.replace("5 1/2 in", "7 in").replace("5 3/4 in", "") + HOOP.replace("White ash", "Nowood"));
        assertThat(trials()).isEqualTo(2);
        assertThat(read(mvc.get().uri("/api/exchange/rows").exchange(), "$.length()", Integer.class)).isEqualTo(1);
        String table = "/api/exchange/tables/" + read(second, "$.table", Long.class);
        assertThat(read(mvc.get().uri("/api/exchange/tables").exchange(), "$[*].trials", List.class)).isEqualTo(List.of(1, 1));
        assertThat(delete(mvc, table)).hasStatus(204);
        assertThat(trials()).as("what was there before stays").isEqualTo(1);
        assertThat(read(mvc.get().uri("/api/exchange/rows").exchange(), "$.length()", Integer.class)).isZero();
        assertThat(delete(mvc, table)).as("twice is once").hasStatus(204);
        assertThat(read(mvc.get().uri("/api/exchange/tables").exchange(), "$.length()", Integer.class)).isEqualTo(1);
        assertThat(post(mvc, table + "/restoration", "")).hasStatus(204);
        assertThat(trials()).as("and brought back").isEqualTo(2);
        assertThat(read(mvc.get().uri("/api/exchange/rows").exchange(), "$.length()", Integer.class)).isEqualTo(1);
    }

    /** A notebook that says little: the rest is supposed, told as such, left empty where it leaves, and known once somebody knows it. */
    @Test
    void what_nobody_wrote_down_is_supposed_and_stays_so_until_somebody_knows() {
        String little = "day,species,thickness,inner radius,method,steam,ended,flaw\n2026-03-01,White ash,10 mm,200 mm,steam box,45 min,clean,\n2026-03-02,White ash,3 mm,300 mm,cold lamination,,clean,\n";
        MvcTestResult looked = look(little);
        assertThat(read(looked, "$.trials[0].supposed", List.class)).isEqualTo(List.of("SEASONING", "WIDTH", "ANGLE", "CARRY", "HEAT"));
        assertThat(read(looked, "$.trials[0].note", String.class)).doesNotContain("carry", "chamber");
        assertThat(read(looked, "$.rows[0].faults[0].message", String.class)).as("plies and glue are no things to suppose").isNotEmpty();
        bringIn(little);
        long id = database.queryForObject("select id from trial", Long.class);
        MvcTestResult stored = mvc.get().uri("/api/trials/" + id).exchange();
        assertThat(read(stored, "$.supposed", List.class)).hasSize(5);
        assertThat(read(stored, "$.recipe.angleDegrees", Double.class)).isEqualTo(90);
        for (String kind : List.of("trials?units=INCH", "trials?units=METRIC", "document", "workbook")) {
            MvcTestResult again = send("/api/exchange/readings", mvc.get().uri("/api/exchange/" + kind).exchange().getResponse().getContentAsByteArray());
            assertThat(read(again, "$.alreadyHere", Integer.class)).as(kind).isEqualTo(1);
        }
        assertThat(mvc.get().uri("/api/trials/" + id + "/forecast").exchange()).as("it can be asked about like any other").hasStatusOk();
        String known = "{\"bentOn\": \"2026-03-01\", \"recipe\": %s, \"outcome\": {\"severity\": \"CLEAN\"}, \"note\": \"\", \"supposed\": [\"CARRY\"]}".formatted(Wire.recipe(10, 200, Wire.STEAM));
        assertThat(put(mvc, "/api/trials/" + id + "?version=0", known)).hasStatusOk();
        assertThat(read(mvc.get().uri("/api/trials/" + id).exchange(), "$.supposed", List.class)).isEqualTo(List.of("CARRY"));
        assertThat(put(mvc, "/api/trials/" + id + "?version=1", known.replace("CARRY", "WEATHER"))).hasStatus(HttpStatus.BAD_REQUEST);
    }

    @Test
    void a_verdict_with_everything_seen_leaves_and_comes_back_as_it_was() {
        post(mvc, "/api/trials", Wire.trial(Wire.recipe(12, 200, Wire.STEAM), """
                {"severity": "FLAW", "flaw": "INNER_CREASE", "flawAt": "END", "releasedChordMm": 240, "releasedGapMm": 5, "twistDegrees": 2.5, "cupMm": 1.5,
                 "also": [{"flaw": "OUTER_SPLINTER", "severity": "FLAW", "flawAt": "MIDDLE"}, {"flaw": "GRAIN_SPLIT", "severity": "FLAW"}],
                 "mended": "scraped", "nextTime": "a strap"}"""));
        String table = new String(mvc.get().uri("/api/exchange/trials").exchange().getResponse().getContentAsByteArray(), StandardCharsets.UTF_8);
        assertThat(table).contains("along the bend", "scraped");
        assertThat(read(look(table), "$.alreadyHere", Integer.class)).as("word for word the same").isEqualTo(1);
        database.update("update trial set deleted_at = now()");
        bringIn(table);
        assertThat(trials()).isEqualTo(1);
        MvcTestResult back = mvc.get().uri("/api/trials").exchange();
        assertThat(read(back, "$.trials[0].outcome.flawAt", String.class)).isEqualTo("END");
        assertThat(read(back, "$.trials[0].outcome.cupMm", Double.class)).isEqualTo(1.5);
        assertThat(read(back, "$.trials[0].outcome.also[*].flaw", List.class)).isEqualTo(List.of("OUTER_SPLINTER", "GRAIN_SPLIT"));
        assertThat(read(back, "$.trials[0].outcome.also[0].flawAt", String.class)).isEqualTo("MIDDLE");
        assertThat(read(back, "$.trials[0].outcome.releasedGapMm", Double.class)).isEqualTo(5);
        assertThat(read(back, "$.trials[0].outcome.nextTime", String.class)).isEqualTo("a strap");
    }
}
