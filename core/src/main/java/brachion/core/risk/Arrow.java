package brachion.core.risk;

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
