package brachion.core.risk;

import java.util.Arrays;

/**
 * How large a share h of pieces breaks because of something nobody saw, before any record: with a chance of about
 * four in ten there is no such share, otherwise it is like Beta(1, 20), five in a hundred on average and rarely beyond twelve. Both
 * are chosen by us; records move them.
 *
 * <p>The posterior is taken over a few values of h, each with a fit of its own, so that it may stay lopsided and
 * "none at all" stays possible.
 */
final class HiddenShare {

    /** One outcome in a hundred is written down wrong, half of them as broken and half as clean; chosen by us. */
    static final double SLIP = 0.005;
    /** Values of h, rising from none. */
    private static final double[] VALUES = {0, 0.006, 0.015, 0.03, 0.05, 0.08, 0.12, 0.18, 0.26};
    /** Place of the value of an ordinary shop. */
    static final int ORDINARY = 2;
    private static final double NONE = 0.38;
    private static final double BETA = 20;
    /** A split along the grain is hidden by its nature, or else so rare: how often it happens where nothing is hidden. */
    private static final double SPLIT_ANYWAY = 0.001;

    private HiddenShare() {
    }

    static double[] values() {
        return VALUES.clone();
    }

    /** The value at which group scales are sought: what is most likely in an ordinary shop. */
    static double ordinary() {
        return VALUES[ORDINARY];
    }

    /** Log of the prior probability of each value. */
    static double[] logPrior() {
        double[] log = new double[VALUES.length];
        log[0] = Math.log(NONE);
        for (int i = 1; i < log.length; i++) {
            double from = i == 1 ? 0 : (VALUES[i - 1] + VALUES[i]) / 2;
            double to = i == log.length - 1 ? 1 : (VALUES[i] + VALUES[i + 1]) / 2;
            log[i] = Math.log((1 - NONE) * (Math.pow(1 - from, BETA) - Math.pow(1 - to, BETA)));
        }
        return log;
    }

    /**
     * Log likelihood of the pieces that split along the grain, up to a constant.
     *
     * @param proneness how many times as often as usual stock each of them hides a flaw
     */
    static double logSplits(double hidden, double[] proneness) {
        return Arrays.stream(proneness).map(each -> Math.log(hidden * each + SPLIT_ANYWAY)).sum();
    }

    /** Chance that such a split was a hidden flaw. */
    static double splitWasHidden(double hidden, double proneness) {
        return hidden * proneness / (hidden * proneness + SPLIT_ANYWAY);
    }
}
