package brachion.server.instrument;

import brachion.core.quantity.PhysicalBound;
import brachion.server.recipe.Within;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.time.temporal.ChronoUnit;

/**
 * One reading of a thermometer.
 *
 * @param readAt  when
 * @param celsius temperature [°C]
 */
record ReadingFields(@NotNull(message = "The time of the reading is needed.") Instant readAt,
                     @NotNull(message = "The temperature is needed.") @Within(PhysicalBound.PROBE_C) Double celsius) {

    /** A moment is kept to the thousandth of a second. */
    ReadingFields {
        readAt = readAt == null ? null : readAt.truncatedTo(ChronoUnit.MILLIS);
    }
}
