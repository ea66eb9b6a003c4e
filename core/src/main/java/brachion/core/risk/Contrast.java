package brachion.core.risk;

import org.hipparchus.special.Erf;

/**
 * How two ways of doing a thing compare: by how much the second raises the log odds of damage more than the first.
 *
 * @param mean   the difference
 * @param sd     how sure that is
 * @param before how sure it was that there is no difference, before any record
 * @param trials how many records have a say
 */
public record Contrast(double mean, double sd, double before, int trials) {

    /**
     * How many times as probable the records are if there is no difference at all: the density of no difference after them over that
     * before (Dickey, Annals of Mathematical Statistics 42, 1971).
     */
    public double forNoDifference() {
        return before / sd * Math.exp(-mean * mean / (2 * sd * sd));
    }

    /** Chance that the first is the better. */
    public double firstBetter() {
        return firstBetterBy(0);
    }

    /** Chance that the first is better by more than so much. */
    public double firstBetterBy(double margin) {
        return 0.5 * (1 + Erf.erf((mean - margin) / (sd * Math.sqrt(2))));
    }

    /** Chance that the second is better by more than so much. */
    public double secondBetterBy(double margin) {
        return 0.5 * (1 - Erf.erf((mean + margin) / (sd * Math.sqrt(2))));
    }
}
