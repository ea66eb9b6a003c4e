package brachion.server.exchange;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** The columns of a table of trials. A heading is the name, with the unit in brackets where there is one. */
enum Column {
    DAY("day", "bentOn"),
    SPECIES("species", "recipe.blank.speciesId"),
    SEASONING("seasoning", "recipe.blank.seasoning"),
    MOISTURE("moisture", "recipe.blank.moisturePercent", "%"),
    GROWTH_RINGS("growth rings", "recipe.blank.growthRings"),
    GRAIN_SLOPE("slope of grain", "recipe.blank.grainRun"),
    KNOTS("knots", "recipe.blank.knots"),
    OUTER_FACE("outer face", "recipe.blank.outerFace"),
    THICKNESS("thickness", "recipe.blank.thicknessMm", "mm", "in"),
    WIDTH("width", "recipe.blank.widthMm", "mm", "in"),
    INNER_RADIUS("inner radius", "recipe.innerRadiusMm", "mm", "in"),
    BEND_ANGLE("bend angle", "recipe.angleDegrees", "°"),
    METHOD("method", "recipe.method"),
    SOAK("soak", "recipe.steam.soakHours", "h"),
    SOAK_ADDITIVE("in the soak", "recipe.steam.soakAdditive"),
    STEAM("steam", "recipe.steam.steamMinutes", "min"),
    CHAMBER("chamber", "recipe.steam.chamberC", "°C", "°F"),
    CARRY("carry", "recipe.steam.carrySeconds", "s"),
    ON_FORM("on the form", "recipe.steam.holdHours", "h"),
    STRAP("strap", "recipe.steam.strap.material"),
    STRAP_THICKNESS("strap thickness", "recipe.steam.strap.thicknessMm", "mm", "in"),
    STRAP_GAP("gap at the stops", "recipe.steam.strap.endGapMm", "mm", "in"),
    GLUE("glue", "recipe.lamination.glue"),
    PLIES("plies", "recipe.lamination.plies"),
    PERSON("person", "recipe.person"),
    BOARD("board", "recipe.board"),
    SOURCE("source", "recipe.source"),
    SOAK_TOOK("soak took", "done.SOAK", "min"),
    STEAM_TOOK("steam took", "done.STEAM_BOX", "min"),
    CARRY_TOOK("carry took", "done.CARRY", "min"),
    FORM_TOOK("form took", "done.FORM", "min"),
    RACK_TOOK("rack took", "done.RACK", "min"),
    CHAMBER_READINGS("chamber readings", "done.chamber", "min, °C", "min, °F"),
    ENDED("ended", "outcome.severity"),
    FLAW("flaw", "outcome.flaw"),
    RELEASED_RADIUS("radius after release", "outcome.releasedRadiusMm", "mm", "in"),
    NOTE("note", "note");

    private final String title;
    private final String path;
    private final String metricUnit;
    private final String inchUnit;

    Column(String title, String path) {
        this(title, path, "");
    }

    Column(String title, String path, String unit) {
        this(title, path, unit, unit);
    }

    Column(String title, String path, String metricUnit, String inchUnit) {
        this.title = title;
        this.path = path;
        this.metricUnit = metricUnit;
        this.inchUnit = inchUnit;
    }

    /** The name, without a unit. */
    String title() {
        return title;
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
        return Arrays.stream(values()).filter(column -> plain(column.title).equals(plain(name))).findFirst();
    }

    /** The column that holds a field of a trial. */
    static Optional<Column> holding(String field) {
        return Arrays.stream(values()).filter(column -> field.equals(column.path) || field.startsWith(column.path + "["))
                .findFirst();
    }

    static String plain(String text) {
        return text.toLowerCase(Locale.ROOT).replaceAll("[\\s_-]+", " ").strip();
    }
}
