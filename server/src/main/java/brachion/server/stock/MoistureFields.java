package brachion.server.stock;

import brachion.core.quantity.PhysicalBound;
import brachion.core.stock.MoistureHistory.Reading;
import brachion.core.stock.MoistureHistory.Sample;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.Within;
import brachion.server.storage.Absent;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.Optional;

/**
 * How wet a board was on a day: by meter, by a sample weighed wet and oven dry, by weighing the board, or several of these.
 *
 * @param readOn          the day
 * @param moisturePercent what a meter said [%], null without one
 * @param sampleWetG      mass of a sample as it was cut [g], null without one
 * @param sampleDryG      its mass when the oven took no more from it [g], null without one
 * @param massG           mass of the board [g], null when it was not weighed
 */
@Embeddable
public record MoistureFields(
        @NotNull(message = "The day is needed.") LocalDate readOn,
        @Within(PhysicalBound.MOISTURE_PERCENT) Double moisturePercent,
        @Within(PhysicalBound.MASS_G) @Column(name = "sample_wet_g") Double sampleWetG,
        @Within(PhysicalBound.MASS_G) @Column(name = "sample_dry_g") Double sampleDryG,
        @Within(PhysicalBound.MASS_G) @Column(name = "mass_g") Double massG) {

    /** Wet wood weighs at most so many times what it weighs oven dry. */
    private static final double MOST_TIMES = 1 + PhysicalBound.MOISTURE_PERCENT.highest() / 100;

    /** Refuses a reading that tells nothing, or half of a sample. */
    void requireSense(String field) {
        if (moisturePercent == null && sampleWetG == null && sampleDryG == null && massG == null) {
            throw new RefusedFieldException(field, "Give what the meter said, the two masses of a sample, or the mass of the board.");
        }
        if ((sampleWetG == null) != (sampleDryG == null)) {
            throw new RefusedFieldException(field, "A sample is weighed twice: as it was cut, and oven dry.");
        }
        if (sampleWetG != null && sampleWetG < sampleDryG) {
            throw new RefusedFieldException(field, "A sample cannot weigh less than when oven dry.");
        }
        if (sampleWetG != null && sampleWetG > MOST_TIMES * sampleDryG) {
            throw new RefusedFieldException(field, PhysicalBound.MOISTURE_PERCENT.sentence() + ": weigh the sample once more.");
        }
    }

    Reading toReading() {
        return new Reading(readOn, Absent.known(moisturePercent),
                sampleWetG == null ? Optional.empty() : Optional.of(new Sample(sampleWetG, sampleDryG)), Absent.known(massG));
    }
}
