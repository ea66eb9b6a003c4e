package brachion.core.risk;

import brachion.core.method.Term;

/**
 * One learned part of the risk of a piece.
 *
 * @param term what it is
 * @param size how much it adds to the log odds of damage
 */
public record Effect(Term term, double size) {
}
