package brachion.server.trial;

import brachion.core.method.Supposed;
import brachion.server.recipe.RecipeFields;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.Set;

/**
 * A trial as it is shown.
 *
 * @param id      key
 * @param version state the trial was in when read; give it back with a change
 * @param bentOn  the day of the bend
 * @param recipe  what was planned
 * @param done    how the process went beside the plan
 * @param outcome how it ended
 * @param note    anything else
 * @param supposed what of the recipe nobody wrote down, null for nothing
 * @param jobId   the job it was for, null when it was for none
 * @param otherShopId the other shop whose record it is, null for the shop's own
 */
public record TrialView(long id, int version, LocalDate bentOn, RecipeFields recipe, DoneView done, OutcomeFields outcome,
                 String note, @Schema(nullable = true) Set<Supposed> supposed, @Schema(nullable = true) Long jobId, @Schema(nullable = true) Long otherShopId) {
}
