package brachion.core.risk;

import brachion.core.risk.Surface.Local;
import java.util.Arrays;
import java.util.Optional;

/**
 * The highest point of a surface, found by Newton's method with steps halved until they rise (Nocedal and Wright,
 * Numerical Optimization, 2nd ed., sections 3.3 and 3.4). It always ends: with the peak, or with the best point reached
 * when no step rises any more or there were too many of them, and says which.
 *
 * @param point      where it is, but for the last step
 * @param last       the last step, after which the surface was not looked at again
 * @param local      the surface at the point
 * @param inverse    inverse of the negative Hessian there, its diagonal raised where the surface is not rounded
 * @param iterations Newton steps looked at
 * @param settled    whether it is the peak, as far as can be told
 */
record Peak(double[] point, double[] last, Local local, ArrowInverse inverse, int iterations, boolean settled) {

    private static final double MOST_RAISED = 1e100;
    private static final int MAX_ITERATIONS = 100;
    private static final int MAX_HALVINGS = 30;
    /** No parameter moves further in one step. */
    private static final double LONGEST_STEP = 10;
    /** A step that promises less than this share of the height cannot be told from rounding, and ends the search. */
    private static final double EXACT = 1e-12;
    /** What a step that could not be taken promised below this share of the height may be lost in rounding too. */
    private static final double ROUNDING = 1e-9;

    /** @param rise a Newton step that promises to rise by less than half this ends the search */
    static Peak of(Surface surface, double[] start, double rise) {
        return of(surface, start, rise, MAX_ITERATIONS);
    }

    /** The same with a bound on the steps. */
    static Peak of(Surface surface, double[] start, double rise, int mostIterations) {
        double[] point = start.clone();
        Local local = surface.at(point);
        for (int iteration = 1;; iteration++) {
            ArrowInverse inverse = positiveDefinite(local.hessian());
            double[] newton = inverse.times(local.gradient());
            double promise = dot(newton, local.gradient());
            double[] step = shortened(newton);
            if (promise < Math.max(rise, EXACT * Math.abs(local.height()))) {
                return new Peak(point, step, local, inverse, iteration, true);
            }
            Optional<Place> next = iteration == mostIterations ? Optional.empty() : higher(surface, point, local, step);
            if (next.isEmpty()) {
                return new Peak(point, new double[point.length], local, inverse, iteration, promise < ROUNDING * (1 + Math.abs(local.height())));
            }
            point = next.get().point();
            local = next.get().local();
        }
    }

    /** The peak with the last step taken. */
    double[] afterLast() {
        return along(point, last, 1);
    }

    private record Place(double[] point, Local local) {

        static Place of(Surface surface, double[] point) {
            return new Place(point, surface.at(point));
        }
    }

    /** A point along a step that lies higher. */
    private static Optional<Place> higher(Surface surface, double[] point, Local local, double[] step) {
        double length = 1;
        for (int halving = 0; halving < MAX_HALVINGS; halving++) {
            Place there = Place.of(surface, along(point, step, length));
            if (there.local().height() > local.height()) {
                return Optional.of(there);
            }
            length /= 2;
        }
        return Optional.empty();
    }

    private static double[] shortened(double[] step) {
        double longest = Arrays.stream(step).map(Math::abs).max().orElse(0);
        return longest > LONGEST_STEP ? along(new double[step.length], step, LONGEST_STEP / longest) : step;
    }

    private static double[] along(double[] point, double[] step, double length) {
        double[] next = point.clone();
        for (int i = 0; i < next.length; i++) {
            next[i] += length * step[i];
        }
        return next;
    }

    /** Inverts the negative Hessian, its diagonal raised just as far as it needs to be positive definite. */
    private static ArrowInverse positiveDefinite(Arrow hessian) {
        double raised = 0;
        while (true) {
            Optional<ArrowInverse> inverse = ArrowInverse.ofNegative(hessian, raised);
            if (inverse.isPresent()) {
                return inverse.get();
            }
            raised = Math.max(4 * raised, 1e-6 * (1 + hessian.largestDiagonal()));
            if (!(raised < MOST_RAISED)) {
                // curvatures that are no numbers: go straight uphill
                return ArrowInverse.ofNegative(Arrow.zero(hessian.corner().length, Places.of(new int[hessian.tip().length][0])), 1).orElseThrow();
            }
        }
    }

    static double dot(double[] x, double[] y) {
        double sum = 0;
        for (int i = 0; i < x.length; i++) {
            sum += x[i] * y[i];
        }
        return sum;
    }
}
