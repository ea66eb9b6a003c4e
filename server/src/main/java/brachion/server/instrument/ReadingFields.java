package brachion.server.instrument;

import brachion.core.quantity.PhysicalBound;
import brachion.server.recipe.Within;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;

/**
 * One reading of an instrument: what its kind measures, and nothing else.
 *
 * @param readAt          when
 * @param celsius         temperature of a chamber or a room [°C]
 * @param moisturePercent moisture of wood [%]
 * @param massG           mass [g]
 * @param humidityPercent relative humidity of a room [%]
 */
record ReadingFields(@NotNull(message = "The time of the reading is needed.") Instant readAt,
                     @Within(PhysicalBound.PROBE_C) Double celsius,
                     @Within(PhysicalBound.MOISTURE_PERCENT) Double moisturePercent,
                     @Within(PhysicalBound.MASS_G) Double massG,
                     @Within(PhysicalBound.AIR_PERCENT) Double humidityPercent) {

    /** A moment is kept to the thousandth of a second. */
    ReadingFields {
        readAt = readAt == null ? null : readAt.truncatedTo(ChronoUnit.MILLIS);
    }

    /** Which of temperature, moisture, mass and humidity it tells, in this order. */
    List<Boolean> given() {
        return Stream.of(celsius, moisturePercent, massG, humidityPercent).map(Objects::nonNull).toList();
    }
}
