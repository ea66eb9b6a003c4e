package brachion.core.method;

import brachion.core.process.StageKind;
import brachion.core.quantity.Measurement;
import brachion.core.quantity.PhysicalBound;
import brachion.core.wood.Species;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Steaming in place: the bag is put round the piece where it is going to stay, one end perhaps fastened already, and the
 * piece is pressed home without a carry. Steam may stay on after clamping, so that the bend rests while it is hot (common
 * practice).
 *
 * @param handling       soak, strap and hold; there is no carry
 * @param heating        time and temperature in the bag before it is bent
 * @param steamOnMinutes minutes steam stays on after clamping [min]
 */
public record SteamInPlace(Handling handling, Heating heating, double steamOnMinutes) implements HotWood {

    private static final double USUAL_ON_MIN = 15;
    private static final Setting.Measured MINUTES = HotWood.steamMinutes();
    private static final Setting.Measured BAG = HotWood.bagC();
    private static final Setting.Measured STEAM_ON = new Setting.Measured("steamOnMinutes", "steam left on", Measurement.MINUTES,
            PhysicalBound.STEAM_ON_MINUTES, Need.always("Say how long steam stays on after clamping; 0 for not at all.")).usually(0, "not");
    /** What is set about it. */
    static final List<Setting<?>> SETTINGS = Thinning.after(Handling.settings(MINUTES, BAG, STEAM_ON));

    /** Refuses settings no bag has. */
    public SteamInPlace {
        PhysicalBound.STEAM_MINUTES.require(heating.minutes());
        PhysicalBound.BAG_C.require(heating.celsius());
        PhysicalBound.STEAM_ON_MINUTES.require(steamOnMinutes);
        if (handling.carrySeconds() > 0) {
            throw new IllegalArgumentException("A piece steamed in place is not carried, not for " + handling.carrySeconds() + " s");
        }
    }

    /** As it is set. */
    static SteamInPlace of(Settings settings, double stockWidthMm) {
        return new SteamInPlace(Handling.of(settings, stockWidthMm), new Heating(StageKind.STEAM_BAG, settings.of(MINUTES), settings.of(BAG)),
                settings.of(STEAM_ON));
    }

    @Override
    public Settings settings() {
        return handling.before().with(MINUTES, heating.minutes()).with(BAG, heating.celsius()).with(STEAM_ON, steamOnMinutes)
                .and(handling.after());
    }

    @Override
    public MethodKind kind() {
        return MethodKind.STEAM_IN_PLACE;
    }

    /** Nothing is carried, whatever is changed. */
    @Override
    public SteamInPlace with(Handling other) {
        return new SteamInPlace(other.withCarrySeconds(0), heating, steamOnMinutes);
    }

    @Override
    public SteamInPlace with(Heating other) {
        return new SteamInPlace(handling, other, steamOnMinutes);
    }

    @Override
    public Equipment heater() {
        return Equipment.STEAM_BAG;
    }

    @Override
    public Change.Kind hotter() {
        return Change.Kind.HOTTER_BAG;
    }

    @Override
    public double hotOnFormMinutes() {
        return steamOnMinutes;
    }

    @Override
    public List<StageKind> stageKinds() {
        return List.of(StageKind.SOAK, StageKind.STEAM_BAG, StageKind.STEAM_ON, StageKind.FORM, StageKind.RACK);
    }

    @Override
    public OptionalDouble plannedMinutes(StageKind stage) {
        return stage == StageKind.STEAM_ON ? OptionalDouble.of(steamOnMinutes) : HotWood.super.plannedMinutes(stage);
    }

    @Override
    public SteamInPlace asDone(Done done) {
        SteamInPlace took = (SteamInPlace) HotWood.super.asDone(done);
        return new SteamInPlace(took.handling, took.heating, done.minutes(StageKind.STEAM_ON).orElse(steamOnMinutes));
    }

    /** What a search tries. */
    static List<List<Recipe>> toTry(WantedPiece wanted, AtHand atHand, Species species) {
        return HotWoodSearch.toTry(wanted, atHand, species, 0, (handling, minutes) -> new SteamInPlace(handling,
                new Heating(StageKind.STEAM_BAG, minutes, FULL_HEAT_C), USUAL_ON_MIN));
    }
}
