package brachion.server.backup;

import brachion.server.backup.Manifest.Part;
import brachion.server.backup.TableOfShop.Column;
import brachion.server.backup.TableOfShop.Keys;
import brachion.server.backup.TableOfShop.Parent;
import brachion.server.problem.RefusedFieldException;
import brachion.server.species.Woods;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.UncategorizedDataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Fills a database, or one shop in it, from a backup. Runs in a transaction: all comes in or nothing. */
final class Load {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int BATCH = 500;
    private static final int LETTERS = 4_000_000;
    /** So many keys behind the last that was given out, none has been given out in the meantime. */
    private static final int MAY_BE_USED = 10_000;

    private final JdbcTemplate database;
    private final String shop;
    private final List<TableOfShop> tables;
    /** How far the keys of a table are moved on, where other shops have rows with the same keys. */
    private final Map<String, Long> movedBy = new HashMap<>();

    /** @param shop the shop to fill, null for all of the database */
    Load(JdbcTemplate database, String shop) {
        this.database = database;
        this.shop = shop;
        this.tables = TablesOfTheDatabase.of(database);
    }

    /** Whether the shop has no row yet, not even a discarded one. */
    boolean empty(BackupFile file) {
        return file.manifest().tables().stream().map(this::table).allMatch(table -> database.queryForObject(
                "select count(*) from " + table.name() + " where " + table.whereInShop(tables), Long.class, shop) == 0);
    }

    void fill(BackupFile file) {
        if (shop != null) {
            tables.stream().filter(TableOfShop::counted).forEach(table -> movedBy.put(table.name(), lastKey(table)));
        }
        // those that are pointed to come first, however the file has them
        file.manifest().tables().stream().sorted(Comparator.comparingInt(part -> tables.indexOf(table(part)))).forEach(part -> fill(file, part));
        tables.stream().filter(table -> table.keys() == Keys.OF_A_SEQUENCE).forEach(this::countOn);
    }

    /** Keys up to here are taken, or may be by a server that has been given them and not used them yet. */
    private long lastKey(TableOfShop table) {
        if (table.keys() == Keys.COUNTED) {
            return database.queryForObject("select coalesce(max(id), 0) from " + table.name(), Long.class);
        }
        boolean untouched = database.queryForObject("select next_not_cached_value = start_value from " + sequence(table), Boolean.class);
        return untouched ? 0 : database.queryForObject("select next value for " + sequence(table), Long.class) + MAY_BE_USED;
    }

    /** Lets its sequence go on behind the keys there are. */
    private void countOn(TableOfShop table) {
        Long last = database.queryForObject("select max(id) from " + table.name(), Long.class);
        if (last != null) {
            database.queryForObject("select setval(" + sequence(table) + ", " + last + ")", Long.class);
        }
    }

    private static String sequence(TableOfShop table) {
        return table.name() + "_seq";
    }

    /** Takes out every row there is, those that point to others first. */
    void emptyAll() {
        for (int i = tables.size() - 1; i >= 0; i--) {
            database.update("delete from " + tables.get(i).name());
        }
    }

    private TableOfShop table(Part part) {
        return tables.stream().filter(table -> table.name().equals(part.table())).findFirst()
                .orElseThrow(() -> refused("there is no table “" + part.table() + "”"));
    }

    private static RefusedFieldException refused(String why) {
        return new RefusedFieldException("file", "This backup cannot be brought back: " + why + ".");
    }

    private void fill(BackupFile file, Part part) {
        TableOfShop table = table(part);
        String columns = table.columns().stream().map(column -> "`" + column.name() + "`").collect(Collectors.joining(", "));
        String places = table.columns().stream().map(column -> "?").collect(Collectors.joining(", "));
        String insert = "insert into " + table.name() + " (" + columns + ") values (" + places + ")";
        Set<String> known = table.columns().stream().map(Column::name).collect(Collectors.toSet());
        List<Object[]> rows = new ArrayList<>();
        int[] letters = {0};
        long[] read = {0};
        try {
            file.lines(part, line -> {
                read[0]++;
                JsonNode row = JSON.readTree(line);
                row.propertyNames().stream().filter(name -> !known.contains(name)).findFirst().ifPresent(name -> {
                    throw refused("the table “" + table.name() + "” has no column “" + name + "”");
                });
                rows.add(row(table, row));
                letters[0] += line.length();
                if (rows.size() == BATCH || letters[0] > LETTERS) {
                    database.batchUpdate(insert, rows);
                    rows.clear();
                    letters[0] = 0;
                }
            });
            if (!rows.isEmpty()) {
                database.batchUpdate(insert, rows);
            }
        } catch (DataIntegrityViolationException | UncategorizedDataAccessException | JacksonException | IllegalArgumentException unfit) {
            throw refused("up to its row " + read[0] + " the table “" + table.name() + "” holds what does not fit it or the other tables");
        }
    }

    private Object[] row(TableOfShop table, JsonNode json) {
        return table.columns().stream().map(column -> {
            JsonNode value = json.path(column.name());
            if (value.isMissingNode() || value.isNull()) {
                return null;
            }
            if (column.name().equals(TableOfShop.SHOP) && shop != null) {
                return shop;
            }
            if (column.bytes()) {
                return value.binaryValue();
            }
            if (value.isFloatingPointNumber()) {
                return value.doubleValue();
            }
            if (column.name().equals("species_id") && value.asString().startsWith(Woods.OWN)) {
                return Woods.OWN + (Long.parseLong(value.asString().substring(Woods.OWN.length())) + movedBy.getOrDefault("wood", 0L));
            }
            return value.isNumber() ? (Object) (value.longValue() + movedBy(table, column.name())) : value.asString();
        }).toArray();
    }

    private long movedBy(TableOfShop table, String column) {
        if (table.counted() && column.equals("id")) {
            return movedBy.getOrDefault(table.name(), 0L);
        }
        return table.parents().stream().filter(parent -> parent.column().equals(column)).map(Parent::table)
                .mapToLong(parent -> movedBy.getOrDefault(parent, 0L)).findFirst().orElse(0);
    }
}
