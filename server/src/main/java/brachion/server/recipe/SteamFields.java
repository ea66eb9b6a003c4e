package brachion.server.recipe;

import brachion.core.bending.Strap;
import brachion.core.method.SoakAdditive;
import brachion.core.method.SteamBox;
import brachion.core.quantity.PhysicalBound;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Embedded;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Settings of steam-box bending.
 *
 * @param soakHours    hours under water beforehand
 * @param soakAdditive what is in the water, null for plain water
 * @param steamMinutes minutes in the chamber at temperature
 * @param chamberC     temperature of the chamber [°C]
 * @param carrySeconds seconds from the chamber to fully clamped
 * @param holdHours    hours on the form [h], null when nobody wrote them down
 * @param strap        the strap, null when bent without
 */
@Embeddable
public record SteamFields(
        @NotNull(message = "Soak is needed; 0 when there was none.") @Within(PhysicalBound.SOAK_HOURS)
        Double soakHours,
        @Enumerated(EnumType.STRING) SoakAdditive soakAdditive,
        @NotNull(message = "Steaming time is needed.") @Within(PhysicalBound.STEAM_MINUTES) Double steamMinutes,
        @NotNull(message = "Chamber temperature is needed.") @Within(PhysicalBound.CHAMBER_C) Double chamberC,
        @NotNull(message = "Carry is needed.") @Within(PhysicalBound.CARRY_SECONDS) Double carrySeconds,
        @Within(PhysicalBound.FORM_HOURS) Double holdHours,
        @Valid @Embedded StrapFields strap) {

    /** Plain water is what is left out; said or not, it is the same soak. */
    public SteamFields {
        soakAdditive = soakAdditive == SoakAdditive.NONE ? null : soakAdditive;
    }

    SteamBox toMethod(double stockWidthMm) {
        return new SteamBox(soakHours, soakAdditive == null ? SoakAdditive.NONE : soakAdditive, steamMinutes, chamberC,
                Optional.empty(), carrySeconds, Optional.ofNullable(strap).map(fields -> fields.toStrap(stockWidthMm)),
                holdHours == null ? OptionalDouble.empty() : OptionalDouble.of(holdHours));
    }

    static SteamFields of(SteamBox steam) {
        return new SteamFields(steam.soakHours(), steam.additive() == SoakAdditive.NONE ? null : steam.additive(),
                steam.steamMinutes(), steam.chamberC(), steam.carrySeconds(),
                steam.holdHours().isPresent() ? steam.holdHours().getAsDouble() : null,
                steam.strap().map(SteamFields::strap).orElse(null));
    }

    private static StrapFields strap(Strap strap) {
        return new StrapFields(strap.material(), strap.thicknessMm(), strap.endGapMm());
    }
}
