package brachion.core.quantity;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A temperature, kept in degrees Celsius.
 *
 * @param celsius °C, not below absolute zero
 */
public record Temperature(double celsius) {

    /** Absolute zero [°C]. */
    public static final double ABSOLUTE_ZERO_C = -273.15;

    private static final String ACCEPTED = "98 °C or 208 °F";
    private static final Pattern TEXT = Pattern.compile("(?<number>-?\\d+(?:[.,]\\d+)?)\\s*°?\\s*(?<scale>[cf])?");

    /** Refuses temperatures below absolute zero. */
    public Temperature {
        if (!(celsius >= ABSOLUTE_ZERO_C) || Double.isInfinite(celsius)) {
            throw new IllegalArgumentException("A temperature must be above −273.15 °C, not " + celsius);
        }
    }

    /** A temperature given in degrees Fahrenheit. */
    public static Temperature ofFahrenheit(double fahrenheit) {
        return new Temperature((fahrenheit - 32) / 1.8);
    }

    /**
     * Reads {@code 98}, {@code 98 °C}, {@code 208F}, {@code 98,5 c}.
     *
     * @param bareScale the scale of a number that carries none
     * @throws UnreadableQuantityException when the text is no temperature
     */
    public static Temperature parse(String text, TemperatureScale bareScale) {
        String given = text == null ? "" : text.strip();
        Matcher matched = TEXT.matcher(given.toLowerCase(Locale.ROOT));
        if (!matched.matches()) {
            throw unreadable(given, given.isEmpty() ? "is empty: a temperature is needed" : "is not a temperature");
        }
        double number = NumberReading.number(matched.group("number"), given, ACCEPTED);
        String scale = matched.group("scale");
        boolean fahrenheit = scale == null ? bareScale == TemperatureScale.FAHRENHEIT : scale.equals("f");
        // kept to a millionth of a degree, so that 181.4 °F is 83 °C and not a hair less
        double celsius = fahrenheit ? Math.rint((number - 32) / 1.8 * 1e6) / 1e6 : number;
        if (celsius < ABSOLUTE_ZERO_C) {
            throw unreadable(given, "is below absolute zero");
        }
        return new Temperature(celsius);
    }

    private static UnreadableQuantityException unreadable(String given, String reason) {
        return new UnreadableQuantityException(given, reason, ACCEPTED);
    }

    /** Degrees Fahrenheit. */
    public double fahrenheit() {
        return celsius * 1.8 + 32;
    }

    /** Kelvin. */
    public double kelvin() {
        return celsius - ABSOLUTE_ZERO_C;
    }
}
