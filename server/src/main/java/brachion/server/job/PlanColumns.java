package brachion.server.job;

import brachion.server.recipe.RecipeColumns;
import brachion.server.recipe.RecipeFields;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Embedded;
import java.time.Instant;

/**
 * A plan of a job as it is stored.
 *
 * @param plannedAt when it was made
 */
@Embeddable
record PlanColumns(Instant plannedAt, @Embedded RecipeColumns recipe, String person, String board, String source) {

    static PlanColumns of(RecipeFields recipe, Instant now) {
        return new PlanColumns(now, RecipeColumns.of(recipe), recipe.person(), recipe.board(), recipe.source());
    }

    RecipeFields fields() {
        return recipe.recipe(person, board, source);
    }
}
