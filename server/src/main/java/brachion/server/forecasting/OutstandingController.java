package brachion.server.forecasting;

import brachion.core.job.Progress;
import brachion.core.forecast.Odds;
import brachion.core.forecast.Outstanding;
import brachion.server.job.Jobs;
import brachion.server.recipe.Workshops;
import io.swagger.v3.oas.annotations.media.Schema;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** How many pieces of a job are still to be started, by the odds of its plan. */
@RestController
class OutstandingController {

    private final FittedRisk fitted;
    private final Jobs jobs;
    private final Workshops workshops;

    OutstandingController(FittedRisk fitted, Jobs jobs, Workshops workshops) {
        this.fitted = fitted;
        this.jobs = jobs;
        this.workshops = workshops;
    }

    /**
     * @param missing  good pieces that are still to come from what is not bent yet
     * @param toStart  pieces to start besides those under way; missing when even 400 are too few
     * @param suffices chance that those under way are enough
     * @param perPiece odds of one piece
     */
    record OutstandingAnswer(int missing, @Schema(nullable = true) Integer toStart, double suffices, Odds perPiece) {
    }

    @GetMapping("/api/jobs/{id}/outstanding")
    OutstandingAnswer outstanding(@PathVariable long id) {
        Jobs.One one = jobs.one(id);
        Progress progress = one.progress();
        Outstanding outstanding = fitted.outstanding(one.job().recipe().toRecipe(workshops.now()), progress, one.job().certainty(), one.job().worst());
        return new OutstandingAnswer(progress.missing(), outstanding.toStart().isPresent() ? outstanding.toStart().getAsInt() : null, outstanding.suffices(),
                outstanding.perPiece());
    }
}
