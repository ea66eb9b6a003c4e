package brachion.core.quantity;

import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads a number with one of a few units behind it. The one place that knows how a plain number is written. */
final class NumberReading {

    static final NumberReading MOISTURE = new NumberReading("a moisture content", "12 % or 12.5",
            Map.of("", 1.0, "%", 1.0, "% mc", 1.0, "percent", 1.0));
    static final NumberReading HUMIDITY = new NumberReading("a humidity", "45 or 45 %", Map.of("", 1.0, "%", 1.0, "% rh", 1.0));
    static final NumberReading SHARE = new NumberReading("a share", "15 or 15 %", Map.of("", 1.0, "%", 1.0));
    static final NumberReading ANGLE = new NumberReading("an angle", "90, 90° or 0.5 turn",
            Map.of("", 1.0, "°", 1.0, "deg", 1.0, "degree", 1.0, "degrees", 1.0, "turn", 360.0, "turns", 360.0));
    static final NumberReading COUNT = new NumberReading("a whole number", "6", Map.of("", 1.0, "pieces", 1.0, "plies", 1.0), true);
    /** Grams; an ounce and a pound are exact by the international agreement of 1959. */
    static final NumberReading MASS = new NumberReading("a mass", "850 g, 1.2 kg, 30 oz or 2 lb",
            Map.of("", 1.0, "g", 1.0, "kg", 1000.0, "oz", 28.349523125, "lb", 453.59237, "lbs", 453.59237));
    /** Metres. */
    static final NumberReading HEIGHT = height(1);
    static final NumberReading HEIGHT_IN_FEET = height(LengthUnit.FOOT.millimetres() / 1000);

    private static final Pattern TEXT = Pattern.compile("(\\d+(?:[.,]\\d+)?|[.,]\\d+)\\s*(.*)");
    private static final Pattern AMBIGUOUS_COMMA = Pattern.compile("\\d{1,3},\\d{3}");

    private final String what;
    private final String accepted;
    private final Map<String, Double> units;
    private final boolean whole;

    /**
     * @param what     what is read, as in "an angle"
     * @param accepted examples of what would be read
     * @param units    the size of each unit, in the unit the number is kept in; "" for none
     */
    private NumberReading(String what, String accepted, Map<String, Double> units) {
        this(what, accepted, units, false);
    }

    private NumberReading(String what, String accepted, Map<String, Double> units, boolean whole) {
        this.what = what;
        this.accepted = accepted;
        this.units = units;
        this.whole = whole;
    }

    private static NumberReading height(double bareMetres) {
        double foot = LengthUnit.FOOT.millimetres() / 1000;
        return new NumberReading("a height", "200 m or 650 ft", Map.of("", bareMetres, "m", 1.0, "ft", foot, "feet", foot, "'", foot));
    }

    double read(String text) {
        return read(text, text == null ? "" : text.strip());
    }

    /** Reads a part of what was typed; an error speaks of the whole. */
    double read(String text, String given) {
        if (given.isEmpty()) {
            throw unreadable(given, "is empty: " + what + " is needed");
        }
        Matcher matched = TEXT.matcher(text.strip().toLowerCase(Locale.ROOT));
        if (!matched.matches()) {
            throw unreadable(given, "is not " + what);
        }
        Double unit = units.get(matched.group(2));
        if (unit == null) {
            throw unreadable(given, "is not " + what + ": “" + matched.group(2) + "” is no unit of it");
        }
        double value = number(matched.group(1), given, accepted) * unit;
        if (whole && value != Math.rint(value)) {
            throw unreadable(given, "is not " + what);
        }
        return value;
    }

    /**
     * A number with a point or a comma before its decimals.
     *
     * @throws UnreadableQuantityException when the comma could stand between thousands, or the number has no end
     */
    static double number(String digits, String given, String accepted) {
        if (AMBIGUOUS_COMMA.matcher(digits).matches()) {
            throw new UnreadableQuantityException(given,
                    "could be thousands or a decimal: leave the comma out, or use a point", accepted);
        }
        double value = Double.parseDouble(digits.replace(',', '.'));
        if (Double.isInfinite(value)) {
            throw new UnreadableQuantityException(given, "is beyond every measure", accepted);
        }
        return value;
    }

    private UnreadableQuantityException unreadable(String given, String reason) {
        return new UnreadableQuantityException(given, reason, accepted);
    }
}
