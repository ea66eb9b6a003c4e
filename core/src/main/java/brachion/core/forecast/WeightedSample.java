package brachion.core.forecast;

/**
 * Values with weights, of which quantiles are wanted. Values are put into order only as far as a quantile needs
 * (selection after C. A. R. Hoare, Communications of the ACM 4, 1961, by weight instead of by count).
 */
final class WeightedSample {

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
    }

    /** The smallest value that has at least so much weight up to and with it; the largest when there is not so much. */
    double quantile(double upTo) {
        int low = 0;
        int high = value.length - 1;
        double below = 0;
        while (low < high) {
            double pivot = middle(value[low], value[(low + high) >>> 1], value[high]);
            int fromLow = low;
            int fromHigh = high;
            while (fromLow <= fromHigh) {
                while (value[fromLow] < pivot) {
                    fromLow++;
                }
                while (value[fromHigh] > pivot) {
                    fromHigh--;
                }
                if (fromLow <= fromHigh) {
                    swap(fromLow++, fromHigh--);
                }
            }
            // up to fromHigh nothing is above the pivot, from fromLow on nothing below it, between them it stands itself
            double left = weight(low, fromHigh);
            double through = left + weight(fromHigh + 1, fromLow - 1);
            if (fromHigh >= low && below + left >= upTo) {
                high = fromHigh;
            } else if (fromLow > high || below + through >= upTo) {
                return pivot;
            } else {
                below += through;
                low = fromLow;
            }
        }
        return value[low];
    }

    private double weight(int first, int last) {
        double sum = 0;
        for (int i = first; i <= last; i++) {
            sum += weight[i];
        }
        return sum;
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
