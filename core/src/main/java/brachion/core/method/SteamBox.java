package brachion.core.method;

import brachion.core.bending.Strap;
import brachion.core.process.ProbeRecord;
import brachion.core.process.Shop;
import brachion.core.process.StageKind;
import brachion.core.quantity.Measurement;
import brachion.core.quantity.PhysicalBound;
import brachion.core.wood.Species;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Steam-box bending: the stock lies in a chamber of steam, is pulled and bent at once over a form. How soft each depth
 * is when it is bent comes from following heat and water through soak, steam and carry.
 *
 * @param handling soak, carry, strap and hold
 * @param heating  time and temperature in the chamber
 */
public record SteamBox(Handling handling, Heating heating) implements HotWood {

    private static final Setting.Measured MINUTES = HotWood.steamMinutes();
    static final Setting.Measured CHAMBER = new Setting.Measured("chamberC", "chamber", Measurement.TEMPERATURE,
            PhysicalBound.CHAMBER_C, Need.always("Chamber temperature is needed.")).usually(FULL_HEAT_C, "98 °C");
    /** What is set about it. */
    static final List<Setting<?>> SETTINGS = Thinning.after(Handling.settings(MINUTES, CHAMBER, Handling.CARRY));

    /** Refuses settings no chamber has. */
    public SteamBox {
        PhysicalBound.STEAM_MINUTES.require(heating.minutes());
        PhysicalBound.CHAMBER_C.require(heating.celsius());
    }

    /**
     * As somebody steamed it.
     *
     * @param soakHours    hours under water beforehand
     * @param additive     what was in the water
     * @param steamMinutes minutes in the chamber at temperature
     * @param chamberC     temperature of the chamber [°C]
     * @param probe        what a thermometer in the chamber wrote down, used instead of the one temperature
     * @param carrySeconds seconds from the chamber to fully clamped
     * @param strap        the strap on the outer face, if any
     * @param holdHours    hours on the form, empty when nobody wrote them down
     */
    public SteamBox(double soakHours, SoakAdditive additive, double steamMinutes, double chamberC,
                    Optional<ProbeRecord> probe, double carrySeconds, Optional<Strap> strap, OptionalDouble holdHours) {
        this(new Handling(soakHours, additive, carrySeconds, strap, holdHours),
                new Heating(StageKind.STEAM_BOX, steamMinutes, chamberC, probe));
    }

    /** Plain water, an even chamber, and nobody wrote down how long it was held. */
    public SteamBox(double soakHours, double steamMinutes, double chamberC, double carrySeconds, Optional<Strap> strap) {
        this(soakHours, SoakAdditive.NONE, steamMinutes, chamberC, Optional.empty(), carrySeconds, strap,
                OptionalDouble.empty());
    }

    /** As it is set. */
    static SteamBox of(Settings settings, double stockWidthMm) {
        return new SteamBox(Handling.of(settings, stockWidthMm),
                new Heating(StageKind.STEAM_BOX, settings.of(MINUTES), settings.of(CHAMBER)));
    }

    @Override
    public Settings settings() {
        return handling.before().with(MINUTES, heating.minutes()).with(CHAMBER, heating.celsius())
                .with(Handling.CARRY, carrySeconds()).and(handling.after());
    }

    @Override
    public MethodKind kind() {
        return MethodKind.STEAM_BOX;
    }

    @Override
    public SteamBox with(Handling other) {
        return new SteamBox(other, heating);
    }

    @Override
    public SteamBox with(Heating other) {
        return new SteamBox(handling, other);
    }

    @Override
    public Equipment heater() {
        return Equipment.STEAM_BOX;
    }

    @Override
    public Change.Kind hotter() {
        return Change.Kind.HOTTER_CHAMBER;
    }

    /** Where steam itself cannot be so hot, the rig is not to blame. */
    @Override
    public List<Doubt> doubts(Recipe recipe, OptionalDouble rigC) {
        List<Doubt> doubts = HotWood.super.doubts(recipe, rigC);
        rigC.ifPresent(reaches -> Doubt.above(doubts, Doubt.Kind.HOTTER_THAN_RIG, Math.min(heating.celsius(), recipe.shop().boilingC()),
                reaches + Doubt.THERMOMETER_C));
        return doubts;
    }

    /** Minutes in the chamber at temperature. */
    public double steamMinutes() {
        return heating.minutes();
    }

    /** The same settings with another soak [h]. */
    public SteamBox withSoakHours(double hours) {
        return with(handling.withSoakHours(hours));
    }

    /** The same settings with a carry of another length [s]. */
    public SteamBox withCarrySeconds(double seconds) {
        return with(handling.withCarrySeconds(seconds));
    }

    /** The same settings with another strap, or none. */
    public SteamBox withStrap(Optional<Strap> other) {
        return with(handling.withStrap(other));
    }

    /** The same settings with another time in the chamber [min]. */
    public SteamBox withSteamMinutes(double minutes) {
        return with(heating.lasting(minutes));
    }

    /** The same settings in a chamber of another, even temperature [°C]. */
    public SteamBox withChamberC(double celsius) {
        return with(heating.at(celsius));
    }

    /** What a search tries. */
    static List<List<Recipe>> toTry(WantedPiece wanted, AtHand atHand, Species species) {
        return HotWoodSearch.toTry(wanted, atHand, species, Handling.USUAL_CARRY_S, (handling, minutes) -> new SteamBox(handling,
                new Heating(StageKind.STEAM_BOX, minutes, FULL_HEAT_C)));
    }
}
