package brachion.core.forecast;

import java.util.function.IntToDoubleFunction;

/**
 * Values with weights, put into order (quicksort after C. A. R. Hoare, Communications of the ACM 4, 1961, which moves each
 * weight with its value).
 */
final class WeightedSample {

    /** Weights are sums of many parts. */
    private static final double ROUNDING = 1e-12;

    private final double[] value;
    private final double[] weight;

    /** Takes the arrays over and changes their order. */
    WeightedSample(double[] value, double[] weight) {
        if (value.length == 0 || value.length != weight.length) {
            throw new IllegalArgumentException("Every value needs a weight, not " + value.length + " values and "
                    + weight.length + " weights");
        }
        this.value = value;
        this.weight = weight;
        sort(0, value.length - 1);
    }

    /** The smallest value that has at least so much weight up to and with it; the largest when there is not so much. */
    double quantile(double upTo) {
        double below = 0;
        for (int i = 0; i < value.length; i++) {
            below += weight[i];
            if (below >= upTo) {
                return value[i];
            }
        }
        return value[value.length - 1];
    }

    /** The two ends of the shortest range that holds so much weight; the lowest of several as short. */
    double[] shortest(double holding) {
        int[] ends = shortest(value.length, place -> weight[place], place -> value[place], holding);
        return new double[] {value[ends[0]], value[ends[1]]};
    }

    /** The same of weights in classes, the middle of the first 0 and of the last 1. */
    static double[] shortest(double[] inClass, double holding) {
        double last = inClass.length - 1.0;
        int[] ends = shortest(inClass.length, place -> inClass[place], place -> place / last, holding);
        return new double[] {ends[0] / last, ends[1] / last};
    }

    private static int[] shortest(int size, IntToDoubleFunction weight, IntToDoubleFunction value, double holding) {
        int low = 0;
        int[] best = {0, size - 1};
        double held = 0;
        for (int high = 0; high < size; high++) {
            held += weight.applyAsDouble(high);
            while (low < high && held - weight.applyAsDouble(low) >= holding - ROUNDING) {
                held -= weight.applyAsDouble(low++);
            }
            if (held >= holding - ROUNDING && value.applyAsDouble(high) - value.applyAsDouble(low) < value.applyAsDouble(best[1]) - value.applyAsDouble(best[0])) {
                best = new int[] {low, high};
            }
        }
        return best;
    }

    private void sort(int from, int to) {
        int low = from;
        int high = to;
        while (low < high) {
            double pivot = middle(value[low], value[(low + high) >>> 1], value[high]);
            int left = low;
            int right = high;
            while (left <= right) {
                while (value[left] < pivot) {
                    left++;
                }
                while (value[right] > pivot) {
                    right--;
                }
                if (left <= right) {
                    swap(left++, right--);
                }
            }
            // the shorter part by recursion, so that the stack stays shallow
            if (right - low < high - left) {
                sort(low, right);
                low = left;
            } else {
                sort(left, high);
                high = right;
            }
        }
    }

    private static double middle(double a, double b, double c) {
        return Math.max(Math.min(a, b), Math.min(Math.max(a, b), c));
    }

    private void swap(int a, int b) {
        double keptValue = value[a];
        value[a] = value[b];
        value[b] = keptValue;
        double keptWeight = weight[a];
        weight[a] = weight[b];
        weight[b] = keptWeight;
    }
}
