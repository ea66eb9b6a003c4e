package brachion.core.forecast;

import brachion.core.method.MethodKind;
import brachion.core.risk.FailureMode;
import brachion.core.risk.Margin;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.risk.Severity;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.special.Erf;

/**
 * The odds that no failure mode does worse than accepted, spread over the uncertainty of the fit and over everything the
 * piece could be. A piece holds when no mode breaks it, so its probability is the product over the modes.
 *
 * <p>The spread is taken at evenly scattered points (the additive recurrence of Kronecker and Weyl with powers of the
 * plastic number's generalisation), the same for every forecast, so that equal questions get equal answers.
 */
final class OddsSpread {

    private static final int MODES = FailureMode.values().length;
    private static final int MOST_POINTS = 2048;
    private static final int FEWEST_POINTS = 64;
    private static final double[][] STANDARD = points();

    private final double[] value;
    private final double[] weight;
    private final double mean;

    private OddsSpread(double[] value, double[] weight, double mean) {
        this.value = value;
        this.weight = weight;
        this.mean = mean;
    }

    /** Standard normal points, one row for each mode. */
    private static double[][] points() {
        // the real root of x^(d+1) = x + 1 for d = 3
        double root = 1.2207440846057596;
        double[][] points = new double[MODES][MOST_POINTS];
        for (int mode = 0; mode < MODES; mode++) {
            double step = Math.pow(root, -(mode + 1));
            for (int i = 0; i < MOST_POINTS; i++) {
                double share = (0.5 + step * (i + 1)) % 1;
                points[mode][i] = Math.sqrt(2) * Erf.erfInv(2 * Math.min(1 - 1e-9, Math.max(1e-9, share)) - 1);
            }
        }
        return points;
    }

    static OddsSpread of(RiskModel risk, List<Possible> possible, Severity worst) {
        return of(risk, possible, worst, Math.max(FEWEST_POINTS, MOST_POINTS / possible.size()));
    }

    static OddsSpread of(RiskModel risk, List<Possible> possible, Severity worst, int points) {
        MethodKind kind = possible.get(0).recipe().method().kind();
        List<FailureMode> modes = risk.modes(kind);
        double[] value = new double[possible.size() * points];
        double[] weight = new double[value.length];
        double mean = 0;
        int next = 0;
        for (Possible each : possible) {
            List<Margin> margins = new ArrayList<>();
            double holds = 1;
            for (FailureMode mode : modes) {
                Margin margin = risk.margin(mode, worst, each);
                margins.add(margin);
                holds *= margin.probability();
            }
            mean += each.weight() * holds;
            for (int point = 0; point < points; point++) {
                double chance = 1;
                for (int mode = 0; mode < margins.size(); mode++) {
                    chance *= margins.get(mode).probabilityAt(STANDARD[mode][point]);
                }
                value[next] = chance;
                weight[next++] = each.weight() / points;
            }
        }
        return new OddsSpread(value, weight, mean);
    }

    /** Mean and middle 80 %. */
    Odds odds() {
        WeightedSample sample = new WeightedSample(value.clone(), weight.clone());
        return new Odds(mean, sample.quantile(0.10), sample.quantile(0.90));
    }

    /** The mean of a function of the probability, such as the chance that several pieces hold. */
    double average(DoubleUnaryOperator function) {
        double sum = 0;
        for (int i = 0; i < value.length; i++) {
            sum += weight[i] * function.applyAsDouble(value[i]);
        }
        return sum;
    }
}
