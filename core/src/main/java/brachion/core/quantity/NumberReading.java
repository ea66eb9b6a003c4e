package brachion.core.quantity;

import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads a number with one of a few units behind it. The one place that knows how a plain number is written. */
final class NumberReading {

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
    NumberReading(String what, String accepted, Map<String, Double> units) {
        this(what, accepted, units, false);
    }

    private NumberReading(String what, String accepted, Map<String, Double> units, boolean whole) {
        this.what = what;
        this.accepted = accepted;
        this.units = units;
        this.whole = whole;
    }

    /** The same for numbers of things that come whole. */
    NumberReading whole() {
        return new NumberReading(what, accepted, units, true);
    }

    double read(String text) {
        String given = text == null ? "" : text.strip();
        if (given.isEmpty()) {
            throw unreadable(given, "is empty: " + what + " is needed");
        }
        Matcher matched = TEXT.matcher(given.toLowerCase(Locale.ROOT));
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
