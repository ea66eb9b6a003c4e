package brachion.core.risk;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;

/**
 * Records as an {@link OrdinalModel} sees them, in a few long arrays: a fit walks through them many times, and memory
 * read in order costs a fraction of memory read here and there. The first feature, ln D, may be uncertain.
 */
final class Observations {

    /** So many records are worth a part of their own. */
    private static final int PART = 2500;

    /** Where the features of each record begin, with the end of the last. */
    private final int[] first;
    private final int[] index;
    private final double[] value;
    private final int[] severity;
    private final double[] count;
    /** How many times as often as usual stock each piece hides a flaw. */
    private final double[] proneness;
    /** Which board each record has; −1 for none. */
    private final int[] board;
    private final int boards;
    /** Which of the other parameters each board meets in a record, rising, and where among them each feature of a record stands. */
    private final int[][] touched;
    private final int[] slot;

    /** Where the possibilities of each record's first feature begin, with the end of the last. */
    private final int[] firstLead;
    private final double[] lead;
    private final double[] leadWeight;
    private final int mostPossibilities;
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
        board = records.board;
        boards = records.boards;
        touched = records.touched;
        slot = records.slot;
        firstLead = records.firstLead;
        lead = records.lead;
        leadWeight = records.leadWeight;
        mostPossibilities = records.mostPossibilities;
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
        int size = records.stream().mapToInt(each -> each.features().index().length).sum();
        mostPossibilities = records.stream().mapToInt(each -> each.lead().value().length).max().orElse(1);
        int possibilities = records.stream().mapToInt(each -> each.lead().value().length).sum();
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
    private int[][] places() {
        BitSet[] met = new BitSet[boards];
        for (int row = 0; row < board.length; row++) {
            if (board[row] >= 0) {
                if (met[board[row]] == null) {
                    met[board[row]] = new BitSet();
                    met[board[row]].set(0, OrdinalModel.CUTS + 1);
                }
                for (int i = first[row]; i < first[row + 1]; i++) {
                    met[board[row]].set(OrdinalModel.CUTS + index[i]);
                }
            }
        }
        return Border.places(met);
    }

    private int[] slots() {
        int[] slots = new int[index.length];
        for (int row = 0; row < board.length; row++) {
            for (int i = first[row]; board[row] >= 0 && i < first[row + 1]; i++) {
                slots[i] = Arrays.binarySearch(touched[board[row]], OrdinalModel.CUTS + index[i]);
            }
        }
        return slots;
    }

    /** Which of the other parameters each board meets in a record, rising. */
    int[][] touched() {
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
                index[next] = features.index()[i];
                value[next++] = features.value()[i];
            }
        }
        return next;
    }

    /** The most possibilities of any record. */
    int mostPossibilities() {
        return mostPossibilities;
    }

    /** Works out the likelihood of a record under parameters α_1, γ, β_0 … β_p. */
    void compute(int row, double[] theta, double gap, RecordLikelihood record) {
        compute(row, theta, gap, 0, record);
    }

    /** The same with α_1 − η so much larger. */
    void compute(int row, double[] theta, double gap, double larger, RecordLikelihood record) {
        double rest = theta[0] + larger;
        for (int i = first[row]; i < first[row + 1]; i++) {
            rest -= theta[OrdinalModel.CUTS + index[i]] * value[i];
        }
        if (board[row] >= 0) {
            rest -= theta[theta.length - boards + board[row]];
        }
        record.compute(severity[row], proneness[row], rest, theta[OrdinalModel.CUTS], gap, lead, leadWeight, firstLead[row], firstLead[row + 1]);
    }

    int size() {
        return severity.length;
    }

    /** How uncertain the index of a record is, its first feature taken at its mean: the standard deviation of α_1 − η. */
    double sd(int row, ArrowInverse covariance, int corner) {
        int features = first[row + 1] - first[row];
        int count = 2 + features + (board[row] >= 0 ? 1 : 0);
        int[] places = new int[count];
        double[] values = new double[count];
        values[0] = 1;
        places[1] = OrdinalModel.CUTS;
        for (int k = firstLead[row]; k < firstLead[row + 1]; k++) {
            values[1] -= leadWeight[k] * lead[k];
        }
        for (int i = 0; i < features; i++) {
            places[2 + i] = OrdinalModel.CUTS + index[first[row] + i];
            values[2 + i] = -value[first[row] + i];
        }
        if (board[row] >= 0) {
            places[count - 1] = corner + board[row];
            values[count - 1] = -1;
        }
        return Math.sqrt(Math.max(0, covariance.square(places, values)));
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
    void add(int row, double a, double b, double c, double d, double[] to, int offset) {
        for (int i = first[row]; i < first[row + 1]; i++) {
            int place = 4 * (offset + index[i]);
            double x = value[i];
            to[place] += a * x;
            to[place + 1] += b * x;
            to[place + 2] += c * x;
            to[place + 3] += d * x;
        }
    }

    /** Adds weight·x to a vector, the first feature and the board left out. */
    void add(int row, double weight, double[] vector, int offset) {
        for (int i = first[row]; i < first[row + 1]; i++) {
            vector[offset + index[i]] += weight * value[i];
        }
    }

    /** Adds to the row of a record's board: so much at α_1, γ and the first feature, and −alpha·x at the others. */
    void addBorder(int row, double alpha, double gamma, double lead, Border border) {
        int[] places = border.places()[board[row]];
        double[] line = border.value()[board[row]];
        // the cut points and the first feature stand first in every row
        line[0] += alpha;
        line[1] += gamma;
        line[OrdinalModel.CUTS] += lead;
        boolean own = places == touched[board[row]];
        for (int i = first[row]; i < first[row + 1]; i++) {
            line[own ? slot[i] : Arrays.binarySearch(places, OrdinalModel.CUTS + index[i])] -= alpha * value[i];
        }
    }

    /** Adds weight·x·xᵀ to the lower half of a matrix, the first feature and the board left out. */
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
