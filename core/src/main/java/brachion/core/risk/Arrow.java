package brachion.core.risk;

import java.util.Arrays;

/**
 * A symmetric matrix in which most rows touch only some of the first few and themselves: boards, of which a record has one
 * at most, beside everything else.
 * <pre>
 * corner   borderᵀ
 * border   diag(tip)
 * </pre>
 *
 * @param corner q × q, symmetric
 * @param border a row for each of the rest, with columns 0 to q − 1
 * @param tip    one number for each of the rest
 */
record Arrow(double[][] corner, Border border, double[] tip) {

    /** @param touched the columns of the corner that each of the rest touches */
    static Arrow zero(int corner, Places touched) {
        return new Arrow(new double[corner][corner], Border.zero(touched), new double[touched.rows()]);
    }

    static Arrow dense(double[][] corner) {
        return new Arrow(corner, Border.zero(Places.of()), new double[0]);
    }

    Arrow copy() {
        return new Arrow(Arrays.stream(corner).map(double[]::clone).toArray(double[][]::new), border.copy(), tip.clone());
    }

    /** The same with room for other columns in the border. */
    Arrow covering(Places touched) {
        return new Arrow(corner, border.covering(touched), tip);
    }

    /** The same with rows and columns of zeros put in: each of these goes to a place in a matrix of another size, in the same order. */
    Arrow spread(int[] to, int corner, int rest) {
        int q = this.corner.length;
        double[][] largerCorner = new double[corner][corner];
        for (int i = 0; i < q; i++) {
            for (int j = 0; j < q; j++) {
                largerCorner[to[i]][to[j]] = this.corner[i][j];
            }
        }
        int[] rowTo = new int[tip.length];
        double[] largerTip = new double[rest];
        for (int row = 0; row < tip.length; row++) {
            rowTo[row] = to[q + row] - corner;
            largerTip[rowTo[row]] = tip[row];
        }
        return new Arrow(largerCorner, border.spread(to, rowTo, rest), largerTip);
    }

    double[] times(double[] vector) {
        int q = corner.length;
        double[] result = new double[vector.length];
        for (int i = 0; i < q; i++) {
            for (int j = 0; j < q; j++) {
                result[i] += corner[i][j] * vector[j];
            }
        }
        for (int row = 0; row < tip.length; row++) {
            result[q + row] = tip[row] * vector[q + row] + border.times(row, vector);
            border.addTo(result, row, vector[q + row]);
        }
        return result;
    }

    int dimension() {
        return corner.length + tip.length;
    }

    double at(int i, int j) {
        int q = corner.length;
        if (i < q && j < q) {
            return corner[i][j];
        }
        if (i >= q && j >= q) {
            return i == j ? tip[i - q] : 0;
        }
        return i < q ? border.at(j - q, i) : border.at(i - q, j);
    }

    /** Adds to an element of the diagonal. */
    void addDiagonal(int i, double value) {
        if (i < corner.length) {
            corner[i][i] += value;
        } else {
            tip[i - corner.length] += value;
        }
    }

    /** Copies the lower half of the corner to the upper one. */
    void mirror() {
        mirror(corner);
    }

    /** Copies the lower half of a matrix to the upper one. */
    static void mirror(double[][] matrix) {
        for (int i = 0; i < matrix.length; i++) {
            for (int j = 0; j < i; j++) {
                matrix[j][i] = matrix[i][j];
            }
        }
    }

    /** Largest absolute element of the diagonal. */
    double largestDiagonal() {
        double largest = 0;
        for (int i = 0; i < dimension(); i++) {
            largest = Math.max(largest, Math.abs(at(i, i)));
        }
        return largest;
    }
}
