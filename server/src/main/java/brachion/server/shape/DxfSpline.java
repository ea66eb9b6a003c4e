package brachion.server.shape;

import brachion.core.shape.Place;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Places on a spline of a DXF file: a B-spline by its knots, control points and weights (C. de Boor, A Practical Guide to Splines,
 * 1978), or the places it was fitted to where those are all that is there.
 */
final class DxfSpline {

    private static final int PARTS = 24;
    private static final int MOST_DEGREE = 8;

    private DxfSpline() {
    }

    static Optional<List<Place>> places(List<DxfPair> values) {
        int degree = values.stream().filter(value -> value.code() == 71).findFirst().map(value -> (int) value.number()).orElse(3);
        double[] knots = all(values, 40);
        double[] x = all(values, 10);
        double[] y = all(values, 20);
        double[] weights = all(values, 41);
        if (x.length == 0) {
            List<Place> fitted = new ArrayList<>();
            double[] fx = all(values, 11);
            double[] fy = all(values, 21);
            for (int i = 0; i < Math.min(fx.length, fy.length); i++) {
                fitted.add(new Place(fx[i], fy[i]));
            }
            return fitted.size() < 2 ? Optional.empty() : Optional.of(fitted);
        }
        if (degree < 1 || degree > MOST_DEGREE || y.length != x.length || x.length <= degree || knots.length != x.length + degree + 1) {
            throw new IllegalArgumentException("A spline of this DXF has " + knots.length + " knots for " + x.length + " control points of degree " + degree + ".");
        }
        DrawnFile.requireFew(x.length * PARTS);
        List<Place> places = new ArrayList<>();
        for (int span = degree; span < x.length; span++) {
            if (knots[span + 1] > knots[span]) {
                for (int i = 0; i < PARTS; i++) {
                    places.add(at(knots[span] + (knots[span + 1] - knots[span]) * i / PARTS, span, degree, knots, x, y, weights));
                }
            }
        }
        places.add(at(knots[x.length], lastSpan(knots, x.length, degree), degree, knots, x, y, weights));
        return Optional.of(places);
    }

    private static int lastSpan(double[] knots, int controls, int degree) {
        int span = controls - 1;
        while (span > degree && knots[span + 1] <= knots[span]) {
            span--;
        }
        return span;
    }

    private static Place at(double u, int span, int degree, double[] knots, double[] x, double[] y, double[] weights) {
        double[][] d = new double[degree + 1][3];
        for (int j = 0; j <= degree; j++) {
            int i = j + span - degree;
            double w = weights.length == x.length ? weights[i] : 1;
            d[j] = new double[] {x[i] * w, y[i] * w, w};
        }
        for (int r = 1; r <= degree; r++) {
            for (int j = degree; j >= r; j--) {
                double low = knots[j + span - degree];
                double high = knots[j + 1 + span - r];
                double share = high > low ? (u - low) / (high - low) : 0;
                for (int axis = 0; axis < 3; axis++) {
                    d[j][axis] = (1 - share) * d[j - 1][axis] + share * d[j][axis];
                }
            }
        }
        return new Place(d[degree][0] / d[degree][2], d[degree][1] / d[degree][2]);
    }

    private static double[] all(List<DxfPair> values, int code) {
        return values.stream().filter(value -> value.code() == code).mapToDouble(DxfPair::number).toArray();
    }
}
