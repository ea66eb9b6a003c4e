package brachion.server.job;

import brachion.core.trial.Severity;
import brachion.server.recipe.RecipeFields;
import brachion.server.recipe.WantedChance;
import brachion.server.rig.UsedFields;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;

/**
 * What is wanted, and how it is to be made.
 *
 * @param name      what it is called
 * @param wanted    good pieces wanted
 * @param certainty chance wanted that so many come out good
 * @param flawsPass whether a piece with a flaw that can be mended counts as good
 * @param dueOn     by when, null when nobody waits for it
 * @param note      what it is for and anything else; may be empty
 * @param recipe    the plan for each piece
 * @param madeWith  what of the rig each is made with, null when nobody said
 * @param curveId   the kept curve they are bent to, null where that is the one bend of the plan
 */
public record JobFields(
        @NotBlank(message = "Give the job a name.") @Size(max = 120, message = "A name may be up to 120 characters long.") String name,
        @NotNull(message = WANTED) @Min(value = 1, message = WANTED) @Max(value = 200, message = WANTED) Integer wanted,
        @NotNull @WantedChance Double certainty,
        @NotNull Boolean flawsPass,
        LocalDate dueOn,
        @NotNull @Size(max = 2000, message = "A note may be up to 2,000 characters long.") String note,
        @NotNull(message = "What is planned is needed.") @Valid RecipeFields recipe,
        @Size(max = UsedFields.MOST, message = UsedFields.TOO_MANY) List<@NotNull @Valid UsedFields> madeWith, Long curveId) {

    private static final String WANTED = "A job is of 1 to 200 good pieces.";

    /** What is not said is nothing. */
    public JobFields {
        madeWith = madeWith == null ? List.of() : List.copyOf(madeWith);
    }

    /** The worst severity that still counts as good. */
    public Severity worst() {
        return flawsPass ? Severity.FLAW : Severity.CLEAN;
    }
}
