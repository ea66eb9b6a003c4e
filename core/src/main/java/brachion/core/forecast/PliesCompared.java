package brachion.core.forecast;

import brachion.core.method.Layup;
import brachion.core.method.Recipe;
import brachion.core.risk.RiskModel;
import java.util.List;

/**
 * A glued section in so many plies, as it compares with the same in more or fewer.
 *
 * @param recipe   of one of its plies
 * @param planned  whether it is what is planned
 * @param forecast its odds and springback
 * @param layup    its plies, and what ripping them takes
 */
public record PliesCompared(Recipe recipe, boolean planned, Forecaster.InShort forecast, Layup layup) {

    /** A section in thick plies and thin ones, the thickest first; nothing where it is not of plies alike. */
    public static List<PliesCompared> of(RiskModel risk, Recipe planned) {
        Forecaster forecaster = new Forecaster(risk);
        double finished = planned.method().finishedMm(planned.blank().thicknessMm());
        return planned.method().inOtherPlies(planned).parallelStream().map(recipe -> {
            double ply = recipe.blank().thicknessMm();
            return new PliesCompared(recipe, recipe.equals(planned), forecaster.inShort(recipe), Layup.ofPlyThickness(finished, ply));
        }).toList();
    }
}
