package brachion.server.recipe;

import brachion.core.quantity.UnitSystem;
import brachion.server.reading.TypedMeasurement;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;

/**
 * A recipe as a person has typed it so far.
 *
 * @param bareUnits what a length or temperature without a unit means
 * @param choices   the recipe with everything that is chosen rather than measured
 * @param typed     the measurements, each under its path in the recipe. A lamination may give {@code finishedThicknessMm},
 *                  the thickness of all plies together, in place of the plies' number, their thickness or both
 */
public record TypedRecipe(
        @NotNull(message = "Say what a bare number means.") UnitSystem bareUnits,
        @NotNull(message = "The choices of the recipe are needed.") @Size(max = 40, message = "A recipe has up to 40 entries.")
        Map<String, Object> choices,
        @NotNull(message = "The measurements are needed.") @Size(max = 60, message = "A recipe has up to 60 measurements.")
        List<@NotNull @Valid TypedMeasurement> typed) {
}
