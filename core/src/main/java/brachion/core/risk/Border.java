package brachion.core.risk;

import java.util.Arrays;
import java.util.BitSet;

/**
 * Rows of a matrix that touch a few of its columns each.
 *
 * @param places the columns each row touches, rising; rows of several matrices may share them
 * @param value  what stands there
 */
record Border(int[][] places, double[][] value) {

    private static final int[] NOWHERE = {};

    /** Nothing but zeros at the columns that rows touch. */
    static Border zero(int[][] places) {
        return new Border(places, Arrays.stream(places).map(row -> new double[row.length]).toArray(double[][]::new));
    }

    /** The columns each row touches, rising, of rows that are given by what is set in them; null where a row touches none. */
    static int[][] places(BitSet[] touched) {
        return Arrays.stream(touched).map(row -> row == null ? NOWHERE : row.stream().toArray()).toArray(int[][]::new);
    }

    Border copy() {
        return new Border(places, Arrays.stream(value).map(double[]::clone).toArray(double[][]::new));
    }

    /** The same with room for other columns, too. */
    Border covering(int[][] others) {
        int[][] all = places.clone();
        double[][] there = value.clone();
        for (int row = 0; row < all.length; row++) {
            if (others[row].length > 0) {
                BitSet touched = new BitSet();
                Arrays.stream(places[row]).forEach(touched::set);
                Arrays.stream(others[row]).forEach(touched::set);
                if (touched.cardinality() > places[row].length) {
                    all[row] = touched.stream().toArray();
                    there[row] = new double[all[row].length];
                    for (int i = 0; i < places[row].length; i++) {
                        there[row][Arrays.binarySearch(all[row], places[row][i])] = value[row][i];
                    }
                }
            }
        }
        return new Border(all, there);
    }

    /** The same where each column and row stands somewhere else, columns in the same order; rows put in between touch nothing. */
    Border spread(int[] columnTo, int[] rowTo, int rows) {
        int[][] moved = new int[rows][];
        Arrays.fill(moved, NOWHERE);
        double[][] there = new double[rows][0];
        for (int row = 0; row < places.length; row++) {
            moved[rowTo[row]] = Arrays.stream(places[row]).map(column -> columnTo[column]).toArray();
            there[rowTo[row]] = value[row].clone();
        }
        return new Border(moved, there);
    }

    double at(int row, int column) {
        int found = Arrays.binarySearch(places[row], column);
        return found < 0 ? 0 : value[row][found];
    }

    /** A row times a vector that may go on beyond the columns. */
    double times(int row, double[] vector) {
        int[] columns = places[row];
        double[] values = value[row];
        double sum = 0;
        for (int i = 0; i < values.length; i++) {
            sum += values[i] * vector[columns[i]];
        }
        return sum;
    }

    /** Adds so many times a row to a vector. */
    void addTo(double[] vector, int row, double by) {
        int[] columns = places[row];
        double[] values = value[row];
        for (int i = 0; i < values.length; i++) {
            vector[columns[i]] += by * values[i];
        }
    }

    /** Adds so many times the square of a row to the lower half of a matrix. */
    void addSquare(double[][] lower, int row, double by) {
        int[] columns = places[row];
        double[] values = value[row];
        for (int i = 0; i < values.length; i++) {
            double each = by * values[i];
            double[] line = lower[columns[i]];
            for (int j = 0; j <= i; j++) {
                line[columns[j]] += each * values[j];
            }
        }
    }
}
