package brachion.server.find;

import brachion.core.quantity.Measurement;

/**
 * Something a record says, to find it by.
 *
 * @param key         what it is called on the wire
 * @param title       what it is called
 * @param kind        what its values are
 * @param measurement how a number is typed; null for a bare number and for all that is none
 * @param sql         where it stands, of a trial called t
 * @param always      whether every record says it
 */
record Fact(String key, String title, Kind kind, Measurement measurement, String sql, boolean always) {

    /** What values of a fact are. */
    enum Kind {
        /** One of a few words. */
        WORD,
        /** Somebody or something the shop has named. */
        NAMED,
        /** A number. */
        NUMBER,
        /** A day. */
        DAY
    }

    /** Whether records can be counted by it. */
    boolean groups() {
        return kind != Kind.DAY;
    }

    /** Whether it is a span of time, the latest of which stands first. */
    boolean time() {
        return key.equals(Facts.MONTH) || key.equals(Facts.YEAR);
    }

    static Fact word(String key, String title, String column) {
        return new Fact(key, title, Kind.WORD, null, column, false);
    }

    static Fact named(String key, String title, String column) {
        return new Fact(key, title, Kind.NAMED, null, column, false);
    }

    /** The same, said by every record. */
    Fact everywhere() {
        return new Fact(key, title, kind, measurement, sql, true);
    }

    static Fact number(String key, String title, Measurement measurement, String column) {
        return new Fact(key, title, Kind.NUMBER, measurement, column, false);
    }
}
