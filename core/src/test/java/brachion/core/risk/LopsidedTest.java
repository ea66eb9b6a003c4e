package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.risk.Observations.Observation;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** How lopsided a posterior is, beside differences of the logarithm of its determinant. */
class LopsidedTest {

    private static final int RECORDS = 60;
    private static final int BOARDS = 12;
    private static final int FIRST_BOARD = 3;
    private static final double H = 1e-4;

    /** Records with a first feature that may be three things, two others and, but for a few, a board; all three severities. */
    private static OrdinalModel model(double hidden, double boardSd) {
        Random random = new Random(7);
        List<Observation> records = new ArrayList<>();
        for (int i = 0; i < RECORDS; i++) {
            double x = 0.4 * random.nextGaussian();
            Spread lead = i % 3 == 0 ? new Spread(new double[] {x - 0.2, x, x + 0.3}, new double[] {0.3, 0.5, 0.2}) : Spread.known(x);
            int board = FIRST_BOARD + i * BOARDS / RECORDS;
            double other = random.nextGaussian();
            Features features = i % 7 == 0 ? new Features(new int[] {0, 2}, new double[] {lead.mean(), other})
                    : new Features(new int[] {0, 1, 2, board}, new double[] {lead.mean(), random.nextGaussian(), other, 1});
            records.add(new Observation(lead, features, random.nextInt(3), 1 + i % 2));
        }
        records.sort((a, b) -> Integer.compare(a.features().last(), b.features().last()));
        double[] mean = new double[OrdinalModel.CUTS + FIRST_BOARD + BOARDS];
        mean[0] = 1;
        mean[OrdinalModel.CUTS] = 4;
        double[] sd = new double[mean.length];
        Arrays.fill(sd, 0.8);
        Arrays.fill(sd, OrdinalModel.CUTS + FIRST_BOARD, sd.length, boardSd);
        return new OrdinalModel(new Observations(records, FIRST_BOARD, BOARDS), new NormalPrior(mean, sd), hidden, 0.005);
    }

    private static double logDeterminant(OrdinalModel model, double[] theta, double[] direction, double by) {
        double[] moved = theta.clone();
        Arrays.setAll(moved, i -> theta[i] + by * direction[i]);
        return ArrowInverse.ofNegative(model.at(moved).hessian(), 0).orElseThrow().logDeterminant();
    }

    @Test
    void the_determinant_rises_along_each_direction_as_it_says() {
        for (double hidden : new double[] {0, 0.05}) {
            OrdinalModel model = model(hidden, 0.9);
            LaplaceFit fit = LaplaceFit.roughly(model, model.prior().mean(), 1e-8);
            Random random = new Random(3);
            double[][] directions = new double[5][model.dimension()];
            IntStream.range(0, 4).forEach(k -> Arrays.setAll(directions[k], i -> k == 0 && i > 1 ? 0 : random.nextGaussian()));
            double[] along = model.lopsided(fit.mode(), fit.covariance()).along(directions);
            for (int k = 0; k < 4; k++) {
                double rise = (logDeterminant(model, fit.mode(), directions[k], H) - logDeterminant(model, fit.mode(), directions[k], -H)) / (2 * H);
                assertThat(along[k]).as("direction %d, %s hidden", k, hidden).isCloseTo(rise, within(2e-3 * (1 + Math.abs(rise))));
                assertThat(Math.abs(rise)).as("worth a comparison").isGreaterThan(0.1);
            }
            assertThat(along[4]).as("nowhere").isZero();
        }
    }

    /** ½·Σ_kl C_kl ∂³ℓ/∂θ_i∂θ_k∂θ_l is both the average slope, to first order, and half of how the determinant falls along a parameter. */
    @Test
    void the_average_slope_is_half_of_how_the_determinant_falls() {
        OrdinalModel model = model(0, 0.1);
        // so sure of everything that the third derivatives are all there is, and of γ and b that a record's index alone is uncertain
        double[] mode = LaplaceFit.of(model).mode();
        Arrow sharp = model.at(mode).hessian();
        for (int i = 0; i < sharp.dimension(); i++) {
            sharp.addDiagonal(i, i == 1 || i == OrdinalModel.CUTS ? -1e9 : -4e3);
        }
        Lopsided lopsided = model.lopsided(mode, ArrowInverse.ofNegative(sharp, 0).orElseThrow());
        double[] slope = lopsided.averageSlope();
        double[][] units = IntStream.range(0, slope.length).mapToObj(i -> IntStream.range(0, slope.length).mapToDouble(j -> i == j ? 1 : 0).toArray())
                .toArray(double[][]::new);
        double[] along = lopsided.along(units);
        double largest = Arrays.stream(slope).map(Math::abs).max().orElseThrow();
        for (int i = 0; i < slope.length; i++) {
            if (i != 1 && i != OrdinalModel.CUTS) {
                assertThat(slope[i]).as("parameter %d", i).isCloseTo(-along[i] / 2, within(0.02 * largest));
            }
        }
        assertThat(largest).as("worth a comparison").isGreaterThan(1e-3);
    }
}
