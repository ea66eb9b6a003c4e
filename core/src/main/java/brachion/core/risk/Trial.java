package brachion.core.risk;

import brachion.core.method.Recipe;

/**
 * A bend that was tried.
 *
 * @param recipe  what was done
 * @param outcome how it ended
 */
public record Trial(Recipe recipe, Outcome outcome) {
}
