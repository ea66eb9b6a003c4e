package brachion.server.reading;

import brachion.core.quantity.Measurement;
import brachion.core.quantity.UnitSystem;
import brachion.core.quantity.UnreadableQuantityException;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * A measurement as a person typed it.
 *
 * @param field       where it was typed; comes back with the reading
 * @param measurement what kind of measurement is meant
 * @param text        what was typed
 */
public record TypedMeasurement(
        @NotNull(message = "Say which field this is.") @Size(max = 80, message = "A field's name may be up to 80 characters long.") String field,
        @NotNull(message = "Say what kind of measurement this is.") Measurement measurement,
        @NotNull(message = "The typed text is needed; it may be empty.") @Size(max = 100, message = "A measurement may be up to 100 characters long.")
        String text) {

    /** The measurement as read, or why it cannot be. */
    public MeasurementReading read(UnitSystem bare) {
        try {
            return new MeasurementReading(field, measurement.read(text, bare), null);
        } catch (UnreadableQuantityException unreadable) {
            return new MeasurementReading(field, null, unreadable.getMessage());
        }
    }
}
