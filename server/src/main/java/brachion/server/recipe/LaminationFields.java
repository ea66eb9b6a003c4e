package brachion.server.recipe;

import brachion.core.method.ColdLamination;
import brachion.core.method.Glue;
import brachion.core.quantity.PhysicalBound;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.NotNull;

/**
 * Settings of cold lamination.
 *
 * @param glue  the adhesive
 * @param plies number of plies
 */
@Embeddable
public record LaminationFields(
        @NotNull(message = "Choose a glue.") @Enumerated(EnumType.STRING) Glue glue,
        @NotNull(message = "The number of plies is needed.") @Within(PhysicalBound.PLIES) Integer plies) {

    ColdLamination toMethod() {
        return new ColdLamination(glue, plies);
    }

    static LaminationFields of(ColdLamination lamination) {
        return new LaminationFields(lamination.glue(), lamination.plies());
    }
}
