package brachion.core.quantity;

/**
 * The kinds of measurement a person types, each with the unit it is kept in. The one grammar of every field and every
 * table: a unit that is written is honoured or refused, never dropped.
 */
public enum Measurement {
    /** A length [mm]. */
    LENGTH((text, bare) -> Length.parse(text, bare.bareLength()).millimetres()),
    /** A temperature [°C]. */
    TEMPERATURE((text, bare) -> Temperature.parse(text, bare.bareTemperature()).celsius()),
    /** A moisture content [%]. */
    MOISTURE((text, bare) -> Moisture.parse(text).percent()),
    /** A relative humidity [%]. */
    HUMIDITY((text, bare) -> NumberReading.HUMIDITY.read(text)),
    /** A span of time, kept and meant in seconds. */
    SECONDS((text, bare) -> time(text, TimeUnit.SECOND)),
    /** A span of time, kept and meant in minutes. */
    MINUTES((text, bare) -> time(text, TimeUnit.MINUTE)),
    /** A span of time, kept and meant in hours. */
    HOURS((text, bare) -> time(text, TimeUnit.HOUR)),
    /** A span of time, kept and meant in days. */
    DAYS((text, bare) -> time(text, TimeUnit.DAY)),
    /** A share of a whole [%]. */
    SHARE((text, bare) -> NumberReading.SHARE.read(text)),
    /** An angle [°]. */
    ANGLE((text, bare) -> NumberReading.ANGLE.read(text)),
    /** A slope of grain as the run for a rise of one. */
    GRAIN_SLOPE((text, bare) -> SlopeReading.read(text)),
    /** A whole number of things. */
    COUNT((text, bare) -> NumberReading.COUNT.read(text)),
    /** A height above the sea [m]; below it with a minus. A bare one is in feet where lengths are in inches. */
    ALTITUDE((text, bare) -> altitude(text, bare == UnitSystem.INCH ? NumberReading.HEIGHT_IN_FEET : NumberReading.HEIGHT)),
    /** A mass [g]. */
    MASS((text, bare) -> NumberReading.MASS.read(text));

    private final Grammar grammar;

    /** How a text is read. */
    private interface Grammar {

        double read(String text, UnitSystem bare);
    }

    Measurement(Grammar grammar) {
        this.grammar = grammar;
    }

    /**
     * Reads what was typed.
     *
     * @param text what was typed
     * @param bare what a length, temperature or altitude without a unit means
     * @return the measurement in the unit it is kept in
     * @throws UnreadableQuantityException when the text is no such measurement, or could be two different ones
     */
    public double read(String text, UnitSystem bare) {
        return grammar.read(text, bare);
    }

    private static double time(String text, TimeUnit unit) {
        return Span.parse(text, unit).in(unit);
    }

    private static double altitude(String text, NumberReading height) {
        String given = text == null ? "" : text.strip();
        boolean below = given.startsWith("-") || given.startsWith("−");
        double metres = height.read(below ? given.substring(1) : given, given);
        return below ? -metres : metres;
    }
}
