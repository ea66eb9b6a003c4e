package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The two-by-two arithmetic against a general linear algebra library and numerical derivatives. */
class CavityTest {

    private static double logLikelihood(double a, double c, int severity) {
        return logLikelihood(a, c, severity, 0);
    }

    /** A share of the pieces breaks whatever it is asked. */
    private static double logLikelihood(double a, double c, int severity, double hidden) {
        double clean = 1 / (1 + Math.exp(-a));
        double unbroken = 1 / (1 + Math.exp(-c));
        return Math.log((1 - hidden) * (severity == 0 ? clean : severity == 1 ? unbroken - clean : 1 - unbroken) + (severity == 2 ? hidden : 0));
    }

    /** Expected information is the covariance of the score: Σ_y p_y s_y s_yᵀ, the scores by central differences. */
    @ParameterizedTest
    @CsvSource({"1.75, 2.95, 0", "-0.5, 0.7, 0", "0, 3, 0", "-4, -2.5, 0", "1.75, 2.95, 0.1", "-0.5, 0.7, 0.3"})
    void expected_information_is_the_covariance_of_the_score(double a, double c, double hidden) {
        double h = 1e-5;
        double[][] expected = new double[2][2];
        for (int severity = 0; severity <= 2; severity++) {
            double p = Math.exp(logLikelihood(a, c, severity, hidden));
            double[] score = {(logLikelihood(a + h, c, severity, hidden) - logLikelihood(a - h, c, severity, hidden)) / (2 * h),
                (logLikelihood(a, c + h, severity, hidden) - logLikelihood(a, c - h, severity, hidden)) / (2 * h)};
            for (int i = 0; i < 2; i++) {
                for (int j = 0; j < 2; j++) {
                    expected[i][j] += p * score[i] * score[j];
                }
            }
        }
        double[][] information = Cavity.expectedInformation(a, c, hidden);
        for (int i = 0; i < 2; i++) {
            for (int j = 0; j < 2; j++) {
                assertThat(information[i][j]).isCloseTo(expected[i][j], within(1e-6));
            }
        }
    }

    @Test
    void the_reduction_is_that_of_conditioning_a_normal_distribution() {
        double[][] g = {{0.5, 0.2}, {0.2, 0.4}};
        double[] w = {0.3, -0.1};
        double[][] information = Cavity.expectedInformation(0.3, 1.6, 0);
        RealMatrix noise = new LUDecomposition(MatrixUtils.createRealMatrix(information)).getSolver().getInverse();
        RealMatrix observed = noise.add(MatrixUtils.createRealMatrix(g));
        RealVector across = MatrixUtils.createRealVector(w);
        double expected = across.dotProduct(new LUDecomposition(observed).getSolver().solve(across));
        assertThat(Cavity.reduction(w, g, information)).isCloseTo(expected, within(1e-9));
    }

    /** Taking a record out of a normal distribution subtracts the curvature of its likelihood from the precision. */
    @ParameterizedTest
    @CsvSource({"0, 0", "1, 1", "2, 1", "0, 1"})
    void taking_a_record_out_subtracts_its_precision(int severity, int cut) {
        double[] mean = {0.6, 1.9};
        double[][] v = {{0.20, 0.12}, {0.12, 0.25}};
        double h = 1e-4;
        double[] gradient = new double[2];
        double[][] curvature = new double[2][2];
        for (int i = 0; i < 2; i++) {
            gradient[i] = (at(mean, severity, i, h) - at(mean, severity, i, -h)) / (2 * h);
            for (int j = 0; j < 2; j++) {
                curvature[i][j] = -(at(mean, severity, i, h, j, h) - at(mean, severity, i, h, j, -h)
                        - at(mean, severity, i, -h, j, h) + at(mean, severity, i, -h, j, -h)) / (4 * h * h);
            }
        }
        RealMatrix precision = new LUDecomposition(MatrixUtils.createRealMatrix(v)).getSolver().getInverse()
                .subtract(MatrixUtils.createRealMatrix(curvature));
        RealMatrix covariance = new LUDecomposition(precision).getSolver().getInverse();
        RealVector moved = MatrixUtils.createRealVector(mean).subtract(covariance.operate(MatrixUtils.createRealVector(gradient)));
        Margin without = new Cavity(mean, v, severity, 0).margin(cut);
        assertThat(without.mean()).isCloseTo(moved.getEntry(cut), within(1e-5));
        assertThat(without.sd()).isCloseTo(Math.sqrt(covariance.getEntry(cut, cut)), within(1e-5));
    }

    private static double at(double[] mean, int severity, int i, double by) {
        double[] moved = mean.clone();
        moved[i] += by;
        return logLikelihood(moved[0], moved[1], severity);
    }

    private static double at(double[] mean, int severity, int i, double byI, int j, double byJ) {
        double[] moved = mean.clone();
        moved[i] += byI;
        moved[j] += byJ;
        return logLikelihood(moved[0], moved[1], severity);
    }
}
