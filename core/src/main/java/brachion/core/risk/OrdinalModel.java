package brachion.core.risk;

/**
 * Proportional-odds model of severity y ∈ {0, 1, 2} with independent normal priors:
 * <pre>
 * P(y ≤ j) = σ(α_j − η),  α_2 = α_1 + e^γ,  η = Σ x_k β_k,  σ(z) = 1/(1 + e^(−z))
 * </pre>
 * Parameters stand in the order α_1, γ, β_1 … β_p. Source of the model: McCullagh, Regression models for ordinal data,
 * J. R. Statist. Soc. B 42 (1980); the e^γ keeps the cut points in order.
 *
 * <p>With a = α_1 − η and c = α_2 − η the three likelihoods are σ(a), σ(c)·σ(−a)·(1 − exp(−e^γ)) and σ(−c). The
 * middle one is σ(c) − σ(a) written as a product, which loses no digits when the two are close.
 */
final class OrdinalModel implements Surface {

    /** Parameters before the coefficients: α_1 and γ. */
    static final int CUTS = 2;

    private final Observations observations;
    private final NormalPrior prior;

    OrdinalModel(Observations observations, NormalPrior prior) {
        this.observations = observations;
        this.prior = prior;
    }

    int dimension() {
        return prior.dimension();
    }

    NormalPrior prior() {
        return prior;
    }

    /** Log posterior density up to a constant, with its derivatives. */
    @Override
    public Local at(double[] theta) {
        double[] gradient = new double[theta.length];
        double[][] hessian = new double[theta.length][theta.length];
        double height = prior.logDensity(theta);
        prior.derivatives(theta, gradient, hessian);
        double gap = Math.exp(theta[1]);
        double between = 0;
        double[] first = new double[theta.length];
        double[] second = new double[theta.length];
        for (int row = 0; row < observations.size(); row++) {
            double n = observations.count(row);
            int severity = observations.severity(row);
            double a = theta[0] - observations.index(row, theta, CUTS);
            // slope and curvature of the log likelihood in a and in c
            double slopeA = 0;
            double curveA = 0;
            double slopeC = 0;
            double curveC = 0;
            if (severity <= 1) {
                int side = severity == 0 ? 1 : -1;
                double p = logistic(side * a);
                height += n * Math.log(p);
                slopeA = n * side * (1 - p);
                curveA = -n * p * (1 - p);
            }
            if (severity >= 1) {
                int side = severity == 1 ? 1 : -1;
                double p = logistic(side * (a + gap));
                height += n * Math.log(p);
                slopeC = n * side * (1 - p);
                curveC = -n * p * (1 - p);
            }
            between += severity == 1 ? n : 0;
            gradient[0] += slopeA + slopeC;
            gradient[1] += slopeC * gap;
            hessian[0][0] += curveA + curveC;
            hessian[1][0] += curveC * gap;
            hessian[1][1] += curveC * gap * gap + slopeC * gap;
            observations.add(row, -slopeA - slopeC, gradient, CUTS);
            observations.add(row, -curveA - curveC, first, CUTS);
            if (severity >= 1) {
                observations.add(row, -curveC * gap, second, CUTS);
            }
            observations.addSquare(row, curveA + curveC, hessian, CUTS);
        }
        for (int i = CUTS; i < theta.length; i++) {
            hessian[i][0] += first[i];
            hessian[i][1] += second[i];
        }
        height += between * Math.log(-Math.expm1(-gap));
        addGap(gap, between, gradient, hessian);
        mirror(hessian);
        return new Local(height, gradient, hessian);
    }

    /** The factor 1 − exp(−e^γ) of the middle severity. */
    private static void addGap(double gap, double count, double[] gradient, double[][] hessian) {
        double growth = Math.expm1(gap);
        gradient[1] += count * gap / growth;
        hessian[1][1] += count * gap * (growth - gap * (growth + 1)) / (growth * growth);
    }

    private static void mirror(double[][] hessian) {
        for (int i = 0; i < hessian.length; i++) {
            for (int j = 0; j < i; j++) {
                hessian[j][i] = hessian[i][j];
            }
        }
    }

    static double index(double[] theta, Features features) {
        return features.times(theta, CUTS);
    }

    static double logistic(double z) {
        return 1 / (1 + Math.exp(-z));
    }
}
