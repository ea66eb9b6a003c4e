package brachion.truth;

import brachion.core.method.Recipe;
import brachion.core.method.SteamBox;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.List;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/** What somebody with a statistics program would do: logistic regression on what was measured, with a ridge of 1. */
final class Ridge {

    private static final double PENALTY = 1;
    private static final int STEPS = 25;

    private final RealVector beta;

    private Ridge(RealVector beta) {
        this.beta = beta;
    }

    static Ridge fit(List<Trial> trials) {
        int size = features(trials.isEmpty() ? null : trials.get(0).recipe()).length;
        RealVector beta = MatrixUtils.createRealVector(new double[size]);
        for (int step = 0; step < STEPS && !trials.isEmpty(); step++) {
            RealMatrix curvature = MatrixUtils.createRealMatrix(size, size);
            RealVector slope = MatrixUtils.createRealVector(new double[size]);
            for (int i = 0; i < size; i++) {
                double penalty = i == 0 ? 1e-3 : PENALTY;
                curvature.setEntry(i, i, penalty);
                slope.setEntry(i, -penalty * beta.getEntry(i));
            }
            for (Trial trial : trials) {
                RealVector x = MatrixUtils.createRealVector(features(trial.recipe()));
                double p = logistic(x.dotProduct(beta));
                double held = trial.outcome().severity() == Severity.BROKEN ? 0 : 1;
                curvature = curvature.add(x.outerProduct(x).scalarMultiply(p * (1 - p)));
                slope = slope.add(x.mapMultiply(held - p));
            }
            beta = beta.add(new CholeskyDecomposition(curvature).getSolver().solve(slope));
        }
        return new Ridge(beta);
    }

    double unbroken(Recipe recipe) {
        return logistic(MatrixUtils.createRealVector(features(recipe)).dotProduct(beta));
    }

    private static double logistic(double z) {
        return 1 / (1 + Math.exp(-z));
    }

    /** Everything scaled to about one. */
    private static double[] features(Recipe recipe) {
        if (recipe == null) {
            return new double[9];
        }
        SteamBox steam = (SteamBox) recipe.method();
        double tightness = Math.log(recipe.blank().thicknessMm() / recipe.bend().innerRadiusMm());
        double moisture = recipe.blank().moisturePercent().orElse(recipe.blank().seasoning().meanMoisturePercent());
        double strap = steam.strap().isPresent() ? 1 : 0;
        return new double[] {1, tightness + 2.3, strap, strap * (tightness + 2.3), (moisture - 14) / 5,
            Math.log(steam.steamMinutes() / 45), steam.soakHours() > 0 ? 1 : 0,
            25 / recipe.blank().grainRun().orElse(25) - 1, (steam.carrySeconds() - 20) / 8};
    }
}
