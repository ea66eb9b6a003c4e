package brachion.core.bench;

import brachion.core.quantity.PhysicalBound;
import java.time.Instant;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One touch at the bench.
 *
 * @param tap     what was said by it
 * @param at      when
 * @param celsius what the thermometer showed [°C], for a reading alone
 * @param by      who did it; empty when nobody said
 */
public record Tapped(Tap tap, Instant at, OptionalDouble celsius, Optional<String> by) {

    /** Refuses a reading without its temperature, a temperature without a reading and one no chamber has. */
    public Tapped {
        Objects.requireNonNull(at, "at");
        if ((tap == Tap.READING) != celsius.isPresent()) {
            throw new IllegalArgumentException("A reading, and nothing else, has a temperature");
        }
        celsius.ifPresent(PhysicalBound.PROBE_C::require);
    }

    /** A touch of which nobody said whose it was. */
    public Tapped(Tap tap, Instant at, OptionalDouble celsius) {
        this(tap, at, celsius, Optional.empty());
    }

    /** A touch that is no reading. */
    public Tapped(Tap tap, Instant at) {
        this(tap, at, OptionalDouble.empty());
    }
}
