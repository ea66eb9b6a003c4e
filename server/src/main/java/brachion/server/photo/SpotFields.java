package brachion.server.photo;

import brachion.core.photo.Spot;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;

/**
 * A place on a photograph, from its upper left corner; one beside it can be pointed at, too.
 *
 * @param xPx to the right [px]
 * @param yPx downwards [px]
 */
public record SpotFields(@NotNull(message = SpotFields.SENTENCE) @DecimalMin(value = "-2000", message = SpotFields.SENTENCE) @DecimalMax(value = "4000", message = SpotFields.SENTENCE) Double xPx,
                  @NotNull(message = SpotFields.SENTENCE) @DecimalMin(value = "-2000", message = SpotFields.SENTENCE) @DecimalMax(value = "4000", message = SpotFields.SENTENCE) Double yPx) {

    static final String SENTENCE = "A place lies on the photograph or near it.";

    Spot spot() {
        return new Spot(xPx, yPx);
    }
}
