package brachion.core.risk;

import org.hipparchus.special.Erf;

/**
 * How far a piece stands from trouble on the log-odds scale, with the uncertainty of the fit.
 *
 * @param mean mean of the log odds
 * @param sd   their standard deviation
 */
public record Margin(double mean, double sd) {

    /** Points at which the normal distribution is cut into equally likely parts. */
    static final int PARTS = 15;

    private static final double[] STANDARD = standardQuantiles();

    private static double[] standardQuantiles() {
        double[] quantiles = new double[PARTS];
        for (int part = 0; part < PARTS; part++) {
            quantiles[part] = Math.sqrt(2) * Erf.erfInv(2 * (part + 0.5) / PARTS - 1);
        }
        return quantiles;
    }

    /** The same with a spread added that the fit knows nothing of. */
    Margin widened(double variance) {
        return variance == 0 ? this : new Margin(mean, Math.sqrt(sd * sd + variance));
    }

    /** Probability, the uncertainty averaged over its parts. */
    public double probability() {
        double sum = 0;
        for (int part = 0; part < PARTS; part++) {
            sum += probability(part);
        }
        return sum / PARTS;
    }

    /** Probability so many standard deviations from the mean. */
    public double probabilityAt(double standard) {
        return OrdinalModel.logistic(mean + sd * standard);
    }

    /** Probability at the middle of one of the {@link #PARTS} equally likely parts, lowest first. */
    double probability(int part) {
        return probabilityAt(STANDARD[part]);
    }
}
