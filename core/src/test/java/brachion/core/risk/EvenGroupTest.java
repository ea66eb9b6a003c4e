package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;
import org.junit.jupiter.api.Test;

/** A balanced layout of normal effects, whose likelihood can be written down: from anywhere, one step ends at its peak as Brent's method finds it. */
class EvenGroupTest {

    private static final int MEMBERS = 12;
    private static final double NOISE = 0.3;
    private static final double SCALE = 0.9;
    private static final double[] SEEN = seen();

    private static double[] seen() {
        Random random = new Random(4);
        return random.doubles(MEMBERS, -1.5, 1.5).toArray();
    }

    /** Log of the density of what was seen and of the prior of the scale on ln σ. */
    private static double logEvidence(double logSd) {
        double variance = Math.exp(2 * logSd);
        double all = variance + NOISE;
        return Arrays.stream(SEEN).map(y -> -Math.log(all) / 2 - y * y / (2 * all)).sum()
                + logSd - variance / (2 * SCALE * SCALE);
    }

    private static double slope(DoubleUnaryOperator height, double at) {
        return (height.applyAsDouble(at + 1e-5) - height.applyAsDouble(at - 1e-5)) / 2e-5;
    }

    /** The step of a group that looks like this under a scale, with so much added to the slope by how the posterior leans. */
    private static double stepFrom(double logSd, double leaning) {
        double variance = Math.exp(2 * logSd);
        double share = variance / (variance + NOISE);
        double squares = Arrays.stream(SEEN).map(y -> share * share * y * y / variance).sum();
        double trace = MEMBERS * (1 - share);
        double slope = squares + trace - MEMBERS + 1 - variance / (SCALE * SCALE);
        assertThat(slope).as("the slope of the evidence").isCloseTo(slope(EvenGroupTest::logEvidence, logSd), within(1e-6));
        return (slope + leaning) / EvenGroup.of(MEMBERS, SCALE, variance, squares, trace, leaning).curvatureToBest(variance);
    }

    @Test
    void one_step_ends_at_the_peak_of_a_balanced_layout() {
        double best = new BrentOptimizer(1e-10, 1e-12).optimize(new MaxEval(1000), GoalType.MAXIMIZE, new SearchInterval(-4, 2),
                new UnivariateObjectiveFunction(EvenGroupTest::logEvidence)).getPoint();
        for (double off : new double[] {-2, -1, -0.1, -0.01, 0.01, 0.3, 1, 1.5}) {
            assertThat(best + off + stepFrom(best + off, 0)).as("from %s away", off).isCloseTo(best, within(2e-3));
        }
    }

    @Test
    void a_step_is_no_longer_than_three() {
        // effects nobody saw anything of but that are all zero: the slope is −n + trace + 1 − σ²/s², far from any peak
        EvenGroup group = EvenGroup.of(400, SCALE, 1, 0, 0, 0);
        double slope = -400 + 1 - 1 / (SCALE * SCALE);
        assertThat(slope / group.curvatureToBest(1)).isCloseTo(-3, within(1e-6));
    }

    @Test
    void a_posterior_that_leans_moves_the_best_scale_its_way() {
        double at = Math.log(0.5) / 2;
        assertThat(stepFrom(at, 0.4)).isGreaterThan(stepFrom(at, 0) + 0.01);
        assertThat(stepFrom(at, -0.4)).isLessThan(stepFrom(at, 0) - 0.01);
    }

    @Test
    void nothing_known_of_the_members_is_no_reason_to_move() {
        double variance = SCALE * SCALE;
        double curvature = EvenGroup.of(3, SCALE, variance, 0, 3, 0).curvatureToBest(variance);
        assertThat(curvature).isPositive().isLessThan(10);
    }
}
