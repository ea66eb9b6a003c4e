package brachion.core.risk;

import java.util.List;

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
final class OrdinalModel {

    /** Parameters before the coefficients: α_1 and γ. */
    static final int CUTS = 2;

    private final List<Observation> observations;
    private final NormalPrior prior;

    /**
     * One record as the model sees it.
     *
     * @param features x_1 … x_p, those that are not zero
     * @param severity 0, 1 or 2
     * @param count    how many such records there are
     */
    record Observation(Features features, int severity, double count) {
    }

    OrdinalModel(List<Observation> observations, NormalPrior prior) {
        this.observations = observations;
        this.prior = prior;
    }

    int dimension() {
        return prior.dimension();
    }

    NormalPrior prior() {
        return prior;
    }

    /** Log posterior density up to a constant. */
    double logPosterior(double[] theta) {
        return prior.logDensity(theta) + logLikelihood(theta);
    }

    /** Log likelihood of the records. */
    double logLikelihood(double[] theta) {
        double sum = 0;
        double gap = Math.exp(theta[1]);
        for (Observation seen : observations) {
            double a = theta[0] - index(theta, seen.features());
            sum += seen.count() * switch (seen.severity()) {
                case 0 -> logLogistic(a);
                case 1 -> logLogistic(a + gap) + logLogistic(-a) + Math.log(-Math.expm1(-gap));
                default -> logLogistic(-a - gap);
            };
        }
        return sum;
    }

    /** Adds gradient and Hessian of the log posterior to zeroed arrays. */
    void derivatives(double[] theta, double[] gradient, double[][] hessian) {
        prior.derivatives(theta, gradient, hessian);
        double gap = Math.exp(theta[1]);
        for (Observation seen : observations) {
            double a = theta[0] - index(theta, seen.features());
            double c = a + gap;
            // first and second derivatives of the log likelihood in a and c
            double da = 0;
            double daa = 0;
            double dc = 0;
            double dcc = 0;
            switch (seen.severity()) {
                case 0 -> {
                    da = logistic(-a);
                    daa = -logistic(a) * logistic(-a);
                }
                case 1 -> {
                    dc = logistic(-c);
                    dcc = -logistic(c) * logistic(-c);
                    da = -logistic(a);
                    daa = -logistic(a) * logistic(-a);
                    addGap(gap, seen.count(), gradient, hessian);
                }
                default -> {
                    dc = -logistic(c);
                    dcc = -logistic(c) * logistic(-c);
                }
            }
            accumulate(seen, gap, da, daa, dc, dcc, gradient, hessian);
        }
    }

    /** The factor 1 − exp(−e^γ) of the middle severity. */
    private static void addGap(double gap, double count, double[] gradient, double[][] hessian) {
        double growth = Math.expm1(gap);
        gradient[1] += count * gap / growth;
        hessian[1][1] += count * gap * (growth - gap * (growth + 1)) / (growth * growth);
    }

    private static void accumulate(Observation seen, double gap, double da, double daa, double dc, double dcc,
                                   double[] gradient, double[][] hessian) {
        double n = seen.count();
        int[] at = seen.features().index();
        double[] x = seen.features().value();
        double both = da + dc;
        double bothSecond = daa + dcc;
        gradient[0] += n * both;
        gradient[1] += n * dc * gap;
        hessian[0][0] += n * bothSecond;
        hessian[0][1] += n * dcc * gap;
        hessian[1][0] += n * dcc * gap;
        hessian[1][1] += n * (dcc * gap * gap + dc * gap);
        for (int i = 0; i < x.length; i++) {
            int place = CUTS + at[i];
            gradient[place] -= n * both * x[i];
            double[] row = hessian[place];
            row[0] -= n * bothSecond * x[i];
            hessian[0][place] -= n * bothSecond * x[i];
            row[1] -= n * dcc * gap * x[i];
            hessian[1][place] -= n * dcc * gap * x[i];
            for (int j = 0; j < x.length; j++) {
                row[CUTS + at[j]] += n * bothSecond * x[i] * x[j];
            }
        }
    }

    static double index(double[] theta, Features features) {
        return features.times(theta, CUTS);
    }

    static double logistic(double z) {
        return 1 / (1 + Math.exp(-z));
    }

    /** ln σ(z) without overflow. */
    private static double logLogistic(double z) {
        return z >= 0 ? -Math.log1p(Math.exp(-z)) : z - Math.log1p(Math.exp(z));
    }
}
