package brachion.server.backup;

import brachion.server.backup.TableOfShop.Column;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Writes the rows of a database, or of one shop in it, into a backup. Runs in a transaction, so that all is of one moment. */
final class Dump {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    /** Counts changes of a shop; where it is brought back, counting goes on. */
    private static final String COUNTER = "trial_revision";

    private static final int AT_ONCE = 20;

    private final JdbcTemplate database;
    private final String shop;
    private final List<TableOfShop> tables;

    /** @param shop the shop to write, null for all of the database */
    Dump(JdbcTemplate database, String shop) {
        this.database = new JdbcTemplate(database.getDataSource());
        // a table of photographs is larger than the memory
        this.database.setFetchSize(AT_ONCE);
        this.shop = shop;
        this.tables = tables(database, shop);
    }

    /** What is written of a shop, or with null of all of the database. */
    static List<TableOfShop> tables(JdbcTemplate database, String shop) {
        return TablesOfTheDatabase.of(database).stream().filter(table -> shop == null || !table.name().equals(COUNTER)).toList();
    }

    /** Writes the file whole or not at all. */
    void write(Path to, String product, String schema, Instant now) throws IOException {
        Path part = to.resolveSibling(to.getFileName() + ".part");
        try (BackupWriting backup = new BackupWriting(part)) {
            for (TableOfShop table : tables) {
                backup.begin(table.name());
                write(table, backup);
                backup.end();
            }
            backup.done(product, schema, shop, now);
        } catch (IOException | RuntimeException failed) {
            Files.deleteIfExists(part);
            throw failed;
        }
        Files.move(part, to, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
    }

    private void write(TableOfShop table, BackupWriting backup) {
        String columns = table.columns().stream().map(column -> "`" + column.name() + "`").collect(Collectors.joining(", "));
        String where = shop == null ? "" : " where " + table.whereInShop(tables);
        Object[] arguments = shop == null ? new Object[0] : new Object[] {shop};
        database.query("select " + columns + " from " + table.name() + where + " order by " + String.join(", ", table.key()), row -> {
            try {
                backup.row(json(table, row));
            } catch (IOException full) {
                throw new UncheckedIOException(full);
            }
        }, arguments);
    }

    private static ObjectNode json(TableOfShop table, ResultSet row) throws SQLException {
        ObjectNode json = JSON.createObjectNode();
        int index = 1;
        for (Column column : table.columns()) {
            Object value = row.getObject(index);
            if (value == null) {
                json.putNull(column.name());
            } else if (value instanceof Double number) {
                json.put(column.name(), number);
            } else if (value instanceof Timestamp) {
                json.put(column.name(), row.getObject(index, LocalDateTime.class).toString());
            } else if (column.bytes()) {
                json.put(column.name(), row.getBytes(index));
            } else if (column.number()) {
                json.put(column.name(), row.getLong(index));
            } else {
                json.put(column.name(), row.getString(index));
            }
            index++;
        }
        return json;
    }
}
