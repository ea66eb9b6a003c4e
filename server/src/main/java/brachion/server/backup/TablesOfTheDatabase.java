package brachion.server.backup;

import brachion.server.backup.TableOfShop.Column;
import brachion.server.backup.TableOfShop.Parent;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.springframework.jdbc.core.JdbcTemplate;

/** What tables a database has, as it says itself, so that nothing stored is ever forgotten; those pointed to come first. */
final class TablesOfTheDatabase {

    /** The history of the schema, answers that are worked out anew, and keys of writes that nobody repeats later. */
    private static final Set<String> NOT_KEPT = Set.of("flyway_schema_history", "followed_piece", "kept_records", "write_done");
    private static final Set<String> NUMBERS = Set.of("bigint", "int", "tinyint", "smallint", "double", "float");

    private TablesOfTheDatabase() {
    }

    static List<TableOfShop> of(JdbcTemplate database) {
        List<TableOfShop> found = database.queryForList("select table_name from information_schema.tables where table_schema = database() "
                + "and table_type = 'BASE TABLE' order by table_name", String.class).stream()
                .filter(name -> !NOT_KEPT.contains(name)).map(name -> table(database, name)).toList();
        List<TableOfShop> sorted = new ArrayList<>();
        while (sorted.size() < found.size()) {
            List<String> there = sorted.stream().map(TableOfShop::name).toList();
            List<TableOfShop> next = found.stream().filter(table -> !there.contains(table.name())
                    && table.parents().stream().allMatch(parent -> there.contains(parent.table()))).toList();
            if (next.isEmpty()) {
                throw new IllegalStateException("Tables point to each other in a circle");
            }
            sorted.addAll(next);
        }
        return sorted;
    }

    private static TableOfShop table(JdbcTemplate database, String name) {
        List<Column> columns = database.query("select column_name, data_type, is_nullable from information_schema.columns where table_schema = database() "
                + "and table_name = ? order by ordinal_position", (row, number) -> new Column(row.getString(1), NUMBERS.contains(row.getString(2)),
                        row.getString(2).endsWith("blob"), row.getString(3).equals("YES")), name);
        List<String> key = database.queryForList("select column_name from information_schema.key_column_usage where table_schema = database() "
                + "and table_name = ? and constraint_name = 'PRIMARY' order by ordinal_position", String.class, name);
        boolean counted = has(database, name, "extra like '%auto_increment%'");
        boolean sequence = has(database, name, "column_name = 'id' and column_default like 'nextval(%'");
        List<Parent> parents = database.query("select column_name, referenced_table_name from information_schema.key_column_usage "
                + "where table_schema = database() and table_name = ? and referenced_table_name is not null order by constraint_name",
                (row, number) -> new Parent(row.getString(1), row.getString(2)), name);
        return new TableOfShop(name, columns, key, sequence ? TableOfShop.Keys.OF_A_SEQUENCE : counted ? TableOfShop.Keys.COUNTED : TableOfShop.Keys.OWN, parents);
    }

    private static boolean has(JdbcTemplate database, String table, String column) {
        return database.queryForObject("select count(*) from information_schema.columns where table_schema = database() and table_name = ? and " + column,
                Integer.class, table) > 0;
    }
}
