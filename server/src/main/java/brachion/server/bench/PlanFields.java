package brachion.server.bench;

import brachion.server.recipe.RecipeFields;
import brachion.server.rig.UsedFields;
import brachion.server.storage.Absent;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * A piece that is to be bent.
 *
 * @param name   what it is called at the bench
 * @param recipe what is planned for it
 * @param jobId  the job it is for, null when it is for none
 * @param stockId the board in stock it was sawn from, null when nobody said
 * @param blankName what the blank was called there, null when nobody said
 * @param madeWith what of the rig it is made with, null when nobody said
 */
public record PlanFields(
        @NotBlank(message = "Give the piece a name.") @Size(max = 120, message = "A name may be up to 120 characters long.") String name,
        @NotNull(message = "What is planned is needed.") @Valid RecipeFields recipe,
        Long jobId,
        Long stockId,
        @Size(max = 120, message = "A name may be up to 120 characters long.") String blankName,
        @Size(max = UsedFields.MOST, message = UsedFields.TOO_MANY) List<@NotNull @Valid UsedFields> madeWith) {

    /** What is not said is nothing. */
    public PlanFields {
        blankName = Absent.given(blankName);
        madeWith = madeWith == null ? List.of() : List.copyOf(madeWith);
    }

    /** A piece of which nobody said of what board and with what it is made. */
    public PlanFields(String name, RecipeFields recipe, Long jobId) {
        this(name, recipe, jobId, null, null, null);
    }
}
