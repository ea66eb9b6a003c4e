package brachion.server.forecasting;

import brachion.core.forecast.Forecaster;
import brachion.core.method.Doubt;
import brachion.core.method.Recipe;
import brachion.core.method.Workshop;
import brachion.server.problem.FieldError;
import brachion.server.problem.RefusedFieldException;
import brachion.server.reading.MeasurementReading;
import brachion.server.recipe.RecipeFields;
import brachion.server.recipe.RecipeReader;
import brachion.server.recipe.RecipeReading;
import brachion.server.recipe.TypedRecipe;
import brachion.server.recipe.Workshops;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Will this piece bend? */
@RestController
class ForecastController {

    private final FittedRisk fitted;
    private final RecipeReader reader;
    private final Workshops workshops;

    ForecastController(FittedRisk fitted, RecipeReader reader, Workshops workshops) {
        this.fitted = fitted;
        this.reader = reader;
        this.workshops = workshops;
    }

    /**
     * What is asked.
     *
     * @param recipe the bend as planned
     */
    record ForecastRequest(@NotNull @Valid RecipeFields recipe) {
    }

    /**
     * What came of a recipe as it is typed.
     *
     * @param readings each measurement as read, or why it cannot be
     * @param problems what else keeps it from being forecast, by the path in the recipe
     * @param recipe   the recipe as understood, null while anything keeps it from being one
     * @param forecast its forecast, null while there is no recipe
     */
    record TypedForecastReading(@NotNull List<MeasurementReading> readings, @NotNull List<FieldError> problems, RecipeFields recipe,
                                ForecastAnswer forecast) {

        static TypedForecastReading without(RecipeReading read, List<FieldError> problems) {
            return new TypedForecastReading(read.readings(), problems, null, null);
        }
    }

    @PostMapping("/api/forecast")
    ForecastAnswer forecast(@Valid @RequestBody ForecastRequest request) {
        return forecast(request.recipe());
    }

    /** Reads what was typed and forecasts it, in one answer; what cannot be read yet is an answer too. */
    @PostMapping("/api/forecast/typed")
    TypedForecastReading typed(@Valid @RequestBody TypedRecipe typed) {
        RecipeReading read = reader.read(typed);
        if (read.recipe().isEmpty()) {
            return TypedForecastReading.without(read, read.problems());
        }
        RecipeFields recipe = read.recipe().get();
        try {
            return new TypedForecastReading(read.readings(), List.of(), recipe, forecast(recipe));
        } catch (RefusedFieldException refused) {
            return TypedForecastReading.without(read, List.of(refused.error()));
        }
    }

    private ForecastAnswer forecast(RecipeFields fields) {
        FittedRisk.Fit fit = fitted.current();
        Workshop workshop = workshops.now();
        Recipe recipe = fields.toRecipe(workshop);
        return ForecastAnswer.of(new Forecaster(fit.risk()).forecast(recipe), recipe, Doubt.of(recipe, workshop.reachesC()), fit);
    }
}
