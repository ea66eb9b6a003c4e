package brachion.server.find;

import brachion.core.quantity.Bands;
import brachion.core.quantity.UnitSystem;
import brachion.core.trial.Severity;
import brachion.server.find.TallyReading.TallyCount;
import brachion.server.find.TallyReading.ValueReading;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
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
    private final Map<String, Map<String, TallyCount>> counts = new HashMap<>();

    Tally(JdbcTemplate database, Names names, TallyFields asked) {
        this.database = database;
        this.names = names;
        this.statement = new Statement(asked.of());
        this.units = asked.units();
    }

    /** A fact to count by: how its values are told apart, and what they are. */
    private sealed interface Axis {

        /** What its records are told apart by. */
        String sql();

        ValueReading value(String key);

        /** Its values in the order they are shown. */
        List<String> inOrder(Map<String, Long> trials);
    }

    private record Words(Fact fact, Map<String, String> called) implements Axis {

        @Override
        public String sql() {
            return "coalesce(" + fact.sql() + ", '" + UNSAID + "')";
        }

        @Override
        public ValueReading value(String key) {
            return new ValueReading(key, key.equals(UNSAID) ? null : called.getOrDefault(key, Names.plain(key)), null, null);
        }

        @Override
        public List<String> inOrder(Map<String, Long> trials) {
            boolean times = fact.key().equals("month") || fact.key().equals("year");
            Comparator<String> most = Comparator.comparing((String key) -> -trials.get(key)).thenComparing(Comparator.naturalOrder());
            return trials.keySet().stream().sorted(times ? Comparator.reverseOrder() : most).toList();
        }
    }

    private record Numbers(Fact fact, Bands bands) implements Axis {

        @Override
        public String sql() {
            return "coalesce(cast(floor((" + fact.sql() + " / " + bands.unit() + " + " + bands.offset() + ") / " + bands.width() + " + " + Bands.HAIR + ") as char), '" + UNSAID + "')";
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
        public List<String> inOrder(Map<String, Long> trials) {
            return trials.keySet().stream().sorted(Comparator.comparing((String key) -> key.equals(UNSAID) ? Long.MAX_VALUE : Long.parseLong(key))).toList();
        }
    }

    private record Everything() implements Axis {

        @Override
        public String sql() {
            return "'" + EVERY + "'";
        }

        @Override
        public ValueReading value(String key) {
            return new ValueReading(key, null, null, null);
        }

        @Override
        public List<String> inOrder(Map<String, Long> trials) {
            return List.copyOf(trials.keySet());
        }
    }

    private Axis axis(Fact fact) {
        if (fact.kind() != Fact.Kind.NUMBER) {
            return new Words(fact, names.of(fact));
        }
        return database.queryForObject("select min(" + fact.sql() + "), max(" + fact.sql() + ")" + statement.where(), (row, place) -> {
            double least = row.getDouble(1);
            return new Numbers(fact, Bands.of(row.wasNull() ? 0 : least, row.getDouble(2), fact.measurement(), units, MOST_BANDS));
        }, statement.parameters());
    }

    /** By one fact, or by two where the second is not null. */
    TallyReading by(Fact rows, Fact columns) {
        Axis down = axis(rows);
        Axis across = columns == null ? new Everything() : axis(columns);
        Map<String, Long> inRow = new HashMap<>();
        Map<String, Long> inColumn = new HashMap<>();
        database.query("select " + down.sql() + " r, " + across.sql() + " c, t.severity, count(*)" + statement.where() + " group by r, c, t.severity", row -> {
            String r = row.getString(1);
            String c = row.getString(2);
            long trials = row.getLong(4);
            Severity ended = Severity.valueOf(row.getString(3));
            counts.computeIfAbsent(r, none -> new HashMap<>())
                    .merge(c, new TallyCount(trials, ended == Severity.FLAW ? trials : 0, ended == Severity.BROKEN ? trials : 0), TallyCount::and);
            inRow.merge(r, trials, Long::sum);
            inColumn.merge(c, trials, Long::sum);
        }, statement.parameters());
        List<String> shownRows = first(down.inOrder(inRow), columns == null ? MOST_VALUES : MOST_BESIDE_ANOTHER);
        List<String> shownColumns = first(across.inOrder(inColumn), MOST_BESIDE_ANOTHER);
        List<List<TallyCount>> cells = shownRows.stream().map(r -> shownColumns.stream().map(c -> counts.get(r).getOrDefault(c, TallyCount.NONE)).toList()).toList();
        long shown = cells.stream().flatMap(List::stream).mapToLong(TallyCount::trials).sum();
        long all = inRow.values().stream().mapToLong(Long::longValue).sum();
        return new TallyReading(shownRows.stream().map(down::value).toList(), shownColumns.stream().map(across::value).toList(), cells, all - shown);
    }

    private static List<String> first(List<String> keys, int most) {
        return keys.size() <= most ? keys : keys.subList(0, most);
    }
}
