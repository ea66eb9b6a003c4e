package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The likelihood of one record beside its definition written out, its slopes beside differences, and where numbers run out. */
class RecordLikelihoodTest {

    private static final double[] X = {-0.3, 0.1, 0.6};
    private static final double[] WEIGHT = {0.2, 0.5, 0.3};
    private static final double SLIP = 0.005;

    private static double sigma(double z) {
        return 1 / (1 + Math.exp(-z));
    }

    /** ln of Σ w·P(y), but for the factor 1 − exp(−e^γ) of the middle severity, which all records share. */
    private static double written(int severity, double rest, double b, double gamma, double hidden) {
        double sum = 0;
        double gap = Math.exp(gamma);
        for (int k = 0; k < X.length; k++) {
            double a = rest - b * X[k];
            double clean = sigma(a);
            double unbroken = sigma(a + gap);
            sum += WEIGHT[k] * (severity == 0 ? clean : severity == 1 ? (unbroken - clean) / -Math.expm1(-gap) : 1 - unbroken);
        }
        return Math.log((1 - hidden - 2 * SLIP) * sum + (severity == 2 ? hidden + SLIP : severity == 0 ? SLIP : 0));
    }

    private static RecordLikelihood computed(int severity, double rest, double b, double gamma, double hidden) {
        RecordLikelihood record = new RecordLikelihood(hidden, SLIP);
        record.compute(severity, 1, rest, b, Math.exp(gamma), X, WEIGHT, 0, X.length);
        return record;
    }

    @ParameterizedTest
    @CsvSource({"0, 1.2, 0", "1, 1.2, 0", "2, 1.2, 0", "0, -2, 0.1", "1, 0.3, 0.1", "2, 0.3, 0.1", "2, 6, 0.1", "0, -9, 0.02"})
    void height_slopes_and_curves_are_those_of_the_definition(int severity, double rest, double hidden) {
        double b = 4;
        double gamma = 0.3;
        double h = 1e-4;
        RecordLikelihood record = computed(severity, rest, b, gamma, hidden);
        double at = written(severity, rest, b, gamma, hidden);
        assertThat(record.height()).isCloseTo(at, within(1e-12 + 1e-12 * Math.abs(at)));
        double[][] axes = {{1, 0, 0}, {0, 1, 0}, {0, 0, 1}};
        double[] slopes = {record.alpha(), record.lead(), record.gamma()};
        double[][] curves = {{record.alphaAlpha(), record.leadAlpha(), record.alphaGamma()}, {record.leadAlpha(), record.leadLead(), record.leadGamma()},
            {record.alphaGamma(), record.leadGamma(), record.gammaGamma()}};
        for (int i = 0; i < 3; i++) {
            double[] u = axes[i];
            double up = written(severity, rest + h * u[0], b + h * u[1], gamma + h * u[2], hidden);
            double down = written(severity, rest - h * u[0], b - h * u[1], gamma - h * u[2], hidden);
            assertThat(slopes[i]).as("slope %d", i).isCloseTo((up - down) / (2 * h), within(1e-6));
            for (int j = 0; j < 3; j++) {
                double[] v = axes[j];
                double cross = 0;
                for (int side = 0; side < 4; side++) {
                    double s = side < 2 ? h : -h;
                    double t = side % 2 == 0 ? h : -h;
                    cross += Math.signum(s * t) * written(severity, rest + s * u[0] + t * v[0], b + s * u[1] + t * v[1], gamma + s * u[2] + t * v[2], hidden);
                }
                assertThat(curves[i][j]).as("curve %d, %d", i, j).isCloseTo(cross / (4 * h * h), within(1e-5));
            }
        }
    }

    /** A thousand standard steps out no probability is a number any more; its logarithm is. */
    @ParameterizedTest
    @CsvSource({"1, -2000", "1, 2000"})
    void what_is_too_unlikely_for_a_number_keeps_its_logarithm(int severity, double rest) {
        RecordLikelihood record = computed(severity, rest, 4, 0.3, 0);
        // so far out σ(z) is e^z: each possibility is as likely as e^(a + e^γ) below and e^(−a) above
        double beside = 0;
        for (int k = 0; k < X.length; k++) {
            beside += WEIGHT[k] * (rest < 0 ? Math.exp(-4 * X[k] + Math.exp(0.3)) : Math.exp(4 * X[k]));
        }
        assertThat(record.height()).isCloseTo(-Math.abs(rest) + Math.log(beside) + Math.log(1 - 2 * SLIP), within(1e-9));
        assertThat(record.alpha()).isCloseTo(rest < 0 ? 1 : -1, within(1e-9));
        assertThat(record.wasHidden()).isZero();
        for (double each : new double[] {record.gamma(), record.lead(), record.alphaAlpha(), record.leadLead(), record.gammaGamma(), record.leadGamma()}) {
            assertThat(each).isFinite();
        }
    }

    @Test
    void logarithms_of_the_logistic_function_lose_nothing_far_out() {
        assertThat(OrdinalModel.logLogistic(-800)).isEqualTo(-800);
        assertThat(OrdinalModel.logLogistic(40)).isCloseTo(-Math.exp(-40), within(1e-30));
        assertThat(OrdinalModel.logLogistic(0.7)).isCloseTo(Math.log(sigma(0.7)), within(1e-15));
        assertThat(OrdinalModel.logLogistic(-0.7)).isCloseTo(Math.log(sigma(-0.7)), within(1e-15));
    }

    /** Of a break far within what it bears all but the slips of the pen are hidden flaws. */
    @Test
    void a_break_is_hidden_by_the_share_of_what_is_likely() {
        RecordLikelihood easy = computed(2, 30, 4, 0.3, 0.1);
        assertThat(easy.wasHidden()).isCloseTo(0.1 / (0.1 + SLIP), within(1e-6));
        double p = Math.exp(written(2, 0.3, 4, 0.3, 0.1));
        assertThat(computed(2, 0.3, 4, 0.3, 0.1).wasHidden()).isCloseTo(0.1 / p, within(1e-9));
    }
}
