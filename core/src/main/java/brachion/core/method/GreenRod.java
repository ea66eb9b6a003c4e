package brachion.core.method;

import brachion.core.bending.Outline;
import brachion.core.bending.SectionCondition;
import brachion.core.physics.Physics;
import brachion.core.process.Shop;
import brachion.core.process.StageKind;
import brachion.core.quantity.Measurement;
import brachion.core.quantity.PhysicalBound;
import brachion.core.wood.Species;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A green rod: riven or grown straight, its bark left on over the bend, thinned there to about two thirds and rounded, steamed
 * until sap bubbles, bent round a centre block on a peg board and pinned hole by hole, then tied until it is dry (common practice).
 *
 * @param handling    soak, carry and hold; never a strap
 * @param heating     time and temperature in the box
 * @param thinnedMm   thickness it is shaved to over the bend [mm]
 * @param thinnedOverMm length over which it is [mm]
 * @param shaped      outline it is shaved to there
 */
public record GreenRod(Handling handling, Heating heating, double thinnedMm, double thinnedOverMm, Outline shaped) implements HotWood {

    /** Pins stand so far apart [mm]; common practice is a hole each inch and a half. */
    private static final double PIN_EACH_MM = 38;
    /** What a search thins a rod to, and how much further than the bend. */
    private static final double USUALLY_THINNED = 2.0 / 3;
    private static final double HALF_A_BEND_BEYOND = 2;

    private static final Setting.Measured MINUTES = HotWood.steamMinutes();
    private static final Setting.Measured THINNED = new Setting.Measured("thinnedMm", "thinned to", Measurement.LENGTH, PhysicalBound.THICKNESS_MM,
            Need.always("Say how thick it is where it bends; its own thickness when it is not thinned."));
    private static final Setting.Measured OVER = new Setting.Measured("thinnedOverMm", "thinned over", Measurement.LENGTH, PhysicalBound.THINNED_OVER_MM,
            Need.always("Say over what length it is thinned."));
    private static final Setting.Chosen<Outline> SHAPED = new Setting.Chosen<>("shaped", "shaped at the bend", Outline.class,
            Optional.of(Outline.ROUND), Need.NEVER);
    /** What is set about it. */
    static final List<Setting<?>> SETTINGS = Handling.unstrapped(MINUTES, SteamBox.CHAMBER, Handling.CARRY, THINNED, OVER, SHAPED);

    /** Refuses settings no chamber has, and a strap, which a rod cannot lie under. */
    public GreenRod {
        PhysicalBound.STEAM_MINUTES.require(heating.minutes());
        PhysicalBound.CHAMBER_C.require(heating.celsius());
        PhysicalBound.THICKNESS_MM.require(thinnedMm);
        PhysicalBound.THINNED_OVER_MM.require(thinnedOverMm);
        if (handling.strap().isPresent()) {
            throw new IllegalArgumentException("A rod is bent round pins without a strap");
        }
    }

    /** As it is set. */
    static GreenRod of(Settings settings, double stockWidthMm) {
        return new GreenRod(Handling.of(settings, stockWidthMm),
                new Heating(StageKind.STEAM_BOX, settings.of(MINUTES), settings.of(SteamBox.CHAMBER)), settings.of(THINNED), settings.of(OVER),
                settings.of(SHAPED));
    }

    @Override
    public Settings settings() {
        return handling.before().with(MINUTES, heating.minutes()).with(SteamBox.CHAMBER, heating.celsius())
                .with(Handling.CARRY, carrySeconds()).with(THINNED, thinnedMm).with(OVER, thinnedOverMm).with(SHAPED, shaped)
                .and(handling.after());
    }

    @Override
    public MethodKind kind() {
        return MethodKind.GREEN_ROD;
    }

    /** Without a strap, whatever is changed. */
    @Override
    public GreenRod with(Handling other) {
        return new GreenRod(other.withStrap(Optional.empty()), heating, thinnedMm, thinnedOverMm, shaped);
    }

    @Override
    public GreenRod with(Heating other) {
        return new GreenRod(handling, other, thinnedMm, thinnedOverMm, shaped);
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

    /** The rod where it bends; of one that is thinned already, itself. */
    private Blank atTheBend(Blank blank) {
        return thinnedMm < blank.thicknessMm() ? blank.withOutline(shaped, thinnedMm) : blank;
    }

    @Override
    public SectionCondition condition(Blank blank, Shop shop, Physics physics) {
        return HotWood.super.condition(atTheBend(blank), shop, physics);
    }

    /** The bend is asked where it is thinned, and where that ends when it ends within the bend; the harder place counts. */
    @Override
    public Demand demandIn(SectionCondition condition, Blank blank, Bend bend, Physics physics) {
        Blank thinned = atTheBend(blank);
        Demand there = HotWood.super.demandIn(condition, thinned, bend, physics);
        if (thinnedOverMm >= bend.outerArcMm(thinned.thicknessMm()) || thinned.equals(blank)) {
            return there;
        }
        Demand whole = HotWood.super.demandIn(condition, blank, bend, physics);
        return whole.tensionRatio() > there.tensionRatio() ? whole : there;
    }

    @Override
    public Sensitivity sensitivity(Blank blank, Bend bend, Shop shop) {
        return HotWood.super.sensitivity(atTheBend(blank), bend, shop);
    }

    @Override
    public Springback springback(Blank blank, Bend bend, Shop shop, Demand demand) {
        return HotWood.super.springback(atTheBend(blank), bend, shop, demand);
    }

    @Override
    public Optional<Demand> atBest(Blank blank, Bend bend) {
        return HotWood.super.atBest(atTheBend(blank), bend);
    }

    @Override
    public void followTogether(Blank blank, Shop shop, List<? extends Method> alike) {
        HotWood.super.followTogether(atTheBend(blank), shop, alike);
    }

    @Override
    public Map<String, String> refusals(double thicknessMm, Bend bend) {
        Map<String, String> refused = new LinkedHashMap<>();
        if (thinnedMm > thicknessMm) {
            refused.put(THINNED.key(), String.format(Locale.ROOT, "It cannot be thicker at the bend than the rod, %.1f mm.", thicknessMm));
        }
        return refused;
    }

    /** It is the bend that is shaved thinner; the rod keeps its thickness. */
    @Override
    public Recipe thickened(Recipe recipe, Marks marks, double factor) {
        double thinner = Math.min(recipe.blank().thicknessMm(), PhysicalBound.THICKNESS_MM.nearest(thinnedMm * factor));
        return recipe.withMethod(new GreenRod(handling, heating, thinner, thinnedOverMm, shaped));
    }

    @Override
    public List<Change> changes(Recipe recipe, Marks marks) {
        List<Change> changes = new ArrayList<>(HotWood.super.changes(recipe, marks));
        changes.removeIf(change -> change.kind() == Change.Kind.THINNER);
        double thinner = marks.thicknessNoMoreThan(Math.min(thinnedMm, recipe.blank().thicknessMm()) - marks.thicknessMm());
        if (thinner > 2 * PhysicalBound.THICKNESS_MM.lowest()) {
            changes.add(new Change(Change.Kind.SHAVED_THINNER, thinner, 2, at -> at.withMethod(new GreenRod(((GreenRod) at.method()).handling(),
                    ((GreenRod) at.method()).heating(), thinner, thinnedOverMm, shaped))));
        }
        return changes;
    }

    /** Pins along the outer face, and the board between the legs that keeps them apart. */
    @Override
    public Sheet sheet(Recipe recipe) {
        double thickness = atTheBend(recipe.blank()).thicknessMm();
        return Sheet.of(recipe, thickness).and(Sheet.Measure.THINNED_TO, thickness).and(Sheet.Measure.THINNED_OVER, thinnedOverMm)
                .and(Sheet.Measure.CENTRE_BLOCK, 2 * recipe.bend().innerRadiusMm())
                .and(Sheet.Measure.PINS, Math.ceil(recipe.bend().outerArcMm(thickness) / PIN_EACH_MM) + 1);
    }

    /** What a search tries: thinned to two thirds and rounded, half a bend beyond the bend. */
    static List<List<Recipe>> toTry(WantedPiece wanted, AtHand atHand, Species species) {
        return HotWoodSearch.toTry(wanted, atHand.unsupported(), species, Handling.USUAL_CARRY_S, (handling, minutes) -> {
            double thinned = PhysicalBound.THICKNESS_MM.nearest(USUALLY_THINNED * wanted.thicknessMm());
            double over = PhysicalBound.THINNED_OVER_MM.nearest(HALF_A_BEND_BEYOND * wanted.bend().outerArcMm(thinned));
            return new GreenRod(new Handling(handling.soakHours(), handling.additive(), handling.carrySeconds(), Optional.empty(), OptionalDouble.empty()),
                    new Heating(StageKind.STEAM_BOX, minutes, FULL_HEAT_C), thinned, over, Outline.ROUND);
        });
    }
}
