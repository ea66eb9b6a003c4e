package brachion.core.risk;

import java.util.Arrays;

/**
 * Independent normal priors, one for each parameter. A standard deviation of positive infinity is a flat prior.
 *
 * @param mean means
 * @param sd   standard deviations
 */
record NormalPrior(double[] mean, double[] sd) {

    private static final double LOG_ROOT_TWO_PI = 0.5 * Math.log(2 * Math.PI);

    NormalPrior {
        if (mean.length != sd.length || Arrays.stream(sd).anyMatch(s -> !(s > 0))) {
            throw new IllegalArgumentException("Each prior mean needs a positive standard deviation");
        }
    }

    static NormalPrior flat(double... start) {
        double[] sd = new double[start.length];
        Arrays.fill(sd, Double.POSITIVE_INFINITY);
        return new NormalPrior(start, sd);
    }

    int dimension() {
        return mean.length;
    }

    double logDensity(double[] theta) {
        double sum = 0;
        for (int i = 0; i < theta.length; i++) {
            double off = (theta[i] - mean[i]) / sd[i];
            sum -= off * off / 2;
        }
        return sum;
    }

    /** Log of what the density is divided by, for the parameters whose prior is not flat. */
    double logNormaliser() {
        double sum = 0;
        for (double each : sd) {
            if (!Double.isInfinite(each)) {
                sum += Math.log(each) + LOG_ROOT_TWO_PI;
            }
        }
        return sum;
    }

    void derivatives(double[] theta, double[] gradient, Arrow hessian) {
        for (int i = 0; i < theta.length; i++) {
            double precision = 1 / (sd[i] * sd[i]);
            gradient[i] -= (theta[i] - mean[i]) * precision;
            hessian.addDiagonal(i, -precision);
        }
    }
}
