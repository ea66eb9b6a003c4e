package brachion.core.strips;

import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * Looks for the set of candidates that together is worth most: greedily, then exchanging one at a time for a better one as long as
 * that gains anything (Fedorov, Theory of Optimal Experiments, 1972; Cook and Nachtsheim, Technometrics 22, 1980).
 *
 * @param <K> what is known at a time
 */
final class SetSearch<K> {

    /** What a set is worth, built up one candidate at a time. */
    interface Worth<K> {

        /** What is known before any. */
        K nothing();

        /** What is known with one more. */
        K with(K known, int candidate);

        /** What a set is worth with one more, without keeping what would be known. */
        double promised(K known, int candidate);
    }

    /** Is told how many of how many steps are done at least; may throw to give up. */
    interface Progress {

        void at(int done, int of);
    }

    private static final int MOST_ROUNDS = 3;
    /** From as many first candidates, those that are worth most alone. */
    private static final int STARTS = 5;
    private static final double GAINS = 1e-9;

    private final Worth<K> worth;
    private final int candidates;
    private final boolean repeats;

    /**
     * @param candidates how many candidates there are
     * @param repeats    whether one may be taken more than once
     */
    SetSearch(Worth<K> worth, int candidates, boolean repeats) {
        this.worth = worth;
        this.candidates = candidates;
        this.repeats = repeats;
    }

    /** The set; no more than there are candidates where none repeats. */
    int[] best(int count, Progress progress) {
        int size = repeats ? count : Math.min(count, candidates);
        double[] alone = promised(worth.nothing(), new boolean[candidates]);
        int[] best = {};
        double most = Double.NEGATIVE_INFINITY;
        int starts = Math.min(STARTS, candidates);
        for (int start = 0; start < starts; start++) {
            int first = largest(alone);
            alone[first] = Double.NEGATIVE_INFINITY;
            int[] found = from(first, size);
            double promised = promised(found);
            best = promised > most ? found : best;
            most = Math.max(most, promised);
            progress.at(start + 1, starts);
        }
        return best;
    }

    /** A set that no single exchange betters, begun with one candidate. */
    private int[] from(int first, int size) {
        int[] chosen = new int[size];
        Arrays.fill(chosen, -1);
        chosen[0] = first;
        for (int place = 1; place < size; place++) {
            exchange(chosen, place);
        }
        boolean better = size > 1;
        for (int round = 0; round < MOST_ROUNDS && better; round++) {
            better = false;
            for (int place = 0; place < size; place++) {
                better |= exchange(chosen, place);
            }
        }
        return chosen;
    }

    private double promised(int[] chosen) {
        K known = worth.nothing();
        for (int i = 0; i < chosen.length - 1; i++) {
            known = worth.with(known, chosen[i]);
        }
        return worth.promised(known, chosen[chosen.length - 1]);
    }

    /** Puts the best there is in a place of the set, which may be empty yet; whether that is another and better than what stood there. */
    private boolean exchange(int[] chosen, int place) {
        K others = worth.nothing();
        boolean[] taken = new boolean[candidates];
        for (int i = 0; i < chosen.length; i++) {
            if (i != place && chosen[i] >= 0) {
                others = worth.with(others, chosen[i]);
                taken[chosen[i]] = !repeats;
            }
        }
        double[] promised = promised(others, taken);
        int best = largest(promised);
        boolean better = chosen[place] < 0 || promised[best] > promised[chosen[place]] + GAINS;
        chosen[place] = better ? best : chosen[place];
        return better;
    }

    private double[] promised(K known, boolean[] taken) {
        return IntStream.range(0, candidates).parallel().mapToDouble(candidate -> taken[candidate] ? Double.NEGATIVE_INFINITY : worth.promised(known, candidate)).toArray();
    }

    private static int largest(double[] values) {
        int largest = 0;
        for (int i = 1; i < values.length; i++) {
            largest = values[i] > values[largest] ? i : largest;
        }
        return largest;
    }
}
