package brachion.server.exchange;

import brachion.core.method.MethodKind;
import brachion.core.method.Setting;
import brachion.core.method.Supposed;
import brachion.core.quantity.Measurement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * A column of a table of trials. A heading is the name, with the unit in brackets where there is one. What is set about a way
 * of bending has the columns that way names; ways that name one alike share it.
 *
 * @param title      the name, without a unit
 * @param path       the field of a trial it holds
 * @param metricUnit the unit it is written in, empty for none
 * @param inchUnit   the unit it is written in where lengths are in inches
 */
record Column(String title, String path, String metricUnit, String inchUnit) {

    static final Column DAY = new Column("day", "bentOn");
    static final Column SPECIES = new Column("species", "recipe.blank.speciesId");
    static final Column SEASONING = new Column("seasoning", "recipe.blank.seasoning");
    static final Column MOISTURE = new Column("moisture", "recipe.blank.moisturePercent", "%");
    static final Column GROWTH_RINGS = new Column("growth rings", "recipe.blank.growthRings");
    static final Column GRAIN_SLOPE = new Column("slope of grain", "recipe.blank.grainRun");
    static final Column KNOTS = new Column("knots", "recipe.blank.knots");
    static final Column OUTER_FACE = new Column("outer face", "recipe.blank.outerFace");
    static final Column SECTION = new Column("section", "recipe.blank.outline");
    static final Column THICKNESS = new Column("thickness", "recipe.blank.thicknessMm", "mm", "in");
    static final Column WIDTH = new Column("width", "recipe.blank.widthMm", "mm", "in");
    static final Column INNER_RADIUS = new Column("inner radius", "recipe.innerRadiusMm", "mm", "in");
    static final Column BEND_ANGLE = new Column("bend angle", "recipe.angleDegrees", "°");
    static final Column METHOD = new Column("method", "recipe.method");
    static final Column PERSON = new Column("person", "recipe.person");
    static final Column BOARD = new Column("board", "recipe.board");
    static final Column SOURCE = new Column("source", "recipe.source");
    static final Column CHAMBER_READINGS = new Column("chamber readings", "done.chamber", "min, °C", "min, °F");
    static final Column ENDED = new Column("ended", "outcome.severity");
    static final Column FLAW = new Column("flaw", "outcome.flaw");
    static final Column RELEASED_RADIUS = new Column("radius after release", "outcome.releasedRadiusMm", "mm", "in");
    static final Column CHORD = new Column("chord after release", "outcome.releasedChordMm", "mm", "in");
    static final Column RISE = new Column("rise after release", "outcome.releasedRiseMm", "mm", "in");
    static final Column GAP = new Column("gap to the pattern", "outcome.releasedGapMm", "mm", "in");
    static final Column TWIST = new Column("twist", "outcome.twistDegrees", "°");
    static final Column CUP = new Column("cup", "outcome.cupMm", "mm", "in");
    static final Column FLAW_AT = new Column("along the bend", "outcome.flawAt");
    /** What else was seen: flaw, severity and, where it is known, the place, one after the other. */
    static final Column ALSO_SEEN = new Column("also seen", "outcome.also");
    static final Column MENDED = new Column("mended", "outcome.mended");
    static final Column NEXT_TIME = new Column("next time", "outcome.nextTime");
    static final Column NOTE = new Column("note", "note");

    /** What is set about the ways of bending, each column once. */
    static final List<Column> OF_METHODS = Arrays.stream(MethodKind.values()).flatMap(kind -> kind.settings().stream()).map(Column::of)
            .distinct().toList();

    private static final Pattern BETWEEN_WORDS = Pattern.compile("[\\s_-]+");

    /** What may be left empty although every bend has it. */
    private static final Map<Column, Supposed> SUPPOSED = supposed();

    /** Every column, in the order they are written. */
    static final List<Column> ALL = all();
    private static final Map<String, Column> BY_NAME = ALL.stream().collect(Collectors.toUnmodifiableMap(column -> plain(column.title), Function.identity()));

    Column(String title, String path) {
        this(title, path, "");
    }

    Column(String title, String path, String unit) {
        this(title, path, unit, unit);
    }

    private static Map<Column, Supposed> supposed() {
        Map<Column, Supposed> supposed = new HashMap<>(Map.of(SEASONING, Supposed.SEASONING, WIDTH, Supposed.WIDTH, BEND_ANGLE, Supposed.ANGLE));
        Arrays.stream(MethodKind.values()).flatMap(kind -> kind.settings().stream())
                .forEach((Setting<?> setting) -> Supposed.of(setting).ifPresent(each -> supposed.put(Column.of(setting), each)));
        return supposed;
    }

    private static List<Column> all() {
        List<Column> all = new ArrayList<>(List.of(DAY, SPECIES, SEASONING, MOISTURE, GROWTH_RINGS, GRAIN_SLOPE, KNOTS, OUTER_FACE, SECTION,
                THICKNESS, WIDTH, INNER_RADIUS, BEND_ANGLE, METHOD));
        all.addAll(OF_METHODS);
        all.addAll(List.of(PERSON, BOARD, SOURCE));
        Arrays.stream(StageColumn.values()).map(StageColumn::column).forEach(all::add);
        all.addAll(List.of(CHAMBER_READINGS, ENDED, FLAW, FLAW_AT, ALSO_SEEN, RELEASED_RADIUS, CHORD, RISE, GAP, TWIST, CUP, MENDED, NEXT_TIME, NOTE));
        return List.copyOf(all);
    }

    /** The column of what is set about a way of bending. */
    static Column of(Setting<?> setting) {
        String path = METHOD.path + "." + setting.key();
        return setting instanceof Setting.Measured measured
                ? new Column(setting.title(), path, unit(measured.measurement(), Units.METRIC), unit(measured.measurement(), Units.INCH))
                : new Column(setting.title(), path);
    }

    private static String unit(Measurement measurement, Units units) {
        boolean inch = units == Units.INCH;
        return switch (measurement) {
            case LENGTH -> inch ? "in" : "mm";
            case TEMPERATURE -> inch ? "°F" : "°C";
            case MOISTURE, HUMIDITY, SHARE -> "%";
            case SECONDS -> "s";
            case MINUTES -> "min";
            case HOURS -> "h";
            case DAYS -> "d";
            case ANGLE -> "°";
            case ALTITUDE -> "m";
            case MASS -> "g";
            case GRAIN_SLOPE, COUNT -> "";
        };
    }

    /** What nobody wrote down where it is empty; none for what is needed, or usual, or may be missing. */
    static Optional<Supposed> supposed(Column column) {
        return Optional.ofNullable(SUPPOSED.get(column));
    }

    /** The unit it is written in, empty for none. */
    String unit(Units units) {
        return units == Units.INCH ? inchUnit : metricUnit;
    }

    /** The heading it is written under. */
    String heading(Units units) {
        return unit(units).isEmpty() ? title : title + " [" + unit(units) + "]";
    }

    /** The column with a name, upper and lower case, blanks, hyphens and underscores being alike. */
    static Optional<Column> named(String name) {
        return Optional.ofNullable(BY_NAME.get(plain(name)));
    }

    /** The column that holds a field of a trial. */
    static Optional<Column> holding(String field) {
        Optional<Column> stage = Arrays.stream(StageColumn.values()).filter(each -> each.holds(field)).map(StageColumn::column).findFirst();
        return stage.or(() -> ALL.stream().filter(column -> field.equals(column.path) || field.startsWith(column.path + "["))
                .findFirst());
    }

    static String plain(String text) {
        return BETWEEN_WORDS.matcher(text.toLowerCase(Locale.ROOT)).replaceAll(" ").strip();
    }
}
