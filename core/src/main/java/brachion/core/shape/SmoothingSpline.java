package brachion.core.shape;

import java.util.Arrays;
import java.util.List;

/**
 * The smoothest curve that passes points no further off than asked: natural cubic splines of both coordinates over the length of the
 * chords between the points, each least in Σ(y_i − g(t_i))² + λ·∫g″². With γ the second derivatives inside,
 * (R + λ·QᵀQ)·γ = Qᵀ·y and g = y − λ·Q·γ (C. H. Reinsch, Smoothing by spline functions, Numer. Math. 10, 1967; P. J. Green,
 * B. W. Silverman, Nonparametric Regression and Generalized Linear Models, 1994, section 2.3; from memory). λ is the largest with
 * which no point is off by more than the tolerance.
 */
final class SmoothingSpline implements PlaneCurve {

    private static final int ROUNDS = 60;
    private static final double LEAST_LOG = -12;
    private static final double MOST_LOG = 12;

    private final double[] t;
    private final double[][] value;
    private final double[][] second;

    private SmoothingSpline(double[] t, double[][] value, double[][] second) {
        this.t = t;
        this.value = value;
        this.second = second;
    }

    /**
     * The smoothest within a tolerance.
     *
     * @param points      three or more, no two that follow one another at one place
     * @param toleranceMm how far a point may be off at most [mm]
     */
    static SmoothingSpline through(List<Place> points, double toleranceMm) {
        int n = points.size();
        double[] t = new double[n];
        for (int i = 1; i < n; i++) {
            t[i] = t[i - 1] + points.get(i - 1).to(points.get(i));
        }
        double[][] y = {points.stream().mapToDouble(Place::xMm).toArray(), points.stream().mapToDouble(Place::yMm).toArray()};
        // λ has the dimension of a length cubed: that of an ordinary gap is the middle of the search
        double gap = Math.pow(t[n - 1] / (n - 1), 3);
        double low = LEAST_LOG;
        double high = MOST_LOG;
        for (int round = 0; round < ROUNDS; round++) {
            double middle = (low + high) / 2;
            if (smoothed(t, y, gap * Math.pow(10, middle)).furthest(y) <= toleranceMm) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return smoothed(t, y, gap * Math.pow(10, low));
    }

    private static SmoothingSpline smoothed(double[] t, double[][] y, double lambda) {
        double[][] value = new double[2][];
        double[][] second = new double[2][];
        for (int axis = 0; axis < 2; axis++) {
            second[axis] = secondDerivatives(t, y[axis], lambda);
            value[axis] = values(t, y[axis], second[axis], lambda);
        }
        return new SmoothingSpline(t, value, second);
    }

    /** Solves the five-banded system by LDLᵀ. */
    private static double[] secondDerivatives(double[] t, double[] y, double lambda) {
        int n = t.length;
        int m = n - 2;
        double[] h = new double[n - 1];
        for (int i = 0; i < n - 1; i++) {
            h[i] = t[i + 1] - t[i];
        }
        double[] d = new double[m];
        double[] e = new double[m];
        double[] f = new double[m];
        double[] right = new double[m];
        for (int j = 0; j < m; j++) {
            double a = 1 / h[j];
            double b = -1 / h[j] - 1 / h[j + 1];
            double c = 1 / h[j + 1];
            d[j] = (h[j] + h[j + 1]) / 3 + lambda * (a * a + b * b + c * c);
            if (j + 1 < m) {
                e[j] = h[j + 1] / 6 + lambda * (b / h[j + 1] + c * (-1 / h[j + 1] - 1 / h[j + 2]));
            }
            if (j + 2 < m) {
                f[j] = lambda * c / h[j + 2];
            }
            right[j] = (y[j + 2] - y[j + 1]) / h[j + 1] - (y[j + 1] - y[j]) / h[j];
        }
        for (int j = 0; j < m; j++) {
            double below = j + 1 < m ? e[j] / d[j] : 0;
            double second = j + 2 < m ? f[j] / d[j] : 0;
            if (j + 1 < m) {
                d[j + 1] -= below * e[j];
                right[j + 1] -= below * right[j];
            }
            if (j + 2 < m) {
                e[j + 1] -= below * f[j];
                d[j + 2] -= second * f[j];
                right[j + 2] -= second * right[j];
            }
        }
        double[] gamma = new double[n];
        for (int j = m - 1; j >= 0; j--) {
            double known = (j + 1 < m ? e[j] * gamma[j + 2] : 0) + (j + 2 < m ? f[j] * gamma[j + 3] : 0);
            gamma[j + 1] = (right[j] - known) / d[j];
        }
        return gamma;
    }

    private static double[] values(double[] t, double[] y, double[] gamma, double lambda) {
        double[] value = y.clone();
        for (int j = 1; j < t.length - 1; j++) {
            double before = 1 / (t[j] - t[j - 1]);
            double after = 1 / (t[j + 1] - t[j]);
            value[j - 1] -= lambda * gamma[j] * before;
            value[j] += lambda * gamma[j] * (before + after);
            value[j + 1] -= lambda * gamma[j] * after;
        }
        return value;
    }

    private double furthest(double[][] y) {
        double furthest = 0;
        for (int i = 0; i < t.length; i++) {
            furthest = Math.max(furthest, Math.hypot(y[0][i] - value[0][i], y[1][i] - value[1][i]));
        }
        return furthest;
    }

    @Override
    public Pose at(double u) {
        return new Pose(new Place(derived(0, u, 0), derived(1, u, 0)), Math.atan2(derived(1, u, 1), derived(0, u, 1)));
    }

    @Override
    public double curvature(double u) {
        return PlaneCurve.curvature(derived(0, u, 1), derived(1, u, 1), derived(0, u, 2), derived(1, u, 2));
    }

    /** The coordinate of an axis, or its first or second derivative by the length of the chords. */
    private double derived(int axis, double u, int times) {
        double along = u * t[t.length - 1];
        int found = Arrays.binarySearch(t, along);
        int i = Math.min(t.length - 2, found >= 0 ? found : -found - 2);
        double h = t[i + 1] - t[i];
        double a = (t[i + 1] - along) / h;
        double b = 1 - a;
        double[] y = value[axis];
        double[] g = second[axis];
        return switch (times) {
            case 0 -> a * y[i] + b * y[i + 1] + ((a * a * a - a) * g[i] + (b * b * b - b) * g[i + 1]) * h * h / 6;
            case 1 -> (y[i + 1] - y[i]) / h + ((1 - 3 * a * a) * g[i] + (3 * b * b - 1) * g[i + 1]) * h / 6;
            default -> a * g[i] + b * g[i + 1];
        };
    }
}
