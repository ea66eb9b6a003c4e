package brachion.core.method;

import brachion.core.bending.SectionCondition;
import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.physics.Physics;
import brachion.core.physics.Unsure;
import brachion.core.process.Piece;
import brachion.core.process.Shop;
import brachion.core.process.Stage;
import brachion.core.process.StageKind;
import brachion.core.process.SteamingSchool;
import brachion.core.quantity.Measurement;
import brachion.core.quantity.PhysicalBound;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A way to bend solid wood that heat and water have softened: the outer face tears or the inner face creases. How soft each
 * depth is when it is bent comes from following heat and water through the stages before the bend. What computation holds
 * (moisture, heat, strap) enters the risk through D; what shops only argue about enters as a covariate that starts undecided.
 */
public interface HotWood extends Method {

    /** Hours on the form when nobody wrote them down; a day is common practice. */
    double USUAL_HOLD_H = 24;
    /** As hot as steam or boiling water gets it in most shops [°C]. */
    double FULL_HEAT_C = 98;

    /** Setting up and clamping [h]. */
    double SETTING_UP_H = 0.5;

    /** Time in steam, as a setting. */
    static Setting.Measured steamMinutes() {
        return new Setting.Measured("steamMinutes", "steam", Measurement.MINUTES, PhysicalBound.STEAM_MINUTES,
                Need.always("Steaming time is needed."));
    }

    /** Temperature in a steam bag, as a setting. */
    static Setting.Measured bagC() {
        return new Setting.Measured("bagC", "bag", Measurement.TEMPERATURE, PhysicalBound.BAG_C,
                Need.always("The temperature in the bag is needed.")).usually(FULL_HEAT_C, "98 °C");
    }

    /** What is done before and after the heat. */
    Handling handling();

    /** How it is heated. */
    Heating heating();

    /** The same way with another soak, carry, strap or hold. */
    HotWood with(Handling other);

    /** The same way heated otherwise. */
    HotWood with(Heating other);

    /** The same way on stock of another width [mm]. */
    default HotWood onStock(double widthMm) {
        return with(handling().withStrap(strap().map(band -> band.asWideAs(widthMm))));
    }

    /** The same way with a carry of another length [s]. */
    default HotWood carriedFor(double seconds) {
        return with(handling().withCarrySeconds(seconds));
    }

    /** The same way in another, even heat [°C]. */
    default HotWood heatedAt(double celsius) {
        return with(heating().at(celsius));
    }

    /** How the piece is thinned where it bends, if it is. */
    default Optional<Thinning> thinning() {
        return handling().thinning();
    }

    /** The stock where it bends: thinned there, or as it is. */
    default Blank atTheBend(Blank blank) {
        return thinning().map(thinned -> thinned.of(blank)).orElse(blank);
    }

    @Override
    default Map<String, String> refusals(double thicknessMm, Bend bend) {
        return thinning().map(thinned -> thinned.refusals(thicknessMm)).orElse(Map.of());
    }

    /** Where a piece is thinned for its bend, that is what gets thinner; the rest keeps its thickness. */
    @Override
    default Recipe thickened(Recipe recipe, Marks marks, double factor) {
        return thinning().map(thinned -> recipe.withMethod(with(handling().withThinning(Optional.of(thinned.withThicknessMm(
                Math.min(recipe.blank().thicknessMm(), PhysicalBound.THICKNESS_MM.nearest(thinned.thicknessMm() * factor))))))))
                .orElseGet(() -> Method.super.thickened(recipe, marks, factor));
    }

    /** The curve, and what is shaved off before it. */
    @Override
    default Sheet sheet(Recipe recipe) {
        double bent = atTheBend(recipe.blank()).thicknessMm();
        Sheet curve = Sheet.of(recipe, bent);
        return thinning().map(thinned -> curve.and(Sheet.Measure.THINNED_TO, bent).and(Sheet.Measure.THINNED_OVER, thinned.overMm())).orElse(curve);
    }

    /** Whether it can be bent under a strap. */
    default boolean straps() {
        return true;
    }

    /** What hotter heat is called as a change. */
    Change.Kind hotter();

    /** What longer heat is called as a change. */
    default Change.Kind longer() {
        return Change.Kind.STEAM_LONGER;
    }

    /** Longer than so many minutes nobody is told to heat. */
    default double longestAdvisedMinutes() {
        return 240;
    }

    /** As hot as it is worth being [°C]. */
    default double fullHeatC() {
        return FULL_HEAT_C;
    }

    /** Minutes it is heated on the form, after it has been bent. */
    default double hotOnFormMinutes() {
        return 0;
    }

    /** Hours under water beforehand. */
    default double soakHours() {
        return handling().soakHours();
    }

    /** What was in the water. */
    default SoakAdditive additive() {
        return handling().additive();
    }

    /** Seconds from the heat to fully clamped. */
    default double carrySeconds() {
        return handling().carrySeconds();
    }

    /** Hours on the form, empty when nobody wrote them down. */
    default OptionalDouble holdHours() {
        return handling().holdHours();
    }

    /** Hours on the form when nobody wrote them down. */
    default double usualHoldHours() {
        return USUAL_HOLD_H;
    }

    @Override
    default Optional<Strap> strap() {
        return handling().strap();
    }

    @Override
    default HotWood withBareFace() {
        return strap().isEmpty() ? this : with(handling().withStrap(Optional.empty()));
    }

    /** Minutes in steam; empty for a way that steams nothing. */
    default OptionalDouble minutesInSteam() {
        return heating().kind().ruledByThumb() ? OptionalDouble.of(heating().minutes()) : OptionalDouble.empty();
    }

    @Override
    default double hoursToRelease() {
        return soakHours() + (heating().minutes() + hotOnFormMinutes()) / 60 + usualHoldHours();
    }

    @Override
    default boolean roundStock() {
        return true;
    }

    /** What heats it. */
    Equipment heater();

    /** Half an hour to set up and to clamp, and whoever heats wood stays with it. */
    @Override
    default double attentionHours(Recipe recipe) {
        return SETTING_UP_H + (heating().minutes() + hotOnFormMinutes()) / 60;
    }

    @Override
    default List<Equipment> equipment() {
        List<Equipment> needed = new ArrayList<>();
        if (soakHours() > 0) {
            needed.add(Equipment.SOAKING_TROUGH);
        }
        needed.add(heater());
        if (strap().isPresent()) {
            needed.add(Equipment.STRAP);
        }
        needed.add(Equipment.FORM);
        return needed;
    }

    /** Heat goes no faster into wood in a bath than in steam, so the rules of steaming time bound both. */
    @Override
    default boolean quickerThanSchools(Blank blank) {
        double minutes = heating().minutes();
        return Arrays.stream(SteamingSchool.values()).allMatch(school -> minutes < school.minutes(blank.thicknessMm()));
    }

    /** Where water itself cannot be so hot. */
    @Override
    default List<Doubt> doubts(Recipe recipe, OptionalDouble rigC) {
        List<Doubt> doubts = new ArrayList<>();
        Doubt.above(doubts, Doubt.Kind.HOTTER_THAN_BOILING, heating().celsius(), recipe.shop().boilingC() + Doubt.THERMOMETER_C);
        return doubts;
    }

    /** What is done up to the moment of bending, in an ordinary shop. */
    default List<Stage> stages() {
        List<Stage> stages = new ArrayList<>(handling().soak());
        stages.add(heating().stage());
        stages.addAll(handling().carry());
        return stages;
    }

    private List<Stage> firstOnForm() {
        return hotOnFormMinutes() > 0 ? List.of(new Heating(StageKind.STEAM_ON, hotOnFormMinutes(), heating().celsius()).stage()) : List.of();
    }

    @Override
    default List<StageKind> stageKinds() {
        return List.of(StageKind.SOAK, heating().kind(), StageKind.CARRY, StageKind.FORM, StageKind.RACK);
    }

    @Override
    default OptionalDouble plannedMinutes(StageKind stage) {
        if (stage == heating().kind()) {
            return OptionalDouble.of(heating().minutes());
        }
        return switch (stage) {
            case SOAK -> OptionalDouble.of(soakHours() * 60);
            case CARRY -> OptionalDouble.of(carrySeconds() / 60);
            case FORM -> holdHours().isPresent() ? OptionalDouble.of(holdHours().getAsDouble() * 60) : OptionalDouble.empty();
            default -> OptionalDouble.empty();
        };
    }

    @Override
    default HotWood asDone(Done done) {
        Handling planned = handling();
        Handling soaked = done.minutes(StageKind.SOAK).map(minutes -> planned.withSoakHours(minutes / 60)).orElse(planned);
        Handling carried = done.minutes(StageKind.CARRY).map(minutes -> soaked.withCarrySeconds(minutes * 60)).orElse(soaked);
        Handling held = done.minutes(StageKind.FORM).map(minutes -> carried.withHoldHours(minutes / 60)).orElse(carried);
        Heating heated = done.minutes(heating().kind()).map(heating()::lasting).orElse(heating());
        return with(held).with(heated.recordedBy(done.probe()));
    }

    @Override
    default SectionCondition condition(Blank blank, Shop shop, Physics physics) {
        return SimulationCache.SHARED.condition(piece(atTheBend(blank), shop), stagesIn(shop), physics);
    }

    /**
     * A thinned piece is asked where it is thinned; where that ends within the bend its faces are asked more, the further the
     * thicker part reaches into the bend.
     */
    @Override
    default Demand demandIn(SectionCondition condition, Blank blank, Bend bend, Physics physics) {
        Demand there = Method.super.demandIn(condition, atTheBend(blank), bend, physics);
        double wholeCounts = thinning().map(thinned -> thinned.wholeCounts(blank, bend)).orElse(0.0);
        return wholeCounts > 0 ? there.passingInto(Method.super.demandIn(condition, blank, bend, physics), wholeCounts) : there;
    }

    /** Followed on a piece without edges, which costs a sixth and shifts a change of ln D little. */
    @Override
    default Sensitivity sensitivity(Blank blank, Bend bend, Shop shop) {
        Piece wide = piece(atTheBend(blank), shop).withoutEdges();
        List<Stage> stages = stagesIn(shop);
        Set<Unsure> unsure = Arrays.stream(Unsure.values()).filter(each -> strap().isPresent() || !each.ofStraps()).collect(Collectors.toCollection(() -> EnumSet.noneOf(Unsure.class)));
        return Sensitivity.of(unsure,
                physics -> demandIn(SimulationCache.SHARED.condition(wide, stages, physics), blank, bend, physics));
    }

    @Override
    default Springback springback(Blank blank, Bend bend, Shop shop, Demand demand) {
        double hold = holdHours().orElse(usualHoldHours());
        List<Stage> stages = stagesToRelease(shop, hold);
        double releaseMoisture = SimulationCache.SHARED.condition(piece(atTheBend(blank), shop), stages, Physics.USUAL).meanMoisturePercent();
        return new Springback(elasticShare(blank, bend, demand, releaseMoisture), Optional.of(hold), hotOnFormMinutes() / 60);
    }

    /** Of a bend that goes on where a thinned length has ended, each part opens for its share of the curve. */
    private double elasticShare(Blank blank, Bend bend, Demand demand, double releaseMoisture) {
        double beyond = thinning().map(thinned -> thinned.shareBeyond(blank, bend)).orElse(0.0);
        if (beyond == 0) {
            return demand.section().elasticShare(demand.state(), releaseMoisture);
        }
        SectionCondition condition = demand.section().condition();
        Demand thinned = Method.super.demandIn(condition, atTheBend(blank), bend, Physics.USUAL);
        Demand whole = Method.super.demandIn(condition, blank, bend, Physics.USUAL);
        return (1 - beyond) * thinned.section().elasticShare(thinned.state(), releaseMoisture)
                + beyond * whole.section().elasticShare(whole.state(), releaseMoisture);
    }

    @Override
    default List<Cure> cures(Recipe recipe) {
        return HotWoodAdvice.cures(this, recipe);
    }

    @Override
    default List<Change> changes(Recipe recipe, Marks marks) {
        return HotWoodAdvice.changes(this, recipe, marks);
    }

    /** As soft as steam makes it when it is wet enough. */
    @Override
    default Optional<Demand> atBest(Blank blank, Bend bend) {
        return Optional.of(Demand.softened(atTheBend(blank), bend, strap()));
    }

    /** What is done up to the moment it is let go after so many hours on the form [h], as it is in a shop. */
    default List<Stage> stagesToRelease(Shop shop, double formHours) {
        List<Stage> stages = new ArrayList<>(stagesIn(shop));
        firstOnForm().forEach(stage -> stages.add(stage.in(shop)));
        stages.add(Stage.unheated(StageKind.FORM, formHours * 3600, shop));
        return stages;
    }

    /** What is done up to the moment of bending, as it is in a shop. */
    default List<Stage> stagesIn(Shop shop) {
        return stages().stream().map(stage -> stage.in(shop)).toList();
    }

    /** The blank as the process finds it: its moisture known, as warm as the shop. */
    static Piece piece(Blank blank, Shop shop) {
        return new Piece(blank.species().basicSpecificGravity(), blank.thicknessMm(), blank.outline().heatedWidthMm(blank.widthMm()),
                Demand.known(blank.moisturePercent(), "moisture"), shop.celsius());
    }

    /** The ways hot wood fails, before any record. */
    static List<ModeRisk> failureModes() {
        return HotWoodRisk.modes();
    }

    @Override
    default void followTogether(Blank blank, Shop shop, List<? extends Method> alike) {
        SimulationCache.SHARED.prepare(piece(atTheBend(blank), shop), alike.stream().map(each -> ((HotWood) each).stagesIn(shop)).toList(), Physics.USUAL);
    }

    @Override
    default List<List<Recipe>> testStrips(Recipe like, TestMeans means) {
        return StripVariety.ofHotWood(this, like, means);
    }

    /** Whether its outer face lies under a strap of a material. */
    default boolean strappedWith(StrapMaterial material) {
        return strap().filter(strap -> strap.material() == material).isPresent();
    }
}
