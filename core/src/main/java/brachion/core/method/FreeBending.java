package brachion.core.method;

import brachion.core.bending.SectionCondition;
import brachion.core.physics.Physics;
import brachion.core.process.StageKind;
import brachion.core.quantity.PhysicalBound;
import brachion.core.wood.Species;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Free bending: between two posts or rollers, by body weight, the bag still on, stop blocks screwed in as it goes. There is
 * no form to spread the curve, so the tightest place is tighter than the curve as a whole, and no second piece comes out
 * the same (common practice).
 *
 * @param handling soak and hold; never a carry, nor a strap
 * @param heating  time and temperature in the bag
 */
public record FreeBending(Handling handling, Heating heating) implements HotWood {

    /** Curvature of the tightest place over that of the whole; a round number chosen by us. */
    static final double TIGHTEST = 1.3;

    private static final Setting.Measured MINUTES = HotWood.steamMinutes();
    private static final Setting.Measured BAG = HotWood.bagC();
    /** What is set about it. */
    static final List<Setting<?>> SETTINGS = Thinning.after(Handling.unstrapped(MINUTES, BAG));

    /** Refuses settings no bag has, and what cannot be done without a form. */
    public FreeBending {
        PhysicalBound.STEAM_MINUTES.require(heating.minutes());
        PhysicalBound.BAG_C.require(heating.celsius());
        if (handling.carrySeconds() > 0 || handling.strap().isPresent()) {
            throw new IllegalArgumentException("A piece is bent freely in its bag, without a carry and without a strap");
        }
    }

    /** As it is set. */
    static FreeBending of(Settings settings, double stockWidthMm) {
        return new FreeBending(Handling.of(settings, stockWidthMm), new Heating(StageKind.STEAM_BAG, settings.of(MINUTES), settings.of(BAG)));
    }

    @Override
    public Settings settings() {
        return handling.before().with(MINUTES, heating.minutes()).with(BAG, heating.celsius()).and(handling.after());
    }

    @Override
    public MethodKind kind() {
        return MethodKind.FREE_BENDING;
    }

    /** Without a carry and without a strap, whatever is changed. */
    @Override
    public FreeBending with(Handling other) {
        return new FreeBending(other.withCarrySeconds(0).withStrap(Optional.empty()), heating);
    }

    @Override
    public FreeBending with(Heating other) {
        return new FreeBending(handling, other);
    }

    /** Posts in place of a form. */
    @Override
    public List<Equipment> equipment() {
        List<Equipment> needed = new ArrayList<>(HotWood.super.equipment());
        needed.remove(Equipment.FORM);
        needed.add(Equipment.POSTS);
        return needed;
    }

    @Override
    public boolean straps() {
        return false;
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
        return List.of(StageKind.SOAK, StageKind.STEAM_BAG, StageKind.FORM, StageKind.RACK);
    }

    /** The tightest place of the bend. */
    private Bend tightest(Blank blank, Bend bend) {
        double middle = atTheBend(blank).thicknessMm() / 2;
        double radius = (bend.innerRadiusMm() + middle) / TIGHTEST - middle;
        return new Bend(PhysicalBound.INNER_RADIUS_MM.nearest(radius), bend.angleDegrees());
    }

    /** The tightest place is asked. */
    @Override
    public Demand demandIn(SectionCondition condition, Blank blank, Bend bend, Physics physics) {
        return HotWood.super.demandIn(condition, blank, tightest(blank, bend), physics);
    }

    @Override
    public Optional<Demand> atBest(Blank blank, Bend bend) {
        return HotWood.super.atBest(blank, tightest(blank, bend));
    }

    @Override
    public Sheet sheet(Recipe recipe) {
        return HotWood.super.sheet(recipe).and(Sheet.Measure.TIGHTEST_RADIUS, tightest(recipe.blank(), recipe.bend()).innerRadiusMm());
    }

    /** What a search tries: as of a piece in a bag, without support. */
    static List<List<Recipe>> toTry(WantedPiece wanted, AtHand atHand, Species species) {
        return HotWoodSearch.toTry(wanted, atHand.unsupported(), species, 0, (handling, minutes) -> new FreeBending(handling,
                new Heating(StageKind.STEAM_BAG, minutes, FULL_HEAT_C)));
    }
}
