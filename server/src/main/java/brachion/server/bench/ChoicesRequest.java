package brachion.server.bench;

import brachion.server.recipe.RecipeFields;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;

/**
 * For what things in the rig are looked for.
 *
 * @param recipe what is planned
 * @param jobId  the job it is for, null when it is for none
 */
record ChoicesRequest(@NotNull(message = "What is planned is needed.") @Valid RecipeFields recipe, @Schema(nullable = true) Long jobId) {
}
