package brachion.server.exchange;

import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What somebody's own table is likely to mean.
 *
 * @param ours        whether its headings are those written here, so that nothing has to be said of it
 * @param shape       under which what is said of it is kept; empty for a table of ours
 * @param remembered  whether this was said of a table of this shape before
 * @param translation what it is taken to mean; nothing for a table of ours
 * @param columns     more of each column, in the order of the table
 * @param words       more of each word
 * @param given       more of what no column says
 * @param targets     everything a column can be
 */
record NotebookAnswer(boolean ours, String shape, boolean remembered, Translation translation,
                      List<ColumnView> columns, List<WordView> words, List<GivenView> given, List<String> targets) {

    /** A table of ours. */
    static final NotebookAnswer OURS = new NotebookAnswer(true, "", false, new Translation(List.of(), List.of(), List.of()), List.of(), List.of(), List.of(), List.of());

    /**
     * @param samples the first of its cells, each once
     * @param units   the units it can be written in
     * @param guessed whether its unit, or the order of its dates, is a guess
     */
    record ColumnView(List<String> samples, List<String> units, boolean guessed) {
    }

    /**
     * @param column  the column it stands in
     * @param text    the word
     * @param count   how often it stands there
     * @param offered what it can mean, the likely first
     */
    record WordView(String column, String text, long count, List<String> offered) {
    }

    /**
     * @param column  the column known here
     * @param rows    in how many rows nothing is said of it
     * @param offered the words it can be; none for what is measured
     * @param mayStay whether it may stay unknown
     */
    record GivenView(String column, long rows, @NotNull List<String> offered, boolean mayStay) {
    }

    static NotebookAnswer of(String shape, Notebook notebook, Words words) {
        Translation translation = notebook.translation();
        List<ColumnView> columns = IntStream.range(0, translation.columns().size()).mapToObj(place -> new ColumnView(notebook.samples(place),
                Looks.units(translation.columns().get(place).column()), notebook.guessed(place))).toList();
        List<WordView> said = translation.words().stream()
                .map(word -> new WordView(word.column(), word.text(), notebook.count(word), offered(words, word.column(), word.text()))).toList();
        List<GivenView> given = translation.given().stream().map(each -> new GivenView(each.column(), notebook.lacking(Column.named(each.column()).orElseThrow()),
                Words.areKnown(each.column()) ? words.meanings(each.column()) : List.of(), Column.supposed(Column.named(each.column()).orElseThrow()).isPresent())).toList();
        return new NotebookAnswer(false, shape, notebook.remembered(), translation, columns, said, given, everyTarget());
    }

    private static List<String> offered(Words words, String column, String text) {
        List<String> likely = words.likely(column, text);
        List<String> all = new ArrayList<>(likely);
        words.meanings(column).stream().filter(means -> !likely.contains(means)).forEach(all::add);
        return all;
    }

    private static List<String> everyTarget() {
        return Stream.concat(Stream.of(Translation.SECTION_SIZE, Translation.LEFT_OUT), Column.ALL.stream().map(Column::title)).distinct().sorted(Comparator.naturalOrder()).toList();
    }
}
