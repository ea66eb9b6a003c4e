package brachion.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brachion.core.wood.SpeciesCatalogue;
import brachion.server.problem.RefusedFieldException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Invented lines of different hands, each with what must come out of it. */
class FreeLinesTest {

    private static final Words WORDS = new Words(SpeciesCatalogue.published());

    private static List<Map<String, String>> lines(String text) {
        RawTable table = FreeLines.of(RawTable.read(text.getBytes(StandardCharsets.UTF_8)), WORDS).orElseThrow();
        List<String> headings = table.rows().get(0).cells();
        List<Map<String, String>> lines = new ArrayList<>();
        table.rows().stream().skip(1).forEach(row -> {
            Map<String, String> line = new LinkedHashMap<>();
            for (int i = 0; i < headings.size(); i++) {
                if (!row.cell(i).isEmpty()) {
                    line.put(headings.get(i), row.cell(i));
                }
            }
            lines.add(line);
        });
        return lines;
    }

    @Test
    void a_line_says_what_a_table_would_have_columns_for() {
        assertThat(lines("3/8 ash, 1.5h steam, strap, 7in, snapped")).containsExactly(
                Map.of("Thickness", "3/8", "Wood", "ash", "Method", "steam", "Steam", "1.5h", "Strap", "steel", "Bend radius", "7in", "Result", "snapped"));
        assertThat(lines("2025-03-14; white oak 1/2\" kd 8%; soaked 12 h; steamed 45 min at 208 F; r 6 in; 90 deg; no strap; small crack; sanded out, oiled")).containsExactly(
                Map.ofEntries(Map.entry("Date", "2025-03-14"), Map.entry("Wood", "white oak"), Map.entry("Thickness", "1/2\""), Map.entry("Seasoning", "kd"), Map.entry("Moisture", "8%"),
                        Map.entry("Soak", "12 h"), Map.entry("Method", "steamed"), Map.entry("Steam", "45 min"), Map.entry("Steam temperature", "208 F"), Map.entry("Bend radius", "6 in"), Map.entry("Bend angle", "90 deg"),
                        Map.entry("Strap", "none"), Map.entry("Result", "small crack"), Map.entry("Notes", "sanded out, oiled")));
        assertThat(lines("beech 10 x 25 mm, 30 min steam, radius 150 mm, ok")).containsExactly(
                Map.of("Wood", "beech", "Thickness", "10mm", "Width", "25mm", "Method", "steam", "Steam", "30 min", "Bend radius", "150 mm", "Result", "ok"));
        assertThat(lines("red oak 1/8, 8 plies, epoxy, laminated, 12 in radius, held")).containsExactly(
                Map.of("Wood", "red oak", "Thickness", "1/8", "Plies", "8", "Glue", "epoxy", "Method", "laminated", "Bend radius", "12 in", "Result", "held"));
        assertThat(lines("Esche 8 mm, 40 min Dampf, Radius 120 mm, gebrochen")).containsExactly(
                Map.of("Wood", "Esche", "Thickness", "8 mm", "Method", "Dampf", "Steam", "40 min", "Bend radius", "120 mm", "Result", "gebrochen"));
    }

    @Test
    void what_is_not_understood_stays_as_a_note() {
        assertThat(lines("3/8 ash, 1h steam, 7in, ok, for the neighbour's gate").get(0)).containsEntry("Notes", "for the neighbour's gate");
        String story = "it was a long day ".repeat(20_000).strip();
        assertThat(lines("3/8 ash, 1h steam, 7in, ok, " + story).get(0)).containsEntry("Notes", story);
        assertThat(lines("3/8 ash, 1h steam, 7in, ok, 2 h on form").get(0)).containsEntry("On the form", "2 h").doesNotContainKey("Notes");
    }

    @Test
    void more_lines_than_anybody_writes_are_refused_before_they_are_taken_apart() {
        byte[] file = "3/8 ash, 1h steam, 7in, ok\n".repeat(100_000).getBytes(StandardCharsets.UTF_8);
        assertThatThrownBy(() -> FreeLines.of(RawTable.read(file), WORDS)).isInstanceOf(RefusedFieldException.class).hasMessageContaining("20,000");
    }

    @Test
    void tables_and_stories_are_no_such_lines() {
        for (String other : List.of("Date,Wood,Thick,Result\n3/14/2025,Ash,3/8,ok\n", "Bends of 2025\nWood,Thick\nAsh,3/8\n", "Dear diary, today it rained\n", "1,2,3\n4,5,6\n",
                "3/8 ash, 1h steam, 7in, ok\nthen nothing\nfor a week\nand more\n")) {
            assertThat(FreeLines.of(RawTable.read(other.getBytes(StandardCharsets.UTF_8)), WORDS)).as(other).isEmpty();
        }
    }
}
