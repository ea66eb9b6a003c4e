package brachion.core.risk;

import brachion.core.risk.Surface.Local;
import org.hipparchus.exception.MathIllegalArgumentException;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * The highest point of a surface, found by Newton's method with steps halved until they rise (Nocedal and Wright,
 * Numerical Optimization, 2nd ed., sections 3.3 and 3.4).
 *
 * @param point      where it is
 * @param local      the surface there
 * @param curvature  the negative Hessian there, decomposed
 * @param iterations Newton steps looked at
 */
record Peak(double[] point, Local local, CholeskyDecomposition curvature, int iterations) {

    private static final int MAX_ITERATIONS = 100;

    /** @param rise a Newton step that promises to rise by less than half this ends the search */
    static Peak of(Surface surface, double[] start, double rise) {
        double[] point = start.clone();
        Local local = surface.at(point);
        for (int iteration = 1; iteration <= MAX_ITERATIONS; iteration++) {
            RealVector slope = MatrixUtils.createRealVector(local.gradient());
            CholeskyDecomposition curvature = positiveDefinite(local.hessian());
            RealVector step = curvature.getSolver().solve(slope);
            Peak here = new Peak(point, local, curvature, iteration);
            if (step.dotProduct(slope) < rise) {
                return here;
            }
            double length = 1;
            do {
                point = MatrixUtils.createRealVector(here.point).add(step.mapMultiply(length)).toArray();
                local = surface.at(point);
                length /= 2;
            } while (!(local.height() > here.local.height()) && length > 1e-10);
            if (!(local.height() > here.local.height())) {
                return here;
            }
        }
        throw new IllegalStateException("No peak found in " + MAX_ITERATIONS + " steps");
    }

    /** The negative Hessian, its diagonal raised just as far as it needs to be positive definite far from the peak. */
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

    /** ln det of the curvature. */
    double logDeterminant() {
        RealMatrix root = curvature.getL();
        double sum = 0;
        for (int i = 0; i < point.length; i++) {
            sum += 2 * Math.log(root.getEntry(i, i));
        }
        return sum;
    }
}
