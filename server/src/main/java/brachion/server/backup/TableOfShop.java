package brachion.server.backup;

import java.util.List;

/**
 * A table and how its rows belong to a shop.
 *
 * @param name    its name
 * @param columns its columns, in the order of the table
 * @param key     columns of its primary key, by which its rows are ordered
 * @param keys    where its rows have their key {@code id} from
 * @param parents tables its rows point to
 */
record TableOfShop(String name, List<Column> columns, List<String> key, Keys keys, List<Parent> parents) {

    static final String SHOP = "shop";

    /** Where rows have their keys from. */
    enum Keys {
        /** What they are about. */
        OWN,
        /** The table counts. */
        COUNTED,
        /** A sequence named after the table, which gives several at a time. */
        OF_A_SEQUENCE
    }

    /**
     * A column.
     *
     * @param name     its name
     * @param number   whether it holds numbers
     * @param bytes    whether it holds bytes, which travel in base 64
     * @param optional whether a row can be without
     */
    record Column(String name, boolean number, boolean bytes, boolean optional) {
    }

    /**
     * A column that holds keys of another table.
     *
     * @param column the column
     * @param table  the other table
     */
    record Parent(String column, String table) {
    }

    /** Whether the database gives its rows their key. */
    boolean counted() {
        return keys != Keys.OWN;
    }

    boolean ofShop() {
        return columns.stream().anyMatch(column -> column.name().equals(SHOP));
    }

    /** The rows of one shop, by a condition with one question mark for each {@link #shops}. */
    String whereInShop(List<TableOfShop> all) {
        if (ofShop()) {
            return SHOP + " = ?";
        }
        Parent parent = parents.get(0);
        TableOfShop of = all.stream().filter(table -> table.name().equals(parent.table())).findFirst().orElseThrow();
        return parent.column() + " in (select id from " + of.name() + " where " + of.whereInShop(all) + ")";
    }
}
