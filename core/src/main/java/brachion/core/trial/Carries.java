package brachion.core.trial;

import java.util.List;
import java.util.Optional;

/**
 * How long a pair of hands takes from the heat to fully clamped, by the carries that were measured.
 *
 * @param measured how many were
 * @param medianS  half of them took longer [s]
 * @param quickS   one in ten took no longer [s]
 * @param slowS    one in ten took at least as long [s]
 */
public record Carries(int measured, double medianS, double quickS, double slowS) {

    /** Fewer tell nothing about the next (a round number chosen by us). */
    private static final int FEWEST = 3;
    private static final double TENTH = 0.1;

    /** From what was measured [s]; empty when that is too little. */
    public static Optional<Carries> of(List<Double> seconds) {
        if (seconds.size() < FEWEST) {
            return Optional.empty();
        }
        double[] sorted = seconds.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        return Optional.of(new Carries(sorted.length, quantile(sorted, 0.5), quantile(sorted, TENTH), quantile(sorted, 1 - TENTH)));
    }

    /** Straight between the order statistics (Hyndman and Fan, Sample quantiles in statistical packages, 1996, type 7). */
    private static double quantile(double[] sorted, double share) {
        double at = share * (sorted.length - 1);
        int below = (int) Math.floor(at);
        int above = Math.min(below + 1, sorted.length - 1);
        return sorted[below] + (at - below) * (sorted[above] - sorted[below]);
    }
}
