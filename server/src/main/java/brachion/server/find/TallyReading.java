package brachion.server.find;

import jakarta.validation.constraints.NotNull;
import java.util.List;

/**
 * Records counted by one or two facts.
 *
 * @param rows    values of the first fact, or bands of it, in order; of names and words only those that most records have
 * @param columns values of the second; one value that is every record where there is none
 * @param cells   how many records there are of each, row by row
 * @param left    records whose value is not among them, for there are too many
 */
record TallyReading(@NotNull List<ValueReading> rows, @NotNull List<ValueReading> columns, @NotNull List<List<TallyCount>> cells, @NotNull Long left) {

    /**
     * A value of a fact, or a band of its values.
     *
     * @param key   of words and names: what to look for to have these records; empty for those that do not say
     * @param label the name it was given; missing where it has none
     * @param from  where a band begins
     * @param below where it ends
     */
    record ValueReading(@NotNull String key, String label, Double from, Double below) {
    }

    /**
     * How many records, and how they ended.
     *
     * @param trials all of them
     * @param flawed those with a flaw that can be mended
     * @param broken those that broke
     */
    record TallyCount(long trials, long flawed, long broken) {

        static final TallyCount NONE = new TallyCount(0, 0, 0);

        TallyCount and(TallyCount other) {
            return new TallyCount(trials + other.trials, flawed + other.flawed, broken + other.broken);
        }
    }
}
