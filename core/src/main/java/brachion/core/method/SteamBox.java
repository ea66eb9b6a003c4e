package brachion.core.method;

import brachion.core.bending.SectionCondition;
import brachion.core.bending.Strap;
import brachion.core.quantity.PhysicalBound;
import brachion.core.wood.LigninSoftening;
import java.util.Optional;

/**
 * Steam-box bending: the stock lies in a chamber of steam, is pulled and bent at once over a form.
 *
 * @param soakHours    hours under water beforehand
 * @param steamMinutes minutes in the chamber at temperature
 * @param chamberC     temperature of the chamber [°C]
 * @param carrySeconds seconds from the chamber to fully clamped
 * @param strap        the strap on the outer face, if any
 */
public record SteamBox(double soakHours, double steamMinutes, double chamberC, double carrySeconds,
                       Optional<Strap> strap) implements Method {

    /** Refuses settings no chamber has. */
    public SteamBox {
        PhysicalBound.SOAK_HOURS.require(soakHours);
        PhysicalBound.STEAM_MINUTES.require(steamMinutes);
        PhysicalBound.CHAMBER_C.require(chamberC);
        PhysicalBound.CARRY_SECONDS.require(carrySeconds);
    }

    @Override
    public MethodKind kind() {
        return MethodKind.STEAM_BOX;
    }

    @Override
    public Demand demand(Blank blank, Bend bend) {
        return Demand.of(blank, bend, condition(blank), strap);
    }

    private SectionCondition condition(Blank blank) {
        double moisture = Demand.known(blank.moisturePercent(), "moisture");
        return SectionCondition.uniform(LigninSoftening.softness(chamberC, moisture), moisture);
    }
}
