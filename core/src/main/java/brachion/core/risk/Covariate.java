package brachion.core.risk;

import brachion.core.method.Recipe;
import java.util.function.ToDoubleFunction;

/**
 * Something beside demand over capacity that may move a risk, with what is believed of it before any record.
 *
 * @param term      what it is called
 * @param priorMean rise of the log odds of damage expected for x = 1
 * @param priorSd   how sure that is
 * @param value     x of a recipe in which everything is known
 */
record Covariate(Term term, double priorMean, double priorSd, ToDoubleFunction<Recipe> value) {

    /** Nobody knows which way it goes: both ways are as likely, and the shop's own records decide. */
    static Covariate undecided(Term term, ToDoubleFunction<Recipe> value) {
        return new Covariate(term, 0, 0.5, value);
    }
}
