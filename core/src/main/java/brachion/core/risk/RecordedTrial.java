package brachion.core.risk;

import java.util.List;
import java.util.TreeMap;

/**
 * A trial with what it could have been: nobody may have measured everything. A fit takes every D it may have had into
 * account, by how well each agrees with how the trial ended.
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

    /** ln D in a mode, as far as it is known. */
    Spread logRatio(ModeRisk risk) {
        TreeMap<Double, Double> weightByValue = new TreeMap<>();
        possible.forEach(each -> weightByValue.merge(risk.logRatio(each), each.weight(), Double::sum));
        return Spread.of(weightByValue);
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
