package brachion.core.method;

import brachion.core.process.StageKind;
import brachion.core.quantity.PhysicalBound;
import brachion.core.wood.Species;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Steam-bag bending off the job: a sleeve of polythene, rolled shut over a batten and a little open at the far end so that
 * steam passes all the way (common practice). The piece is pulled from it like from a box, or bent in it: then nothing
 * cools before it is clamped.
 *
 * @param handling soak, carry, strap and hold
 * @param heating  time and temperature in the bag
 * @param bent     whether it is pulled first
 */
public record SteamBag(Handling handling, Heating heating, Bent bent) implements HotWood {

    /** What becomes of the bag when the piece is bent. */
    public enum Bent {
        /** The piece is pulled out of it and carried to the form. */
        PULLED,
        /** It stays on. */
        IN_THE_BAG
    }

    private static final Setting.Measured MINUTES = HotWood.steamMinutes();
    private static final Setting.Measured BAG = HotWood.bagC();
    private static final Setting.Chosen<Bent> BENT = new Setting.Chosen<>("bent", "bent", Bent.class, Optional.of(Bent.PULLED), Need.NEVER);
    private static final Setting.Measured CARRY = Handling.carry(Need.when(BENT, Bent.PULLED, "Carry is needed.",
            "A piece that is bent in its bag is not carried: leave this out."));
    /** What is set about it. */
    static final List<Setting<?>> SETTINGS = Thinning.after(Handling.settings(MINUTES, BAG, BENT, CARRY));

    /** Refuses settings no bag has. */
    public SteamBag {
        PhysicalBound.STEAM_MINUTES.require(heating.minutes());
        PhysicalBound.BAG_C.require(heating.celsius());
        if (bent == Bent.IN_THE_BAG && handling.carrySeconds() > 0) {
            throw new IllegalArgumentException("A piece that is bent in its bag is not carried, not for " + handling.carrySeconds() + " s");
        }
    }

    /** As it is set. */
    static SteamBag of(Settings settings, double stockWidthMm) {
        return new SteamBag(Handling.of(settings, stockWidthMm), new Heating(StageKind.STEAM_BAG, settings.of(MINUTES), settings.of(BAG)),
                settings.of(BENT));
    }

    @Override
    public Settings settings() {
        Settings heated = handling.before().with(MINUTES, heating.minutes()).with(BAG, heating.celsius()).with(BENT, bent);
        return (bent == Bent.PULLED ? heated.with(CARRY, carrySeconds()) : heated).and(handling.after());
    }

    @Override
    public MethodKind kind() {
        return MethodKind.STEAM_BAG;
    }

    /** In the bag nothing is carried, whatever is changed. */
    @Override
    public SteamBag with(Handling other) {
        return new SteamBag(bent == Bent.IN_THE_BAG ? other.withCarrySeconds(0) : other, heating, bent);
    }

    @Override
    public SteamBag with(Heating other) {
        return new SteamBag(handling, other, bent);
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
    public List<StageKind> stageKinds() {
        return bent == Bent.PULLED ? HotWood.super.stageKinds() : List.of(StageKind.SOAK, StageKind.STEAM_BAG, StageKind.FORM, StageKind.RACK);
    }

    /** A piece that is pulled could be bent with the bag on. */
    @Override
    public List<Change> changes(Recipe recipe, Marks marks) {
        List<Change> changes = new ArrayList<>(HotWood.super.changes(recipe, marks));
        if (bent == Bent.PULLED) {
            changes.add(new Change(Change.Kind.BAG_ON, 0, at -> at.withMethod(((SteamBag) at.method()).withTheBagOn())));
        }
        return changes;
    }

    private SteamBag withTheBagOn() {
        return new SteamBag(handling.withCarrySeconds(0), heating, Bent.IN_THE_BAG);
    }

    /** What a search tries: pulled, and bent in the bag. */
    static List<List<Recipe>> toTry(WantedPiece wanted, AtHand atHand, Species species) {
        List<List<Recipe>> together = HotWoodSearch.toTry(wanted, atHand, species, Handling.USUAL_CARRY_S, (handling, minutes) -> new SteamBag(handling,
                new Heating(StageKind.STEAM_BAG, minutes, FULL_HEAT_C), Bent.PULLED));
        together.addAll(HotWoodSearch.toTry(wanted, atHand, species, 0, (handling, minutes) -> new SteamBag(handling,
                new Heating(StageKind.STEAM_BAG, minutes, FULL_HEAT_C), Bent.IN_THE_BAG)));
        return together;
    }
}
