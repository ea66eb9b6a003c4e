package brachion.server.exchange;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;

/**
 * What somebody's own table means: each of its columns, each word in a column of words, and what no column says.
 *
 * @param columns what each column is, in the order of the table
 * @param words   what words mean
 * @param given   what holds for every bend of the table that does not say otherwise
 */
record Translation(
        @NotNull @Size(max = MOST) List<@NotNull @Valid ColumnMeans> columns,
        @NotNull @Size(max = MOST_WORDS) List<@NotNull @Valid WordMeans> words,
        @NotNull @Size(max = MOST) List<@NotNull @Valid Given> given) {

    /** A column nobody needs. */
    static final String LEFT_OUT = "left out";
    /** One column with thickness and width, as in 3/8 x 1 1/2. */
    static final String SECTION_SIZE = "thickness × width";
    /** A word that tells of no bend: its row is left out. */
    static final String NO_BEND = "no bend";

    private static final String TOO_LONG = "A heading may be up to 500 characters long.";
    private static final int LONGEST = 500;
    private static final int MOST = 200;
    private static final int MOST_WORDS = 2000;

    /**
     * What a column is.
     *
     * @param heading  what stands over it
     * @param column   the column known here that it is, or one of the two above; empty for something that goes into the note
     * @param unit     the unit of its numbers where neither cell nor heading says one; empty for none
     * @param dayOrder the order of day and month in its dates
     */
    record ColumnMeans(@NotNull @Size(max = LONGEST, message = TOO_LONG) String heading, @NotNull @Size(max = 80) String column, @NotNull @Size(max = 20) String unit, @NotNull DayOrder dayOrder) {
    }

    /**
     * What a word means.
     *
     * @param column the column known here that it stands in
     * @param text   the word
     * @param means  what it means, in the words known here; empty while nobody said
     */
    record WordMeans(@NotNull @Size(max = 80) String column, @NotNull @Size(max = LONGEST) String text, @NotNull @Size(max = 120) String means) {
    }

    /**
     * What holds for every bend of the table that does not say otherwise.
     *
     * @param column the column known here
     * @param text   what it says; empty while nobody said
     */
    record Given(@NotNull @Size(max = 80) String column, @NotNull @Size(max = LONGEST) String text) {
    }

    /** What a word of a column means; empty while nobody said. */
    Optional<String> meaning(String column, String text) {
        return words.stream().filter(word -> word.column().equals(column) && Column.plain(word.text()).equals(Column.plain(text)))
                .map(WordMeans::means).filter(means -> !means.isEmpty()).findFirst();
    }

    /** Whether a row tells of a bend, or by one of its words of none. */
    boolean tellsOfABend(Row row) {
        for (int i = 0; i < columns.size(); i++) {
            if (meaning(columns.get(i).column(), row.cell(i)).filter(NO_BEND::equals).isPresent()) {
                return false;
            }
        }
        return true;
    }

    /** What holds for every bend; empty while nobody said. */
    Optional<String> given(String column) {
        return given.stream().filter(each -> each.column().equals(column)).map(Given::text).filter(text -> !text.isBlank()).findFirst();
    }
}
