package brachion.server.backup;

import java.util.List;

/**
 * What a backup says of itself.
 *
 * @param format  version of the file's own form
 * @param product version of the product that wrote it
 * @param schema  version of the database it was taken from
 * @param shop    the shop it is of, null for all of a database
 * @param madeAt  when, as an ISO 8601 instant
 * @param tables  the tables in the order in which they are to be filled
 */
record Manifest(int format, String product, String schema, String shop, String madeAt, List<Part> tables) {

    static final int FORMAT = 1;
    static final String ENTRY = "brachion.json";

    /**
     * A table in the file.
     *
     * @param table  its name
     * @param rows   how many rows
     * @param sha256 digest of its lines, in hexadecimal
     */
    record Part(String table, long rows, String sha256) {

        /** Where its lines are. */
        String entry() {
            return "tables/" + table + ".jsonl";
        }
    }
}
