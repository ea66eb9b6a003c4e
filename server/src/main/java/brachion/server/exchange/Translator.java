package brachion.server.exchange;

import brachion.core.method.MethodKind;
import brachion.core.method.Setting;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Writes somebody's own table down in the columns and words known here; what nobody said stays as it stands and is told when it is read. */
final class Translator {

    private static final Pattern TIMES = Pattern.compile("\\s*(?:[x×*]|by)\\s*", Pattern.CASE_INSENSITIVE);
    private static final String FOR_ALL = "For the whole table";
    private static final String OF_A_STRAP = "recipe.method.strap.";
    /** How long a piece was in the heat, whichever it was: a notebook has one column for it. */
    private static final List<Column> HEATS = List.of(Column.named("steam").orElseThrow(), Column.named("hot bath").orElseThrow());
    private static final Column STRAP = Column.named("strap").orElseThrow();

    private final Translation translation;
    private final List<Heading> headings;
    /** Where each column known here stands in what is written. */
    private final Map<Column, Integer> places = new LinkedHashMap<>();
    private final List<Integer> notes;

    Translator(Translation translation) {
        this.translation = translation;
        this.notes = new ArrayList<>();
        Map<Column, String> units = new LinkedHashMap<>();
        for (int i = 0; i < translation.columns().size(); i++) {
            Translation.ColumnMeans means = translation.columns().get(i);
            if (means.column().isEmpty()) {
                notes.add(i);
            }
            targets(means.column()).forEach(column -> units.putIfAbsent(column, means.unit()));
        }
        HEATS.stream().filter(units::containsKey).findFirst().map(units::get).ifPresent(unit -> HEATS.forEach(heat -> units.putIfAbsent(heat, unit)));
        translation.given().forEach(given -> Column.named(given.column()).ifPresent(column -> units.putIfAbsent(column, "")));
        this.headings = new ArrayList<>();
        units.forEach((column, unit) -> {
            places.put(column, headings.size());
            headings.add(Heading.of(unit.isEmpty() ? column.title() : column.title() + " [" + unit + "]"));
        });
        notes.forEach(i -> headings.add(new Heading(translation.columns().get(i).heading(), Optional.empty(), "")));
        headings.add(new Heading(FOR_ALL, Optional.empty(), ""));
    }

    /** The columns known here that one of somebody's columns says. */
    static List<Column> targets(String column) {
        if (column.equals(Translation.SECTION_SIZE)) {
            return List.of(Column.THICKNESS, Column.WIDTH);
        }
        Optional<Column> known = Column.named(column);
        return known.filter(Column.ENDED::equals).isPresent() ? List.of(Column.ENDED, Column.FLAW) : known.stream().toList();
    }

    /** The same table as it would be written here. */
    Sheet sheet(RawTable table) {
        return new Sheet(headings, table.rows().stream().skip(1).filter(translation::tellsOfABend).map(this::row).toList());
    }

    private Row row(Row row) {
        String[] cells = new String[headings.size()];
        Arrays.fill(cells, "");
        for (int i = 0; i < translation.columns().size(); i++) {
            write(cells, translation.columns().get(i), row.cell(i));
        }
        for (int i = 0; i < notes.size(); i++) {
            cells[places.size() + i] = row.cell(notes.get(i));
        }
        cells[cells.length - 1] = String.join(", ", fillIn(cells));
        return new Row(row.line(), List.of(cells));
    }

    private void write(String[] cells, Translation.ColumnMeans means, String text) {
        if (text.isEmpty()) {
            return;
        }
        String said = translation.meaning(means.column(), text).orElse(text);
        if (means.column().equals(Translation.SECTION_SIZE)) {
            String[] sides = TIMES.split(said);
            put(cells, Column.THICKNESS, sides[0]);
            put(cells, Column.WIDTH, sides.length > 1 ? sides[1] : "");
            return;
        }
        Optional<Column> column = Column.named(means.column());
        if (column.filter(Column.DAY::equals).isPresent()) {
            put(cells, Column.DAY, means.dayOrder().read(said).map(LocalDate::toString).orElse(said));
        } else if (column.filter(Column.ENDED::equals).isPresent()) {
            String[] ended = said.split(",\\s*", 2);
            put(cells, Column.ENDED, ended[0]);
            put(cells, Column.FLAW, ended.length > 1 ? ended[1] : "");
        } else {
            column.ifPresent(known -> put(cells, known, said));
        }
    }

    /**
     * What no cell says and holds for every bend of the table; what belongs to another way of bending, or to a strap that is not there, is not said. Gives
     * what was filled in.
     */
    private List<String> fillIn(String[] cells) {
        List<String> filled = new ArrayList<>(fillIn(cells, Column.METHOD));
        Set<Column> ofTheWay = ofTheWay(cell(cells, Column.METHOD));
        HEATS.stream().filter(ofTheWay::contains).forEach(heat -> HEATS.stream().filter(other -> !ofTheWay.contains(other)).forEach(other -> move(cells, other, heat)));
        if (ofTheWay.contains(STRAP)) {
            filled.addAll(fillIn(cells, STRAP));
        }
        boolean strapped = !Set.of("", "none").contains(Column.plain(cell(cells, STRAP)));
        translation.given().stream().flatMap(given -> Column.named(given.column()).stream())
                .filter(column -> !Column.OF_METHODS.contains(column) || ofTheWay.contains(column))
                .filter(column -> strapped || !column.path().startsWith(OF_A_STRAP)).forEach(column -> filled.addAll(fillIn(cells, column)));
        return filled;
    }

    private void move(String[] cells, Column from, Column to) {
        if (cell(cells, to).isEmpty()) {
            put(cells, to, cell(cells, from));
            put(cells, from, "");
        }
    }

    /** Whether a column says how long a piece was in the heat. */
    static boolean isHeat(Column column) {
        return HEATS.contains(column);
    }

    private List<String> fillIn(String[] cells, Column column) {
        Optional<String> said = cell(cells, column).isEmpty() ? translation.given(column.title()) : Optional.empty();
        said.ifPresent(text -> put(cells, column, text));
        return said.map(text -> column.title() + " " + text).stream().toList();
    }

    /** The columns of what is set about a way of bending. */
    static Set<Column> ofTheWay(String method) {
        return Arrays.stream(MethodKind.values()).filter(kind -> Column.plain(kind.name()).equals(Column.plain(method)))
                .flatMap(kind -> kind.settings().stream()).map((Setting<?> setting) -> Column.of(setting)).collect(Collectors.toSet());
    }

    private String cell(String[] cells, Column column) {
        return places.containsKey(column) ? cells[places.get(column)] : "";
    }

    private void put(String[] cells, Column column, String text) {
        if (places.containsKey(column)) {
            cells[places.get(column)] = text.strip();
        }
    }
}
