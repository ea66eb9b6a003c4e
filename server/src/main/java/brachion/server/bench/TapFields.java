package brachion.server.bench;

import brachion.core.bench.Tap;
import brachion.core.bench.Tapped;
import brachion.core.quantity.PhysicalBound;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.Within;
import brachion.server.storage.Absent;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One touch at the bench.
 *
 * @param tap     what is said by it
 * @param saidAt  when it was, by the server's clock
 * @param celsius what the thermometer showed [°C]; for a reading alone
 * @param person  who did it; null when nobody said
 */
@Embeddable
public record TapFields(
        @NotNull(message = "Say what was done.") @Enumerated(EnumType.STRING) Tap tap,
        @NotNull(message = "Say when it was.") Instant saidAt,
        @Within(PhysicalBound.PROBE_C) Double celsius,
        @Size(max = 80, message = "A name may be up to 80 characters long.") String person) {

    /** Clocks that agree as well as they can still differ by so much. */
    private static final Duration CLOCKS_DIFFER = Duration.ofSeconds(2);

    /** A moment is kept to the thousandth of a second. */
    public TapFields {
        saidAt = saidAt == null ? null : saidAt.truncatedTo(ChronoUnit.MILLIS);
        person = Absent.given(person);
    }

    /** Refuses what contradicts itself and what is yet to come. */
    void requireSense(Instant now) {
        if (saidAt.isAfter(now.plus(CLOCKS_DIFFER))) {
            throw new RefusedFieldException("saidAt", "That is yet to come: say it when it is done.");
        }
        if (tap == Tap.JUDGED) {
            throw new RefusedFieldException("tap", "A verdict says how the piece ended.");
        }
        if ((tap == Tap.READING) != (celsius != null)) {
            throw new RefusedFieldException("celsius", tap == Tap.READING ? "What the thermometer shows is needed."
                    : "Only a reading has a temperature.");
        }
    }

    static TapFields of(Tapped tapped) {
        return new TapFields(tapped.tap(), tapped.at(), tapped.celsius().isPresent() ? tapped.celsius().getAsDouble() : null, tapped.by().orElse(null));
    }

    Tapped tapped() {
        return new Tapped(tap, saidAt, celsius == null ? OptionalDouble.empty() : OptionalDouble.of(celsius), Optional.ofNullable(person));
    }
}
