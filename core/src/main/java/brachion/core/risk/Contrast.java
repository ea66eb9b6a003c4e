package brachion.core.risk;

import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.special.Erf;

/**
 * How two ways of doing a thing compare: by how much the second raises the log odds of damage more than the first.
 *
 * @param mean   the difference
 * @param sd     how sure that is
 * @param before how sure it was that there is no difference, before any record
 * @param told   what the records alone say of the difference
 * @param groups on how many boards, or days or pieces of no board, the fewer of the two ways stand
 * @param trials how many records have a say
 */
public record Contrast(double mean, double sd, double before, Told told, int groups, int trials) {

    /** One group of a way tells of the group and not of the way. */
    public static final int FEWEST_GROUPS = 2;
    /** Nobody waits for more times as many. */
    private static final double MOST_TIMES = 1e4;

    /**
     * How many times as probable the records are if there is no difference at all: the density of no difference after them over that
     * before (Dickey, Annals of Mathematical Statistics 42, 1971).
     */
    public double forNoDifference() {
        return before / sd * Math.exp(-mean * mean / (2 * sd * sd));
    }

    /** Chance that the first is better by more than so much. */
    public double firstBetterBy(double margin) {
        return normal((mean - margin) / sd);
    }

    /** Chance that the second is better by more than so much. */
    public double secondBetterBy(double margin) {
        return normal((-mean - margin) / sd);
    }

    /** Chance that the two differ by no more than so much, either way. */
    public double within(double margin) {
        return 1 - firstBetterBy(margin) - secondBetterBy(margin);
    }

    /**
     * The chance that records would lean at least so far either way if the two differed by no more than so much: the p-value of an
     * interval, greatest at its ends (Schervish, The American Statistician 50, 1996). How far boards differ is itself known from no more
     * of them than there are, so the scale is Student's, with as many degrees of freedom as the fewer ways have groups, less one
     * (compare Cameron and Miller, Journal of Human Resources 50, 2015). 1 where one board or none tells of either.
     */
    public double byChance(double margin) {
        if (!compares()) {
            return 1;
        }
        return byChance(margin, told.score() / told.information(), 1);
    }

    /** Whether the records tell the two ways apart from the boards they were tried on. */
    private boolean compares() {
        return groups >= FEWEST_GROUPS && told.information() > 0;
    }

    /**
     * How many times as many such records would lean so far that chance alone does it with so small a probability, were the difference
     * so much and were it found as it is: as likely as not they would then lean so far or farther, a power of one half (Cohen, Statistical
     * Power Analysis for the Behavioral Sciences, 2nd ed. 1988, chapter 1). No less than 1; infinite where these records compare nothing.
     *
     * @param difference how far the two are apart, greater than the margin
     * @param margin     the most that would not matter
     * @param chance     the p-value wanted
     */
    public double timesToShow(double difference, double margin, double chance) {
        if (!compares()) {
            return Double.POSITIVE_INFINITY;
        }
        UnivariateFunction overshoot = times -> byChance(margin, difference, Math.exp(times)) - chance;
        double most = Math.log(MOST_TIMES);
        return overshoot.value(0) <= 0 ? 1 : overshoot.value(most) > 0 ? Double.POSITIVE_INFINITY : Math.exp(new BrentSolver(1e-6).solve(200, overshoot, 0, most));
    }

    /** The chance of records so many times as many, which found the two so far apart. */
    private double byChance(double margin, double difference, double times) {
        TDistribution scatter = new TDistribution(groups * times - 1);
        double root = Math.sqrt(told.information() * times);
        double leans = Math.abs(difference) * root;
        double mayLean = margin * root;
        return scatter.cumulativeProbability(mayLean - leans) + scatter.cumulativeProbability(-mayLean - leans);
    }

    private static double normal(double standard) {
        return 0.5 * Erf.erfc(-standard / Math.sqrt(2));
    }
}
