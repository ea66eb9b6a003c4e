package brachion.server.rack;

import brachion.core.quantity.PhysicalBound;
import brachion.core.wood.Species;
import brachion.core.wood.SpeciesCatalogue;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.Within;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;

/**
 * A piece set to dry.
 *
 * @param name                 what the maker calls it
 * @param speciesId            key of the species
 * @param thicknessMm          thickness [mm]
 * @param widthMm              width [mm]
 * @param startedOn            the day it was set to dry
 * @param startMoisturePercent mean moisture then [%]
 * @param startMassG           its mass then [g], null when it was not weighed; needed to weigh it later
 * @param shopC                temperature of the air [°C]
 * @param shopHumidityPercent  relative humidity of the air [%]
 */
@Embeddable
public record DryingFields(
        @NotBlank(message = "Give the piece a name.") @Size(max = 120, message = "A name may be up to 120 characters long.")
        String name,
        @NotNull(message = "Choose a species.") String speciesId,
        @NotNull(message = "Thickness is needed.") @Within(PhysicalBound.THICKNESS_MM) Double thicknessMm,
        @NotNull(message = "Width is needed.") @Within(PhysicalBound.WIDTH_MM) Double widthMm,
        @NotNull(message = "The day it was set to dry is needed.") LocalDate startedOn,
        @NotNull(message = "Its moisture at the start is needed.") @Within(PhysicalBound.MOISTURE_PERCENT)
        Double startMoisturePercent,
        @Within(PhysicalBound.MASS_G) @Column(name = "start_mass_g") Double startMassG,
        @NotNull(message = "The temperature of the shop is needed.") @Within(PhysicalBound.SHOP_C)
        @Column(name = "shopc") Double shopC,
        @NotNull(message = "The humidity of the shop is needed.") @Within(PhysicalBound.HUMIDITY_PERCENT)
        Double shopHumidityPercent) {

    Species requireSpecies(SpeciesCatalogue woods) {
        return woods.find(speciesId).orElseThrow(
                () -> RefusedFieldException.unknownSpecies("speciesId", speciesId));
    }
}
