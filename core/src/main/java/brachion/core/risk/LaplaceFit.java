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
 * @param iterations Newton steps taken
 */
record LaplaceFit(double[] mode, double[][] covariance, int iterations) {

    private static final int MAX_ITERATIONS = 100;
    /** A full Newton step that would raise the log posterior by less than this ends the search. */
    private static final double DECREMENT = 1e-12;

    static LaplaceFit of(OrdinalModel model) {
        int n = model.dimension();
        double[] theta = model.prior().mean().clone();
        double density = model.logPosterior(theta);
        for (int iteration = 1; iteration <= MAX_ITERATIONS; iteration++) {
            double[] gradient = new double[n];
            double[][] hessian = new double[n][n];
            model.derivatives(theta, gradient, hessian);
            RealVector slope = MatrixUtils.createRealVector(gradient);
            CholeskyDecomposition curvature = positiveDefinite(hessian);
            RealVector step = curvature.getSolver().solve(slope);
            if (step.dotProduct(slope) < DECREMENT) {
                return new LaplaceFit(theta, curvature.getSolver().getInverse().getData(), iteration);
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
                return new LaplaceFit(theta, curvature.getSolver().getInverse().getData(), iteration);
            }
            theta = next;
            density = nextDensity;
        }
        throw new IllegalStateException("The fit did not settle in " + MAX_ITERATIONS + " steps");
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
     * @param features x_1 … x_p
     */
    Margin margin(int cut, double[] features) {
        double[] gradient = new double[mode.length];
        gradient[0] = 1;
        double gap = cut == 0 ? 0 : Math.exp(mode[1]);
        gradient[1] = gap;
        for (int i = 0; i < features.length; i++) {
            gradient[OrdinalModel.CUTS + i] = -features[i];
        }
        double variance = 0;
        for (int i = 0; i < gradient.length; i++) {
            for (int j = 0; j < gradient.length; j++) {
                variance += gradient[i] * covariance[i][j] * gradient[j];
            }
        }
        return new Margin(mode[0] + gap - OrdinalModel.index(mode, features), Math.sqrt(Math.max(0, variance)));
    }
}
