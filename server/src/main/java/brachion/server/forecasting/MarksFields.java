package brachion.server.forecasting;

import brachion.core.method.Marks;
import brachion.core.quantity.PhysicalBound;
import brachion.server.recipe.Within;
import jakarta.validation.constraints.NotNull;

/**
 * The marks of a person's rule; what is suggested lies on them.
 *
 * @param radiusMm    step of radii [mm]
 * @param thicknessMm step of thicknesses [mm]
 */
public record MarksFields(@NotNull @Within(PhysicalBound.MARK_MM) Double radiusMm,
                   @NotNull @Within(PhysicalBound.MARK_MM) Double thicknessMm) {

    /** As the core takes them. */
    public Marks toMarks() {
        return new Marks(radiusMm, thicknessMm);
    }
}
