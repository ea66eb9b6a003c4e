package brachion.server.exchange;

import brachion.core.quantity.LengthUnit;
import brachion.core.quantity.Measurement;
import brachion.core.quantity.UnitSystem;
import brachion.core.quantity.UnreadableQuantityException;
import brachion.server.exchange.Translation.ColumnMeans;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/** What the cells of a column look like: what it may be, and in what unit (common practice; the limits are round numbers chosen by us). */
final class Looks {

    private static final double MOSTLY = 0.6;
    private static final Pattern BARE = Pattern.compile("[-−]?[\\d.,]+|\\d+\\s*/\\s*\\d+|\\d+[\\s-]+\\d+\\s*/\\s*\\d+");
    private static final Pattern FRACTION = Pattern.compile(".*\\d\\s*/\\s*\\d.*|.*[½¼¾⅛⅜⅝⅞\"”″].*|.*\\d\\s*(in|inch|inches)\\b.*");
    private static final Pattern SIZE = Pattern.compile("(?i).*\\d.*\\s*(x|×|\\*|by)\\s*.*\\d.*");
    private static final Pattern UNIT = Pattern.compile("(?i)(mm|cm|in|inch|inches|ft|min|mins|minutes|hrs|hr|h|hours|stunden|std|heures|s|sec|seconds|sek|days|d|tage|°?f|°?c|fahrenheit|celsius)");
    private static final Map<String, String> UNITS = Map.ofEntries(Map.entry("inch", "in"), Map.entry("inches", "in"), Map.entry("mins", "min"), Map.entry("minutes", "min"),
            Map.entry("hr", "h"), Map.entry("hrs", "h"), Map.entry("hours", "h"), Map.entry("stunden", "h"), Map.entry("std", "h"), Map.entry("heures", "h"), Map.entry("sec", "s"),
            Map.entry("seconds", "s"), Map.entry("sek", "s"), Map.entry("days", "d"), Map.entry("tage", "d"), Map.entry("f", "°F"), Map.entry("°f", "°F"), Map.entry("fahrenheit", "°F"),
            Map.entry("c", "°C"), Map.entry("°c", "°C"), Map.entry("celsius", "°C"));
    /** A stock thinner than so many of its unit is in inches. */
    private static final double INCHES_BELOW = 5;
    private static final double INCHES_OF_RADIUS_BELOW = 45;
    private static final double MINUTES_FROM = 8;
    private static final double FAHRENHEIT_FROM = 115;
    private static final double KILN_DRIED_UP_TO = 11;
    private static final double GREEN_FROM = 28;

    private final Words words;

    Looks(Words words) {
        this.words = words;
    }

    /** What a column may be, by its heading or else by its cells. */
    Optional<String> meant(String heading, List<String> cells) {
        Optional<String> named = Vocabulary.meant(heading);
        if (named.filter(Column.THICKNESS.title()::equals).isPresent() && mostly(cells, SIZE.asMatchPredicate())) {
            return Optional.of(Translation.SECTION_SIZE);
        }
        return named.or(() -> byItsCells(cells));
    }

    private Optional<String> byItsCells(List<String> cells) {
        if (cells.isEmpty()) {
            return Optional.empty();
        }
        if (mostly(cells, cell -> Arrays.stream(DayOrder.values()).anyMatch(order -> order.read(cell).isPresent()))) {
            return Optional.of(Column.DAY.title());
        }
        if (mostly(cells, SIZE.asMatchPredicate())) {
            return Optional.of(Translation.SECTION_SIZE);
        }
        return List.of(Column.SPECIES, Column.ENDED, Column.SEASONING).stream().map(Column::title)
                .filter(column -> mostly(cells, cell -> cell.length() > 2 && (words.meant(column, cell).isPresent() || !words.likely(column, cell).isEmpty()))).findFirst();
    }

    private static boolean mostly(List<String> cells, Predicate<String> so) {
        return !cells.isEmpty() && cells.stream().filter(so).count() >= MOSTLY * cells.size();
    }

    /** The unit of a column's bare numbers: as its heading says, or as they look; empty where it has none. */
    String unit(String heading, String column, List<String> cells) {
        List<String> units = units(column);
        if (units.isEmpty()) {
            return "";
        }
        return said(heading).filter(units::contains).orElseGet(() -> guess(column, cells));
    }

    /** The units a column can be written in; none for one that has no choice. */
    static List<String> units(String column) {
        String metric = column.equals(Translation.SECTION_SIZE) ? "mm" : Column.named(column).map(known -> known.unit(Units.METRIC)).orElse("");
        return switch (metric) {
            case "mm" -> List.of("in", "mm", "cm");
            case "s", "min", "h", "d" -> List.of("s", "min", "h", "d");
            case "°C" -> List.of("°F", "°C");
            default -> List.of();
        };
    }

    private static Optional<String> said(String heading) {
        Matcher bracket = Pattern.compile("[\\[(]([^\\])]*)[\\])]").matcher(heading);
        Optional<String> within = bracket.find() ? Optional.of(bracket.group(1).strip()) : Optional.empty();
        String[] all = heading.strip().split("[\\s,/]+");
        return within.or(() -> all.length > 1 ? Optional.of(all[all.length - 1]) : Optional.empty()).map(text -> text.toLowerCase(Locale.ROOT))
                .filter(text -> UNIT.matcher(text).matches()).map(text -> UNITS.getOrDefault(text, text));
    }

    private String guess(String column, List<String> cells) {
        String usual = units(column).get(0);
        if (usual.equals("in")) {
            double median = median(cells, cell -> Measurement.LENGTH.read(cell, UnitSystem.INCH)).orElse(0) / LengthUnit.INCH.millimetres();
            boolean radius = column.equals(Column.INNER_RADIUS.title()) || column.equals(Column.RELEASED_RADIUS.title());
            return cells.stream().anyMatch(FRACTION.asMatchPredicate()) || median < (radius ? INCHES_OF_RADIUS_BELOW : INCHES_BELOW) ? "in" : "mm";
        }
        OptionalDouble median = median(cells, Looks::number);
        return switch (column) {
            case "chamber", "bag", "bath", "pipe" -> median.orElse(0) >= FAHRENHEIT_FROM ? "°F" : "°C";
            case "steam", "hot bath", "steam left on" -> median.orElse(MINUTES_FROM) >= MINUTES_FROM ? "min" : "h";
            default -> Column.named(column).map(known -> known.unit(Units.METRIC)).orElse("");
        };
    }

    /** The middle of what can be read of bare numbers. */
    private static OptionalDouble median(List<String> cells, ToDoubleFunction<String> reading) {
        double[] read = cells.stream().filter(cell -> BARE.matcher(cell).matches()).flatMapToDouble(cell -> {
            try {
                return DoubleStream.of(reading.applyAsDouble(cell));
            } catch (UnreadableQuantityException | NumberFormatException unreadable) {
                return DoubleStream.empty();
            }
        }).sorted().toArray();
        return read.length == 0 ? OptionalDouble.empty() : OptionalDouble.of(read[read.length / 2]);
    }

    private static double number(String cell) {
        return Double.parseDouble(cell.replace(',', '.'));
    }

    /** Whether a unit or an order of dates is a guess that somebody should look at. */
    boolean guessed(String heading, String column, List<String> cells) {
        if (column.equals(Column.DAY.title())) {
            return DayOrder.told(cells).isEmpty();
        }
        boolean bare = cells.stream().anyMatch(cell -> BARE.matcher(cell).matches() || SIZE.matcher(cell).matches());
        return !units(column).isEmpty() && bare && said(heading).filter(units(column)::contains).isEmpty();
    }

    /** The order of its dates: as they tell, or month first where nothing does. */
    DayOrder dayOrder(String column, List<String> cells) {
        return column.equals(Column.DAY.title()) ? DayOrder.told(cells).orElse(DayOrder.MONTH_FIRST) : DayOrder.DAY_FIRST;
    }

    /** What can be taken for what no column says. */
    Map<String, String> usual(List<ColumnMeans> columns, List<List<String>> cells) {
        Map<String, String> usual = new HashMap<>(Map.of(Column.METHOD.title(), has(columns, "plies") ? "cold lamination" : "steam box",
                "strap thickness", "0.05 in", "gap at the stops", "0 mm"));
        IntStream.range(0, columns.size()).filter(place -> columns.get(place).column().equals(Column.MOISTURE.title())).findFirst()
                .ifPresent(place -> moisture(cells.get(place)).ifPresent(percent -> usual.put(Column.SEASONING.title(),
                        percent <= KILN_DRIED_UP_TO ? "kiln dried" : percent < GREEN_FROM ? "air dried" : "green")));
        return usual;
    }

    private static boolean has(List<ColumnMeans> columns, String column) {
        return columns.stream().anyMatch(means -> means.column().equals(column));
    }

    private static OptionalDouble moisture(List<String> cells) {
        return median(cells.stream().map(cell -> cell.replace("%", "").strip()).toList(), Looks::number);
    }
}
