package brachion.core.method;

import brachion.core.process.StageKind;
import brachion.core.quantity.Measurement;
import brachion.core.quantity.PhysicalBound;
import brachion.core.wood.Species;
import java.util.List;

/**
 * Hot-bath bending: the stock lies in a trough of water near boiling, which heats it and wets it as a soak does, and is
 * pulled and bent like steamed stock.
 *
 * @param handling soak, carry, strap and hold
 * @param heating  time and temperature in the bath
 */
public record HotBath(Handling handling, Heating heating) implements HotWood {

    static final Setting.Measured MINUTES = new Setting.Measured("bathMinutes", "hot bath", Measurement.MINUTES,
            PhysicalBound.BATH_MINUTES, Need.always("Time in the bath is needed."));
    static final Setting.Measured BATH = new Setting.Measured("bathC", "bath", Measurement.TEMPERATURE,
            PhysicalBound.HOT_BATH_C, Need.always("Bath temperature is needed.")).usually(FULL_HEAT_C, "98 °C");
    /** What is set about it. */
    static final List<Setting<?>> SETTINGS = Thinning.after(Handling.settings(MINUTES, BATH, Handling.CARRY));

    /** Refuses settings no bath has. */
    public HotBath {
        PhysicalBound.BATH_MINUTES.require(heating.minutes());
        PhysicalBound.HOT_BATH_C.require(heating.celsius());
    }

    /** As it is set. */
    static HotBath of(Settings settings, double stockWidthMm) {
        return new HotBath(Handling.of(settings, stockWidthMm), new Heating(StageKind.HOT_BATH, settings.of(MINUTES), settings.of(BATH)));
    }

    @Override
    public Settings settings() {
        return handling.before().with(MINUTES, heating.minutes()).with(BATH, heating.celsius())
                .with(Handling.CARRY, carrySeconds()).and(handling.after());
    }

    @Override
    public MethodKind kind() {
        return MethodKind.HOT_BATH;
    }

    @Override
    public HotBath with(Handling other) {
        return new HotBath(other, heating);
    }

    @Override
    public HotBath with(Heating other) {
        return new HotBath(handling, other);
    }

    @Override
    public Change.Kind longer() {
        return Change.Kind.BATH_LONGER;
    }

    @Override
    public Equipment heater() {
        return Equipment.HOT_TROUGH;
    }

    @Override
    public Change.Kind hotter() {
        return Change.Kind.HOTTER_BATH;
    }

    /** What a search tries. */
    static List<List<Recipe>> toTry(WantedPiece wanted, AtHand atHand, Species species) {
        return HotWoodSearch.toTry(wanted, atHand, species, Handling.USUAL_CARRY_S, (handling, minutes) -> new HotBath(handling,
                new Heating(StageKind.HOT_BATH, minutes, FULL_HEAT_C)));
    }
}
