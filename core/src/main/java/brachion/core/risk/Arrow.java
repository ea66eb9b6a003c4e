package brachion.core.risk;

import java.util.Arrays;

/**
 * A symmetric matrix in which most rows touch only the first few and themselves: boards, of which a record has one at
 * most, beside everything else.
 * <pre>
 * corner   borderᵀ
 * border   diag(tip)
 * </pre>
 *
 * @param corner q × q, symmetric
 * @param border a row of q for each of the rest
 * @param tip    one number for each of the rest
 */
record Arrow(double[][] corner, double[][] border, double[] tip) {

    static Arrow zero(int corner, int rest) {
        return new Arrow(new double[corner][corner], new double[rest][corner], new double[rest]);
    }

    static Arrow dense(double[][] corner) {
        return new Arrow(corner, new double[0][], new double[0]);
    }

    Arrow copy() {
        return new Arrow(Arrays.stream(corner).map(double[]::clone).toArray(double[][]::new),
                Arrays.stream(border).map(double[]::clone).toArray(double[][]::new), tip.clone());
    }

    /** The same with rows and columns of zeros put in: each of these goes to a place in a matrix of another size. */
    Arrow spread(int[] to, int corner, int rest) {
        Arrow larger = zero(corner, rest);
        for (int i = 0; i < this.corner.length; i++) {
            for (int j = 0; j < this.corner.length; j++) {
                larger.corner[to[i]][to[j]] = this.corner[i][j];
            }
        }
        for (int row = 0; row < tip.length; row++) {
            int there = to[this.corner.length + row] - corner;
            larger.tip[there] = tip[row];
            for (int j = 0; j < this.corner.length; j++) {
                larger.border[there][to[j]] = border[row][j];
            }
        }
        return larger;
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
            double sum = tip[row] * vector[q + row];
            for (int j = 0; j < q; j++) {
                sum += border[row][j] * vector[j];
                result[j] += border[row][j] * vector[q + row];
            }
            result[q + row] = sum;
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
        return i < q ? border[j - q][i] : border[i - q][j];
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
        for (int i = 0; i < corner.length; i++) {
            for (int j = 0; j < i; j++) {
                corner[j][i] = corner[i][j];
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
