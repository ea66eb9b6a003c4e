package brachion.server.forecasting;

import brachion.core.forecast.Forecaster;
import brachion.server.recipe.RecipeFields;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Will this piece bend? */
@RestController
class ForecastController {

    private final FittedRisk fitted;

    ForecastController(FittedRisk fitted) {
        this.fitted = fitted;
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
        return ForecastAnswer.of(new Forecaster(fit.risk()).forecast(request.recipe().toRecipe()), fit);
    }
}
