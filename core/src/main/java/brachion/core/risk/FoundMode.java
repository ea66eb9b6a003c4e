package brachion.core.risk;

import brachion.core.method.FailureMode;
import brachion.core.method.Family;
import java.util.List;

/**
 * Where the search for the posterior of one failure mode ended: with the records it rests on, the fit is there again without the
 * search.
 *
 * @param family  the family of methods
 * @param mode    the mode
 * @param groups  how much the members of each group differ
 * @param suspect how many times as often as usual stock a piece with knots or wild grain in the bend hides a flaw
 * @param sources the same of a piece from each source
 * @param shares  the shares of hidden flaws that are likely enough
 */
public record FoundMode(Family family, FailureMode mode, List<Difference> groups, double suspect, List<Factor> sources, List<Share> shares) {

    /** How much the members of a group differ, as a standard deviation on the log-odds scale. */
    public record Difference(Group group, double sd) {
    }

    /** How many times as often as usual stock a piece from a source hides a flaw. */
    public record Factor(String source, double times) {
    }

    /**
     * One share of hidden flaws.
     *
     * @param weight      its probability
     * @param hidden      the share
     * @param mode        the most probable parameters, given it
     * @param mean        their mean
     * @param logEvidence log of the probability of the records, given it
     */
    public record Share(double weight, double hidden, double[] mode, double[] mean, double logEvidence) {
    }
}
