package brachion.server.exchange;

import brachion.core.quantity.Measurement;
import brachion.core.quantity.Span;
import brachion.core.quantity.TimeUnit;
import brachion.core.quantity.UnitSystem;
import brachion.core.trial.AlongBend;
import brachion.core.trial.Flaw;
import brachion.core.trial.Severity;
import brachion.server.trial.DoneFields;
import brachion.server.trial.SeenFields;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;

/**
 * The cells of one row, read one by one. A cell that cannot be read gives null and a fault; an empty one gives null. A
 * number takes its unit from its cell or else from the heading: a bare one is never guessed at.
 */
final class Cells {

    private static final Pattern BARE = Pattern.compile("[-−]?[\\d.,]+");

    /** The words of a kind, in its order. */
    private static final ClassValue<Map<String, Object>> WORDS = new ClassValue<>() {

        @Override
        protected Map<String, Object> computeValue(Class<?> type) {
            Map<String, Object> words = new LinkedHashMap<>();
            Arrays.stream(type.getEnumConstants()).forEach(each -> words.put(Column.plain(((Enum<?>) each).name()), each));
            return words;
        }
    };

    private final Map<Column, Heading> headings = new HashMap<>();
    private final Map<Column, String> texts = new HashMap<>();
    private final List<Fault> faults = new ArrayList<>();

    Cells(List<Heading> headings, List<String> cells) {
        for (int i = 0; i < headings.size(); i++) {
            Heading heading = headings.get(i);
            String text = i < cells.size() ? cells.get(i).strip() : "";
            heading.column().ifPresent(column -> {
                this.headings.put(column, heading);
                this.texts.put(column, text);
            });
        }
    }

    /** What could not be read so far. */
    List<Fault> faults() {
        return faults;
    }

    void fault(Column column, String message) {
        faults.add(new Fault(heading(column), message));
    }

    boolean faulty(Column column) {
        return faults.stream().anyMatch(fault -> fault.heading().equals(heading(column)));
    }

    private String heading(Column column) {
        return headings.containsKey(column) ? headings.get(column).text() : column.title();
    }

    boolean empty(Column column) {
        return text(column) == null;
    }

    String text(Column column) {
        String text = texts.getOrDefault(column, "");
        return text.isEmpty() ? null : text;
    }

    /** A length [mm]. */
    Double millimetres(Column column) {
        return read(column, text -> Measurement.LENGTH.read(withUnit(column, unit(column), text, "mm or in"), UnitSystem.INCH));
    }

    /** A span of time in a unit. */
    Double time(Column column, TimeUnit unit) {
        return read(column, text -> time(column, unit(column), text, unit));
    }

    /** A temperature [°C]. */
    Double celsius(Column column) {
        return read(column, text -> celsius(column, unit(column), text));
    }

    /** What the chamber's thermometer showed, as in 0 = 40; 12 = 97. The heading names both units or just the second. */
    List<DoneFields.ChamberReading> chamberReadings(Column column) {
        String[] units = unit(column).split(",");
        String minutes = units.length > 1 ? units[0].strip() : "min";
        String scale = units[units.length - 1].strip();
        return read(column, text -> Arrays.stream(text.split(";")).map(each -> {
            String[] parts = each.split("=");
            if (parts.length != 2) {
                throw new IllegalArgumentException("“" + each.strip()
                        + "” is not a reading. Write minutes = temperature, as in 0 = 40; 12 = 97.");
            }
            return new DoneFields.ChamberReading(time(column, minutes, parts[0].strip(), TimeUnit.MINUTE),
                    celsius(column, scale, parts[1].strip()));
        }).toList());
    }

    private double time(Column column, String unit, String text, TimeUnit in) {
        return Span.parse(withUnit(column, unit, text, "s, min, h or d"), in).in(in);
    }

    private double celsius(Column column, String unit, String text) {
        return Measurement.TEMPERATURE.read(withUnit(column, unit, text, "°C or °F"), UnitSystem.METRIC);
    }

    /** A share in per cent, which is what moisture is always given in. */
    Double percent(Column column) {
        return measured(column, Measurement.MOISTURE, Set.of("%", "percent"));
    }

    /** An angle [°]: 180 or 180°. */
    Double degrees(Column column) {
        return measured(column, Measurement.ANGLE, Set.of("°", "deg", "degrees"));
    }

    /** A slope as the run for a rise of one: 20 or 1 in 20. */
    Double run(Column column) {
        return measured(column, Measurement.GRAIN_SLOPE, Set.of("1 in"));
    }

    /** A measurement of any kind, in the unit it is kept in. */
    Double measured(Column column, Measurement measurement) {
        return switch (measurement) {
            case LENGTH -> millimetres(column);
            case TEMPERATURE -> celsius(column);
            case SECONDS -> time(column, TimeUnit.SECOND);
            case MINUTES -> time(column, TimeUnit.MINUTE);
            case HOURS -> time(column, TimeUnit.HOUR);
            case DAYS -> time(column, TimeUnit.DAY);
            case MOISTURE -> percent(column);
            case ANGLE -> degrees(column);
            case GRAIN_SLOPE -> run(column);
            case HUMIDITY, SHARE, COUNT, ALTITUDE, MASS -> measured(column, measurement, Set.of(column.unit(Units.METRIC)));
        };
    }

    private Double measured(Column column, Measurement measurement, Set<String> units) {
        return read(column, text -> {
            requireUnit(column, units);
            return measurement.read(text, UnitSystem.METRIC);
        });
    }

    /** One of a few words. */
    <E extends Enum<E>> E word(Column column, Class<E> type) {
        return read(column, text -> word(text, type));
    }

    private static <E extends Enum<E>> E word(String text, Class<E> type) {
        Object named = WORDS.get(type).get(Column.plain(text));
        if (named == null) {
            throw new IllegalArgumentException("“" + text.strip() + "” is none of " + String.join(", ", WORDS.get(type).keySet()) + ".");
        }
        return type.cast(named);
    }

    /** What else was seen on a piece: flaw, severity and place of each, one after the other. */
    List<SeenFields> seen(Column column) {
        return read(column, text -> Arrays.stream(text.split(";")).map(Cells::seen).toList());
    }

    private static SeenFields seen(String text) {
        String[] parts = text.split(",");
        if (parts.length < 2 || parts.length > 3) {
            throw new IllegalArgumentException("“" + text.strip() + "” is not read: write what was seen, a comma, and flaw or broken.");
        }
        return new SeenFields(word(parts[0], Flaw.class), word(parts[1], Severity.class), parts.length == 2 ? null : word(parts[2], AlongBend.class));
    }

    /** Whatever a function makes of a cell's text; what it refuses becomes a fault. */
    <T> T read(Column column, Function<String, T> reading) {
        String text = text(column);
        if (text == null) {
            return null;
        }
        try {
            return reading.apply(text);
        } catch (IllegalArgumentException unreadable) {
            fault(column, unreadable.getMessage());
            return null;
        }
    }

    /** Refuses a heading that names a unit the column is not read in. */
    private void requireUnit(Column column, Set<String> known) {
        String unit = unit(column);
        if (!unit.isEmpty() && !known.contains(unit.toLowerCase(Locale.ROOT))) {
            throw new IllegalArgumentException("“" + unit + "” is no unit this is read in. Head the column “"
                    + column.heading(Units.METRIC) + "”.");
        }
    }

    /** The unit a column's heading names, empty for none. */
    private String unit(Column column) {
        return headings.containsKey(column) ? headings.get(column).unit() : "";
    }

    private static String withUnit(Column column, String unit, String text, String units) {
        if (!BARE.matcher(text).matches()) {
            return text;
        }
        if (unit.isEmpty()) {
            throw new IllegalArgumentException("“" + text + "” has no unit. Write " + units
                    + " behind it, or in the heading, as in “" + column.heading(Units.METRIC) + "”.");
        }
        return text + " " + unit;
    }
}
