package brachion.server.bench;

import brachion.server.recipe.RecipeFields;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * A piece that is to be bent.
 *
 * @param name   what it is called at the bench
 * @param recipe what is planned for it
 * @param jobId  the job it is for, null when it is for none
 */
public record PlanFields(
        @NotBlank(message = "Give the piece a name.") @Size(max = 120, message = "A name may be up to 120 characters long.") String name,
        @NotNull(message = "What is planned is needed.") @Valid RecipeFields recipe,
        Long jobId) {
}
