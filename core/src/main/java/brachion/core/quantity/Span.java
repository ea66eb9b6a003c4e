package brachion.core.quantity;

import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A span of time, kept in seconds.
 *
 * @param seconds the span in s; finite and not negative
 */
public record Span(double seconds) {

    private static final String ACCEPTED = "45 min, 1 h 30 min, 1:30 h, 12 hours or 2 days";

    private static final Map<String, TimeUnit> UNITS = Map.ofEntries(
            Map.entry("s", TimeUnit.SECOND), Map.entry("sec", TimeUnit.SECOND), Map.entry("second", TimeUnit.SECOND),
            Map.entry("min", TimeUnit.MINUTE), Map.entry("minute", TimeUnit.MINUTE),
            Map.entry("h", TimeUnit.HOUR), Map.entry("hr", TimeUnit.HOUR), Map.entry("hour", TimeUnit.HOUR),
            Map.entry("d", TimeUnit.DAY), Map.entry("day", TimeUnit.DAY), Map.entry("week", TimeUnit.WEEK));

    private static final Pattern PART = Pattern.compile("(?<number>\\d+(?:[.,]\\d+)?)\\s*(?<unit>[a-z]+)\\.?\\s*");
    private static final Pattern BARE = Pattern.compile("\\d+(?:[.,]\\d+)?");
    private static final Pattern CLOCK = Pattern.compile("(?<hours>\\d+):(?<minutes>[0-5]\\d)\\s*(?:h|hr|hours?)?");

    /** Refuses spans that are negative, infinite or not a number. */
    public Span {
        if (!(seconds >= 0) || Double.isInfinite(seconds)) {
            throw new IllegalArgumentException("A span of time must be zero or more seconds, not " + seconds);
        }
    }

    /** The span in a unit. */
    public double in(TimeUnit unit) {
        return seconds / unit.seconds();
    }

    /**
     * Reads {@code 45 min}, {@code 1 h 30 min}, {@code 1:30 h}, {@code 12h}, {@code 2,5 days} or {@code 90 s}.
     *
     * @param bareUnit the unit of a number that carries none
     * @throws UnreadableQuantityException when the text is no span of time
     */
    public static Span parse(String text, TimeUnit bareUnit) {
        String given = text == null ? "" : text.strip();
        String plain = given.toLowerCase(Locale.ROOT);
        if (BARE.matcher(plain).matches()) {
            return new Span(number(plain, given) * bareUnit.seconds());
        }
        Matcher clock = CLOCK.matcher(plain);
        if (clock.matches()) {
            return new Span(number(clock.group("hours"), given) * 3600 + number(clock.group("minutes"), given) * 60);
        }
        return new Span(parts(given, plain));
    }

    /** Sums numbers with units, each unit smaller than the one before. */
    private static double parts(String given, String plain) {
        Matcher part = PART.matcher(plain);
        double seconds = 0;
        double last = Double.POSITIVE_INFINITY;
        int at = 0;
        while (at < plain.length()) {
            TimeUnit unit = part.find() && part.start() == at ? unit(part.group("unit")) : null;
            if (unit == null || unit.seconds() >= last) {
                throw unreadable(given, "is not a span of time");
            }
            seconds += number(part.group("number"), given) * unit.seconds();
            last = unit.seconds();
            at = part.end();
        }
        if (at == 0) {
            throw unreadable(given, "is empty: a span of time is needed");
        }
        return seconds;
    }

    private static TimeUnit unit(String name) {
        return UNITS.getOrDefault(name, name.endsWith("s") ? UNITS.get(name.substring(0, name.length() - 1)) : null);
    }

    private static double number(String digits, String given) {
        return NumberReading.number(digits, given, ACCEPTED);
    }

    private static UnreadableQuantityException unreadable(String given, String reason) {
        return new UnreadableQuantityException(given, reason, ACCEPTED);
    }
}
