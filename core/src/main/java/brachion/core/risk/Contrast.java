package brachion.core.risk;

import org.hipparchus.special.Erf;

/**
 * How two ways of doing a thing compare: by how much the second raises the log odds of damage more than the first.
 *
 * @param mean   the difference
 * @param sd     how sure that is
 * @param trials how many records have a say
 */
public record Contrast(double mean, double sd, int trials) {

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
