package brachion.core.risk;

import java.util.List;

/**
 * A trial with what it could have been: nobody may have measured everything. It enters a fit by the mean of its
 * features over those possibilities.
 *
 * @param trial    the trial
 * @param possible what it could have been
 * @param typical  the most ordinary of these
 */
record RecordedTrial(Trial trial, List<Possible> possible, Possible typical) {

    static RecordedTrial of(Trial trial) {
        List<Possible> possible = Possible.of(trial.recipe());
        Possible typical = possible.size() == 1 ? possible.get(0) : Possible.typical(trial.recipe());
        return new RecordedTrial(trial, possible, typical);
    }

    /** ln D and covariates, averaged over what it could have been. */
    double[] measured(Layout layout) {
        double[] mean = null;
        for (Possible each : possible) {
            double[] measured = layout.measured(each);
            if (mean == null) {
                mean = new double[measured.length];
            }
            for (int i = 0; i < mean.length; i++) {
                mean[i] += each.weight() * measured[i];
            }
        }
        return mean;
    }
}
