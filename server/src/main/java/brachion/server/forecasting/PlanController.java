package brachion.server.forecasting;

import brachion.core.forecast.NextTrials;
import brachion.core.forecast.NextTrials.Rung;
import brachion.core.forecast.Odds;
import brachion.core.forecast.Spares;
import brachion.core.trial.Severity;
import brachion.core.method.Workshop;
import brachion.server.recipe.WantedChance;
import brachion.server.recipe.RecipeFields;
import brachion.server.recipe.Workshops;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.OptionalInt;
import java.util.concurrent.Callable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What to try next and how many to cut. */
@RestController
@RequestMapping("/api/forecast")
class PlanController {

    private final FittedRisk fitted;
    private final Workshops workshops;

    PlanController(FittedRisk fitted, Workshops workshops) {
        this.fitted = fitted;
        this.workshops = workshops;
    }

    /**
     * @param recipe the bend the person is working towards
     * @param others other bends whose forecasts matter too; may be empty
     * @param marks  the marks suggestions are to lie on
     */
    record NextRequest(@NotNull @Valid RecipeFields recipe,
                       @NotNull @Size(max = 12, message = "Up to twelve bends can be kept in mind.") List<@NotNull @Valid RecipeFields> others,
                       @NotNull @Valid MarksFields marks) {
    }

    /**
     * A trial worth making.
     *
     * @param recipe     the trial
     * @param unbroken   odds that it does not break
     * @param spreadNow  how uncertain the odds that matter are now, as a standard deviation
     * @param spreadThen how uncertain they would be after it, on average
     */
    record TrialToMake(RecipeFields recipe, Odds unbroken, double spreadNow, double spreadThen) {
    }

    /**
     * @param recipe   a bend on the way
     * @param unbroken odds that it does not break, now
     */
    record RungView(RecipeFields recipe, Odds unbroken) {

        static List<RungView> of(List<Rung> rungs) {
            return rungs.stream().map(rung -> new RungView(RecipeFields.of(rung.recipe()), rung.unbroken())).toList();
        }
    }

    /**
     * @param trials          the most telling first
     * @param radiusLadder    radii from safe to the target
     * @param thicknessLadder thicknesses from safe to the target
     */
    record NextAnswer(List<TrialToMake> trials, List<RungView> radiusLadder, List<RungView> thicknessLadder) {
    }

    @PostMapping("/next")
    Callable<NextAnswer> next(@Valid @RequestBody NextRequest request) {
        return () -> lookAhead(request);
    }

    private NextAnswer lookAhead(NextRequest request) {
        Workshop workshop = workshops.now();
        NextTrials next = NextTrials.of(fitted.current().risk(), request.recipe().toRecipe(workshop),
                request.others().stream().map(other -> other.toRecipe(workshop)).toList(), request.marks().toMarks());
        return new NextAnswer(next.trials().stream().map(trial -> new TrialToMake(RecipeFields.of(trial.recipe()),
                trial.unbroken(), trial.spreadNow(), trial.spreadThen())).toList(),
                RungView.of(next.radiusLadder()), RungView.of(next.thicknessLadder()));
    }

    /**
     * @param recipe    the bend
     * @param good      pieces needed
     * @param certainty chance wanted that there are enough
     * @param flawsPass whether a piece with a flaw that can be mended counts as good
     */
    record SparesRequest(@NotNull @Valid RecipeFields recipe,
                         @NotNull @Min(value = 1, message = GOOD) @Max(value = 200, message = GOOD) Integer good,
                         @WantedChance Double certainty,
                         @NotNull Boolean flawsPass) {

        private static final String GOOD = "Between 1 and 200 good pieces can be planned for.";
    }

    /**
     * @param blanks     blanks to cut; missing when even 400 are too few
     * @param certainty  chance that enough of them come out good
     * @param bareOdds   chance without a spare
     * @param testPieces pieces to test first; missing when more than 12
     * @param perPiece   odds of one piece
     */
    record SparesAnswer(@Schema(nullable = true) Integer blanks, double certainty, double bareOdds,
                        @Schema(nullable = true) Integer testPieces, Odds perPiece) {
    }

    @PostMapping("/spares")
    SparesAnswer spares(@Valid @RequestBody SparesRequest request) {
        Spares spares = Spares.of(fitted.current().risk(), request.recipe().toRecipe(workshops.now()), request.good(), request.certainty(),
                request.flawsPass() ? Severity.FLAW : Severity.CLEAN);
        return new SparesAnswer(known(spares.blanks()), spares.certainty(), spares.bareOdds(), known(spares.testPieces()),
                spares.perPiece());
    }

    private static Integer known(OptionalInt number) {
        return number.isPresent() ? number.getAsInt() : null;
    }
}
