package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.bending.Outline;
import brachion.core.method.Bend;
import brachion.core.method.Blank;
import brachion.core.method.GrowthRings;
import brachion.core.method.Knots;
import brachion.core.method.MethodKind;
import brachion.core.method.OuterFace;
import brachion.core.method.Recipe;
import brachion.core.method.Seasoning;
import brachion.core.method.Settings;
import brachion.core.risk.RiskModel;
import brachion.core.wood.SpeciesCatalogue;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * A prior predictive check: what a shop without records is told of a recipe lies where common practice has it. The intervals are wide on
 * purpose. Published radii are those at which one piece in twenty breaks; stretch of steamed wood ends between 1 and 3 %; structural
 * glued work holds at 1/100 to 1/125 of the radius; the rest is practice.
 */
class LevelsTest {

    private static final RiskModel TABLES = RiskModel.withoutRecords();

    /**
     * What is still outside, with how far: never further. A recipe leaves this list for good when it is inside.
     */
    private static final Map<String, Double> STILL_OUTSIDE = Map.of(
            "STEAM_BOX: as tight as it is thick, bare", 0.029);

    /**
     * A recipe with what common practice gives it.
     *
     * @param low  least chance that it holds
     * @param high greatest
     * @param source where they are from
     */
    record Level(String what, double low, double high, Recipe recipe, String source) {

        static Level of(CSVRecord row) {
            Blank blank = new Blank(SpeciesCatalogue.published().require(row.get("species")), Seasoning.valueOf(row.get("seasoning")), measured(row.get("moisture")), GrowthRings.UNKNOWN,
                    measured(row.get("grain_run")), Knots.valueOf(row.get("knots")), OuterFace.valueOf(row.get("outer_face")), number(row, "thickness_mm"), number(row, "width_mm"),
                    Outline.valueOf(row.get("outline")));
            MethodKind kind = MethodKind.valueOf(row.get("method"));
            Map<String, Object> given = new HashMap<>();
            Arrays.stream(row.get("settings").split("; ")).map(each -> each.split(" = ")).forEach(each -> given.put(each[0], each[1].matches("[\\d.]+") ? (Object) Double.valueOf(each[1]) : each[1]));
            Settings.Reading read = Settings.read(kind.settings(), given);
            assertThat(read.problems()).as(row.get("what")).isEmpty();
            return new Level(kind + ": " + row.get("what"), number(row, "low"), number(row, "high"),
                    new Recipe(blank, new Bend(number(row, "radius_mm"), number(row, "angle")), kind.of(read.settings(), number(row, "width_mm"))), row.get("source"));
        }

        private static double number(CSVRecord row, String column) {
            return Double.parseDouble(row.get(column));
        }

        private static OptionalDouble measured(String text) {
            return text.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(Double.parseDouble(text));
        }

        double said() {
            return new Forecaster(TABLES).unbroken(recipe).probability();
        }

        /** By how much what is said lies outside. */
        double outside() {
            double said = said();
            return Math.max(0, Math.max(low - said, said - high));
        }

        @Override
        public String toString() {
            return what;
        }
    }

    static List<Level> levels() {
        try (Reader file = new InputStreamReader(LevelsTest.class.getResourceAsStream("/levels.csv"), StandardCharsets.UTF_8)) {
            return CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get().parse(file).stream().map(Level::of).toList();
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }

    @ParameterizedTest
    @MethodSource("levels")
    void an_empty_shop_is_told_what_practice_knows(Level level) {
        assertThat(level.outside()).as("%s: %.3f said, %.3f to %.3f in practice", level, level.said(), level.low(), level.high())
                .isLessThanOrEqualTo(STILL_OUTSIDE.getOrDefault(level.what(), 0.0));
    }

    @Test
    void what_is_inside_is_on_no_list_of_those_outside() {
        assertThat(STILL_OUTSIDE.keySet()).isSubsetOf(levels().stream().map(Level::what).toList());
        assertThat(levels()).filteredOn(level -> STILL_OUTSIDE.containsKey(level.what())).allMatch(level -> level.outside() > 0);
    }

    /** The table people read; {@code -Dlevels.write=true} writes it anew. */
    @Test
    void the_table_of_levels_is_of_today() throws IOException {
        StringBuilder table = new StringBuilder("""
                # What an empty shop is told

                Chances that a piece holds, as the product says them without any record, beside where common practice has them. The intervals are wide on purpose.
                `LevelsTest` holds them; what is still outside is held to come no further out.

                | recipe | practice | said | from |
                |---|---|---|---|
                """);
        for (Level level : levels()) {
            table.append(String.format(Locale.ROOT, "| %s | %s to %s | %.3f%s | %s |\n", level.what(), plain(level.low()), plain(level.high()), level.said(), level.outside() > 0 ? ", outside" : "", level.source()));
        }
        Path docs = Path.of("../docs/levels.md");
        if (Boolean.getBoolean("levels.write")) {
            Files.writeString(docs, table);
        }
        assertThat(Files.readString(docs)).as("docs/levels.md is written by running this test with -Dlevels.write=true").isEqualTo(table.toString());
    }

    private static String plain(double number) {
        return BigDecimal.valueOf(number).stripTrailingZeros().toPlainString();
    }
}
