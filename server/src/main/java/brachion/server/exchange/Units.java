package brachion.server.exchange;

/** The units a table is written in. Reading goes by what the table says. */
enum Units {
    /** Millimetres and degrees Celsius. */
    METRIC,
    /** Decimal inches and degrees Fahrenheit. */
    INCH
}
