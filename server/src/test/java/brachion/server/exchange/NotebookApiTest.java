package brachion.server.exchange;

import static brachion.server.Wire.put;
import static brachion.server.Wire.read;
import static brachion.server.Wire.refusedFields;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.server.ServerTest;
import brachion.server.Wire;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Invented notebooks of different habits, each with what must come out of it. */
@ServerTest
class NotebookApiTest {

    private static final JsonMapper JSON = JsonMapper.shared();
    private static final double INCH = 25.4;

    /** As people really keep one. */
    private static final String USUAL = """
            Date,Wood,MC,Thick,Width,Bend radius,Steam time,Strap?,Result,Remarks
            3/14/2025,Ash,8%,3/8,1-1/2,7 in,45,no,snapped,first go
            3/15/2025,Ash,8%,3/8,1-1/2,7 in,60,yes,ok,
            3/21/2025,Red oak,18%,1/2,1,6,60,no,small crack,sanded out
            """;

    @Autowired
    private MockMvcTester mvc;

    private MvcTestResult send(String uri, byte[] file) {
        return Wire.table(mvc, uri, file);
    }

    private MvcTestResult look(String table) {
        return send("/api/exchange/notebooks", table.getBytes(StandardCharsets.UTF_8));
    }

    private MvcTestResult reading(String table) {
        return send("/api/exchange/readings", table.getBytes(StandardCharsets.UTF_8));
    }

    /** What the page does: says what is asked, keeps it, and looks again. */
    private MvcTestResult said(MvcTestResult looked, Map<String, String> words, Map<String, String> given) {
        ObjectNode translation = (ObjectNode) JSON.readTree(body(looked)).get("translation");
        for (JsonNode word : (ArrayNode) translation.get("words")) {
            String text = word.get("text").asString();
            if (words.containsKey(text)) {
                ((ObjectNode) word).put("means", words.get(text));
            }
        }
        for (JsonNode each : (ArrayNode) translation.get("given")) {
            String column = each.get("column").asString();
            if (given.containsKey(column)) {
                ((ObjectNode) each).put("text", given.get(column));
            }
        }
        MvcTestResult kept = put(mvc, "/api/exchange/notebooks/" + read(looked, "$.shape", String.class), translation.toString());
        assertThat(kept).hasStatus(204);
        return kept;
    }

    private static String body(MvcTestResult answer) {
        return new String(answer.getResponse().getContentAsByteArray(), StandardCharsets.UTF_8);
    }

    @Test
    void lines_written_freely_come_in_after_what_they_do_not_say() {
        String lines = "3/8 ash, 1.5h steam, strap, 7in, snapped\n1/2 red oak, 1h steam, 8in, ok\n";
        MvcTestResult looked = look(lines);
        assertThat(read(looked, "$.translation.columns[*].column", List.class)).isEqualTo(List.of("species", "thickness", "inner radius", "method", "steam", "strap", "ended"));
        said(looked, Map.of("ash", "White ash"), Map.of("day", "2025-03-14", "seasoning", "kiln dried", "width", "1 in", "bend angle", "180", "strap thickness", "0.9 mm", "gap at the stops", "0 mm", "strap", "none"));
        MvcTestResult read = reading(lines);
        assertThat(read(read, "$.left", Integer.class)).as(body(read)).isZero();
        assertThat(read(read, "$.coming", Integer.class)).isEqualTo(2);
        assertThat(read(read, "$.trials[0].recipe.blank.thicknessMm", Double.class)).isCloseTo(3 / 8.0 * INCH, within(1e-9));
        assertThat(read(read, "$.trials[0].recipe.method.steamMinutes", Double.class)).isEqualTo(90);
        assertThat(read(read, "$.trials[1].recipe.innerRadiusMm", Double.class)).isCloseTo(8 * INCH, within(1e-9));
        assertThat(read(read, "$.trials[*].outcome.severity", List.class)).isEqualTo(List.of("BROKEN", "CLEAN"));
    }

    @Test
    void a_usual_notebook_is_understood_but_for_what_it_does_not_say() {
        MvcTestResult looked = look(USUAL);
        assertThat(read(looked, "$.translation.columns[*].column", List.class)).isEqualTo(List.of("day", "species", "moisture", "thickness", "width", "inner radius", "steam",
                "strap", "ended", "note"));
        assertThat(read(looked, "$.translation.columns[?(@.column == 'thickness')].unit", List.class)).isEqualTo(List.of("in"));
        assertThat(read(looked, "$.translation.columns[?(@.column == 'steam')].unit", List.class)).isEqualTo(List.of("min"));
        assertThat(read(looked, "$.translation.columns[0].dayOrder", String.class)).as("no month has 14").isEqualTo("MONTH_FIRST");
        assertThat(read(looked, "$.translation.words[?(@.text == 'Ash')].means", List.class)).as("which ash, it asks").isEqualTo(List.of(""));
        assertThat(read(looked, "$.words[?(@.text == 'Ash')].offered[0:6]", List.class)).contains("White ash");
        assertThat(read(looked, "$.translation.words[?(@.text == 'snapped')].means", List.class)).isEqualTo(List.of("broken, snap"));
        assertThat(read(looked, "$.translation.words[?(@.text == 'Red oak')].means", List.class)).isEqualTo(List.of("Northern red oak"));
        assertThat(read(looked, "$.translation.given[*].column", List.class)).contains("seasoning", "bend angle", "method", "strap thickness", "gap at the stops")
                .doesNotContain("width", "steam", "carry", "chamber");
        assertThat(read(reading(USUAL), "$.coming", Integer.class)).as("nothing is taken in before it was said").isZero();

        said(looked, Map.of("Ash", "White ash"), Map.of("bend angle", "90"));
        MvcTestResult read = reading(USUAL);
        assertThat(read(read, "$.left", Integer.class)).as(body(read)).isZero();
        assertThat(read(read, "$.coming", Integer.class)).isEqualTo(3);
        assertThat(read(read, "$.trials[*].bentOn", List.class)).isEqualTo(List.of("2025-03-14", "2025-03-15", "2025-03-21"));
        assertThat(read(read, "$.trials[0].recipe.blank.thicknessMm", Double.class)).isCloseTo(3 / 8.0 * INCH, within(1e-9));
        assertThat(read(read, "$.trials[0].recipe.blank.widthMm", Double.class)).isCloseTo(1.5 * INCH, within(1e-9));
        assertThat(read(read, "$.trials[2].recipe.innerRadiusMm", Double.class)).isCloseTo(6 * INCH, within(1e-9));
        assertThat(read(read, "$.trials[0].recipe.method.steamMinutes", Double.class)).isEqualTo(45);
        assertThat(read(read, "$.trials[1].recipe.method.strap.material", String.class)).isEqualTo("STEEL");
        assertThat(read(read, "$.trials[*].outcome.severity", List.class)).isEqualTo(List.of("BROKEN", "CLEAN", "FLAW"));
        assertThat(read(read, "$.trials[*].outcome.flaw", List.class)).isEqualTo(List.of("SNAP", "OUTER_SPLINTER"));
        assertThat(read(read, "$.trials[0].note", String.class)).contains("first go").contains("bend angle 90");

        assertThat(send("/api/exchange/trials?fileName=notebook.csv", USUAL.getBytes(StandardCharsets.UTF_8))).hasStatusOk();
        MvcTestResult again = reading(USUAL);
        assertThat(read(again, "$.coming", Integer.class)).as("nothing comes in twice").isZero();
        assertThat(read(again, "$.alreadyHere", Integer.class)).isEqualTo(3);
        assertThat(read(look(USUAL.replace("3/21/2025,Red oak,18%,1/2,1,6,60,no,small crack,sanded out\n", "4/1/2025,Ash,9%,1/4,1,5,40,no,ok,\n")), "$.remembered", Boolean.class))
                .as("a table under the same headings").isTrue();
    }

    @Test
    void german_headings_commas_and_days_first() {
        String table = """
                Biegeversuche Werkstatt;;;;;;;;
                Datum;Holzart;Feuchte;Dicke (mm);Breite (mm);Biegeradius (mm);Dampfzeit;Zugband;Ergebnis
                14.3.2025;Esche;12,5;9,5;38;180;45;ja;gut
                2.4.2025;Buche;11;12;25;150;1 h;nein;gebrochen
                ;;;;;;;;
                Summe;;;;;;;;2
                """;
        MvcTestResult looked = look(table);
        assertThat(read(looked, "$.translation.columns[*].column", List.class)).isEqualTo(List.of("day", "species", "moisture", "thickness", "width", "inner radius", "steam",
                "strap", "ended"));
        assertThat(read(looked, "$.columns[3].guessed", Boolean.class)).as("its heading says mm").isFalse();
        said(looked, Map.of(), Map.of("bend angle", "90"));
        MvcTestResult read = reading(table);
        assertThat(read(read, "$.left", Integer.class)).as(body(read)).isZero();
        assertThat(read(read, "$.trials[*].recipe.blank.speciesId", List.class)).isEqualTo(List.of("european-ash", "european-beech"));
        assertThat(read(read, "$.trials[*].bentOn", List.class)).isEqualTo(List.of("2025-03-14", "2025-04-02"));
        assertThat(read(read, "$.trials[0].recipe.blank.moisturePercent", Double.class)).isEqualTo(12.5);
        assertThat(read(read, "$.trials[1].recipe.method.steamMinutes", Double.class)).isEqualTo(60);
    }

    @Test
    void french_headings_in_an_old_character_set_with_tabs() {
        String table = "Jour\tEssence\tHumidité\tÉpaisseur (mm)\tLargeur (mm)\tRayon (mm)\tTemps de vapeur (min)\tRésultat\n"
                + "05/11/2024\tFrêne\t15\t10\t30\t200\t50\tréussi\n" + "25/11/2024\tHêtre\t15\t10\t30\t200\t50\tcassé\n";
        byte[] file = table.getBytes(Charset.forName("windows-1252"));
        MvcTestResult looked = send("/api/exchange/notebooks", file);
        said(looked, Map.of(), Map.of("bend angle", "120"));
        MvcTestResult read = send("/api/exchange/readings", file);
        assertThat(read(read, "$.left", Integer.class)).as(body(read)).isZero();
        assertThat(read(read, "$.trials[*].bentOn", List.class)).as("one day is a 25th").isEqualTo(List.of("2024-11-05", "2024-11-25"));
        assertThat(read(read, "$.trials[*].outcome.severity", List.class)).isEqualTo(List.of("CLEAN", "BROKEN"));
    }

    @Test
    void size_in_one_cell_blank_columns_and_hours_of_steam() {
        String table = """
                ,when,timber,,stock size,radius,steamed,dried,bend,how it went,by
                ,Mar 3 2024,white oak,,7/8 x 1 1/4,9,1.5,AD,180,broke,Odo
                ,Mar 9 2024,white oak,,7/8 x 1 1/4,9,2,green,180,held,Odo
                """;
        MvcTestResult looked = look(table);
        assertThat(read(looked, "$.translation.columns[*].column", List.class)).isEqualTo(List.of("day", "species", "thickness × width", "inner radius", "steam", "seasoning",
                "bend angle", "ended", "person"));
        assertThat(read(looked, "$.translation.columns[4].unit", String.class)).isEqualTo("h");
        said(looked, Map.of(), Map.of());
        MvcTestResult read = reading(table);
        assertThat(read(read, "$.left", Integer.class)).as(body(read)).isZero();
        assertThat(read(read, "$.trials[0].recipe.blank.thicknessMm", Double.class)).isCloseTo(7 / 8.0 * INCH, within(1e-9));
        assertThat(read(read, "$.trials[0].recipe.blank.widthMm", Double.class)).isCloseTo(1.25 * INCH, within(1e-9));
        assertThat(read(read, "$.trials[1].recipe.method.steamMinutes", Double.class)).isEqualTo(120);
        assertThat(read(read, "$.trials[*].recipe.blank.seasoning", List.class)).isEqualTo(List.of("AIR_DRIED", "GREEN"));
        assertThat(read(read, "$.trials[0].recipe.person", String.class)).isEqualTo("Odo");
    }

    @Test
    void a_word_nobody_can_tell_is_asked_and_a_row_of_no_bend_left_out() {
        String table = """
                Date,Species,Seasoning,Thickness (in),Width (in),Radius (in),Angle,Steam (min),Temp F,Outcome
                2024-01-02,Fraxinus excelsior,KD,1/2,1,8,180,60,205,meh
                2024-01-03,Hickory,KD,1/2,1,8,180,60,205,?
                """;
        MvcTestResult looked = look(table);
        assertThat(read(looked, "$.translation.words[?(@.text == 'meh' || @.text == '?')].means", List.class)).isEqualTo(List.of("", ""));
        said(looked, Map.of("meh", "flaw, inner crease", "?", "no bend"), Map.of());
        MvcTestResult read = reading(table);
        assertThat(read(read, "$.coming", Integer.class)).as(body(read)).isEqualTo(1);
        assertThat(read(read, "$.left", Integer.class)).isZero();
        assertThat(read(read, "$.trials[0].outcome.flaw", String.class)).isEqualTo("INNER_CREASE");
        assertThat(read(read, "$.trials[0].recipe.blank.speciesId", String.class)).isEqualTo("european-ash");
        assertThat(read(read, "$.trials[0].recipe.method.chamberC", Double.class)).isCloseTo((205 - 32) / 1.8, within(1e-6));
    }

    @Test
    void laminations_are_told_by_their_plies_and_what_is_unanswered_keeps_its_row_out() {
        String table = """
                Date,Wood,Layers,Ply thickness,Width,Radius,Glue,Result,Weather
                6/1/2025,Sapele,6,2 mm,50 mm,300 mm,epoxy,good,rain
                6/20/2025,Sapele,6,2 mm,50 mm,300 mm,mystery,delaminated,sun
                """;
        MvcTestResult looked = look(table);
        assertThat(read(looked, "$.translation.given[?(@.column == 'method')].text", List.class)).isEqualTo(List.of("cold lamination"));
        said(looked, Map.of(), Map.of("bend angle", "90", "seasoning", "kiln dried"));
        MvcTestResult read = reading(table);
        assertThat(read(read, "$.coming", Integer.class)).as(body(read)).isEqualTo(1);
        assertThat(read(read, "$.rows[0].faults[0].message", String.class)).contains("mystery");
        assertThat(read(read, "$.trials[0].recipe.method.plies", Integer.class)).isEqualTo(6);
        assertThat(read(read, "$.trials[0].note", String.class)).contains("Weather: rain");
    }

    @Test
    void a_table_of_ours_needs_nothing_said_and_nonsense_is_refused() {
        String ours = "day,species,seasoning,thickness [in],width [in],inner radius [in],bend angle,method,steam [min],chamber [°F],ended\n";
        assertThat(read(look(ours), "$.ours", Boolean.class)).isTrue();
        MvcTestResult looked = look(USUAL);
        String shape = read(looked, "$.shape", String.class);
        String twice = "{\"columns\": [{\"heading\": \"a\", \"column\": \"width\", \"unit\": \"in\", \"dayOrder\": \"DAY_FIRST\"}, {\"heading\": \"b\", \"column\": \"width\", \"unit\": \"in\", \"dayOrder\": \"DAY_FIRST\"}], \"words\": [], \"given\": []}";
        assertThat(refusedFields(put(mvc, "/api/exchange/notebooks/" + shape, twice))).containsExactly("columns[1].column");
        assertThat(refusedFields(put(mvc, "/api/exchange/notebooks/" + shape, twice.replace("\"width\"", "\"weight\"")))).containsExactly("columns[0].column");
        assertThat(put(mvc, "/api/exchange/notebooks/nonsense", twice)).hasStatus(400);
        assertThat(look("")).hasStatus(400);
    }
}
