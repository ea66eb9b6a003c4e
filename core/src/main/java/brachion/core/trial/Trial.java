package brachion.core.trial;

import brachion.core.method.Recipe;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A bend that was tried.
 *
 * @param id               key of the record, 0 where there is none
 * @param recipe           what was done
 * @param outcome          how it ended
 * @param releasedRadiusMm inner radius after it was let go [mm], empty when nobody measured
 * @param day              when it was bent, empty when nobody wrote it down
 */
public record Trial(long id, Recipe recipe, Outcome outcome, OptionalDouble releasedRadiusMm, Optional<LocalDate> day) {

    /** A trial of some day. */
    public Trial(long id, Recipe recipe, Outcome outcome, OptionalDouble releasedRadiusMm) {
        this(id, recipe, outcome, releasedRadiusMm, Optional.empty());
    }

    /** A trial without a key whose springback nobody measured. */
    public Trial(Recipe recipe, Outcome outcome) {
        this(0, recipe, outcome, OptionalDouble.empty());
    }
}
