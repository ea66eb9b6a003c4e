package brachion.server.exchange;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** In what order a date of numbers is written. A year first, and a month by its name, leave no doubt. */
enum DayOrder {
    /** 14/3/2025. */
    DAY_FIRST,
    /** 3/14/2025. */
    MONTH_FIRST;

    private static final Pattern NUMBERS = Pattern.compile("(\\d{1,2})\\s*[./\\- ]\\s*(\\d{1,2})\\s*[./\\- ]\\s*(\\d{2}|\\d{4})");
    private static final Pattern YEAR_FIRST = Pattern.compile("(\\d{4})\\s*[./\\- ]\\s*(\\d{1,2})\\s*[./\\- ]\\s*(\\d{1,2})(?:[T ].*)?");
    private static final List<DateTimeFormatter> NAMED = List.of("d MMM yyyy", "d MMMM yyyy", "MMM d yyyy", "MMMM d yyyy", "d MMM yy", "MMM d yy").stream()
            .map(pattern -> new DateTimeFormatterBuilder().parseCaseInsensitive().appendPattern(pattern).toFormatter(Locale.ENGLISH)).toList();
    private static final int TWELVE = 12;
    private static final int CENTURY = 2000;
    private static final int SHORT_YEAR = 100;

    /** The day a text says; empty when it is none. */
    Optional<LocalDate> read(String text) {
        String plain = text.strip();
        Matcher years = YEAR_FIRST.matcher(plain);
        if (years.matches()) {
            return of(number(years, 1), number(years, 2), number(years, 3));
        }
        Matcher numbers = NUMBERS.matcher(plain);
        if (numbers.matches()) {
            int year = number(numbers, 3) < SHORT_YEAR ? CENTURY + number(numbers, 3) : number(numbers, 3);
            return this == DAY_FIRST ? of(year, number(numbers, 2), number(numbers, 1)) : of(year, number(numbers, 1), number(numbers, 2));
        }
        return named(plain.replaceAll("[.,\\-/]+", " ").replaceAll("(?<=\\d)(st|nd|rd|th)\\b", "").replaceAll("\\s+", " ").strip());
    }

    private static Optional<LocalDate> named(String text) {
        for (DateTimeFormatter format : NAMED) {
            try {
                return Optional.of(LocalDate.parse(text, format));
            } catch (DateTimeException another) {
                // the next way of writing it
            }
        }
        return Optional.empty();
    }

    /** Whether a text can be a day in either order, and in which it must be where only one will do. */
    static Optional<DayOrder> told(List<String> texts) {
        boolean dayFirst = texts.stream().map(NUMBERS::matcher).filter(Matcher::matches).anyMatch(matched -> number(matched, 1) > TWELVE);
        boolean monthFirst = texts.stream().map(NUMBERS::matcher).filter(Matcher::matches).anyMatch(matched -> number(matched, 2) > TWELVE);
        if (texts.stream().map(NUMBERS::matcher).anyMatch(matched -> matched.matches() && matched.group().contains("."))) {
            // whoever writes dots says the day first (common practice)
            return Optional.of(DAY_FIRST);
        }
        boolean doubtful = texts.stream().map(NUMBERS::matcher).anyMatch(Matcher::matches);
        if (dayFirst == monthFirst) {
            return doubtful ? Optional.empty() : Optional.of(DAY_FIRST);
        }
        return Optional.of(dayFirst ? DAY_FIRST : MONTH_FIRST);
    }

    private static int number(Matcher matched, int group) {
        return Integer.parseInt(matched.group(group));
    }

    private static Optional<LocalDate> of(int year, int month, int day) {
        try {
            return Optional.of(LocalDate.of(year, month, day));
        } catch (DateTimeException impossible) {
            return Optional.empty();
        }
    }
}
