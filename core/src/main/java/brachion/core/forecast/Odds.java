package brachion.core.forecast;

/**
 * A probability with the range it lies in eight times out of ten.
 *
 * @param probability the posterior predictive probability, 0 to 1
 * @param low         lower end of the shortest range that holds it with 80 %
 * @param high        its upper end
 */
public record Odds(double probability, double low, double high) {

    /**
     * What advice is ranked by: halfway from what is expected to the lower end. The best of many forecasts is one that errs
     * upward, and those that could err most are held back most.
     */
    double cautious() {
        return (probability + low) / 2;
    }
}
