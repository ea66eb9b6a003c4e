package brachion.core.risk;

import java.util.Arrays;
import java.util.Optional;

/**
 * The inverse of a positive definite {@link Arrow}, by its Schur complement: with S = corner − Σ_j b_j·b_jᵀ/t_j over the
 * rows b_j of the border and elements t_j of the tip, everything asked of it costs O(rest·q²) at most and nothing as
 * large as the whole inverse is ever kept (Golub and Van Loan, Matrix Computations, 4th ed., section 3.2).
 */
final class ArrowInverse {

    /** A pivot this much smaller than the largest element of the diagonal is rounding. */
    private static final double SMALLEST_PIVOT = 1e-13;

    /** The rows b_j of the border, those of the matrix up to their sign. */
    private final Border border;
    private final double sign;
    /** t_j. */
    private final double[] tip;
    /** S⁻¹. */
    private final double[][] schur;
    private final double logDeterminant;
    /** C, once somebody asked. */
    private double[][] borderSquares;
    /** S⁻¹·b_j for each row of the border where that row touches, up to the sign of b_j, once somebody asked. */
    private Border passed;
    /** Elements of the diagonal of the inverse in the tip, once somebody asked. */
    private double[] diagonalOfTip;

    private ArrowInverse(Border border, double sign, double[] tip, double[][] schur, double logDeterminant) {
        this.border = border;
        this.sign = sign;
        this.tip = tip;
        this.schur = schur;
        this.logDeterminant = logDeterminant;
    }

    /** The inverse; nothing where the matrix is not positive definite. */
    static Optional<ArrowInverse> of(Arrow matrix) {
        return of(matrix, 1, 0);
    }

    /** The inverse of the negative of a matrix, its diagonal raised by so much. */
    static Optional<ArrowInverse> ofNegative(Arrow matrix, double raised) {
        return of(matrix, -1, raised);
    }

    private static Optional<ArrowInverse> of(Arrow matrix, double sign, double raised) {
        double smallest = SMALLEST_PIVOT * (matrix.largestDiagonal() + raised);
        int q = matrix.corner().length;
        double[][] root = new double[q][q];
        for (int i = 0; i < q; i++) {
            for (int j = 0; j < q; j++) {
                root[i][j] = sign * matrix.corner()[i][j];
            }
            root[i][i] += raised;
        }
        double logDeterminant = 0;
        double[] tip = new double[matrix.tip().length];
        for (int row = 0; row < tip.length; row++) {
            tip[row] = sign * matrix.tip()[row] + raised;
            if (!(tip[row] > smallest)) {
                return Optional.empty();
            }
            logDeterminant += Math.log(tip[row]);
            matrix.border().addSquare(root, row, -1 / tip[row]);
        }
        for (int j = 0; j < q; j++) {
            if (!decomposeColumn(root, j, smallest)) {
                return Optional.empty();
            }
            logDeterminant += 2 * Math.log(root[j][j]);
        }
        return Optional.of(new ArrowInverse(matrix.border(), sign, tip, inverseOfRoot(root), logDeterminant));
    }

    /** One column of Cholesky's decomposition, in the lower half. */
    private static boolean decomposeColumn(double[][] root, int j, double smallest) {
        double pivot = root[j][j];
        for (int k = 0; k < j; k++) {
            pivot -= root[j][k] * root[j][k];
        }
        if (!(pivot > smallest)) {
            return false;
        }
        root[j][j] = Math.sqrt(pivot);
        for (int i = j + 1; i < root.length; i++) {
            double sum = root[i][j];
            for (int k = 0; k < j; k++) {
                sum -= root[i][k] * root[j][k];
            }
            root[i][j] = sum / root[j][j];
        }
        return true;
    }

    /** (L·Lᵀ)⁻¹, column by column. */
    private static double[][] inverseOfRoot(double[][] root) {
        int q = root.length;
        double[][] inverse = new double[q][q];
        for (int column = 0; column < q; column++) {
            double[] x = inverse[column];
            x[column] = 1;
            for (int i = column; i < q; i++) {
                for (int k = column; k < i; k++) {
                    x[i] -= root[i][k] * x[k];
                }
                x[i] /= root[i][i];
            }
            for (int i = q - 1; i >= 0; i--) {
                for (int k = i + 1; k < q; k++) {
                    x[i] -= root[k][i] * x[k];
                }
                x[i] /= root[i][i];
            }
        }
        return inverse;
    }

    double logDeterminant() {
        return logDeterminant;
    }

    /** The inverse times a vector. */
    double[] times(double[] vector) {
        int q = schur.length;
        double[] reduced = reduced(vector);
        double[] result = new double[vector.length];
        for (int i = 0; i < q; i++) {
            result[i] = dot(schur[i], reduced);
        }
        for (int row = 0; row < tip.length; row++) {
            result[q + row] = (vector[q + row] - sign * border.times(row, result)) / tip[row];
        }
        return result;
    }

    private double[] reduced(double[] vector) {
        int q = schur.length;
        double[] reduced = new double[q];
        System.arraycopy(vector, 0, reduced, 0, q);
        for (int row = 0; row < tip.length; row++) {
            border.addTo(reduced, row, -sign * vector[q + row] / tip[row]);
        }
        return reduced;
    }

    /** An element of the inverse. */
    double at(int i, int j) {
        return product(new int[] {i}, new double[] {1}, new int[] {j}, new double[] {1});
    }

    /** xᵀ·inverse·y for vectors given by the places and values of what is not zero in them. */
    double product(int[] xPlaces, double[] x, int[] yPlaces, double[] y) {
        double sum = 0;
        for (int i = 0; i < xPlaces.length; i++) {
            for (int j = 0; j < yPlaces.length; j++) {
                sum += x[i] * y[j] * element(xPlaces[i], yPlaces[j]);
            }
        }
        return sum;
    }

    /** xᵀ·inverse·x: with u the corner's part and v_j those of the tip, w = u − Σ_j b_j·v_j/t_j, it is wᵀ·S⁻¹·w + Σ_j v_j²/t_j. */
    double square(int[] places, double[] x) {
        int q = schur.length;
        if (inCorner(places)) {
            return squareInCorner(places, x, places.length);
        }
        double[] w = new double[q];
        double sum = 0;
        for (int k = 0; k < places.length; k++) {
            if (places[k] < q) {
                w[places[k]] += x[k];
            } else {
                int row = places[k] - q;
                double by = x[k] / tip[row];
                sum += x[k] * by;
                border.addTo(w, row, -sign * by);
            }
        }
        int[] touched = new int[q];
        int count = 0;
        for (int i = 0; i < q; i++) {
            if (w[i] != 0) {
                touched[count] = i;
                w[count++] = w[i];
            }
        }
        return sum + squareInCorner(touched, w, count);
    }

    /**
     * The same of a vector that has so much in one row of the tip and of the corner only what that row touches; where many are asked for.
     *
     * @param at where each place stands in the border
     */
    double squareBeside(int[] places, int[] at, double[] x, int row, double inTip) {
        double[] passed = passed().value();
        double across = 0;
        for (int k = 0; k < at.length; k++) {
            across += x[k] * passed[at[k]];
        }
        return squareInCorner(places, x, places.length) - 2 * sign * inTip * across / tip[row] + inTip * inTip * diagonalOfTip()[row];
    }

    private boolean inCorner(int[] places) {
        for (int place : places) {
            if (place >= schur.length) {
                return false;
            }
        }
        return true;
    }

    /** The same of places in the corner alone, which are few beside all there are. */
    private double squareInCorner(int[] places, double[] x, int count) {
        double sum = 0;
        for (int k = 0; k < count; k++) {
            double[] line = schur[places[k]];
            double across = line[places[k]] * x[k] / 2;
            for (int l = 0; l < k; l++) {
                across += line[places[l]] * x[l];
            }
            sum += 2 * x[k] * across;
        }
        return sum;
    }

    private double element(int i, int j) {
        int q = schur.length;
        if (i < q) {
            return j < q ? schur[i][j] : -sign * border.times(j - q, schur[i]) / tip[j - q];
        }
        if (j < q) {
            return element(j, i);
        }
        double shared = 0;
        for (int k : border.places().row(i - q)) {
            shared += border.at(i - q, k) * border.times(j - q, schur[k]);
        }
        double own = i == j ? 1 / tip[i - q] : 0;
        return own + shared / (tip[i - q] * tip[j - q]);
    }

    private Border passed() {
        if (passed == null) {
            Border rows = Border.zero(border.places());
            for (int row = 0; row < tip.length; row++) {
                for (int i = border.places().first()[row]; i < border.places().first()[row + 1]; i++) {
                    rows.value()[i] = border.times(row, schur[border.places().column()[i]]);
                }
            }
            // whole at once: several may ask at a time
            passed = rows;
        }
        return passed;
    }

    /** Sum of the diagonal of the tip. */
    double traceOfTip() {
        return Arrays.stream(diagonalOfTip()).sum();
    }

    /** The diagonal of the tip: 1/t_j + b_jᵀ·S⁻¹·b_j/t_j². */
    private double[] diagonalOfTip() {
        if (diagonalOfTip == null) {
            Border passed = passed();
            double[] diagonal = new double[tip.length];
            Arrays.setAll(diagonal, row -> (1 + border.times(row, passed) / tip[row]) / tip[row]);
            diagonalOfTip = diagonal;
        }
        return diagonalOfTip;
    }

    /** Sum of the squares of the elements between some rows of the corner and others. */
    double squares(int[] rows, int[] others) {
        double sum = 0;
        for (int i : rows) {
            for (int j : others) {
                sum += schur[i][j] * schur[i][j];
            }
        }
        return sum;
    }

    /** Sum of the squares of the elements between some rows of the corner and all of the tip: (S⁻¹·C·S⁻¹)_ii over the rows. */
    double squaresToTip(int[] rows) {
        double[][] passed = timesSchur(borderSquares());
        double sum = 0;
        for (int i : rows) {
            sum += dot(passed[i], schur[i]);
        }
        return sum;
    }

    /** Sum of the squares of all elements of the tip: tr(S⁻¹·C·S⁻¹·C) + Σ_j 1/t_j² + 2·Σ_j b_jᵀ·S⁻¹·b_j/t_j³. */
    double squaresInTip() {
        double[][] passed = timesSchur(borderSquares());
        double sum = 0;
        for (int i = 0; i < passed.length; i++) {
            for (int j = 0; j < passed.length; j++) {
                sum += passed[i][j] * passed[j][i];
            }
        }
        for (int row = 0; row < tip.length; row++) {
            sum += (2 * diagonalOfTip()[row] - 1 / tip[row]) / tip[row];
        }
        return sum;
    }

    /** C = Σ_j b_j·b_jᵀ/t_j². */
    private double[][] borderSquares() {
        if (borderSquares == null) {
            double[][] squares = new double[schur.length][schur.length];
            for (int row = 0; row < tip.length; row++) {
                border.addSquare(squares, row, 1 / (tip[row] * tip[row]));
            }
            Arrow.mirror(squares);
            borderSquares = squares;
        }
        return borderSquares;
    }

    /** S⁻¹ times a symmetric matrix. */
    private double[][] timesSchur(double[][] symmetric) {
        int q = schur.length;
        double[][] product = new double[q][q];
        for (int i = 0; i < q; i++) {
            for (int j = 0; j < q; j++) {
                product[i][j] = dot(schur[i], symmetric[j]);
            }
        }
        return product;
    }

    /** Sum of products over as many places as the first has; the second may be longer. */
    private static double dot(double[] x, double[] y) {
        double sum = 0;
        for (int i = 0; i < x.length; i++) {
            sum += x[i] * y[i];
        }
        return sum;
    }
}
