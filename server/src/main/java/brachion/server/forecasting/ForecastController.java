package brachion.server.forecasting;

import brachion.core.forecast.Forecaster;
import brachion.core.method.Doubt;
import brachion.core.method.Recipe;
import brachion.server.recipe.RecipeFields;
import brachion.server.rig.Rig;
import brachion.server.species.Woods;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Will this piece bend? */
@RestController
class ForecastController {

    private final FittedRisk fitted;
    private final Rig rig;
    private final Woods woods;

    ForecastController(FittedRisk fitted, Rig rig, Woods woods) {
        this.fitted = fitted;
        this.rig = rig;
        this.woods = woods;
    }

    /**
     * What is asked.
     *
     * @param recipe the bend as planned
     */
    record ForecastRequest(@NotNull @Valid RecipeFields recipe) {
    }

    @PostMapping("/api/forecast")
    ForecastAnswer forecast(@Valid @RequestBody ForecastRequest request) {
        FittedRisk.Fit fit = fitted.current();
        Recipe recipe = request.recipe().toRecipe(woods.catalogue());
        return ForecastAnswer.of(new Forecaster(fit.risk()).forecast(recipe), Doubt.of(recipe, rig.altitudeM(), rig.reachesC()), fit);
    }
}
