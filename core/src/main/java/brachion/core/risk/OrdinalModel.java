package brachion.core.risk;

/**
 * Proportional-odds model of severity y ∈ {0, 1, 2} with independent normal priors:
 * <pre>
 * P(y ≤ j) = σ(α_j − η),  α_2 = α_1 + e^γ,  η = Σ x_k β_k,  σ(z) = 1/(1 + e^(−z))
 * </pre>
 * Parameters stand in the order α_1, γ, β_1 … β_p. Source of the model: McCullagh, Regression models for ordinal data,
 * J. R. Statist. Soc. B 42 (1980); the e^γ keeps the cut points in order.
 * {@link RecordLikelihood} is the likelihood of one record.
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
        double[] byAlpha = new double[theta.length];
        double[] byGamma = new double[theta.length];
        double[] byLead = new double[theta.length];
        RecordLikelihood record = new RecordLikelihood(observations.mostPossibilities());
        for (int row = 0; row < observations.size(); row++) {
            double n = observations.count(row);
            observations.compute(row, theta, gap, record);
            height += n * record.height();
            between += observations.severity(row) == 1 ? n : 0;
            gradient[0] += n * record.alpha();
            gradient[1] += n * record.gamma();
            gradient[CUTS] += n * record.lead();
            hessian[0][0] += n * record.alphaAlpha();
            hessian[1][0] += n * record.alphaGamma();
            hessian[1][1] += n * record.gammaGamma();
            hessian[CUTS][0] += n * record.leadAlpha();
            hessian[CUTS][1] += n * record.leadGamma();
            hessian[CUTS][CUTS] += n * record.leadLead();
            observations.add(row, -n * record.alpha(), gradient, CUTS);
            observations.add(row, -n * record.alphaAlpha(), byAlpha, CUTS);
            observations.add(row, -n * record.leadAlpha(), byLead, CUTS);
            if (record.alphaGamma() != 0) {
                observations.add(row, -n * record.alphaGamma(), byGamma, CUTS);
            }
            observations.addSquare(row, n * record.alphaAlpha(), hessian, CUTS);
        }
        for (int i = CUTS + 1; i < theta.length; i++) {
            hessian[i][0] += byAlpha[i];
            hessian[i][1] += byGamma[i];
            hessian[i][CUTS] += byLead[i];
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
