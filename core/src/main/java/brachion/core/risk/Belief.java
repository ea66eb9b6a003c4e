package brachion.core.risk;

import brachion.core.method.FailureMode;
import brachion.core.method.Term;

/**
 * What is believed of one thing that may move a risk.
 *
 * @param mode   the failure mode it moves
 * @param term   what it is
 * @param name   which species, person, board or source; empty for anything else
 * @param mean   rise of the log odds of damage
 * @param sd     how sure that is
 * @param trials how many of the records have it
 * @param of     of how many
 */
public record Belief(FailureMode mode, Term term, String name, double mean, double sd, int trials, int of) {
}
