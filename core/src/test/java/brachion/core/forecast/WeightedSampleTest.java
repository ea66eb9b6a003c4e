package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Comparator;
import java.util.Random;
import java.util.stream.IntStream;
import org.hipparchus.stat.descriptive.rank.Percentile;
import org.hipparchus.stat.descriptive.rank.Percentile.EstimationType;
import org.junit.jupiter.api.Test;

class WeightedSampleTest {

    private final Random random = new Random(8);

    private static double bySorting(double[] value, double[] weight, double upTo) {
        int[] order = IntStream.range(0, value.length).boxed()
                .sorted(Comparator.comparingDouble(i -> value[i])).mapToInt(i -> i).toArray();
        double below = 0;
        for (int i : order) {
            below += weight[i];
            if (below >= upTo) {
                return value[i];
            }
        }
        return value[order[order.length - 1]];
    }

    @Test
    void finds_what_sorting_finds_however_values_repeat() {
        for (int size = 1; size < 300; size++) {
            int distinct = 1 + random.nextInt(size);
            double[] value = random.ints(size, 0, distinct).mapToDouble(i -> i * 0.1).toArray();
            // eighths add up without rounding, so that both ways cut between the same values
            double[] weight = random.ints(size, 1, 9).mapToDouble(i -> i / 8.0).toArray();
            WeightedSample sample = new WeightedSample(value.clone(), weight.clone());
            double all = Arrays.stream(weight).sum();
            for (double share : new double[] {0.9, 0.1, 0.5, 0, 1, 2}) {
                assertThat(sample.quantile(share * all)).as("share %s of %d values", share, size)
                        .isEqualTo(bySorting(value, weight, share * all));
            }
        }
    }

    /** With equal weights it is the inverse of the empirical distribution, R's quantile of type 1. */
    @Test
    void equal_weights_give_the_percentile_of_a_general_library() {
        double[] value = random.doubles(500).toArray();
        double[] weight = new double[500];
        Arrays.fill(weight, 1);
        Percentile percentile = new Percentile().withEstimationType(EstimationType.R_1);
        WeightedSample sample = new WeightedSample(value.clone(), weight);
        for (double percent : new double[] {10, 50, 90}) {
            assertThat(sample.quantile(percent / 100 * 500)).isEqualTo(percentile.evaluate(value, percent));
        }
    }

    /** Every pair of values is tried as the ends of the range. */
    @Test
    void the_shortest_range_is_the_shortest_of_all_that_hold_enough() {
        for (int size = 1; size < 60; size++) {
            double[] value = random.doubles(size).map(v -> v * v * v).toArray();
            double[] weight = random.ints(size, 1, 9).mapToDouble(i -> i / 8.0).toArray();
            double wanted = 0.8 * Arrays.stream(weight).sum();
            double shortest = Double.POSITIVE_INFINITY;
            for (double low : value) {
                for (double high : value) {
                    double held = IntStream.range(0, size).filter(i -> low <= value[i] && value[i] <= high)
                            .mapToDouble(i -> weight[i]).sum();
                    shortest = held >= wanted ? Math.min(shortest, high - low) : shortest;
                }
            }
            double[] range = new WeightedSample(value.clone(), weight.clone()).shortest(wanted);
            assertThat(range[1] - range[0]).as("%d values", size).isCloseTo(shortest, within(1e-15));
        }
    }

    /** Classes are values in even steps from 0 to 1. */
    @Test
    void the_shortest_range_of_classes_is_that_of_their_middles() {
        for (int size = 2; size < 40; size++) {
            double[] weight = random.ints(size, 1, 9).mapToDouble(i -> i / 8.0).toArray();
            double last = size - 1.0;
            double[] middles = IntStream.range(0, size).mapToDouble(i -> i / last).toArray();
            double wanted = 0.8 * Arrays.stream(weight).sum();
            assertThat(WeightedSample.shortest(weight, wanted)).as("%d classes", size).containsExactly(new WeightedSample(middles, weight.clone()).shortest(wanted));
        }
    }

    @Test
    void values_without_weights_are_refused() {
        assertThatThrownBy(() -> new WeightedSample(new double[2], new double[1])).hasMessageContaining("2 values and 1 weights");
    }
}
