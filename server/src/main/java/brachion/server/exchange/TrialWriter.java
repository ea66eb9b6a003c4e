package brachion.server.exchange;

import brachion.core.method.OuterFace;
import brachion.core.quantity.Length;
import brachion.core.quantity.Temperature;
import brachion.core.wood.Species;
import brachion.core.wood.SpeciesCatalogue;
import brachion.server.recipe.BlankFields;
import brachion.server.recipe.RecipeFields;
import brachion.server.recipe.SteamFields;
import brachion.server.recipe.StrapFields;
import brachion.server.trial.DoneFields;
import brachion.server.trial.TrialFields;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;

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

    /** The whole table: a heading, then a line for each trial. */
    String table(List<TrialFields> trials) {
        List<String> lines = new ArrayList<>();
        lines.add(line(Arrays.stream(Column.values()).map(column -> column.heading(units)).toList()));
        trials.forEach(trial -> lines.add(line(cells(trial))));
        return String.join("\r\n", lines) + "\r\n";
    }

    private static String line(List<String> cells) {
        return CSVFormat.RFC4180.format(cells.toArray());
    }

    private List<String> cells(TrialFields trial) {
        Map<Column, String> cells = new EnumMap<>(Column.class);
        cells.put(Column.DAY, trial.bentOn().toString());
        blank(trial.recipe().blank(), cells);
        bend(trial.recipe(), cells);
        if (trial.recipe().steam() != null) {
            steam(trial.recipe().steam(), cells);
        }
        if (trial.recipe().lamination() != null) {
            cells.put(Column.GLUE, word(trial.recipe().lamination().glue()));
            cells.put(Column.PLIES, trial.recipe().lamination().plies().toString());
        }
        done(trial.done(), cells);
        cells.put(Column.ENDED, word(trial.outcome().severity()));
        cells.put(Column.FLAW, word(trial.outcome().flaw()));
        cells.put(Column.RELEASED_RADIUS, length(trial.outcome().releasedRadiusMm()));
        cells.put(Column.NOTE, trial.note());
        return Arrays.stream(Column.values()).map(column -> cells.getOrDefault(column, "")).toList();
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
        cells.put(Column.THICKNESS, length(blank.thicknessMm()));
        cells.put(Column.WIDTH, length(blank.widthMm()));
    }

    private void bend(RecipeFields recipe, Map<Column, String> cells) {
        cells.put(Column.INNER_RADIUS, length(recipe.innerRadiusMm()));
        cells.put(Column.BEND_ANGLE, number(recipe.angleDegrees()));
        cells.put(Column.METHOD, word(recipe.method()));
        cells.put(Column.PERSON, text(recipe.person()));
        cells.put(Column.BOARD, text(recipe.board()));
        cells.put(Column.SOURCE, text(recipe.source()));
    }

    private void steam(SteamFields steam, Map<Column, String> cells) {
        cells.put(Column.SOAK, number(steam.soakHours()));
        cells.put(Column.SOAK_ADDITIVE, word(steam.soakAdditive()));
        cells.put(Column.STEAM, number(steam.steamMinutes()));
        cells.put(Column.CHAMBER, temperature(steam.chamberC()));
        cells.put(Column.CARRY, number(steam.carrySeconds()));
        cells.put(Column.ON_FORM, number(steam.holdHours()));
        StrapFields strap = steam.strap();
        cells.put(Column.STRAP, strap == null ? "none" : word(strap.material()));
        if (strap != null) {
            cells.put(Column.STRAP_THICKNESS, length(strap.thicknessMm()));
            cells.put(Column.STRAP_GAP, length(strap.endGapMm()));
        }
    }

    private void done(DoneFields done, Map<Column, String> cells) {
        for (StageColumn column : StageColumn.values()) {
            done.stages().stream().filter(stage -> stage.kind() == column.kind()).forEach(
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
