package brachion.core.risk;

import java.util.Arrays;

/**
 * What a record brings to η = Σ x_k β_k: the coefficients it touches and with what weight. Most records touch few.
 *
 * @param index places of the coefficients, rising
 * @param value x_k at those places
 */
record Features(int[] index, double[] value) {

    static Features dense(double... value) {
        int[] index = new int[value.length];
        for (int i = 0; i < index.length; i++) {
            index[i] = i;
        }
        return new Features(index, value);
    }

    /** x_k at a place. */
    double at(int place) {
        int found = Arrays.binarySearch(index, place);
        return found < 0 ? 0 : value[found];
    }

    /** The last place touched: that of the board, if there is one; −1 where none is. */
    int last() {
        return index.length == 0 ? -1 : index[index.length - 1];
    }

    /** Σ x_k β_k, with the coefficients beginning at a place of the parameters. */
    double times(double[] parameters, int first) {
        double sum = 0;
        for (int i = 0; i < index.length; i++) {
            sum += parameters[first + index[i]] * value[i];
        }
        return sum;
    }
}
