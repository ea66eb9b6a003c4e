package brachion.core.process;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.junit.jupiter.api.Test;

/** A step of all lines at once beside the same equations solved one line at a time by Hipparchus's LU decomposition. */
class SweepTest {

    private static final SectionGrid GRID = SectionGrid.of(12, 30, 8, 3);
    private static final double SECONDS = 40;
    private static final Surface NEAR = new Surface(400, 98, 1e-6, 1e-6, 17);
    private static final Surface FAR = new Surface(15, 18, 3e-8, 3e-8, 9);

    private final Random random = new Random(5);

    private double[] between(double low, double high) {
        return random.doubles(GRID.cells(), low, high).toArray();
    }

    @Test
    void through_the_thickness_every_column_is_the_solution_of_its_equations() {
        double[] celsius = between(18, 98);
        double[] conductivity = between(0.1, 0.3);
        double[] capacity = between(0.8e6, 2e6);
        double[] stepped = celsius.clone();
        Sweep.throughThickness(GRID).step(stepped, conductivity, capacity, Exchange.HEAT, NEAR, FAR, SECONDS);
        for (int column = 0; column < GRID.columns(); column++) {
            double[] expected = solved(column, GRID.columns(), GRID.thicknessM(), celsius, conductivity, capacity,
                    400, 98, 15, 18);
            for (int layer = 0; layer < GRID.layers(); layer++) {
                assertThat(stepped[layer * GRID.columns() + column]).as("layer %d of column %d", layer, column)
                        .isCloseTo(expected[layer], within(1e-9));
            }
        }
    }

    @Test
    void across_the_width_every_layer_is_the_solution_of_its_equations() {
        double[] percent = between(6, 25);
        double[] diffusion = between(1e-11, 1e-9);
        double[] whole = new double[GRID.cells()];
        Arrays.fill(whole, 1);
        double[] stepped = percent.clone();
        Sweep.acrossWidth(GRID).step(stepped, diffusion, whole, Exchange.WATER, Surface.CLOSED, FAR, SECONDS);
        for (int layer = 0; layer < GRID.layers(); layer++) {
            double[] expected = solved(layer * GRID.columns(), 1, GRID.widthM(), percent, diffusion, whole, 0, 0, 3e-8, 9);
            assertThat(Arrays.copyOfRange(stepped, layer * GRID.columns(), (layer + 1) * GRID.columns()))
                    .containsExactly(expected, within(1e-9));
        }
    }

    @Test
    void between_closed_faces_nothing_is_lost() {
        double[] values = between(6, 25);
        double[] storage = between(0.5, 2);
        double before = held(values, storage);
        Sweep sweep = Sweep.throughThickness(GRID);
        double[] transport = between(1e-9, 1e-7);
        for (int i = 0; i < 100; i++) {
            sweep.step(values, transport, storage, Exchange.WATER, Surface.CLOSED, Surface.CLOSED, SECONDS);
        }
        assertThat(held(values, storage)).isCloseTo(before, within(1e-12 * before));
    }

    private static double held(double[] values, double[] storage) {
        double sum = 0;
        for (int cell = 0; cell < values.length; cell++) {
            sum += values[cell] * storage[cell] * GRID.thicknessM()[cell / GRID.columns()] * GRID.widthM()[cell % GRID.columns()];
        }
        return sum;
    }

    /** Backward Euler of one line, with film and half a cell in series at the faces. */
    private static double[] solved(int start, int stride, double[] size, double[] values, double[] transport,
                                   double[] storage, double nearFilm, double nearMedium, double farFilm, double farMedium) {
        int n = size.length;
        RealMatrix matrix = MatrixUtils.createRealMatrix(n, n);
        double[] known = new double[n];
        for (int i = 0; i < n; i++) {
            int cell = start + i * stride;
            double held = storage[cell] * size[i] / SECONDS;
            matrix.addToEntry(i, i, held);
            known[i] += held * values[cell];
            if (i + 1 < n) {
                double conductance = (transport[cell] + transport[cell + stride]) / (size[i] + size[i + 1]);
                matrix.addToEntry(i, i, conductance);
                matrix.addToEntry(i + 1, i + 1, conductance);
                matrix.addToEntry(i, i + 1, -conductance);
                matrix.addToEntry(i + 1, i, -conductance);
            }
        }
        face(matrix, known, 0, nearFilm, nearMedium, size[0] / (2 * transport[start]));
        face(matrix, known, n - 1, farFilm, farMedium, size[n - 1] / (2 * transport[start + (n - 1) * stride]));
        return new LUDecomposition(matrix).getSolver().solve(new ArrayRealVector(known)).toArray();
    }

    private static void face(RealMatrix matrix, double[] known, int at, double film, double medium, double halfCell) {
        double conductance = film == 0 ? 0 : 1 / (1 / film + halfCell);
        matrix.addToEntry(at, at, conductance);
        known[at] += conductance * medium;
    }
}
