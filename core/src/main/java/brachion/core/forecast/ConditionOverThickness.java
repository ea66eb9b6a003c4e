package brachion.core.forecast;

import brachion.core.bending.SectionCondition;
import brachion.core.method.Demand;
import brachion.core.method.Recipe;
import brachion.core.method.Sensitivity;
import brachion.core.physics.Physics;
import brachion.core.physics.Unsure;
import brachion.core.risk.Possible;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * How soft and wet stock is over a range of thicknesses, everything else as in a recipe: followed through soak, steam and
 * carry at some thicknesses, straight between them in the logarithm.
 */
final class ConditionOverThickness {

    private static final int FOLLOWED = 16;

    private final double thinnestMm;
    private final double ratio;
    private final Map<Double, SectionCondition[]> byMoisture = new HashMap<>();
    /** Of the most ordinary piece without edges, by the usual constants and one step worse in each. */
    private final SectionCondition[] usual = new SectionCondition[FOLLOWED];
    private final Map<Unsure, SectionCondition[]> stepped = new EnumMap<>(Unsure.class);

    ConditionOverThickness(Recipe recipe, double thinnestMm, double thickestMm) {
        this.thinnestMm = thinnestMm;
        this.ratio = Math.pow(thickestMm / thinnestMm, 1.0 / (FOLLOWED - 1));
        List<List<Possible>> followed = Arrays.stream(BendMap.steps(thinnestMm, thickestMm, FOLLOWED)).parallel()
                .mapToObj(thickness -> Possible.of(recipe.withBlank(recipe.blank().withThicknessMm(thickness))))
                .toList();
        for (int i = 0; i < FOLLOWED; i++) {
            for (Possible each : followed.get(i)) {
                byMoisture.computeIfAbsent(moisture(each.recipe()), percent -> new SectionCondition[FOLLOWED])[i] =
                        each.demand().section().condition();
            }
            Sensitivity sensitivity = followed.get(i).get(0).sensitivity();
            int thickness = i;
            sensitivity.stepped().forEach((constant, demand) -> {
                usual[thickness] = sensitivity.usual().section().condition();
                stepped.computeIfAbsent(constant, each -> new SectionCondition[FOLLOWED])[thickness] =
                        demand.section().condition();
            });
        }
    }

    private static double moisture(Recipe recipe) {
        return recipe.blank().moisturePercent().orElseThrow();
    }

    /** What a recipe of one of the thicknesses and moistures asks of the wood. */
    Demand demand(Recipe recipe) {
        return demand(recipe, byMoisture.get(moisture(recipe)), Physics.USUAL);
    }

    /** How the unsure constants bear on a recipe of one of the thicknesses, its moisture and slope of grain known. */
    Sensitivity sensitivity(Recipe recipe) {
        if (stepped.isEmpty()) {
            return Sensitivity.NONE;
        }
        Map<Unsure, Demand> asked = new EnumMap<>(Unsure.class);
        stepped.forEach((constant, followed) ->
                asked.put(constant, demand(recipe, followed, constant.stepped(Physics.USUAL, 1))));
        return new Sensitivity(demand(recipe, usual, Physics.USUAL), asked);
    }

    private Demand demand(Recipe recipe, SectionCondition[] followed, Physics physics) {
        double at = Math.log(recipe.blank().thicknessMm() / thinnestMm) / Math.log(ratio);
        int below = Math.max(0, Math.min(FOLLOWED - 2, (int) Math.floor(at)));
        SectionCondition condition = followed[below].towards(followed[below + 1], at - below);
        return recipe.method().demandIn(condition, recipe.blank(), recipe.bend(), physics);
    }
}
