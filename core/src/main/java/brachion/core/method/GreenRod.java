package brachion.core.method;

import brachion.core.bending.Outline;
import brachion.core.process.StageKind;
import brachion.core.quantity.PhysicalBound;
import brachion.core.wood.Species;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A green rod: riven or grown straight, its bark left on over the bend, thinned there to about two thirds and rounded, steamed
 * until sap bubbles, bent round a centre block on a peg board and pinned hole by hole, then tied until it is dry (common practice).
 *
 * @param handling soak, carry, hold and how it is thinned; never a strap
 * @param heating  time and temperature in the box
 */
public record GreenRod(Handling handling, Heating heating) implements HotWood {

    /** Pins stand so far apart [mm]; common practice is a hole each inch and a half. */
    private static final double PIN_EACH_MM = 38;
    /** What a search thins a rod to. */
    private static final double USUALLY_THINNED = 2.0 / 3;

    private static final Setting.Measured MINUTES = HotWood.steamMinutes();
    private static final Setting.Chosen<Outline> SHAPED = new Setting.Chosen<>("shaped", "shaped at the bend", Outline.class,
            Optional.of(Outline.ROUND), Need.NEVER);
    /** What is set about it. */
    static final List<Setting<?>> SETTINGS = Handling.unstrapped(MINUTES, SteamBox.CHAMBER, Handling.CARRY,
            Thinning.ALWAYS_TO, Thinning.ALWAYS_OVER, SHAPED);

    /** Refuses settings no chamber has, a rod of which nobody says how it is shaped at the bend, and a strap, which a rod cannot lie under. */
    public GreenRod {
        PhysicalBound.STEAM_MINUTES.require(heating.minutes());
        PhysicalBound.CHAMBER_C.require(heating.celsius());
        if (handling.thinning().flatMap(Thinning::shaped).isEmpty()) {
            throw new IllegalArgumentException("A rod is shaped where it bends");
        }
        if (handling.strap().isPresent()) {
            throw new IllegalArgumentException("A rod is bent round pins without a strap");
        }
    }

    /**
     * A rod shaved for its bend.
     *
     * @param thinnedMm     thickness it is shaved to over the bend [mm]
     * @param thinnedOverMm length over which it is [mm]
     * @param shaped        outline it is shaved to there
     */
    public GreenRod(Handling handling, Heating heating, double thinnedMm, double thinnedOverMm, Outline shaped) {
        this(handling.withThinning(Optional.of(new Thinning(thinnedMm, thinnedOverMm, Optional.of(shaped)))), heating);
    }

    /** As it is set. */
    static GreenRod of(Settings settings, double stockWidthMm) {
        Handling handling = Handling.of(settings, stockWidthMm);
        Thinning thinned = handling.thinning().orElseThrow();
        return new GreenRod(handling, new Heating(StageKind.STEAM_BOX, settings.of(MINUTES), settings.of(SteamBox.CHAMBER)),
                thinned.thicknessMm(), thinned.overMm(), settings.of(SHAPED));
    }

    private Thinning thinned() {
        return handling.thinning().orElseThrow();
    }

    @Override
    public Settings settings() {
        return handling.before().with(MINUTES, heating.minutes()).with(SteamBox.CHAMBER, heating.celsius())
                .with(Handling.CARRY, carrySeconds()).with(SHAPED, thinned().shaped()).and(handling.after());
    }

    @Override
    public MethodKind kind() {
        return MethodKind.GREEN_ROD;
    }

    /** Without a strap, whatever is changed. */
    @Override
    public GreenRod with(Handling other) {
        return new GreenRod(other.withStrap(Optional.empty()), heating);
    }

    @Override
    public GreenRod with(Heating other) {
        return new GreenRod(handling, other);
    }

    @Override
    public boolean straps() {
        return false;
    }

    @Override
    public Equipment heater() {
        return Equipment.STEAM_BOX;
    }

    /** Pins in place of a form. */
    @Override
    public List<Equipment> equipment() {
        List<Equipment> needed = new ArrayList<>(HotWood.super.equipment());
        needed.remove(Equipment.FORM);
        needed.add(Equipment.PEG_BOARD);
        return needed;
    }

    @Override
    public Change.Kind hotter() {
        return Change.Kind.HOTTER_CHAMBER;
    }

    /** Pins along the outer face, and the board between the legs that keeps them apart. */
    @Override
    public Sheet sheet(Recipe recipe) {
        double thickness = atTheBend(recipe.blank()).thicknessMm();
        return HotWood.super.sheet(recipe).and(Sheet.Measure.CENTRE_BLOCK, 2 * recipe.bend().innerRadiusMm())
                .and(Sheet.Measure.PINS, Math.ceil(recipe.bend().outerArcMm(thickness) / PIN_EACH_MM) + 1);
    }

    /** What a search tries: thinned to two thirds and rounded, half a bend beyond the bend. */
    static List<List<Recipe>> toTry(WantedPiece wanted, AtHand atHand, Species species) {
        return HotWoodSearch.toTry(wanted, atHand.unsupported(), species, Handling.USUAL_CARRY_S, (handling, minutes) -> {
            double thinned = PhysicalBound.THICKNESS_MM.nearest(USUALLY_THINNED * wanted.thicknessMm());
            double over = Thinning.usualOverMm(wanted.bend(), thinned);
            return new GreenRod(new Handling(handling.soakHours(), handling.additive(), handling.carrySeconds(), Optional.empty(), OptionalDouble.empty()),
                    new Heating(StageKind.STEAM_BOX, minutes, FULL_HEAT_C), thinned, over, Outline.ROUND);
        });
    }
}
