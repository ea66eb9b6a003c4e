package brachion.core.risk;

/**
 * One record against the rest, in the two margins a = α_1 − η and c = α_2 − η that it speaks of: the margins with the
 * record's own likelihood taken out of the normal approximation. With precision W and gradient g of that likelihood at the
 * mode, covariance (1 − V·W)⁻¹V and mean m − covariance·g.
 */
final class Cavity {

    private static final double LEAST_ROOM = 0.02;

    private final double[] mean = new double[2];
    private final double[][] spread;
    private final int severity;
    private final double hidden;

    /**
     * @param at       the margins at the mode
     * @param v        their covariance
     * @param severity how the record ended
     * @param hidden   share of pieces that break whatever they are asked
     */
    Cavity(double[] at, double[][] v, int severity, double hidden) {
        this.severity = severity;
        this.hidden = hidden;
        double[] gradient = new double[2];
        double[][] precision = new double[2][2];
        likelihood(at[0], at[1], gradient, precision);
        double[][] left = negative(plusIdentity(product(v, precision), -1));
        // far from normal the approximation may have no room for the record; then it stays in
        boolean room = determinant(left) > LEAST_ROOM;
        this.spread = room ? product(inverse(left), v) : v;
        for (int i = 0; i < 2; i++) {
            mean[i] = room ? at[i] - spread[i][0] * gradient[0] - spread[i][1] * gradient[1] : at[i];
        }
    }

    /** A margin without the record. */
    Margin margin(int cut) {
        return new Margin(mean[cut], Math.sqrt(Math.max(0, spread[cut][cut])));
    }

    /** How probable the record was, forecast without itself. */
    double probability() {
        return probability(severity, margin(0), margin(1), hidden);
    }

    /** How probable it is that a piece ends so. */
    static double probability(int severity, Margin first, Margin second, double hidden) {
        double clean = (1 - hidden) * first.probability();
        double unbroken = (1 - hidden) * second.probability();
        return switch (severity) {
            case 0 -> clean;
            case 1 -> unbroken - clean;
            default -> 1 - unbroken;
        };
    }

    /**
     * Expected information of an ordinal outcome about (a, c): Σ_y p_y ∇ln p_y ∇ln p_yᵀ.
     *
     * @param hidden share of pieces that break whatever they are asked, whose breaks tell less
     */
    static double[][] expectedInformation(double a, double c, double hidden) {
        double atA = OrdinalModel.logistic(a);
        double atC = OrdinalModel.logistic(c);
        double slopeA = atA * (1 - atA);
        double slopeC = atC * (1 - atC);
        double middle = Math.max(1e-12, atC - atA);
        double cross = -slopeA * slopeC / middle;
        double sound = 1 - hidden;
        double broken = Math.max(1e-12, hidden + sound * (1 - atC));
        return new double[][] {
            {sound * slopeA * slopeA * (1 / Math.max(1e-12, atA) + 1 / middle), sound * cross},
            {sound * cross, sound * slopeC * slopeC / middle + sound * sound * slopeC * slopeC / broken}};
    }

    /** wᵀ·I·(1 + G·I)⁻¹·w, which is wᵀ(I⁻¹ + G)⁻¹w without inverting I. */
    static double reduction(double[] w, double[][] g, double[][] information) {
        double[][] inverse = inverse(plusIdentity(product(g, information), 1));
        double[][] weight = product(information, inverse);
        return w[0] * (weight[0][0] * w[0] + weight[0][1] * w[1]) + w[1] * (weight[1][0] * w[0] + weight[1][1] * w[1]);
    }

    /** Gradient and negative second derivatives of the log likelihood of the severity in (a, c). */
    private void likelihood(double a, double c, double[] gradient, double[][] precision) {
        double atA = OrdinalModel.logistic(a);
        double atC = OrdinalModel.logistic(c);
        switch (severity) {
            case 0 -> {
                gradient[0] = 1 - atA;
                precision[0][0] = atA * (1 - atA);
            }
            case 1 -> {
                double growth = Math.expm1(c - a);
                double gap = 1 / growth;
                double gapSecond = (1 + 1 / growth) / growth;
                gradient[0] = -atA - gap;
                gradient[1] = 1 - atC + gap;
                precision[0][0] = atA * (1 - atA) + gapSecond;
                precision[1][1] = atC * (1 - atC) + gapSecond;
                precision[0][1] = -gapSecond;
                precision[1][0] = -gapSecond;
            }
            default -> {
                // a break is of this mode with the share r of its likelihood, and hidden otherwise
                double r = (1 - hidden) * (1 - atC) / (hidden + (1 - hidden) * (1 - atC));
                gradient[1] = -r * atC;
                precision[1][1] = r * atC * (1 - atC) - r * (1 - r) * atC * atC;
            }
        }
    }

    private static double[][] product(double[][] x, double[][] y) {
        double[][] product = new double[2][2];
        for (int i = 0; i < 2; i++) {
            for (int j = 0; j < 2; j++) {
                product[i][j] = x[i][0] * y[0][j] + x[i][1] * y[1][j];
            }
        }
        return product;
    }

    private static double[][] plusIdentity(double[][] x, double identity) {
        return new double[][] {{x[0][0] + identity, x[0][1]}, {x[1][0], x[1][1] + identity}};
    }

    private static double[][] negative(double[][] x) {
        return new double[][] {{-x[0][0], -x[0][1]}, {-x[1][0], -x[1][1]}};
    }

    private static double determinant(double[][] x) {
        return x[0][0] * x[1][1] - x[0][1] * x[1][0];
    }

    private static double[][] inverse(double[][] x) {
        double determinant = determinant(x);
        return new double[][] {{x[1][1] / determinant, -x[0][1] / determinant},
            {-x[1][0] / determinant, x[0][0] / determinant}};
    }
}
