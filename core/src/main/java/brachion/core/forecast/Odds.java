package brachion.core.forecast;

import brachion.core.method.Family;
import brachion.core.risk.RiskModel;
import brachion.core.risk.Weighted;
import java.util.List;

/**
 * A probability with the range it lies in eight times out of ten.
 *
 * @param probability the posterior predictive probability, 0 to 1
 * @param low         lower end of the shortest range that holds it with 80 %
 * @param high        its upper end
 */
public record Odds(double probability, double low, double high) {

    /** Ranges hold the truth eight times out of ten. */
    static final double HELD = 0.8;
    /** A normal distribution lies so many standard deviations round its mean eight times out of ten. */
    static final double Z_80 = 1.2815515655446004;

    /** The share of pieces of a method that break for reasons nothing measured explains. */
    public static Odds ofHidden(RiskModel risk, Family family) {
        List<Weighted<Double>> shares = risk.hiddenShares(family);
        double[] range = new WeightedSample(shares.stream().mapToDouble(Weighted::value).toArray(),
                shares.stream().mapToDouble(Weighted::weight).toArray()).shortest(HELD);
        return new Odds(risk.hidden(family), Math.min(range[0], risk.hidden(family)), Math.max(range[1], risk.hidden(family)));
    }

    /**
     * What advice is ranked by: halfway from what is expected to the lower end. The best of many forecasts is one that errs
     * upward, and those that could err most are held back most.
     */
    double cautious() {
        return (probability + low) / 2;
    }

    /** Whether others differ by no more than a tolerance, their range, too. */
    boolean near(Odds other, double tolerance) {
        return Math.abs(probability - other.probability) <= tolerance && Math.abs(low - other.low) <= tolerance && Math.abs(high - other.high) <= tolerance;
    }

    /** So large a share of the way to others. */
    Odds towards(Odds other, double share) {
        return new Odds(probability + share * (other.probability - probability), low + share * (other.low - low), high + share * (other.high - high));
    }

    /** The same where so large a share of those that would is spared something else, besides. */
    Odds times(double share) {
        return new Odds(probability * share, low * share, high * share);
    }
}
