package brachion.server.exchange;

import brachion.core.bending.Outline;
import brachion.core.method.OuterFace;
import brachion.core.method.Setting;
import brachion.core.quantity.Measurement;
import brachion.core.quantity.Length;
import brachion.core.quantity.Temperature;
import brachion.core.wood.Species;
import brachion.core.wood.SpeciesCatalogue;
import brachion.server.recipe.BlankFields;
import brachion.server.recipe.MethodFields;
import brachion.server.recipe.RecipeFields;
import brachion.server.trial.DoneFields;
import brachion.server.trial.OutcomeFields;
import brachion.server.trial.SeenFields;
import brachion.server.trial.TrialFields;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Writes trials as a table that {@link TrialReader} reads back as the same trials. */
final class TrialWriter {

    /** Digits that hold a millionth of a millimetre in inches. */
    private static final int DIGITS = 9;

    private final Units units;
    private final SpeciesCatalogue woods;

    TrialWriter(Units units, SpeciesCatalogue woods) {
        this.units = units;
        this.woods = woods;
    }

    /** What stands over the columns. */
    List<String> headings() {
        return Column.ALL.stream().map(column -> column.heading(units)).toList();
    }

    /** A trial, cell by cell. */
    List<String> cells(TrialFields trial) {
        Map<Column, String> cells = new HashMap<>();
        cells.put(Column.DAY, trial.bentOn().toString());
        blank(trial.recipe().blank(), cells);
        bend(trial.recipe(), cells);
        settings(trial.recipe().method(), cells);
        done(trial.done(), cells);
        outcome(trial.outcome(), cells);
        cells.put(Column.NOTE, trial.note());
        return Column.ALL.stream().map(column -> isSupposed(trial, column) ? "" : cells.getOrDefault(column, "")).toList();
    }

    /** What nobody wrote down leaves its cell empty. */
    private static boolean isSupposed(TrialFields trial, Column column) {
        return trial.supposed() != null && Column.supposed(column).filter(trial.supposed()::contains).isPresent();
    }

    private void outcome(OutcomeFields outcome, Map<Column, String> cells) {
        cells.put(Column.ENDED, word(outcome.severity()));
        cells.put(Column.FLAW, word(outcome.flaw()));
        cells.put(Column.FLAW_AT, word(outcome.flawAt()));
        cells.put(Column.ALSO_SEEN, outcome.also().stream().map(TrialWriter::seen).collect(Collectors.joining("; ")));
        cells.put(Column.RELEASED_RADIUS, length(outcome.releasedRadiusMm()));
        cells.put(Column.CHORD, length(outcome.releasedChordMm()));
        cells.put(Column.RISE, length(outcome.releasedRiseMm()));
        cells.put(Column.GAP, length(outcome.releasedGapMm()));
        cells.put(Column.TWIST, number(outcome.twistDegrees()));
        cells.put(Column.CUP, length(outcome.cupMm()));
        cells.put(Column.MENDED, text(outcome.mended()));
        cells.put(Column.NEXT_TIME, text(outcome.nextTime()));
    }

    private static String seen(SeenFields seen) {
        return Stream.of(word(seen.flaw()), word(seen.severity()), word(seen.flawAt())).filter(word -> !word.isEmpty()).collect(Collectors.joining(", "));
    }

    private void blank(BlankFields blank, Map<Column, String> cells) {
        cells.put(Column.SPECIES, woods.find(blank.speciesId())
                .map(Species::commonName).orElse(blank.speciesId()));
        cells.put(Column.SEASONING, word(blank.seasoning()));
        cells.put(Column.MOISTURE, number(blank.moisturePercent()));
        cells.put(Column.GROWTH_RINGS, word(blank.growthRings()));
        cells.put(Column.GRAIN_SLOPE, blank.grainRun() == null ? "" : "1 in " + number(blank.grainRun()));
        cells.put(Column.KNOTS, word(blank.knots()));
        cells.put(Column.OUTER_FACE, word(blank.outerFace() == null ? OuterFace.SAWN : blank.outerFace()));
        cells.put(Column.SECTION, word(blank.outline() == null ? Outline.RECTANGLE : blank.outline()));
        cells.put(Column.THICKNESS, length(blank.thicknessMm()));
        cells.put(Column.WIDTH, length(blank.widthMm()));
    }

    private void bend(RecipeFields recipe, Map<Column, String> cells) {
        cells.put(Column.INNER_RADIUS, length(recipe.innerRadiusMm()));
        cells.put(Column.BEND_ANGLE, number(recipe.angleDegrees()));
        cells.put(Column.METHOD, word(recipe.method().kind()));
        cells.put(Column.PERSON, text(recipe.person()));
        cells.put(Column.BOARD, text(recipe.board()));
        cells.put(Column.SOURCE, text(recipe.source()));
    }

    /** Every setting the method has. */
    private void settings(MethodFields method, Map<Column, String> cells) {
        for (Setting<?> setting : method.kind().settings()) {
            Object value = method.given().get(setting.key());
            cells.put(Column.of(setting), setting instanceof Setting.Measured measured ? measured((Double) value, measured.measurement())
                    : value instanceof Enum<?> word ? word(word) : unsaid(setting));
        }
    }

    /** A choice nobody made is the plain one or none; one that belongs to another is left empty. */
    private static String unsaid(Setting<?> choice) {
        return choice.need().of().isPresent() ? "" : choice.plain().map(plain -> word((Enum<?>) plain)).orElse("none");
    }

    private String measured(Double value, Measurement measurement) {
        return switch (measurement) {
            case LENGTH -> length(value);
            case TEMPERATURE -> value == null ? "" : temperature(value);
            default -> number(value);
        };
    }

    private void done(DoneFields done, Map<Column, String> cells) {
        for (StageColumn column : StageColumn.values()) {
            done.stages().stream().filter(stage -> column.holds(stage.kind())).forEach(
                    stage -> cells.put(column.column(), number(stage.actualMinutes())));
        }
        cells.put(Column.CHAMBER_READINGS, done.chamber().stream()
                .map(reading -> number(reading.minutes()) + " = " + temperature(reading.celsius()))
                .collect(Collectors.joining("; ")));
    }

    private String length(Double millimetres) {
        return millimetres == null ? "" : units == Units.INCH
                ? rounded(new Length(millimetres).inches()) : number(millimetres);
    }

    private String temperature(double celsius) {
        return units == Units.INCH ? rounded(new Temperature(celsius).fahrenheit()) : number(celsius);
    }

    private static String number(Double value) {
        return value == null ? "" : BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
    }

    /** A number in another unit than it is kept in, with the digits that lead back to it. */
    private static String rounded(double value) {
        return number(BigDecimal.valueOf(value).setScale(DIGITS, RoundingMode.HALF_UP).doubleValue());
    }

    private static String word(Enum<?> value) {
        return value == null ? "" : Column.plain(value.name());
    }

    private static String text(String text) {
        return text == null ? "" : text;
    }
}
