package brachion.core.risk;

import java.util.Arrays;
import java.util.TreeMap;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;

/**
 * What a number could be.
 *
 * @param value  the values, rising
 * @param weight their probabilities
 */
record Spread(double[] value, double[] weight) {

    static Spread known(double value) {
        return new Spread(new double[] {value}, new double[] {1});
    }

    /** Values in any order; those that are equal count once, with the sum of their probabilities. */
    static Spread of(double[] values, double[] weights) {
        if (values.length == 1) {
            return known(values[0]);
        }
        TreeMap<Double, Double> weightByValue = new TreeMap<>();
        for (int i = 0; i < values.length; i++) {
            weightByValue.merge(values[i], weights[i], Double::sum);
        }
        return new Spread(weightByValue.keySet().stream().mapToDouble(Double::doubleValue).toArray(),
                weightByValue.values().stream().mapToDouble(Double::doubleValue).toArray());
    }

    /**
     * The same from no more than so many values: neighbours are put together into parts about equally likely, each with
     * its mean.
     */
    Spread condensed(int most) {
        if (value.length <= most) {
            return this;
        }
        double[] sum = new double[most];
        double[] part = new double[most];
        double before = 0;
        for (int i = 0; i < value.length; i++) {
            int at = Math.min(most - 1, (int) ((before + weight[i] / 2) * most));
            sum[at] += weight[i] * value[i];
            part[at] += weight[i];
            before += weight[i];
        }
        int[] kept = IntStream.range(0, most).filter(at -> part[at] > 0).toArray();
        return new Spread(Arrays.stream(kept).mapToDouble(at -> sum[at] / part[at]).toArray(),
                Arrays.stream(kept).mapToDouble(at -> part[at]).toArray());
    }

    double mean() {
        return average(each -> each);
    }

    /** A function of the number, averaged over what it could be. */
    double average(DoubleUnaryOperator function) {
        double sum = 0;
        for (int i = 0; i < value.length; i++) {
            sum += weight[i] * function.applyAsDouble(value[i]);
        }
        return sum;
    }
}
