package brachion.core.risk;

import brachion.core.method.Demand;
import brachion.core.method.ModeRisk;
import brachion.core.method.Recipe;
import brachion.core.method.Sensitivity;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/**
 * One of the recipes that the one asked about could be, everything known, with what it asks of the wood.
 *
 * @param weight      probability that it is this one
 * @param recipe      the recipe
 * @param demand      what it asks of the wood by the usual constants
 * @param sensitivity how the unsure constants bear on that
 */
public record Possible(double weight, Recipe recipe, Demand demand, Sensitivity sensitivity) {

    /** A recipe in which everything is known. */
    public static Possible known(Recipe recipe) {
        return new Possible(1, recipe, recipe.demand(), recipe.sensitivity());
    }

    /** The same without a look at the unsure constants, where many recipes are compared roughly. */
    public static Possible roughly(Recipe recipe) {
        return new Possible(1, recipe, recipe.demand(), Sensitivity.NONE);
    }

    /** All that a recipe could be. */
    public static List<Possible> of(Recipe recipe) {
        return of(recipe, Recipe::demand, UnknownInputs.typical(recipe).sensitivity());
    }

    /**
     * All that a recipe could be. Sloping grain moves the limits only, so one section serves all slopes; the unsure
     * constants are taken to bear on all as on the most ordinary.
     *
     * @param demands     how what a known recipe asks of the wood is found
     * @param sensitivity how the unsure constants bear on the most ordinary of them
     */
    public static List<Possible> of(Recipe recipe, Function<Recipe, Demand> demands, Sensitivity sensitivity) {
        if (!recipe.supposed().isEmpty()) {
            return SupposedInputs.draws(recipe).stream().map(drawn -> new Possible(drawn.weight(), drawn.value(), demands.apply(drawn.value()), sensitivity)).toList();
        }
        List<Possible> possible = new ArrayList<>();
        for (Weighted<Recipe> moist : UnknownInputs.moistures(recipe)) {
            Demand demand = null;
            for (Weighted<Recipe> sloped : UnknownInputs.grainSlopes(moist.value())) {
                double run = sloped.value().blank().grainRun().orElseThrow();
                demand = demand == null ? demands.apply(sloped.value()) : demand.withGrainRun(run);
                possible.add(new Possible(moist.weight() * sloped.weight(), sloped.value(), demand, sensitivity));
            }
        }
        return possible;
    }

    /** The single most ordinary of the recipes this one could be, for drawing. */
    public static Possible typical(Recipe recipe) {
        return known(UnknownInputs.typical(recipe));
    }

    /** The same, when all that the recipe could be is known already. */
    public static Possible typical(Recipe recipe, List<Possible> possible) {
        Recipe typical = UnknownInputs.typical(recipe);
        return possible.stream().filter(each -> each.recipe().equals(typical)).findFirst().map(each -> each.weighing(1))
                .orElseGet(() -> new Possible(1, typical, typical.demand(), possible.get(0).sensitivity()));
    }

    /** The same piece asked otherwise. */
    public Possible with(Demand other) {
        return new Possible(weight, recipe, other, sensitivity);
    }

    /** The same piece with another probability. */
    public Possible weighing(double other) {
        return new Possible(other, recipe, demand, sensitivity);
    }

    double load(ModeRisk risk) {
        return risk.load(recipe, demand);
    }
}
