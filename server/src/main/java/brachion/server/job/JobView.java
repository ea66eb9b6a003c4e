package brachion.server.job;

import brachion.core.job.Progress;
import brachion.server.recipe.RecipeFields;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;

/**
 * A job as it is shown.
 *
 * @param id       key
 * @param version  state it was in when read; give it back with a change
 * @param job      what is wanted, and the plan in force
 * @param plans    every plan there was, the one in force last
 * @param pieces   what became of its pieces
 * @param progress how far it is
 */
record JobView(long id, int version, @NotNull JobFields job, List<PlanView> plans, List<PieceOfJob> pieces, Progress progress) {

    /**
     * @param plannedAt when it was made
     * @param recipe    the plan
     */
    record PlanView(Instant plannedAt, RecipeFields recipe) {
    }

    static JobView of(JobEntity stored, List<PieceOfJob> pieces) {
        JobFields job = stored.fields();
        return new JobView(stored.id(), stored.version(), job, stored.plans().stream().map(plan -> new PlanView(plan.plannedAt(), plan.fields())).toList(), pieces,
                progress(job, pieces));
    }

    static Progress progress(JobFields job, List<PieceOfJob> pieces) {
        return Progress.of(job.wanted(), job.worst(), pieces.stream().map(PieceOfJob::counted).toList());
    }
}
