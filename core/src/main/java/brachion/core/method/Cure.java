package brachion.core.method;

import java.util.function.UnaryOperator;

/**
 * What one thing that is wrong with a piece costs it: how the demand would be without.
 *
 * @param term what is cured
 * @param on   from what is asked of the piece with all earlier cures to what is asked with this one too
 */
public record Cure(Term term, UnaryOperator<Demand> on) {
}
