package brachion.server.recipe;

import brachion.core.method.SteamBox;
import brachion.core.quantity.PhysicalBound;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Embedded;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Optional;

/**
 * Settings of steam-box bending.
 *
 * @param soakHours    hours under water beforehand
 * @param steamMinutes minutes in the chamber at temperature
 * @param chamberC     temperature of the chamber [°C]
 * @param carrySeconds seconds from the chamber to fully clamped
 * @param strap        the strap, null when bent without
 */
@Embeddable
public record SteamFields(
        @NotNull(message = "Soak is needed; 0 when there was none.") @Within(PhysicalBound.SOAK_HOURS)
        Double soakHours,
        @NotNull(message = "Steaming time is needed.") @Within(PhysicalBound.STEAM_MINUTES) Double steamMinutes,
        @NotNull(message = "Chamber temperature is needed.") @Within(PhysicalBound.CHAMBER_C) Double chamberC,
        @NotNull(message = "Carry is needed.") @Within(PhysicalBound.CARRY_SECONDS) Double carrySeconds,
        @Valid @Embedded StrapFields strap) {

    SteamBox toMethod(double stockWidthMm) {
        return new SteamBox(soakHours, steamMinutes, chamberC, carrySeconds,
                Optional.ofNullable(strap).map(fields -> fields.toStrap(stockWidthMm)));
    }
}
