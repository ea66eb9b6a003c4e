package brachion.core.risk;

import brachion.core.method.Blank;
import brachion.core.method.Recipe;
import brachion.core.method.Seasoning;
import java.util.ArrayList;
import java.util.List;

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

    /** No stock on a bench is drier than this [%]. */
    private static final double DRIEST_PERCENT = 3;

    private UnknownInputs() {
    }

    /** The single most ordinary of the recipes this one could be, for drawing. */
    public static Recipe typical(Recipe recipe) {
        Blank blank = recipe.blank();
        double moisture = blank.moisturePercent().orElse(blank.seasoning().meanMoisturePercent());
        return recipe.withBlank(blank.withMoisturePercent(moisture)
                .withGrainRun(blank.grainRun().orElse(GRAIN_RUNS.get(0).value())));
    }

    /** The recipes this one could be as far as its moisture goes; just itself when it was measured. */
    static List<Weighted<Recipe>> moistures(Recipe recipe) {
        Blank blank = recipe.blank();
        if (blank.moisturePercent().isPresent()) {
            return List.of(new Weighted<>(1, recipe));
        }
        Seasoning seasoning = blank.seasoning();
        List<Weighted<Recipe>> possible = new ArrayList<>();
        for (int node = 0; node < NORMAL_NODES.length; node++) {
            double percent = seasoning.meanMoisturePercent() + NORMAL_NODES[node] * seasoning.sdMoisturePercent();
            possible.add(new Weighted<>(NORMAL_WEIGHTS[node],
                    recipe.withBlank(blank.withMoisturePercent(Math.max(DRIEST_PERCENT, percent)))));
        }
        return possible;
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
