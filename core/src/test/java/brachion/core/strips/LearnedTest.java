package brachion.core.strips;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.junit.jupiter.api.Test;

/** Measurements taken in one by one, beside the inverse of the summed information by a general-purpose library (Hipparchus). */
class LearnedTest {

    private static final int UNKNOWNS = 7;
    private final Random random = new Random(49);

    private double[] vector() {
        return random.doubles(UNKNOWNS, -2, 2).toArray();
    }

    private static RealMatrix inverse(List<double[]> measurements) {
        RealMatrix information = MatrixUtils.createRealIdentityMatrix(UNKNOWNS);
        for (double[] each : measurements) {
            RealVector vector = new ArrayRealVector(each);
            information = information.add(vector.outerProduct(vector));
        }
        return new LUDecomposition(information).getSolver().getInverse();
    }

    @Test
    void what_is_known_after_measurements_is_the_inverse_of_their_information() {
        List<double[]> measurements = new ArrayList<>();
        Learned known = Learned.nothing(UNKNOWNS);
        for (int round = 0; round < 6; round++) {
            List<double[]> more = List.of(vector(), vector());
            double[] direction = vector();
            double[] falls = new double[1];
            known.addFalls(more, List.of(direction), falls);
            double before = known.variance(direction);
            known = known.with(more);
            measurements.addAll(more);
            RealVector along = new ArrayRealVector(direction);
            assertThat(known.variance(direction)).isCloseTo(inverse(measurements).operate(along).dotProduct(along), within(1e-10));
            assertThat(falls[0]).as("what was foreseen").isCloseTo(before - known.variance(direction), within(1e-10)).isPositive();
        }
    }
}
