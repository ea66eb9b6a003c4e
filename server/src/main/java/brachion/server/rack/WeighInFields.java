package brachion.server.rack;

import brachion.core.quantity.Moisture;
import brachion.core.quantity.PhysicalBound;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.Within;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;

/**
 * One reading of a drying piece: by meter or by scale.
 *
 * @param weighedOn       the day
 * @param moisturePercent what the meter said [%], null when it was weighed
 * @param massG           what the scale said [g], null when a meter was used
 */
@Embeddable
public record WeighInFields(
        @NotNull(message = "The day is needed.") LocalDate weighedOn,
        @Within(PhysicalBound.MOISTURE_PERCENT) Double moisturePercent,
        @Within(PhysicalBound.MASS_G) @Column(name = "mass_g") Double massG) {

    /** Refuses a reading that is none, that is two, or that the piece cannot have had. */
    void requireSense(DryingFields piece) {
        if ((moisturePercent == null) == (massG == null)) {
            throw new RefusedFieldException("moisturePercent", "Give the meter's reading or the mass, one of the two.");
        }
        if (weighedOn.isBefore(piece.startedOn())) {
            throw new RefusedFieldException("weighedOn", "That is before the piece was set to dry.");
        }
        if (massG != null && piece.startMassG() == null) {
            throw new RefusedFieldException("massG",
                    "This piece was not weighed at the start, so its mass says nothing yet: give the meter's reading.");
        }
        if (massG != null && massG < ovenDryMassG(piece)) {
            throw new RefusedFieldException("massG", "That is lighter than the piece would be without any water.");
        }
    }

    /** Mass of the wood alone, from mass and moisture at the start [g]. */
    static double ovenDryMassG(DryingFields piece) {
        return new Moisture(piece.startMoisturePercent()).ovenDryMass(piece.startMassG());
    }
}
