package brachion.core.risk;

import java.util.List;

/**
 * Records as an {@link OrdinalModel} sees them, in a few long arrays: a fit walks through them many times, and memory
 * read in order costs a fraction of memory read here and there.
 */
final class Observations {

    /** Where the features of each record begin, with the end of the last. */
    private final int[] first;
    private final int[] index;
    private final double[] value;
    private final int[] severity;
    private final double[] count;

    /**
     * One record.
     *
     * @param features x_1 … x_p, those that are not zero
     * @param severity 0, 1 or 2
     * @param count    how many such records there are
     */
    record Observation(Features features, int severity, double count) {
    }

    Observations(List<Observation> records) {
        int size = records.stream().mapToInt(each -> each.features().index().length).sum();
        first = new int[records.size() + 1];
        index = new int[size];
        value = new double[size];
        severity = new int[records.size()];
        count = new double[records.size()];
        int next = 0;
        for (int row = 0; row < severity.length; row++) {
            Observation each = records.get(row);
            int features = each.features().index().length;
            System.arraycopy(each.features().index(), 0, index, next, features);
            System.arraycopy(each.features().value(), 0, value, next, features);
            next += features;
            first[row + 1] = next;
            severity[row] = each.severity();
            count[row] = each.count();
        }
    }

    int size() {
        return severity.length;
    }

    int severity(int row) {
        return severity[row];
    }

    double count(int row) {
        return count[row];
    }

    /** Σ x_k β_k of a record, with the coefficients beginning at a place of the parameters. */
    double index(int row, double[] parameters, int offset) {
        double sum = 0;
        for (int i = first[row]; i < first[row + 1]; i++) {
            sum += parameters[offset + index[i]] * value[i];
        }
        return sum;
    }

    /** Adds weight·x to a vector. */
    void add(int row, double weight, double[] vector, int offset) {
        for (int i = first[row]; i < first[row + 1]; i++) {
            vector[offset + index[i]] += weight * value[i];
        }
    }

    /** Adds weight·x·xᵀ to the lower half of a matrix. */
    void addSquare(int row, double weight, double[][] matrix, int offset) {
        int from = first[row];
        int to = first[row + 1];
        for (int i = from; i < to; i++) {
            double[] line = matrix[offset + index[i]];
            double each = weight * value[i];
            for (int j = from; j <= i; j++) {
                line[offset + index[j]] += each * value[j];
            }
        }
    }
}
