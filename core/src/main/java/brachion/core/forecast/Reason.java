package brachion.core.forecast;

import brachion.core.method.Term;

/**
 * One term of the risk, in trade words.
 *
 * @param cause what it is
 * @param size  how much it adds to the log odds of damage, beyond a piece that stands exactly at its published radius
 */
public record Reason(Term cause, double size) {
}
