package brachion.server.recipe;

import brachion.server.problem.FieldError;
import brachion.server.reading.MeasurementReading;
import java.util.List;
import java.util.Optional;

/**
 * What came of reading a typed recipe.
 *
 * @param readings each measurement as read, or why it cannot be
 * @param problems what else keeps it from being a recipe, by the path in the recipe
 * @param recipe   the recipe, once nothing does
 */
public record RecipeReading(List<MeasurementReading> readings, List<FieldError> problems, Optional<RecipeFields> recipe) {
}
