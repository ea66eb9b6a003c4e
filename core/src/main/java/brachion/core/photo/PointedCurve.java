package brachion.core.photo;

import java.util.List;
import java.util.Optional;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.QRDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresOptimizer.Optimum;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;

/**
 * The circle through three places on a curve, or that which passes three and more the nearest: least squares of the distances from it
 * (W. Gander, G. H. Golub, R. Strebel, Least-squares fitting of circles and ellipses, BIT 34, 1994; from memory), started from the
 * algebraic fit x² + y² + ax + by + c = 0. The variance of its radius is σ²·(JᵀJ)⁻¹ at the end of the fit, where σ is how far a place
 * pointed at is off across the curve.
 *
 * @param centre   centre of the circle
 * @param radiusPx its radius [px]
 * @param sdPx     standard deviation of the radius [px]
 */
public record PointedCurve(Spot centre, double radiusPx, double sdPx) {

    /** As many places make a circle. */
    public static final int FEWEST = 3;
    /** Above this share of itself a radius says nothing. */
    private static final double VAGUE = 0.5;
    private static final int MOST_STEPS = 200;
    private static final double SINGULAR = 1e-12;

    /**
     * The circle, unless the places lie so near a line that they tell none.
     *
     * @param on   places on the curve, three or more
     * @param sdPx standard deviation of a place pointed at [px]
     */
    public static Optional<PointedCurve> through(List<Spot> on, double sdPx) {
        if (on.size() < FEWEST) {
            throw new IllegalArgumentException("A curve needs " + FEWEST + " places, not " + on.size());
        }
        try {
            Optimum fit = new LevenbergMarquardtOptimizer().optimize(new LeastSquaresBuilder()
                    .start(algebraic(on)).model(at -> distances(on, at)).target(new double[on.size()])
                    .maxEvaluations(MOST_STEPS).maxIterations(MOST_STEPS).build());
            double radius = fit.getPoint().getEntry(2);
            double sd = sdPx * fit.getSigma(SINGULAR).getEntry(2);
            boolean tells = radius > 0 && Double.isFinite(radius) && sd < VAGUE * radius;
            return tells ? Optional.of(new PointedCurve(new Spot(fit.getPoint().getEntry(0), fit.getPoint().getEntry(1)), radius, sd)) : Optional.empty();
        } catch (MathRuntimeException noCircle) {
            return Optional.empty();
        }
    }

    private static RealVector algebraic(List<Spot> on) {
        RealMatrix rows = new Array2DRowRealMatrix(on.size(), FEWEST);
        RealVector right = new ArrayRealVector(on.size());
        for (int i = 0; i < on.size(); i++) {
            Spot spot = on.get(i);
            rows.setRow(i, new double[] {spot.xPx(), spot.yPx(), 1});
            right.setEntry(i, -spot.xPx() * spot.xPx() - spot.yPx() * spot.yPx());
        }
        RealVector found = new QRDecomposition(rows).getSolver().solve(right);
        double x = -found.getEntry(0) / 2;
        double y = -found.getEntry(1) / 2;
        return new ArrayRealVector(new double[] {x, y, Math.sqrt(Math.max(0, x * x + y * y - found.getEntry(2)))});
    }

    /** How far each place lies outside the circle, and how that changes with its centre and radius. */
    private static Pair<RealVector, RealMatrix> distances(List<Spot> on, RealVector circle) {
        Spot centre = new Spot(circle.getEntry(0), circle.getEntry(1));
        RealVector off = new ArrayRealVector(on.size());
        RealMatrix slope = new Array2DRowRealMatrix(on.size(), FEWEST);
        for (int i = 0; i < on.size(); i++) {
            Spot spot = on.get(i);
            double away = Math.max(Double.MIN_NORMAL, centre.to(spot));
            off.setEntry(i, away - circle.getEntry(2));
            slope.setRow(i, new double[] {(centre.xPx() - spot.xPx()) / away, (centre.yPx() - spot.yPx()) / away, -1});
        }
        return new Pair<>(off, slope);
    }

    /**
     * Its radius.
     *
     * @param known     a known length in the plane of the curve
     * @param pointedPx standard deviation of a place pointed at [px]
     */
    public Measured radius(KnownLength known, double pointedPx) {
        return known.of(radiusPx, sdPx, pointedPx);
    }
}
