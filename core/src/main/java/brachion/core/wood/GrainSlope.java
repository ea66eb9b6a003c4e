package brachion.core.wood;

/**
 * How much of its tension strength sloping grain leaves a piece.
 *
 * <p>Source: USDA Forest Service, Wood Handbook, table of modulus of rupture against grain slope; between the rows the
 * factor is interpolated in 1/n. Beyond 1 in 5 the last row is continued along its own slope, which the book does not
 * tabulate, down to a tenth.
 */
public final class GrainSlope {

    /** Rise over run: straight, 1 in 25, 20, 15, 10, 5. */
    private static final double[] SLOPE = {0, 1 / 25.0, 1 / 20.0, 1 / 15.0, 1 / 10.0, 1 / 5.0};
    private static final double[] FACTOR = {1, 0.96, 0.93, 0.89, 0.81, 0.55};
    private static final double LEAST_FACTOR = 0.1;

    private GrainSlope() {
    }

    /**
     * Factor on tension strength, 0.1 to 1.
     *
     * @param run how far the grain runs along the piece for a rise of one ("1 in n"); positive infinity when straight
     */
    public static double tensionFactor(double run) {
        if (!(run > 0)) {
            throw new IllegalArgumentException("Slope of grain needs a positive run, not " + run);
        }
        double slope = 1 / run;
        int upper = 1;
        while (upper < SLOPE.length - 1 && slope > SLOPE[upper]) {
            upper++;
        }
        double along = (slope - SLOPE[upper - 1]) / (SLOPE[upper] - SLOPE[upper - 1]);
        return Math.max(LEAST_FACTOR, FACTOR[upper - 1] + along * (FACTOR[upper] - FACTOR[upper - 1]));
    }
}
