package brachion.core.forecast;

import brachion.core.bending.SectionCondition;
import brachion.core.method.Demand;
import brachion.core.method.Recipe;
import brachion.core.risk.Possible;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * How soft and wet stock is over a range of thicknesses, everything else as in a recipe: followed through soak, steam and
 * carry at some thicknesses, straight between them in the logarithm.
 */
final class ConditionOverThickness {

    private static final int FOLLOWED = 16;

    private final double thinnestMm;
    private final double ratio;
    private final Map<Double, SectionCondition[]> byMoisture = new HashMap<>();

    ConditionOverThickness(Recipe recipe, double thinnestMm, double thickestMm) {
        this.thinnestMm = thinnestMm;
        this.ratio = Math.pow(thickestMm / thinnestMm, 1.0 / (FOLLOWED - 1));
        List<List<Possible>> followed = IntStream.range(0, FOLLOWED).parallel()
                .mapToObj(i -> Possible.of(recipe.withBlank(recipe.blank().withThicknessMm(thinnestMm * Math.pow(ratio, i)))))
                .toList();
        for (int i = 0; i < FOLLOWED; i++) {
            for (Possible each : followed.get(i)) {
                byMoisture.computeIfAbsent(moisture(each.recipe()), percent -> new SectionCondition[FOLLOWED])[i] =
                        each.demand().section().condition();
            }
        }
    }

    private static double moisture(Recipe recipe) {
        return recipe.blank().moisturePercent().orElseThrow();
    }

    /** What a recipe of one of the thicknesses and moistures asks of the wood. */
    Demand demand(Recipe recipe) {
        SectionCondition[] followed = byMoisture.get(moisture(recipe));
        double at = Math.log(recipe.blank().thicknessMm() / thinnestMm) / Math.log(ratio);
        int below = Math.max(0, Math.min(FOLLOWED - 2, (int) Math.floor(at)));
        SectionCondition condition = followed[below].towards(followed[below + 1], at - below);
        return Demand.of(recipe.blank(), recipe.bend(), condition, recipe.method().strap());
    }
}
