package brachion.core.strips;

import java.util.List;

/**
 * What is known of independent standard normal unknowns z after measurements a·z + ε with unit error: the covariance
 * P = (1 + Σ a·aᵀ)⁻¹, taken in one measurement after the other (Golub and Van Loan, Matrix Computations, 4th ed., section 2.1.4).
 *
 * @param covariance P, one row for each unknown
 */
record Learned(double[][] covariance) {

    /** Before any measurement. */
    static Learned nothing(int dimension) {
        double[][] identity = new double[dimension][dimension];
        for (int i = 0; i < dimension; i++) {
            identity[i][i] = 1;
        }
        return new Learned(identity);
    }

    /** After some measurements more. */
    Learned with(List<double[]> measurements) {
        double[][] after = new double[covariance.length][];
        for (int i = 0; i < after.length; i++) {
            after[i] = covariance[i].clone();
        }
        for (double[] measurement : measurements) {
            double[] passed = times(after, measurement);
            double surprise = 1 + product(measurement, passed);
            for (int i = 0; i < after.length; i++) {
                for (int j = 0; j < after.length; j++) {
                    after[i][j] -= passed[i] * passed[j] / surprise;
                }
            }
        }
        return new Learned(after);
    }

    /** Variance of v·z. */
    double variance(double[] direction) {
        return product(direction, times(covariance, direction));
    }

    /**
     * By how much the variance of each direction falls with some measurements more, one or two of them.
     *
     * @param falls is added to, one entry for each direction
     */
    void addFalls(List<double[]> measurements, List<double[]> directions, double[] falls) {
        double[] before = null;
        double beforeSurprise = 0;
        for (double[] measurement : measurements) {
            double[] passed = times(covariance, measurement);
            if (before != null) {
                double shared = product(before, measurement) / beforeSurprise;
                for (int i = 0; i < passed.length; i++) {
                    passed[i] -= before[i] * shared;
                }
            }
            double surprise = 1 + product(measurement, passed);
            for (int k = 0; k < falls.length; k++) {
                double along = product(directions.get(k), passed);
                falls[k] += along * along / surprise;
            }
            before = passed;
            beforeSurprise = surprise;
        }
    }

    private static double[] times(double[][] matrix, double[] vector) {
        double[] result = new double[vector.length];
        for (int i = 0; i < result.length; i++) {
            result[i] = product(matrix[i], vector);
        }
        return result;
    }

    private static double product(double[] one, double[] other) {
        double sum = 0;
        for (int i = 0; i < one.length; i++) {
            sum += one[i] * other[i];
        }
        return sum;
    }
}
