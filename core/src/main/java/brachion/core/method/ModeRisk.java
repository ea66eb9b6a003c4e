package brachion.core.method;

import brachion.core.physics.Unsure;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/**
 * One failure mode of a method before any record.
 *
 * @param mode       the mode
 * @param strain     what is asked, as a strain
 * @param ratio      D, demand over capacity; 1 breaks about one piece in twenty
 * @param law        how the demand at which pieces fail scatters
 * @param levelSd    how sure it is where one in twenty breaks, as a standard deviation of log odds
 * @param slopeMean  b, rise of the log odds of damage with the load, as expected
 * @param slopeSd    how sure that is
 * @param covariates what else bears on it
 * @param unsure     the constants that bear on D and are not known well
 * @param among      which methods of the family can fail so
 */
public record ModeRisk(FailureMode mode, Ratio strain, Ratio ratio, LimitLaw law, double levelSd, double slopeMean, double slopeSd, List<Covariate> covariates,
                List<Unsure> unsure, Predicate<Method> among) {

    /** A piece that asks next to nothing still has a finite logarithm. */
    private static final double LEAST_RATIO = 1e-3;
    /** To first order a constant moves the load by no more than this a step; beyond, the first order says nothing. */
    private static final double MOST_SENSITIVE = 2;

    /** Where published radii lie is known to about 5 % of strain beside how far each wood may stray; chosen by us. */
    private static final double WOOD_LEVEL_SD = 0.3;
    /** How far pieces scatter is known to about a sixth; chosen by us. */
    private static final double WOOD_SLOPE_SD = 1;

    /** A face of the wood that gives: the demand of its mode, and what bears on it. */
    static ModeRisk ofTheWood(FailureMode face, List<Covariate> covariates, List<Unsure> unsure) {
        boolean outer = face == FailureMode.TENSION;
        Ratio strain = outer ? (recipe, demand) -> demand.state().outerStrain() : (recipe, demand) -> -demand.state().innerStrain();
        Ratio ratio = outer ? (recipe, demand) -> demand.tensionRatio() : (recipe, demand) -> demand.compressionRatio();
        return ofTheWood(face, strain, ratio, covariates, unsure);
    }

    /** The same where what is asked and borne is said. */
    static ModeRisk ofTheWood(FailureMode mode, Ratio strain, Ratio ratio, List<Covariate> covariates, List<Unsure> unsure) {
        return new ModeRisk(mode, strain, ratio, LimitLaw.LOGNORMAL, WOOD_LEVEL_SD, LimitLaw.SLOPE, WOOD_SLOPE_SD, covariates, unsure, any -> true);
    }

    /** D or strain of a recipe, everything known. */
    public interface Ratio {

        /** @param demand what the recipe asks of the wood */
        double of(Recipe recipe, Demand demand);
    }

    /** Whether a piece bent so can fail in this way. */
    public boolean concerns(Recipe recipe) {
        return among.test(recipe.method());
    }

    /** What enters the log odds of damage of a recipe: ln D as its {@link LimitLaw} bends it. */
    public double load(Recipe recipe, Demand demand) {
        return law.load(Math.log(Math.max(LEAST_RATIO, ratio.of(recipe, demand))));
    }

    /** By how much the load of a recipe rises when each unsure constant is one step worse. */
    public double[] unsure(Recipe recipe, Sensitivity sensitivity) {
        double[] rises = new double[unsure.size()];
        for (int i = 0; i < rises.length; i++) {
            Demand stepped = sensitivity.stepped().get(unsure.get(i));
            if (stepped != null) {
                double rise = load(recipe, stepped) - load(recipe, sensitivity.usual());
                rises[i] = Math.max(-MOST_SENSITIVE, Math.min(MOST_SENSITIVE, rise));
            }
        }
        return rises;
    }

    /** The same with one more thing that may bear on it. */
    public ModeRisk with(Covariate more) {
        List<Covariate> all = new ArrayList<>(covariates);
        all.add(more);
        return new ModeRisk(mode, strain, ratio, law, levelSd, slopeMean, slopeSd, all, unsure, among);
    }
}
