package brachion.core.strips;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.function.ToDoubleFunction;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.junit.jupiter.api.Test;

/** Sets found by exchange, beside all sets there are and beside a design everybody knows. */
class SetSearchTest {

    private static final SetSearch.Progress UNSEEN = (done, of) -> { };

    /** Unknowns seen through a line each, and what it is worth to know of them what is known in the end. */
    private record Linear(List<double[]> lines, ToDoubleFunction<Learned> worth) implements SetSearch.Worth<Learned> {

        @Override
        public Learned nothing() {
            return Learned.nothing(lines.get(0).length);
        }

        @Override
        public Learned with(Learned known, int candidate) {
            return known.with(List.of(lines.get(candidate)));
        }

        @Override
        public double promised(Learned known, int candidate) {
            return worth.applyAsDouble(with(known, candidate));
        }
    }

    /** The logarithm of the determinant of the information about the unknowns. */
    private static double logInformation(Learned known) {
        return -Math.log(new LUDecomposition(MatrixUtils.createRealMatrix(known.covariance())).getDeterminant());
    }

    @Test
    void three_of_thirty_are_within_a_fiftieth_of_the_best_of_all_sets() {
        for (int problem = 0; problem < 20; problem++) {
            Random random = new Random(problem);
            List<double[]> lines = new ArrayList<>();
            for (int i = 0; i < 30; i++) {
                lines.add(random.doubles(5, -1.5, 1.5).toArray());
            }
            List<double[]> directions = List.of(random.doubles(5, -1, 1).toArray(), random.doubles(5, -1, 1).toArray());
            Linear worth = new Linear(lines, known -> -directions.stream().mapToDouble(known::variance).sum());
            double before = directions.stream().mapToDouble(worth.nothing()::variance).sum();
            double best = Double.NEGATIVE_INFINITY;
            for (int a = 0; a < 30; a++) {
                for (int b = a + 1; b < 30; b++) {
                    Learned two = worth.with(worth.with(worth.nothing(), a), b);
                    for (int c = b + 1; c < 30; c++) {
                        best = Math.max(best, before + worth.promised(two, c));
                    }
                }
            }
            int[] found = new SetSearch<>(worth, 30, false).best(3, UNSEEN);
            assertThat(found).doesNotHaveDuplicates();
            Learned two = worth.with(worth.with(worth.nothing(), found[0]), found[1]);
            assertThat(before + worth.promised(two, found[2])).as("problem %d", problem).isGreaterThan(0.98 * best);
        }
    }

    /** A parabola over a stretch is best measured at its ends and in the middle, as often each (Fedorov 1972; Atkinson, Donev and Tobias 2007, section 11.2). */
    @Test
    void a_parabola_is_measured_at_its_ends_and_in_the_middle() {
        List<double[]> lines = new ArrayList<>();
        for (int i = 0; i <= 20; i++) {
            double x = -1 + i / 10.0;
            lines.add(new double[] {100, 100 * x, 100 * x * x});
        }
        int[] found = new SetSearch<>(new Linear(lines, SetSearchTest::logInformation), lines.size(), true).best(6, UNSEEN);
        Arrays.sort(found);
        assertThat(found).containsExactly(0, 0, 10, 10, 20, 20);
    }

    @Test
    void no_more_are_found_than_there_are() {
        List<double[]> lines = List.of(new double[] {1, 0}, new double[] {0, 1}, new double[] {1, 1});
        assertThat(new SetSearch<>(new Linear(lines, SetSearchTest::logInformation), 3, false).best(8, UNSEEN)).containsExactlyInAnyOrder(0, 1, 2);
    }
}
