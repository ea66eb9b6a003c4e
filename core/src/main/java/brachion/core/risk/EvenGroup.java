package brachion.core.risk;

/**
 * How the evidence for the scale σ of one group goes on, as if all its members were equally well known: the effect
 * u ~ N(0, σ²) of each is then seen as u + e with e ~ N(0, w), and the square of that is y² for all. The evidence rises with ln σ by
 * <pre>n·r·(y²/(σ² + w) − 1) + 1 − σ²/s²,  r = σ²/(σ² + w)</pre>
 * with n members and s the scale of the prior (variance components of a balanced layout; Searle, Casella and McCulloch, Variance
 * Components, 1992, section 3.7). How much the posterior is lopsided adds to that in proportion to σ²·r·(1 − r)²: the variance
 * σ²·(1 − r) that is left to an effect times how far its mode moves, which is by (1 − r) times r.
 *
 * @param members  n
 * @param scale    s
 * @param noise    w
 * @param square   y²
 * @param lopsided what the lopsidedness adds, over σ²·r·(1 − r)²
 */
record EvenGroup(int members, double scale, double noise, double square, double lopsided) {

    /** The best scale is looked for no further off than this, in ln σ. */
    private static final double FURTHEST = 3;
    private static final double STRIDE = 0.02;
    private static final double SMALLEST_SHARE = 1e-9;

    /**
     * The group that looks like this under one scale.
     *
     * @param variance σ²
     * @param squares  the squares of the most probable effects, summed, over σ²
     * @param trace    their variances, summed, over σ²
     * @param lopsided what the lopsidedness adds to the slope
     */
    static EvenGroup of(int members, double scale, double variance, double squares, double trace, double lopsided) {
        double share = Math.min(1 - SMALLEST_SHARE, Math.max(SMALLEST_SHARE, 1 - trace / members));
        return new EvenGroup(members, scale, variance * (1 / share - 1), squares * variance / (members * share * share), lopsided / leaning(variance, share));
    }

    /** By how much the evidence rises with ln σ. */
    private double slope(double variance) {
        double share = variance / (variance + noise);
        return members * share * (square / (variance + noise) - 1) + lopsided * leaning(variance, share) + GroupScales.priorSlope(variance, scale);
    }

    /** σ²·r·(1 − r)². */
    private static double leaning(double variance, double share) {
        return variance * share * (1 - share) * (1 - share);
    }

    /** Minus the second derivative by ln σ with which a step of Newton ends at the best scale, the first one uphill. */
    double curvatureToBest(double variance) {
        double start = slope(variance);
        int uphill = start < 0 ? -1 : 1;
        double here = start;
        for (double far = 0; far < FURTHEST; far += STRIDE) {
            double there = slope(variance * Math.exp(2 * uphill * (far + STRIDE)));
            if (there * uphill < 0) {
                // at the best scale itself both slope and step are zero, but not what they tend to
                return far == 0 ? uphill * (here - there) / STRIDE : uphill * start / (far + STRIDE * here / (here - there));
            }
            here = there;
        }
        return uphill * start / FURTHEST;
    }
}
