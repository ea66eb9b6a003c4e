package brachion.server.forecasting;

import brachion.core.forecast.Cause;
import brachion.core.forecast.Diagnosis;
import brachion.core.forecast.Odds;
import brachion.core.trial.Flaw;
import brachion.server.forecasting.LeversController.LeverView;
import brachion.server.recipe.RecipeFields;
import brachion.server.recipe.Workshops;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What was most likely behind a flaw. */
@RestController
class DiagnosisController {

    private final FittedRisk fitted;
    private final Workshops workshops;

    DiagnosisController(FittedRisk fitted, Workshops workshops) {
        this.fitted = fitted;
        this.workshops = workshops;
    }

    /**
     * @param recipe the piece as it was bent
     * @param seen   what was seen on it
     * @param marks  the marks changes are to lie on
     */
    record DiagnosisRequest(@NotNull @Valid RecipeFields recipe, @NotNull(message = "Say what was seen.") Flaw seen, @NotNull @Valid MarksFields marks) {
    }

    /**
     * @param now    odds that such a piece does not break
     * @param likely the causes, the likeliest first
     */
    record DiagnosisAnswer(Odds now, List<LikelyReading> likely) {
    }

    /**
     * @param cause what it is
     * @param share how likely it is, beside the others
     * @param next  the change that helps most against it; null where none is known by how much
     */
    record LikelyReading(@NotNull Cause cause, @NotNull Double share, LeverView next) {

        static LikelyReading of(Diagnosis.Likely likely) {
            return new LikelyReading(likely.cause(), likely.share(), likely.next().map(LeverView::of).orElse(null));
        }
    }

    @PostMapping("/api/forecast/diagnosis")
    DiagnosisAnswer diagnose(@Valid @RequestBody DiagnosisRequest request) {
        Diagnosis found = Diagnosis.of(fitted.current().risk(), request.recipe().toRecipe(workshops.now()), request.seen(), request.marks().toMarks());
        return new DiagnosisAnswer(found.now(), found.likely().stream().map(LikelyReading::of).toList());
    }
}
