package brachion.core.quantity;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads a slope of grain as the run for a rise of one. The one place that knows the notation. */
final class SlopeReading {

    private static final String ACCEPTED = "1 in 12, 1:12, 12 or 5°";
    private static final String NUMBER = "(\\d+(?:[.,]\\d+)?)";
    private static final Pattern BARE = Pattern.compile(NUMBER);
    private static final Pattern RISE_AND_RUN = Pattern.compile(NUMBER + "\\s*(?:in|:|/)\\s*" + NUMBER);
    private static final Pattern DEGREES = Pattern.compile(NUMBER + "\\s*(?:°|deg|degrees?)");

    private SlopeReading() {
    }

    static double read(String text) {
        String given = text == null ? "" : text.strip();
        String plain = given.toLowerCase(Locale.ROOT);
        Matcher bare = BARE.matcher(plain);
        if (bare.matches()) {
            return number(bare.group(1), given);
        }
        Matcher slope = RISE_AND_RUN.matcher(plain);
        if (slope.matches()) {
            return positive(number(slope.group(2), given) / number(slope.group(1), given), given);
        }
        Matcher degrees = DEGREES.matcher(plain);
        if (degrees.matches()) {
            return positive(1 / Math.tan(Math.toRadians(number(degrees.group(1), given))), given);
        }
        throw unreadable(given, given.isEmpty() ? "is empty: a slope of grain is needed" : "is not a slope of grain");
    }

    private static double positive(double run, String given) {
        if (!(run > 0) || Double.isInfinite(run)) {
            throw unreadable(given, "is not a slope of grain");
        }
        return run;
    }

    private static double number(String digits, String given) {
        return NumberReading.number(digits, given, ACCEPTED);
    }

    private static UnreadableQuantityException unreadable(String given, String reason) {
        return new UnreadableQuantityException(given, reason, ACCEPTED);
    }
}
