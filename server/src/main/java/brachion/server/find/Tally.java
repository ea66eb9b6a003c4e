package brachion.server.find;

import brachion.core.quantity.Bands;
import brachion.core.quantity.UnitSystem;
import brachion.core.trial.Severity;
import brachion.server.find.TallyReading.TallyCount;
import brachion.server.find.TallyReading.ValueReading;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.JdbcTemplate;

/** Counts records by one or two facts, for one request. */
final class Tally {

    private static final int MOST_BANDS = 8;
    private static final int MOST_VALUES = 200;
    private static final int MOST_BESIDE_ANOTHER = 12;
    /** The key of records that do not say. */
    private static final String UNSAID = "";
    private static final String EVERY = "every";

    private final JdbcTemplate database;
    private final Names names;
    private final Statement statement;
    private final UnitSystem units;

    Tally(JdbcTemplate database, Names names, TallyFields asked) {
        this.database = database;
        this.names = names;
        this.statement = new Statement(asked.of());
        this.units = asked.units();
    }

    /**
     * Records that say the same.
     *
     * @param row    what they say of the first fact, null when they do not
     * @param column what they say of the second
     * @param count  how many they are
     */
    private record Alike(String row, String column, TallyCount count) {
    }

    /** A fact to count by: what stands for a value of it, and what that is. */
    private sealed interface Axis {

        /** The key of the value, or of the band of values, that records with something said of them are counted under. */
        default String key(String said) {
            return said == null ? UNSAID : said;
        }

        ValueReading value(String key);

        /** Keys in the order they are shown, by how many records there are of each. */
        Comparator<String> order(Map<String, Long> trials);
    }

    private record Words(Fact fact, Map<String, String> called) implements Axis {

        @Override
        public ValueReading value(String key) {
            return new ValueReading(key, called.get(key), null, null);
        }

        @Override
        public Comparator<String> order(Map<String, Long> trials) {
            return fact.time() ? Comparator.reverseOrder() : Comparator.comparing((String key) -> -trials.get(key)).thenComparing(Comparator.naturalOrder());
        }
    }

    private record Numbers(Bands bands) implements Axis {

        @Override
        public String key(String said) {
            return said == null ? UNSAID : String.valueOf(bands.of(Double.parseDouble(said)));
        }

        @Override
        public ValueReading value(String key) {
            if (key.equals(UNSAID)) {
                return new ValueReading(key, null, null, null);
            }
            long band = Long.parseLong(key);
            return new ValueReading(key, null, bands.from(band), bands.from(band + 1));
        }

        @Override
        public Comparator<String> order(Map<String, Long> trials) {
            return Comparator.comparing(key -> key.equals(UNSAID) ? Long.MAX_VALUE : Long.parseLong(key));
        }
    }

    private record Everything() implements Axis {

        @Override
        public ValueReading value(String key) {
            return new ValueReading(key, null, null, null);
        }

        @Override
        public Comparator<String> order(Map<String, Long> trials) {
            return Comparator.naturalOrder();
        }
    }

    private Axis axis(Fact fact, List<Alike> all, Function<Alike, String> said) {
        if (fact == null) {
            return new Everything();
        }
        if (fact.kind() != Fact.Kind.NUMBER) {
            return new Words(fact, names.of(fact));
        }
        DoubleSummaryStatistics numbers = all.stream().map(said).filter(number -> number != null).mapToDouble(Double::parseDouble).summaryStatistics();
        boolean none = numbers.getCount() == 0;
        return new Numbers(Bands.of(none ? 0 : numbers.getMin(), none ? 0 : numbers.getMax(), fact.measurement(), units, MOST_BANDS));
    }

    /** By one fact, or by two where the second is not null. */
    TallyReading by(Fact rows, Fact columns) {
        String second = columns == null ? "'" + EVERY + "'" : columns.sql();
        List<Alike> all = database.query("select " + rows.sql() + " r, " + second + " c, t.severity, count(*)" + statement.where() + " group by r, c, t.severity", (row, place) -> {
            long trials = row.getLong(4);
            Severity ended = Severity.valueOf(row.getString(3));
            return new Alike(row.getString(1), row.getString(2), new TallyCount(trials, ended == Severity.FLAW ? trials : 0, ended == Severity.BROKEN ? trials : 0));
        }, statement.parameters());
        Axis down = axis(rows, all, Alike::row);
        Axis across = axis(columns, all, Alike::column);
        Map<String, Map<String, TallyCount>> counts = new HashMap<>();
        all.forEach(alike -> counts.computeIfAbsent(down.key(alike.row()), none -> new HashMap<>()).merge(across.key(alike.column()), alike.count(), TallyCount::and));
        List<String> shownRows = first(down, all, alike -> down.key(alike.row()), columns == null ? MOST_VALUES : MOST_BESIDE_ANOTHER);
        List<String> shownColumns = first(across, all, alike -> across.key(alike.column()), MOST_BESIDE_ANOTHER);
        List<List<TallyCount>> cells = shownRows.stream().map(r -> shownColumns.stream().map(c -> counts.get(r).getOrDefault(c, TallyCount.NONE)).toList()).toList();
        long shown = cells.stream().flatMap(List::stream).mapToLong(TallyCount::trials).sum();
        return new TallyReading(shownRows.stream().map(down::value).toList(), shownColumns.stream().map(across::value).toList(), cells,
                all.stream().mapToLong(alike -> alike.count().trials()).sum() - shown);
    }

    private static List<String> first(Axis axis, List<Alike> all, Function<Alike, String> key, int most) {
        Map<String, Long> trials = all.stream().collect(Collectors.groupingBy(key, Collectors.summingLong(alike -> alike.count().trials())));
        return trials.keySet().stream().sorted(axis.order(trials)).limit(most).toList();
    }
}
