package brachion.server.forecasting;

import brachion.core.forecast.Forecaster;
import brachion.core.forecast.Levers;
import brachion.core.forecast.Levers.Combination;
import brachion.core.forecast.Levers.Lever;
import brachion.core.forecast.Odds;
import brachion.core.method.Change;
import brachion.server.recipe.WantedChance;
import brachion.server.recipe.RecipeFields;
import brachion.server.recipe.Workshops;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What to change about a bend. */
@RestController
@RequestMapping("/api/forecast")
class LeversController {

    private final FittedRisk fitted;
    private final Workshops workshops;

    LeversController(FittedRisk fitted, Workshops workshops) {
        this.fitted = fitted;
        this.workshops = workshops;
    }

    /**
     * @param recipe the bend as planned
     * @param wanted chance wanted that it does not break
     * @param marks  the marks radius and thickness are to lie on
     */
    record LeversRequest(@NotNull @Valid RecipeFields recipe,
                         @WantedChance Double wanted,
                         @NotNull @Valid MarksFields marks) {
    }

    /**
     * One step.
     *
     * @param kind     what to change
     * @param amount   what it becomes
     * @param recipe   the recipe after it
     * @param unbroken odds then
     * @param beyondRecords whether it then asks more than any record did
     */
    record LeverView(Change.Kind kind, double amount, RecipeFields recipe, Odds unbroken, boolean beyondRecords) {

        static LeverView of(Lever lever) {
            return new LeverView(lever.change().kind(), lever.change().amount(), RecipeFields.of(lever.recipe()), lever.unbroken(),
                    lever.beyondRecords());
        }
    }

    /**
     * @param kind   what to change
     * @param amount what it becomes
     */
    record ChangeView(Change.Kind kind, double amount) {
    }

    /**
     * Steps together.
     *
     * @param changes  the steps; none when nothing need change
     * @param recipe   the recipe after them
     * @param unbroken odds then
     * @param reaches  whether that is what was wanted
     * @param beyondRecords whether it then asks more than any record did
     */
    record CombinationView(List<ChangeView> changes, RecipeFields recipe, Odds unbroken, boolean reaches,
                           boolean beyondRecords) {

        static CombinationView of(Combination found) {
            return new CombinationView(
                    found.changes().stream().map(change -> new ChangeView(change.kind(), change.amount())).toList(),
                    RecipeFields.of(found.recipe()), found.unbroken(), found.reaches(), found.beyondRecords());
        }
    }

    /**
     * @param now      odds as things are
     * @param levers   single steps, the most useful first
     * @param cheapest least trouble that reaches the wanted odds
     */
    record LeversAnswer(Odds now, List<LeverView> levers, CombinationView cheapest) {
    }

    @PostMapping("/levers")
    LeversAnswer levers(@Valid @RequestBody LeversRequest request) {
        Levers levers = Levers.of(new Forecaster(fitted.current().risk()), request.recipe().toRecipe(workshops.now()), request.wanted(),
                request.marks().toMarks());
        return new LeversAnswer(levers.now(), levers.levers().stream().map(LeverView::of).toList(),
                CombinationView.of(levers.cheapest()));
    }
}
