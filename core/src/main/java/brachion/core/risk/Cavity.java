package brachion.core.risk;

/**
 * The arithmetic of one record against the rest, in the two margins a = α_1 − η and c = α_2 − η that it speaks of.
 */
final class Cavity {

    private Cavity() {
    }

    /** Expected information of an ordinal outcome about (a, c): Σ_y p_y ∇ln p_y ∇ln p_yᵀ. */
    static double[][] expectedInformation(double a, double c) {
        double atA = OrdinalModel.logistic(a);
        double atC = OrdinalModel.logistic(c);
        double slopeA = atA * (1 - atA);
        double slopeC = atC * (1 - atC);
        double middle = Math.max(1e-12, atC - atA);
        double cross = -slopeA * slopeC / middle;
        return new double[][] {
            {slopeA * slopeA * (1 / Math.max(1e-12, atA) + 1 / middle), cross},
            {cross, slopeC * slopeC * (1 / middle + 1 / Math.max(1e-12, 1 - atC))}};
    }

    /** wᵀ·I·(1 + G·I)⁻¹·w, which is wᵀ(I⁻¹ + G)⁻¹w without inverting I. */
    static double reduction(double[] w, double[][] g, double[][] information) {
        double[][] inverse = inverse(plusIdentity(product(g, information), 1));
        double[][] weight = product(information, inverse);
        return w[0] * (weight[0][0] * w[0] + weight[0][1] * w[1]) + w[1] * (weight[1][0] * w[0] + weight[1][1] * w[1]);
    }

    /**
     * The margin with one record's own likelihood taken out of the normal approximation: with precision W and gradient g
     * of that likelihood at the mode, covariance (1 − V·W)⁻¹V and mean m − covariance·g.
     */
    static Margin without(double[] mean, double[][] v, int severity, int cut) {
        double[] gradient = new double[2];
        double[][] precision = new double[2][2];
        likelihood(mean[0], mean[1], severity, gradient, precision);
        double[][] left = plusIdentity(product(v, precision), -1);
        double[][] spread = product(inverse(negative(left)), v);
        double shifted = mean[cut] - spread[cut][0] * gradient[0] - spread[cut][1] * gradient[1];
        return new Margin(shifted, Math.sqrt(Math.max(0, spread[cut][cut])));
    }

    /** Gradient and negative second derivatives of the log likelihood of a severity in (a, c). */
    private static void likelihood(double a, double c, int severity, double[] gradient, double[][] precision) {
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
                double gapSecond = (growth + 1) / (growth * growth);
                gradient[0] = -atA - gap;
                gradient[1] = 1 - atC + gap;
                precision[0][0] = atA * (1 - atA) + gapSecond;
                precision[1][1] = atC * (1 - atC) + gapSecond;
                precision[0][1] = -gapSecond;
                precision[1][0] = -gapSecond;
            }
            default -> {
                gradient[1] = -atC;
                precision[1][1] = atC * (1 - atC);
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

    private static double[][] inverse(double[][] x) {
        double determinant = x[0][0] * x[1][1] - x[0][1] * x[1][0];
        return new double[][] {{x[1][1] / determinant, -x[0][1] / determinant},
            {-x[1][0] / determinant, x[0][0] / determinant}};
    }
}
