package brachion.core.risk;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Records as an {@link OrdinalModel} sees them, in a few long arrays: a fit walks through them many times, and memory
 * read in order costs a fraction of memory read here and there. The first feature, the load, may be uncertain.
 */
final class Observations {

    /** So many records are worth a part of their own. */
    private static final int PART = 2500;

    /** Where the features of each record begin, with the end of the last; of each its place among the parameters, and its value. */
    private final int[] first;
    private final int[] index;
    private final double[] value;
    private final int[] severity;
    private final double[] count;
    private final double between;
    /** How many times as often as usual stock each piece hides a flaw. */
    private final double[] proneness;
    /** Which board each record has; −1 for none. */
    private final int[] board;
    private final int boards;
    /** Which of the other parameters each board meets in a record, and where among them each feature of a record stands. */
    private final Places touched;
    private final int[] slot;

    /** Where the possibilities of each record's first feature begin, with the end of the last. */
    private final int[] firstLead;
    private final double[] lead;
    private final double[] leadWeight;
    private final List<Rows> parts;

    /** Records one after the other, the last left out. */
    record Rows(int from, int to) {
    }

    /**
     * One record.
     *
     * @param lead     what x_0 could be
     * @param features x_0 … x_p, those that are not zero; x_0 is not looked at
     * @param severity 0, 1 or 2
     * @param count    how many such records there are
     */
    record Observation(Spread lead, Features features, int severity, double count) {

        /** A record of which everything is known. */
        Observation(Features features, int severity, double count) {
            this(Spread.known(features.at(0)), features, severity, count);
        }
    }

    /** The same records, each so prone to hidden flaws. */
    Observations(Observations records, double[] proneness) {
        first = records.first;
        index = records.index;
        value = records.value;
        severity = records.severity;
        count = records.count;
        between = records.between;
        board = records.board;
        boards = records.boards;
        touched = records.touched;
        slot = records.slot;
        firstLead = records.firstLead;
        lead = records.lead;
        leadWeight = records.leadWeight;
        parts = records.parts;
        this.proneness = proneness;
    }

    /** Records of no board. */
    Observations(List<Observation> records) {
        this(records, Integer.MAX_VALUE, 0);
    }

    /**
     * @param firstBoard place of the first board among the features; a record has one at most, with x = 1
     * @param boards     how many boards there are
     */
    Observations(List<Observation> records, int firstBoard, int boards) {
        this.boards = boards;
        board = new int[records.size()];
        int size = 0;
        int possibilities = 0;
        for (Observation each : records) {
            size += each.features().index().length;
            possibilities += each.lead().value().length;
        }
        first = new int[records.size() + 1];
        index = new int[size];
        value = new double[size];
        firstLead = new int[records.size() + 1];
        lead = new double[possibilities];
        leadWeight = new double[possibilities];
        severity = new int[records.size()];
        count = new double[records.size()];
        proneness = new double[records.size()];
        Arrays.fill(proneness, 1);
        for (int row = 0; row < severity.length; row++) {
            Observation each = records.get(row);
            first[row + 1] = copy(each.features(), first[row], firstBoard);
            board[row] = board(each.features(), firstBoard);
            int leads = each.lead().value().length;
            System.arraycopy(each.lead().value(), 0, lead, firstLead[row], leads);
            System.arraycopy(each.lead().weight(), 0, leadWeight, firstLead[row], leads);
            firstLead[row + 1] = firstLead[row] + leads;
            severity[row] = each.severity();
            count[row] = each.count();
        }
        between = IntStream.range(0, severity.length).filter(row -> severity[row] == 1).mapToDouble(row -> count[row]).sum();
        touched = places();
        slot = slots();
        parts = cut();
    }

    /** Pieces of a board stay together; records whose boards do not follow one another are not parted. */
    private List<Rows> cut() {
        List<Rows> parts = new ArrayList<>();
        int from = 0;
        for (int row = 1; row < board.length; row++) {
            if (board[row] < board[row - 1]) {
                return List.of(new Rows(0, board.length));
            }
            if (row - from >= PART && (board[row] < 0 || board[row] > board[row - 1])) {
                parts.add(new Rows(from, row));
                from = row;
            }
        }
        parts.add(new Rows(from, board.length));
        return parts;
    }

    /** The records in parts that can be looked at side by side; no board is in two. */
    List<Rows> parts() {
        return parts;
    }

    /** The cut points and the first feature are met in every record. */
    private Places places() {
        BitSet[] met = new BitSet[boards];
        for (int row = 0; row < board.length; row++) {
            if (board[row] >= 0) {
                if (met[board[row]] == null) {
                    met[board[row]] = new BitSet();
                    met[board[row]].set(0, OrdinalModel.CUTS + 1);
                }
                for (int i = first[row]; i < first[row + 1]; i++) {
                    met[board[row]].set(index[i]);
                }
            }
        }
        return Places.of(met);
    }

    private int[] slots() {
        int[] slots = new int[index.length];
        for (int row = 0; row < board.length; row++) {
            for (int i = first[row]; board[row] >= 0 && i < first[row + 1]; i++) {
                slots[i] = touched.find(board[row], index[i]);
            }
        }
        return slots;
    }

    /** Which of the other parameters each board meets in a record. */
    Places touched() {
        return touched;
    }

    private static int board(Features features, int firstBoard) {
        return Math.max(-1, features.last() - firstBoard);
    }

    /** Copies all but the first feature and the board; gives where the next record begins. */
    private int copy(Features features, int to, int firstBoard) {
        int next = to;
        for (int i = 0; i < features.index().length; i++) {
            if (features.index()[i] != 0 && features.index()[i] < firstBoard) {
                index[next] = OrdinalModel.CUTS + features.index()[i];
                value[next++] = features.value()[i];
            }
        }
        return next;
    }

    /** α_1 − η of a record but for its first feature, or how it changes as the parameters α_1, γ, β_0 … β_p move along a vector. */
    double rest(int row, double[] along) {
        double rest = along[0];
        for (int i = first[row]; i < first[row + 1]; i++) {
            rest -= along[index[i]] * value[i];
        }
        return board[row] < 0 ? rest : rest - along[along.length - boards + board[row]];
    }

    /** Works out the likelihood of a record, given its {@link #rest}, the coefficient b of its first feature and e^γ. */
    void compute(int row, double rest, double b, double gap, RecordLikelihood record) {
        record.compute(severity[row], proneness[row], rest, b, gap, lead, leadWeight, firstLead[row], firstLead[row + 1]);
    }

    int size() {
        return severity.length;
    }

    /** How many records are of the middle severity. */
    double between() {
        return between;
    }

    /** What the first feature of a record is on average. */
    double meanLead(int row) {
        double mean = 0;
        for (int k = firstLead[row]; k < firstLead[row + 1]; k++) {
            mean += leadWeight[k] * lead[k];
        }
        return mean;
    }

    /** Variance of the {@link #rest} of a record, with the covariance of a fit of these. */
    double varianceOfRest(int row, ArrowInverse covariance) {
        int features = first[row + 1] - first[row];
        int[] places = new int[1 + features];
        double[] values = new double[1 + features];
        values[0] = 1;
        for (int i = 0; i < features; i++) {
            places[1 + i] = index[first[row] + i];
            values[1 + i] = -value[first[row] + i];
        }
        if (board[row] < 0) {
            return covariance.square(places, values);
        }
        int[] slots = new int[1 + features];
        slots[0] = touched.first()[board[row]];
        System.arraycopy(slot, first[row], slots, 1, features);
        return covariance.squareBeside(places, slots, values, board[row], -1);
    }

    /** How many boards there are; their effects are the last parameters. */
    int boards() {
        return boards;
    }

    /** Which board a record has; −1 for none. */
    int board(int row) {
        return board[row];
    }

    int severity(int row) {
        return severity[row];
    }

    double count(int row) {
        return count[row];
    }

    /**
     * Adds so many times x to each of four vectors, the first feature and the board left out.
     *
     * @param to the four vectors, the four elements of each place side by side
     */
    void add(int row, double a, double b, double c, double d, double[] to) {
        for (int i = first[row]; i < first[row + 1]; i++) {
            int place = 4 * index[i];
            double x = value[i];
            to[place] += a * x;
            to[place + 1] += b * x;
            to[place + 2] += c * x;
            to[place + 3] += d * x;
        }
    }

    /** Adds weight·x to a vector, the first feature and the board left out. */
    void add(int row, double weight, double[] vector) {
        for (int i = first[row]; i < first[row + 1]; i++) {
            vector[index[i]] += weight * value[i];
        }
    }

    /** Adds to the row of a record's board: so much at α_1, γ and the first feature, and −alpha·x at the others. */
    void addBorder(int row, double alpha, double gamma, double lead, Border border) {
        double[] line = border.value();
        // the cut points and the first feature stand first in every row
        int start = border.places().first()[board[row]];
        line[start] += alpha;
        line[start + 1] += gamma;
        line[start + OrdinalModel.CUTS] += lead;
        boolean own = border.places() == touched;
        for (int i = first[row]; i < first[row + 1]; i++) {
            line[own ? slot[i] : border.places().find(board[row], index[i])] -= alpha * value[i];
        }
    }

    /** Adds weight·x·xᵀ to the lower half of a matrix, the first feature and the board left out. */
    void addSquare(int row, double weight, double[][] matrix) {
        Border.addSquare(matrix, index, value, first[row], first[row + 1], weight);
    }
}
