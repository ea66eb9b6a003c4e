package brachion.core.risk;

import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;
import org.hipparchus.special.Erf;

/**
 * How far a piece stands from trouble on the log-odds scale, with the uncertainty of the fit.
 *
 * @param mean mean of the log odds
 * @param sd   their standard deviation
 */
public record Margin(double mean, double sd) {

    private static final int NODES = 25;
    /** No share is nearer to none or to all than this, so that every one lies at some standard deviation. */
    private static final double FURTHEST = 1e-9;
    private static final double[] STANDARD = new double[NODES];
    private static final double[] WEIGHT = new double[NODES];

    static {
        GaussIntegrator rule = new GaussIntegratorFactory().hermite(NODES);
        for (int node = 0; node < NODES; node++) {
            STANDARD[node] = Math.sqrt(2) * rule.getPoint(node);
            WEIGHT[node] = rule.getWeight(node) / Math.sqrt(Math.PI);
        }
    }

    /** How many standard deviations from the mean so large a share of a normal distribution ends. */
    public static double standardAt(double share) {
        return Math.sqrt(2) * Erf.erfInv(2 * Math.min(1 - FURTHEST, Math.max(FURTHEST, share)) - 1);
    }

    /** The same with a spread added that the fit knows nothing of. */
    Margin widened(double variance) {
        return variance == 0 ? this : new Margin(mean, Math.sqrt(sd * sd + variance));
    }

    /** Probability, averaged over the uncertainty by Gauss–Hermite quadrature. */
    public double probability() {
        if (sd == 0) {
            return OrdinalModel.logistic(mean);
        }
        double sum = 0;
        for (int node = 0; node < NODES; node++) {
            sum += WEIGHT[node] * probabilityAt(STANDARD[node]);
        }
        return sum;
    }

    /** Probability so many standard deviations from the mean. */
    public double probabilityAt(double standard) {
        return OrdinalModel.logistic(mean + sd * standard);
    }
}
