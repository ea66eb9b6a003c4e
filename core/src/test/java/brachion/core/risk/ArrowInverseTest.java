package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.junit.jupiter.api.Test;

/** The inverse by Schur complement beside the general LU decomposition of the whole matrix (Hipparchus). */
class ArrowInverseTest {

    private static final int CORNER = 5;
    private static final int REST = 7;
    private final Random random = new Random(12);
    private final Arrow arrow = positiveDefinite();
    private final ArrowInverse inverse = ArrowInverse.of(arrow).orElseThrow();
    private final RealMatrix dense = dense(arrow);
    private final RealMatrix exact = new LUDecomposition(dense).getSolver().getInverse();

    private Arrow positiveDefinite() {
        int[][] touched = new int[REST][];
        Arrays.setAll(touched, row -> IntStream.range(0, CORNER).filter(column -> random.nextBoolean()).toArray());
        Arrow arrow = Arrow.zero(CORNER, Places.of(touched));
        for (int row = 0; row < REST; row++) {
            arrow.tip()[row] = 1 + random.nextDouble();
        }
        Arrays.setAll(arrow.border().value(), i -> random.nextGaussian());
        for (int i = 0; i < CORNER; i++) {
            for (int j = 0; j <= i; j++) {
                arrow.corner()[i][j] = 0.3 * random.nextGaussian();
            }
            arrow.corner()[i][i] = 12 + random.nextDouble();
        }
        arrow.mirror();
        return arrow;
    }

    private static RealMatrix dense(Arrow arrow) {
        RealMatrix dense = MatrixUtils.createRealMatrix(arrow.dimension(), arrow.dimension());
        for (int i = 0; i < arrow.dimension(); i++) {
            for (int j = 0; j < arrow.dimension(); j++) {
                dense.setEntry(i, j, arrow.at(i, j));
            }
        }
        return dense;
    }

    @Test
    void elements_products_and_determinant_are_those_of_the_whole_matrix() {
        for (int i = 0; i < CORNER + REST; i++) {
            for (int j = 0; j < CORNER + REST; j++) {
                assertThat(inverse.at(i, j)).as("%d, %d", i, j).isCloseTo(exact.getEntry(i, j), within(1e-12));
            }
        }
        assertThat(inverse.logDeterminant())
                .isCloseTo(Math.log(new LUDecomposition(dense).getDeterminant()), within(1e-10));
        int[] places = {0, 2, 4, 7, 9};
        double[] values = {1, -0.5, 2, 0.7, 1};
        assertThat(inverse.square(places, values)).isCloseTo(inverse.product(places, values, places, values), within(1e-12));
        for (int row = 0; row < REST; row++) {
            int[] touched = arrow.border().places().row(row);
            double[] x = random.doubles(touched.length).toArray();
            int begin = arrow.border().places().first()[row];
            int[] at = IntStream.range(begin, begin + touched.length).toArray();
            int[] withTip = IntStream.concat(Arrays.stream(touched), IntStream.of(CORNER + row)).toArray();
            double[] andTip = DoubleStream.concat(Arrays.stream(x), DoubleStream.of(-1.5)).toArray();
            double square = inverse.product(withTip, andTip, withTip, andTip);
            assertThat(inverse.squareBeside(touched, at, x, row, -1.5)).as("row %d", row).isCloseTo(square, within(1e-12));
            assertThat(ofNegative().squareBeside(touched, at, x, row, -1.5)).as("row %d of the negative", row).isCloseTo(square, within(1e-12));
        }
        RealVector vector = MatrixUtils.createRealVector(random.doubles(CORNER + REST).toArray());
        double[] times = inverse.times(vector.toArray());
        for (int i = 0; i < times.length; i++) {
            assertThat(times[i]).isCloseTo(exact.operate(vector).getEntry(i), within(1e-12));
        }
    }

    @Test
    void traces_and_sums_of_squares_are_those_of_the_whole_matrix() {
        int[] rows = {1, 3};
        assertThat(inverse.squares(rows, new int[] {0, 3, 4})).isCloseTo(squares(rows, 0, 3, 4), within(1e-12));
        assertThat(inverse.squaresToTip(rows)).isCloseTo(squares(rows, 5, 6, 7, 8, 9, 10, 11), within(1e-12));
        int[] tip = {5, 6, 7, 8, 9, 10, 11};
        assertThat(inverse.squaresInTip()).isCloseTo(squares(tip, tip), within(1e-12));
        assertThat(inverse.traceOfTip()).isCloseTo(exact.getSubMatrix(tip, tip).getTrace(), within(1e-12));
        assertThat(ofNegative().squaresToTip(rows)).isCloseTo(inverse.squaresToTip(rows), within(1e-12));
    }

    @Test
    void a_matrix_times_a_vector_and_its_copy_in_a_larger_one_are_those_of_the_whole_matrix() {
        RealVector vector = MatrixUtils.createRealVector(random.doubles(CORNER + REST).toArray());
        assertThat(arrow.times(vector.toArray())).containsExactly(dense.operate(vector).toArray(), within(1e-12));
        int[] to = {0, 1, 3, 4, 5, 6, 8, 9, 10, 11, 12, 13};
        Arrow larger = arrow.spread(to, CORNER + 1, REST + 1);
        for (int i = 0; i < to.length; i++) {
            for (int j = 0; j < to.length; j++) {
                assertThat(larger.at(to[i], to[j])).isEqualTo(arrow.at(i, j));
            }
            assertThat(larger.at(to[i], 2) + larger.at(7, to[i])).isZero();
        }
    }

    /** What a new record says of a board may lie where none before it said anything. */
    @Test
    void room_for_more_changes_nothing_and_can_be_filled() {
        int[][] more = new int[REST][0];
        more[2] = new int[] {0, 1, 2, 4};
        Arrow roomy = arrow.covering(Places.of(more)).copy();
        assertThat(dense(roomy)).isEqualTo(dense);
        assertThat(roomy.border().places().row(2)).contains(0, 1, 2, 4).isSorted();
        assertThat(roomy.border().places().row(3)).isEqualTo(arrow.border().places().row(3));
        roomy.border().value()[roomy.border().places().find(2, 0)] += 1;
        assertThat(dense(arrow)).as("a copy of its own").isEqualTo(dense);
        assertThat(roomy.at(0, CORNER + 2)).isEqualTo(arrow.at(0, CORNER + 2) + 1);
    }

    private ArrowInverse ofNegative() {
        return ArrowInverse.ofNegative(negative(arrow), 0).orElseThrow();
    }

    private static Arrow negative(Arrow arrow) {
        Arrow negative = arrow.copy();
        Stream.of(Arrays.stream(negative.corner()), Stream.of(negative.border().value(), negative.tip()))
                .flatMap(rows -> rows).forEach(row -> Arrays.setAll(row, i -> -row[i]));
        return negative;
    }

    private double squares(int[] rows, int... columns) {
        double sum = 0;
        for (int i : rows) {
            for (int j : columns) {
                sum += exact.getEntry(i, j) * exact.getEntry(i, j);
            }
        }
        return sum;
    }

    @Test
    void what_is_not_positive_definite_has_none() {
        Arrow hollow = positiveDefinite();
        hollow.tip()[3] = -1;
        assertThat(ArrowInverse.of(hollow)).isEmpty();
        Arrow flat = positiveDefinite();
        flat.corner()[2][2] = 0;
        assertThat(ArrowInverse.of(flat)).isEmpty();
        Arrow unknown = positiveDefinite();
        unknown.corner()[2][2] = Double.NaN;
        assertThat(ArrowInverse.of(unknown)).isEmpty();
    }
}
