package brachion.core.risk;

import brachion.core.method.Recipe;
import java.util.OptionalDouble;

/**
 * A bend that was tried.
 *
 * @param id               key of the record, 0 where there is none
 * @param recipe           what was done
 * @param outcome          how it ended
 * @param releasedRadiusMm inner radius after it was let go [mm], empty when nobody measured
 */
public record Trial(long id, Recipe recipe, Outcome outcome, OptionalDouble releasedRadiusMm) {

    /** A trial without a key whose springback nobody measured. */
    public Trial(Recipe recipe, Outcome outcome) {
        this(0, recipe, outcome, OptionalDouble.empty());
    }
}
