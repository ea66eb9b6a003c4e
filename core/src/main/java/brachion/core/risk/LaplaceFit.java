package brachion.core.risk;

import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.exception.MathIllegalArgumentException;

/**
 * Posterior mode by Newton's method with the normal distribution around it whose precision is the curvature there
 * (Laplace's approximation; Tierney and Kadane, J. Am. Statist. Assoc. 81, 1986).
 *
 * @param mode       the most probable parameters
 * @param covariance covariance of the normal approximation
 * @param logEvidence log of the probability of the records, all parameters integrated out, by the same approximation;
 *                    meaningful where no prior is flat
 * @param iterations Newton steps taken
 */
record LaplaceFit(double[] mode, double[][] covariance, double logEvidence, int iterations) {

    private static final int MAX_ITERATIONS = 100;
    /** A full Newton step that would raise the log posterior by less than this ends the search. */
    private static final double DECREMENT = 1e-12;

    static LaplaceFit of(OrdinalModel model) {
        return from(model, model.prior().mean());
    }

    /** The fit, searched from a start near the mode; the result is the same from any start. */
    static LaplaceFit from(OrdinalModel model, double[] start) {
        return from(model, start, DECREMENT);
    }

    /** The fit to within a rise of the log posterior; a rough one is enough where only the evidence is compared. */
    static LaplaceFit from(OrdinalModel model, double[] start, double decrement) {
        int n = model.dimension();
        double[] theta = start.clone();
        double density = model.logPosterior(theta);
        for (int iteration = 1; iteration <= MAX_ITERATIONS; iteration++) {
            double[] gradient = new double[n];
            double[][] hessian = new double[n][n];
            model.derivatives(theta, gradient, hessian);
            RealVector slope = MatrixUtils.createRealVector(gradient);
            CholeskyDecomposition curvature = positiveDefinite(hessian);
            RealVector step = curvature.getSolver().solve(slope);
            if (step.dotProduct(slope) < decrement) {
                return result(model, theta, density, curvature, iteration);
            }
            double length = 1;
            double[] next = theta;
            double nextDensity = Double.NEGATIVE_INFINITY;
            while (!(nextDensity > density) && length > 1e-10) {
                next = MatrixUtils.createRealVector(theta).add(step.mapMultiply(length)).toArray();
                nextDensity = model.logPosterior(next);
                length /= 2;
            }
            if (!(nextDensity > density)) {
                return result(model, theta, density, curvature, iteration);
            }
            theta = next;
            density = nextDensity;
        }
        throw new IllegalStateException("The fit did not settle in " + MAX_ITERATIONS + " steps");
    }

    private static LaplaceFit result(OrdinalModel model, double[] theta, double density, CholeskyDecomposition curvature,
                                     int iterations) {
        double logDeterminant = 0;
        RealMatrix root = curvature.getL();
        for (int i = 0; i < theta.length; i++) {
            logDeterminant += 2 * Math.log(root.getEntry(i, i));
        }
        double logEvidence = density - model.prior().logNormaliser()
                + theta.length * 0.5 * Math.log(2 * Math.PI) - logDeterminant / 2;
        return new LaplaceFit(theta, curvature.getSolver().getInverse().getData(), logEvidence, iterations);
    }

    /** The negative Hessian, its diagonal raised just as far as it needs to be positive definite far from the mode. */
    private static CholeskyDecomposition positiveDefinite(double[][] hessian) {
        RealMatrix curvature = MatrixUtils.createRealMatrix(hessian).scalarMultiply(-1);
        double lift = 0;
        while (true) {
            try {
                return new CholeskyDecomposition(
                        curvature.add(MatrixUtils.createRealIdentityMatrix(hessian.length).scalarMultiply(lift)),
                        1e-9, 1e-14);
            } catch (MathIllegalArgumentException indefinite) {
                lift = Math.max(2 * lift, 1e-6 * (1 + curvature.getNorm1()));
            }
        }
    }

    /**
     * The margin α_j − η of a piece: how far below the cut to severity j + 1 it stands.
     *
     * @param cut      0 for "clean", 1 for "unbroken"
     * @param features x_1 … x_p, those that are not zero
     */
    Margin margin(int cut, Features features) {
        double gap = cut == 0 ? 0 : Math.exp(mode[1]);
        double variance = covariance(cut, features, cut, features);
        return new Margin(mode[0] + gap - OrdinalModel.index(mode, features), Math.sqrt(Math.max(0, variance)));
    }

    /** Covariance of two margins. */
    double covariance(int cut, Features features, int otherCut, Features otherFeatures) {
        double[] slopes = slopes(cut, features);
        double[] otherSlopes = slopes(otherCut, otherFeatures);
        double sum = 0;
        for (int i = 0; i < slopes.length; i++) {
            double[] row = covariance[place(i, features)];
            for (int j = 0; j < otherSlopes.length; j++) {
                sum += slopes[i] * row[place(j, otherFeatures)] * otherSlopes[j];
            }
        }
        return sum;
    }

    /** Derivatives of a margin by α_1, γ and the coefficients it touches. */
    private double[] slopes(int cut, Features features) {
        double[] slopes = new double[OrdinalModel.CUTS + features.value().length];
        slopes[0] = 1;
        slopes[1] = cut == 0 ? 0 : Math.exp(mode[1]);
        for (int i = OrdinalModel.CUTS; i < slopes.length; i++) {
            slopes[i] = -features.value()[i - OrdinalModel.CUTS];
        }
        return slopes;
    }

    private static int place(int slope, Features features) {
        return slope < OrdinalModel.CUTS ? slope : OrdinalModel.CUTS + features.index()[slope - OrdinalModel.CUTS];
    }
}
