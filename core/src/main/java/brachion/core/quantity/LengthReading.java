package brachion.core.quantity;

import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads lengths as makers type them. The one place that knows the notation. */
final class LengthReading {

    static final String ACCEPTED = "3/16, 1 1/8\", 1-1/8 in, 2'6\", 4.8 mm, 4,8 mm or 12 cm";

    /** A number: 4, 4.8, 4,8, 3/16, 1 1/8 or 1-1/8. */
    private static final String AMOUNT =
            "(?:(?<W>\\d+)(?:\\s+|\\s*-\\s*))?(?<N>\\d+)\\s*/\\s*(?<D>\\d+)|(?<X>\\d+(?:[.,]\\d*)?|[.,]\\d+)";

    private static final Pattern SINGLE =
            Pattern.compile("(?:" + amount("") + ")\\s*(?<unit>mm|cm|m|in|inch|inches|\"|ft|foot|feet|')?");

    private static final Pattern FEET_AND_INCHES = Pattern.compile(
            "(?<feet>\\d+)\\s*(?:'|ft|foot|feet)\\s*-?\\s*(?:" + amount("") + ")\\s*(?:\"|in|inch|inches)?");

    private static final Map<String, LengthUnit> UNITS = Map.ofEntries(
            Map.entry("mm", LengthUnit.MILLIMETRE), Map.entry("cm", LengthUnit.CENTIMETRE),
            Map.entry("m", LengthUnit.METRE), Map.entry("in", LengthUnit.INCH),
            Map.entry("inch", LengthUnit.INCH), Map.entry("inches", LengthUnit.INCH),
            Map.entry("\"", LengthUnit.INCH), Map.entry("ft", LengthUnit.FOOT),
            Map.entry("foot", LengthUnit.FOOT), Map.entry("feet", LengthUnit.FOOT),
            Map.entry("'", LengthUnit.FOOT));

    private static final Map<Character, String> VULGAR_FRACTIONS = Map.of(
            '½', "1/2", '¼', "1/4", '¾', "3/4", '⅛', "1/8", '⅜', "3/8", '⅝', "5/8", '⅞', "7/8");

    private LengthReading() {
    }

    private static String amount(String suffix) {
        return AMOUNT.replaceAll("<([WNDX])>", "<$1" + suffix + ">");
    }

    static Length read(String text, LengthUnit bareUnit) {
        String given = text == null ? "" : text.strip();
        if (given.isEmpty()) {
            throw unreadable(given, "is empty: a length is needed");
        }
        String plain = plain(given);
        Matcher feet = FEET_AND_INCHES.matcher(plain);
        if (feet.matches()) {
            double inches = amount(feet, given);
            return Length.of(Double.parseDouble(feet.group("feet")) * 12 + inches, LengthUnit.INCH);
        }
        Matcher single = SINGLE.matcher(plain);
        if (!single.matches()) {
            throw unreadable(given, plain.startsWith("-") ? "is below zero" : "is not a length");
        }
        String unit = single.group("unit");
        boolean fraction = single.group("N") != null;
        LengthUnit bare = fraction ? LengthUnit.INCH : bareUnit;
        return Length.of(amount(single, given), unit == null ? bare : UNITS.get(unit));
    }

    private static double amount(Matcher matched, String given) {
        String decimal = matched.group("X");
        if (decimal != null) {
            return NumberReading.number(decimal, given, ACCEPTED);
        }
        double denominator = Double.parseDouble(matched.group("D"));
        if (denominator == 0) {
            throw unreadable(given, "divides by zero");
        }
        double whole = matched.group("W") == null ? 0 : Double.parseDouble(matched.group("W"));
        return whole + Double.parseDouble(matched.group("N")) / denominator;
    }

    /** Lower case, plain quotes, spelled-out fractions and single spaces. */
    private static String plain(String given) {
        StringBuilder plain = new StringBuilder();
        for (char c : given.toLowerCase(Locale.ROOT).toCharArray()) {
            String fraction = VULGAR_FRACTIONS.get(c);
            if (fraction != null) {
                plain.append(' ').append(fraction);
            } else {
                plain.append(switch (c) {
                    case '″', '”', '“' -> '"';
                    case '′', '’', '‘' -> '\'';
                    case '⁄' -> '/';
                    case '–', '−' -> '-';
                    default -> c;
                });
            }
        }
        return plain.toString().replace("''", "\"").replaceAll("\\s+", " ").strip()
                .replaceAll("(?<=[a-z])\\.$", "");
    }

    private static UnreadableQuantityException unreadable(String text, String reason) {
        return new UnreadableQuantityException(text, reason, ACCEPTED);
    }
}
