package brachion.core.risk;

import brachion.core.method.Demand;
import brachion.core.method.Recipe;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/**
 * One of the recipes that the one asked about could be, everything known, with what it asks of the wood.
 *
 * @param weight probability that it is this one
 * @param recipe the recipe
 * @param demand what it asks of the wood
 */
public record Possible(double weight, Recipe recipe, Demand demand) {

    /** A recipe in which everything is known. */
    public static Possible known(Recipe recipe) {
        return new Possible(1, recipe, recipe.demand());
    }

    /** All that a recipe could be. */
    public static List<Possible> of(Recipe recipe) {
        return of(recipe, Recipe::demand);
    }

    /**
     * All that a recipe could be. Sloping grain moves the limits only, so one section serves all slopes.
     *
     * @param demands how what a known recipe asks of the wood is found
     */
    public static List<Possible> of(Recipe recipe, Function<Recipe, Demand> demands) {
        List<Possible> possible = new ArrayList<>();
        for (Weighted<Recipe> moist : UnknownInputs.moistures(recipe)) {
            Demand demand = null;
            for (Weighted<Recipe> sloped : UnknownInputs.grainSlopes(moist.value())) {
                double run = sloped.value().blank().grainRun().orElseThrow();
                demand = demand == null ? demands.apply(sloped.value()) : demand.withGrainRun(run);
                possible.add(new Possible(moist.weight() * sloped.weight(), sloped.value(), demand));
            }
        }
        return possible;
    }

    /** The single most ordinary of the recipes this one could be, for drawing. */
    public static Possible typical(Recipe recipe) {
        return known(UnknownInputs.typical(recipe));
    }
}
