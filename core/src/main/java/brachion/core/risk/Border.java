package brachion.core.risk;

import java.util.Arrays;

/**
 * Rows of a matrix that touch a few of its columns each.
 *
 * @param places the columns each row touches; several matrices may share them
 * @param value  what stands there, in their order
 */
record Border(Places places, double[] value) {

    /** Nothing but zeros at the columns that rows touch. */
    static Border zero(Places places) {
        return new Border(places, new double[places.column().length]);
    }

    Border copy() {
        return new Border(places, value.clone());
    }

    /** The same with room for other columns, too. */
    Border covering(Places others) {
        if (places.cover(others)) {
            return this;
        }
        Border there = zero(places.and(others));
        for (int row = 0; row < places.rows(); row++) {
            for (int i = places.first()[row]; i < places.first()[row + 1]; i++) {
                there.value[there.places.find(row, places.column()[i])] = value[i];
            }
        }
        return there;
    }

    /** The same where each column and row stands somewhere else, columns in the same order; rows put in between touch nothing. */
    Border spread(int[] columnTo, int[] rowTo, int rows) {
        int[][] moved = new int[rows][0];
        double[][] there = new double[rows][0];
        for (int row = 0; row < places.rows(); row++) {
            moved[rowTo[row]] = Arrays.stream(places.row(row)).map(column -> columnTo[column]).toArray();
            there[rowTo[row]] = Arrays.copyOfRange(value, places.first()[row], places.first()[row + 1]);
        }
        return new Border(Places.of(moved), Arrays.stream(there).flatMapToDouble(Arrays::stream).toArray());
    }

    double at(int row, int column) {
        int found = places.find(row, column);
        return found < 0 ? 0 : value[found];
    }

    /** A row times a vector that may go on beyond the columns. */
    double times(int row, double[] vector) {
        int[] columns = places.column();
        double sum = 0;
        for (int i = places.first()[row], end = places.first()[row + 1]; i < end; i++) {
            sum += value[i] * vector[columns[i]];
        }
        return sum;
    }

    /** A row times that of another of the same places. */
    double times(int row, Border other) {
        double sum = 0;
        for (int i = places.first()[row], end = places.first()[row + 1]; i < end; i++) {
            sum += value[i] * other.value[i];
        }
        return sum;
    }

    /** Adds so many times a row to a vector. */
    void addTo(double[] vector, int row, double by) {
        int[] columns = places.column();
        for (int i = places.first()[row], end = places.first()[row + 1]; i < end; i++) {
            vector[columns[i]] += by * value[i];
        }
    }

    /** Adds so many times the square of a row to the lower half of a matrix. */
    void addSquare(double[][] lower, int row, double by) {
        addSquare(lower, places.column(), value, places.first()[row], places.first()[row + 1], by);
    }

    /** The same of a row that stands somewhere in a long array; two lines of the matrix at a time, for which its values are read once. */
    static void addSquare(double[][] lower, int[] columns, double[] values, int from, int to, double by) {
        int i = from;
        for (; i + 1 < to; i += 2) {
            double each = by * values[i];
            double next = by * values[i + 1];
            double[] line = lower[columns[i]];
            double[] nextLine = lower[columns[i + 1]];
            for (int j = from; j <= i; j++) {
                double x = values[j];
                int column = columns[j];
                line[column] += each * x;
                nextLine[column] += next * x;
            }
            nextLine[columns[i + 1]] += next * values[i + 1];
        }
        if (i < to) {
            double each = by * values[i];
            double[] line = lower[columns[i]];
            for (int j = from; j <= i; j++) {
                line[columns[j]] += each * values[j];
            }
        }
    }
}
