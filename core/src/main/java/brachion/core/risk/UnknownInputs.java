package brachion.core.risk;

import brachion.core.method.Blank;
import brachion.core.method.Recipe;
import brachion.core.method.Seasoning;
import brachion.core.quantity.PhysicalBound;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * What is not known of a blank is never silently set but spread over what it could be: moisture over the normal
 * distribution of its seasoning, slope of grain over what sawn stock shows. The shares for slope of grain are round
 * numbers chosen by us.
 */
public final class UnknownInputs {

    /** Five-point Gauss–Hermite nodes and weights for the standard normal (Abramowitz and Stegun, table 25.10). */
    private static final double[] NORMAL_NODES =
            {-2.856970013872806, -1.355626179974266, 0, 1.355626179974266, 2.856970013872806};
    private static final double[] NORMAL_WEIGHTS =
            {0.011257411327721, 0.222075922005613, 0.533333333333333, 0.222075922005613, 0.011257411327721};

    private static final List<Weighted<Double>> GRAIN_RUNS =
            List.of(new Weighted<>(0.60, 25.0), new Weighted<>(0.25, 15.0), new Weighted<>(0.15, 8.0));

    /** A moisture reading is off by so much, one time in three [% moisture]; common practice for meters with pins. */
    private static final double METER_SD_PERCENT = 2;
    /** Three-point Gauss–Hermite nodes and weights for the standard normal (same table). */
    private static final double[] METER_NODES = {-Math.sqrt(3), 0, Math.sqrt(3)};
    private static final double[] METER_WEIGHTS = {1.0 / 6, 2.0 / 3, 1.0 / 6};

    /** Above this reading the cell walls are full whatever the meter's error [%]. */
    private static final double SATURATED_PERCENT = 40;

    /** No stock on a bench is drier than this [%]. */
    private static final double DRIEST_PERCENT = 3;

    private UnknownInputs() {
    }

    /** The single most ordinary of the recipes this one could be, for drawing. */
    public static Recipe typical(Recipe recipe) {
        Blank blank = recipe.blank();
        if (blank.moisturePercent().isPresent() && blank.grainRun().isPresent()) {
            return recipe;
        }
        double moisture = blank.moisturePercent().orElse(blank.seasoning().meanMoisturePercent());
        return recipe.withBlank(blank.withMoisturePercent(moisture)
                .withGrainRun(blank.grainRun().orElse(GRAIN_RUNS.get(0).value())));
    }

    /** The recipes this one could be as far as its moisture goes; round the reading when it was measured. */
    static List<Weighted<Recipe>> moistures(Recipe recipe) {
        Blank blank = recipe.blank();
        if (saturated(blank)) {
            return List.of(new Weighted<>(1, recipe));
        }
        boolean measured = blank.moisturePercent().isPresent();
        double[] nodes = measured ? METER_NODES : NORMAL_NODES;
        double[] weights = measured ? METER_WEIGHTS : NORMAL_WEIGHTS;
        List<Weighted<Recipe>> possible = new ArrayList<>();
        for (int node = 0; node < nodes.length; node++) {
            possible.add(new Weighted<>(weights[node], recipe.withBlank(blank.withMoisturePercent(moistureAt(blank, nodes[node])))));
        }
        return possible;
    }

    /** Whether it was measured, and is so wet that no error of the meter matters. */
    private static boolean saturated(Blank blank) {
        return blank.moisturePercent().isPresent() && blank.moisturePercent().getAsDouble() > SATURATED_PERCENT;
    }

    /** The slope of grain below which so large a share of sawn stock lies. */
    static double grainRunAt(double share) {
        double below = 0;
        for (Weighted<Double> run : GRAIN_RUNS) {
            below += run.weight();
            if (share < below) {
                return run.value();
            }
        }
        return GRAIN_RUNS.get(GRAIN_RUNS.size() - 1).value();
    }

    /** The moisture of a blank that stands so many standard deviations from what is expected of it, or from its reading [%]. */
    static double moistureAt(Blank blank, double deviations) {
        OptionalDouble reading = blank.moisturePercent();
        if (saturated(blank)) {
            return reading.getAsDouble();
        }
        Seasoning seasoning = blank.seasoning();
        double mean = reading.orElse(seasoning.meanMoisturePercent());
        double sd = reading.isPresent() ? METER_SD_PERCENT : seasoning.sdMoisturePercent();
        return PhysicalBound.MOISTURE_PERCENT.nearest(Math.max(Math.min(DRIEST_PERCENT, mean), mean + deviations * sd));
    }

    /** The recipes this one could be as far as its slope of grain goes; just itself when somebody looked. */
    static List<Weighted<Recipe>> grainSlopes(Recipe recipe) {
        Blank blank = recipe.blank();
        if (blank.grainRun().isPresent()) {
            return List.of(new Weighted<>(1, recipe));
        }
        return GRAIN_RUNS.stream()
                .map(run -> new Weighted<>(run.weight(), recipe.withBlank(blank.withGrainRun(run.value())))).toList();
    }
}
