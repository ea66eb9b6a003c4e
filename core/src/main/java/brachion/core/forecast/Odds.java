package brachion.core.forecast;

/**
 * A probability with the range it lies in eight times out of ten.
 *
 * @param probability the posterior predictive probability, 0 to 1
 * @param low         lower end of the 80 % interval
 * @param high        upper end of the 80 % interval
 */
public record Odds(double probability, double low, double high) {
}
