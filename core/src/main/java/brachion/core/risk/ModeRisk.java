package brachion.core.risk;

import brachion.core.method.Demand;
import brachion.core.method.Recipe;
import brachion.core.method.Sensitivity;
import brachion.core.physics.Unsure;
import java.util.ArrayList;
import java.util.List;

/**
 * One failure mode of a method before any record.
 *
 * @param mode       the mode
 * @param ratio      D, demand over capacity; 1 breaks about one piece in twenty
 * @param slopeMean  b, rise of the log odds of damage for each e-fold of D, as expected
 * @param slopeSd    how sure that is
 * @param covariates what else bears on it
 * @param unsure     the constants that bear on D and are not known well
 */
record ModeRisk(FailureMode mode, Ratio ratio, double slopeMean, double slopeSd, List<Covariate> covariates,
                List<Unsure> unsure) {

    /** A piece that asks next to nothing still has a finite logarithm. */
    private static final double LEAST_RATIO = 1e-3;
    /** To first order a constant moves ln D by no more than this a step; beyond, the first order says nothing. */
    private static final double MOST_SENSITIVE = 0.7;

    /** D of a recipe, everything known. */
    interface Ratio {

        /** @param demand what the recipe asks of the wood */
        double of(Recipe recipe, Demand demand);
    }

    double logRatio(Recipe recipe, Demand demand) {
        return Math.log(Math.max(LEAST_RATIO, ratio.of(recipe, demand)));
    }

    /** By how much ln D of a recipe rises when each unsure constant is one step worse. */
    double[] unsure(Recipe recipe, Sensitivity sensitivity) {
        double[] rises = new double[unsure.size()];
        for (int i = 0; i < rises.length; i++) {
            Demand stepped = sensitivity.stepped().get(unsure.get(i));
            if (stepped != null) {
                double rise = logRatio(recipe, stepped) - logRatio(recipe, sensitivity.usual());
                rises[i] = Math.max(-MOST_SENSITIVE, Math.min(MOST_SENSITIVE, rise));
            }
        }
        return rises;
    }

    /** The same with one more thing that may bear on it. */
    ModeRisk with(Covariate more) {
        List<Covariate> all = new ArrayList<>(covariates);
        all.add(more);
        return new ModeRisk(mode, ratio, slopeMean, slopeSd, all, unsure);
    }
}
