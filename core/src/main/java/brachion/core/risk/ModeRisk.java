package brachion.core.risk;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * One failure mode of a method before any record.
 *
 * @param mode       the mode
 * @param ratio      D, demand over capacity; 1 breaks about one piece in twenty
 * @param slopeMean  b, rise of the log odds of damage for each e-fold of D, as expected
 * @param slopeSd    how sure that is
 * @param covariates what else bears on it
 */
record ModeRisk(FailureMode mode, ToDoubleFunction<Possible> ratio, double slopeMean, double slopeSd,
                List<Covariate> covariates) {

    /** A piece that asks next to nothing still has a finite logarithm. */
    private static final double LEAST_RATIO = 1e-3;

    double logRatio(Possible piece) {
        return Math.log(Math.max(LEAST_RATIO, ratio.applyAsDouble(piece)));
    }

    /** The same with one more thing that may bear on it. */
    ModeRisk with(Covariate more) {
        List<Covariate> all = new ArrayList<>(covariates);
        all.add(more);
        return new ModeRisk(mode, ratio, slopeMean, slopeSd, all);
    }
}
