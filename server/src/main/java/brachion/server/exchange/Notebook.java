package brachion.server.exchange;

import brachion.server.exchange.Translation.ColumnMeans;
import brachion.server.exchange.Translation.Given;
import brachion.server.exchange.Translation.WordMeans;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.commons.codec.digest.DigestUtils;

/** Somebody's own table: what its columns and words are likely to mean, and what it does not say. */
final class Notebook {

    private static final int MOST_WORDS = 80;
    /** What is longer is no word but a story. */
    private static final int LONGEST_WORD = 120;
    private static final int SAMPLES = 4;
    private static final int SHAPE_CHARACTERS = 32;

    private final RawTable table;
    private final Optional<Translation> kept;
    private final Words words;
    private final Looks looks;
    /** What stands in each column, empty cells left out. */
    private final List<List<String>> filled;
    private final Translation translation;
    /** The rows that tell of a bend. */
    private final List<Row> bends;
    private final Map<String, Map<String, Long>> spoken;

    /**
     * @param table from its headings on
     * @param kept  what tables of this shape were said to mean before
     */
    Notebook(RawTable table, Optional<Translation> kept, Words words) {
        this.table = table;
        this.kept = kept;
        this.words = words;
        this.looks = new Looks(words);
        this.filled = IntStream.range(0, headings(table).size())
                .mapToObj(place -> table.rows().stream().skip(1).map(row -> row.cell(place)).filter(cell -> !cell.isEmpty()).toList()).toList();
        List<ColumnMeans> columns = columns();
        this.spoken = spoken(columns);
        List<WordMeans> said = said();
        Translation worded = new Translation(columns, said, List.of());
        this.bends = table.rows().stream().skip(1).filter(worded::tellsOfABend).toList();
        this.translation = new Translation(columns, said, given(columns, said));
    }

    /** Whether its headings are those written here, so that nothing has to be said of it. */
    static boolean isOurs(RawTable table) {
        Set<Column> named = table.rows().get(0).cells().stream().flatMap(heading -> Heading.of(heading).column().stream()).collect(Collectors.toSet());
        return named.containsAll(List.of(Column.SPECIES, Column.THICKNESS, Column.METHOD, Column.ENDED));
    }

    /** Tables under the same headings have the same shape. */
    static String shape(RawTable table) {
        return DigestUtils.sha256Hex(String.join("\n", headings(table))).substring(0, SHAPE_CHARACTERS);
    }

    private static List<String> headings(RawTable table) {
        return table.rows().get(0).cells().stream().map(String::strip).toList();
    }

    /** What it is taken to mean. */
    Translation translation() {
        return translation;
    }

    /** Whether this was said of a table of this shape before. */
    boolean remembered() {
        return kept.isPresent();
    }

    /** The first cells of a column, each once. */
    List<String> samples(int place) {
        return filled.get(place).stream().distinct().limit(SAMPLES).toList();
    }

    /** How often a word stands in a column of words. */
    long count(WordMeans word) {
        return spoken.get(word.column()).get(word.text());
    }

    /** Whether the unit of a column, or the order of its dates, is a guess; a guess was looked at once it is kept. */
    boolean guessed(int place) {
        ColumnMeans means = translation.columns().get(place);
        return kept.isEmpty() && looks.guessed(means.heading(), means.column(), filled.get(place));
    }

    private List<ColumnMeans> columns() {
        if (kept.isPresent()) {
            return IntStream.range(0, kept.get().columns().size()).mapToObj(place -> withUnit(place, kept.get().columns().get(place))).toList();
        }
        List<ColumnMeans> columns = new ArrayList<>();
        Set<Column> taken = new HashSet<>();
        List<String> headings = headings(table);
        for (int place = 0; place < headings.size(); place++) {
            List<String> cells = filled.get(place);
            Optional<String> meant = looks.meant(headings.get(place), cells).filter(column -> Translator.targets(column).stream().noneMatch(taken::contains));
            meant.ifPresent(column -> taken.addAll(Translator.targets(column)));
            String column = meant.orElse("");
            columns.add(new ColumnMeans(headings.get(place), column, looks.unit(headings.get(place), column, cells), looks.dayOrder(column, cells)));
        }
        return columns;
    }

    /** A column that was said to be another has the unit it looks like until somebody says so. */
    private ColumnMeans withUnit(int place, ColumnMeans said) {
        List<String> units = Looks.units(said.column());
        return units.isEmpty() || units.contains(said.unit()) ? said
                : new ColumnMeans(said.heading(), said.column(), looks.unit(said.heading(), said.column(), filled.get(place)), said.dayOrder());
    }

    /** How often each word stands in each column of words, in the order they come. */
    private Map<String, Map<String, Long>> spoken(List<ColumnMeans> columns) {
        Map<String, Map<String, Long>> spoken = new LinkedHashMap<>();
        for (int place = 0; place < columns.size(); place++) {
            String column = columns.get(place).column();
            if (Words.areKnown(column)) {
                spoken.put(column, filled.get(place).stream().collect(Collectors.groupingBy(cell -> cell, LinkedHashMap::new, Collectors.counting())));
            }
        }
        return spoken;
    }

    private List<WordMeans> said() {
        List<WordMeans> said = new ArrayList<>();
        spoken.forEach((column, counted) -> counted.keySet().stream().filter(text -> text.length() <= LONGEST_WORD).limit(MOST_WORDS).forEach(text -> said.add(new WordMeans(column, text,
                kept.flatMap(before -> before.meaning(column, text)).or(() -> words.meant(column, text)).orElse("")))));
        return said;
    }

    private List<Given> given(List<ColumnMeans> columns, List<WordMeans> said) {
        List<Given> given = new ArrayList<>();
        Map<String, String> usual = looks.usual(columns, filled);
        Stream.concat(Needed.OF_EVERY_BEND.stream(), Stream.of(Column.METHOD)).filter(column -> lacking(columns, column) > 0).forEach(column -> add(given, column, usual));
        Set<String> ways = said.stream().filter(word -> word.column().equals(Column.METHOD.title())).map(WordMeans::means).collect(Collectors.toSet());
        given.stream().filter(each -> each.column().equals(Column.METHOD.title())).map(Given::text).forEach(ways::add);
        Needed.of(ways, strapped(said, usual)).stream().filter(column -> lacking(columns, column) > 0).forEach(column -> add(given, column, usual));
        return given;
    }

    private boolean strapped(List<WordMeans> said, Map<String, String> usual) {
        return Stream.concat(said.stream().filter(word -> word.column().equals("strap")).map(WordMeans::means), Stream.ofNullable(usual.get("strap")))
                .anyMatch(means -> !means.isEmpty() && !means.equals("none"));
    }

    private void add(List<Given> given, Column column, Map<String, String> usual) {
        given.add(new Given(column.title(), kept.flatMap(before -> before.given(column.title())).orElse(usual.getOrDefault(column.title(), ""))));
    }

    /** In how many rows nothing is said of a column. */
    long lacking(Column column) {
        return lacking(translation.columns(), column);
    }

    private long lacking(List<ColumnMeans> columns, Column column) {
        List<Integer> places = IntStream.range(0, columns.size())
                .filter(place -> Translator.targets(columns.get(place).column()).stream().anyMatch(target -> target.equals(column) || Translator.isHeat(target) && Translator.isHeat(column)))
                .boxed().toList();
        return bends.stream().filter(row -> places.stream().allMatch(place -> row.cell(place).isEmpty())).count();
    }
}
