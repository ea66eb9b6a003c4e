package brachion.core.risk;

import java.util.Arrays;
import java.util.BitSet;
import java.util.stream.IntStream;

/**
 * Which of its columns each row of a matrix touches, those of all rows one after the other in one long array.
 *
 * @param first  where those of each row begin, with the end of the last
 * @param column the columns, rising within a row
 */
record Places(int[] first, int[] column) {

    /** @param rows the columns each row touches, rising */
    static Places of(int[]... rows) {
        int[] first = new int[rows.length + 1];
        for (int row = 0; row < rows.length; row++) {
            first[row + 1] = first[row] + rows[row].length;
        }
        return new Places(first, Arrays.stream(rows).flatMapToInt(Arrays::stream).toArray());
    }

    /** @param touched what is set in each row; null where it touches nothing */
    static Places of(BitSet[] touched) {
        return of(Arrays.stream(touched).map(row -> row == null ? new int[0] : row.stream().toArray()).toArray(int[][]::new));
    }

    int rows() {
        return first.length - 1;
    }

    /** The columns of a row. */
    int[] row(int row) {
        return Arrays.copyOfRange(column, first[row], first[row + 1]);
    }

    /** Where in the long array a column of a row stands; less than zero where the row does not touch it. */
    int find(int row, int wanted) {
        return Arrays.binarySearch(column, first[row], first[row + 1], wanted);
    }

    /** Whether every row touches all that another's does. */
    boolean cover(Places others) {
        return IntStream.range(0, rows()).allMatch(row -> more(others, row).length == 0);
    }

    /** What a row of others touches and this one does not. */
    private int[] more(Places others, int row) {
        return Arrays.stream(others.row(row)).filter(wanted -> find(row, wanted) < 0).toArray();
    }

    /** All that one or the other touches. */
    Places and(Places others) {
        int[] begins = new int[first.length];
        int[] both = new int[column.length + others.column.length];
        for (int row = 0; row < rows(); row++) {
            int[] more = more(others, row);
            int own = first[row + 1] - first[row];
            int end = begins[row] + own + more.length;
            System.arraycopy(column, first[row], both, begins[row], own);
            System.arraycopy(more, 0, both, begins[row] + own, more.length);
            Arrays.sort(both, begins[row], end);
            begins[row + 1] = end;
        }
        return new Places(begins, Arrays.copyOf(both, begins[rows()]));
    }
}
