package brachion.server.forecasting;

import brachion.core.forecast.Odds;
import brachion.core.forecast.PliesCompared;
import brachion.core.forecast.SpringbackForecast;
import brachion.core.method.Recipe;
import brachion.core.risk.RiskModel;
import brachion.server.forecasting.ForecastAnswer.MeasuredOut;
import brachion.server.recipe.RecipeFields;
import brachion.server.recipe.Workshops;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.concurrent.Callable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The planned glued section in thick plies and thin ones, one beside the other. */
@RestController
class PliesController {

    private final FittedRisk fitted;
    private final Workshops workshops;

    PliesController(FittedRisk fitted, Workshops workshops) {
        this.fitted = fitted;
        this.workshops = workshops;
    }

    /**
     * What is asked.
     *
     * @param recipe the bend as planned
     */
    record PliesRequest(@NotNull @Valid RecipeFields recipe) {
    }

    /**
     * The same section in so many plies.
     *
     * @param recipe      of one of its plies
     * @param planned     whether it is what is planned
     * @param plies       how many
     * @param unbroken    odds that it does not break or open
     * @param springback  how far it opens when it is let go
     * @param fenceStepMm from one strip to the next at the fence of the saw [mm]
     * @param waste       share of the board that becomes dust, 0 to 1
     * @param sheet       what is measured out for it
     */
    record PliesView(RecipeFields recipe, boolean planned, int plies, Odds unbroken, SpringbackForecast springback, double fenceStepMm, double waste,
                     List<MeasuredOut> sheet) {

        static PliesView of(PliesCompared one) {
            return new PliesView(RecipeFields.of(one.recipe()), one.planned(), one.layup().plies(), one.forecast().unbroken(), one.forecast().springback(),
                    one.layup().fenceStepMm(), one.layup().waste(), MeasuredOut.of(one.recipe()));
        }
    }

    @PostMapping("/api/forecast/plies")
    Callable<List<PliesView>> compare(@Valid @RequestBody PliesRequest request) {
        RiskModel risk = fitted.current().risk();
        Recipe planned = request.recipe().toRecipe(workshops.now());
        return () -> PliesCompared.of(risk, planned).stream().map(PliesView::of).toList();
    }
}
