package brachion.core.method;

import brachion.core.process.Shop;
import brachion.core.process.StageKind;
import brachion.core.quantity.PhysicalBound;
import brachion.core.wood.Species;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * Steam, then laminate: the plies are steamed, set on the form in the order they will be glued, dried there for a day or
 * more, then glued and clamped to the same form. They stay numbered, because each has its own radius (common practice).
 *
 * @param handling soak, carry, strap and hours on the form before gluing
 * @param heating  time and temperature in the box
 * @param glue     the adhesive
 * @param plies    number of plies
 * @param clamping how they are closed
 */
public record SteamedPlies(Handling handling, Heating heating, Glue glue, int plies, Clamping clamping) implements HotWood, GluedPlies {

    /** As dry as plies are glued [%]; below 12 (common practice). */
    private static final double GLUED_PERCENT = 12;

    private static final Setting.Measured MINUTES = HotWood.steamMinutes();
    private static final Setting.Measured CHAMBER = SteamBox.CHAMBER;
    /** What is set about it. */
    static final List<Setting<?>> SETTINGS = Stream.concat(Handling.settings(MINUTES, CHAMBER, Handling.CARRY, ColdLamination.GLUE, ColdLamination.PLIES).stream(),
            Clamping.SETTINGS.stream()).toList();

    /** Refuses what no chamber and no form takes. */
    public SteamedPlies {
        PhysicalBound.STEAM_MINUTES.require(heating.minutes());
        PhysicalBound.CHAMBER_C.require(heating.celsius());
        PhysicalBound.PLIES.require(plies);
    }

    /** With clamps nobody wrote anything down about. */
    public SteamedPlies(Handling handling, Heating heating, Glue glue, int plies) {
        this(handling, heating, glue, plies, Clamping.NOT_SAID);
    }

    /** As it is set. */
    static SteamedPlies of(Settings settings, double stockWidthMm) {
        return new SteamedPlies(Handling.of(settings, stockWidthMm),
                new Heating(StageKind.STEAM_BOX, settings.of(MINUTES), settings.of(CHAMBER)), settings.of(ColdLamination.GLUE),
                settings.of(ColdLamination.PLIES).intValue(), Clamping.of(settings));
    }

    @Override
    public Optional<Glue> gluedWith() {
        return Optional.of(glue);
    }

    @Override
    public Settings settings() {
        return handling.before().with(MINUTES, heating.minutes()).with(CHAMBER, heating.celsius())
                .with(Handling.CARRY, carrySeconds()).with(ColdLamination.GLUE, glue).with(ColdLamination.PLIES, (double) plies)
                .and(handling.after()).and(clamping.settings());
    }

    @Override
    public MethodKind kind() {
        return MethodKind.STEAMED_PLIES;
    }

    @Override
    public SteamedPlies with(Handling other) {
        return new SteamedPlies(other, heating, glue, plies, clamping);
    }

    @Override
    public SteamedPlies with(Heating other) {
        return new SteamedPlies(handling, other, glue, plies, clamping);
    }

    @Override
    public Equipment heater() {
        return Equipment.STEAM_BOX;
    }

    @Override
    public Change.Kind hotter() {
        return Change.Kind.HOTTER_CHAMBER;
    }

    /** Of plies that are set to the curve only what each would spring back is left to hold, let go as dry as they are glued. */
    @Override
    public double pull(Recipe recipe, Demand demand) {
        Springback set = new Springback(demand.section().elasticShare(demand.state(), GLUED_PERCENT), Optional.of(holdHours().orElse(usualHoldHours())));
        return GluedPlies.super.pull(recipe, demand) * -Math.expm1(-set.logOpening());
    }

    /**
     * Plies that would keep a curvature κ_p by themselves, forced to κ_f and glued, end at κ_f − (κ_f − κ_p)/n²: of what one
     * ply would lose, the glued whole loses 1/n² (n plies are n² times as stiff together as side by side).
     */
    @Override
    public Springback springback(Blank blank, Bend bend, Shop shop, Demand demand) {
        Springback ofOne = HotWood.super.springback(blank, bend, shop, demand);
        return new Springback(ofOne.elasticShare() / ((double) plies * plies), ofOne.holdHours(), ofOne.hotHours());
    }

    @Override
    public double hoursToRelease() {
        return HotWood.super.hoursToRelease() + Glue.CLAMPED_H;
    }

    @Override
    public boolean roundStock() {
        return false;
    }

    @Override
    public double finishedMm(double stockMm) {
        return stockMm * plies;
    }

    @Override
    public double attentionHours(Recipe recipe) {
        return HotWood.super.attentionHours(recipe) + ColdLamination.gluingHours(plies);
    }

    @Override
    public List<Equipment> equipment() {
        List<Equipment> needed = new ArrayList<>(HotWood.super.equipment());
        needed.add(0, Equipment.RIPPING);
        needed.add(Equipment.GLUING);
        return needed;
    }

    /** Thinner plies and more of them, where solid stock would be milled thinner. */
    @Override
    public List<Change> changes(Recipe recipe, Marks marks) {
        List<Change> changes = new ArrayList<>(HotWood.super.changes(recipe, marks));
        changes.removeIf(change -> change.kind() == Change.Kind.THINNER);
        changes.addAll(Change.morePlies(recipe, plies, (at, more) -> ((SteamedPlies) at).withPlies(more)));
        return changes;
    }

    @Override
    public List<Recipe> inOtherPlies(Recipe recipe) {
        return Layup.ofTheSameSection(recipe, plies, this::withPlies);
    }

    private SteamedPlies withPlies(int other) {
        return new SteamedPlies(handling, heating, glue, other, clamping);
    }

    @Override
    public Sheet sheet(Recipe recipe) {
        return GlueUp.of(recipe, glue, plies).sheet(recipe, plies);
    }

    @Override
    public List<Doubt> doubts(Recipe recipe, OptionalDouble rigC) {
        List<Doubt> doubts = HotWood.super.doubts(recipe, rigC);
        doubts.addAll(Doubt.ofTheGlue(GlueUp.of(recipe, glue, plies)));
        return doubts;
    }

    /** What a search tries: each ply at hand, as many as come nearest to the finished thickness, air-dried. */
    static List<List<Recipe>> toTry(WantedPiece wanted, AtHand atHand, Species species) {
        List<List<Recipe>> together = new ArrayList<>();
        for (Layup layup : Layup.ofPliesAtHand(wanted, atHand)) {
            Blank ply = wanted.goodStock(species, Seasoning.AIR_DRIED, layup.plyMm());
            Handling handling = new Handling(0, SoakAdditive.NONE, Handling.USUAL_CARRY_S, Optional.empty(), OptionalDouble.empty());
            together.add(HotWoodSearch.HEATS_MIN.stream().map(minutes -> wanted.by(ply, new SteamedPlies(handling,
                    new Heating(StageKind.STEAM_BOX, minutes, FULL_HEAT_C), Glue.PVA, layup.plies()))).toList());
        }
        return together;
    }
}
