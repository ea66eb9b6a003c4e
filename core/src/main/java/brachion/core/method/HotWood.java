package brachion.core.method;

import brachion.core.bending.BendSection;
import brachion.core.bending.SectionCondition;
import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.physics.Physics;
import brachion.core.physics.Unsure;
import brachion.core.process.Piece;
import brachion.core.process.Shop;
import brachion.core.process.Stage;
import brachion.core.process.StageKind;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * A way to bend solid wood that heat and water have softened: the outer face tears or the inner face creases. How soft each
 * depth is when it is bent comes from following heat and water through the stages before the bend. What computation holds
 * (moisture, heat, strap) enters the risk through D; what shops only argue about enters as a covariate that starts undecided.
 */
public interface HotWood extends Method {

    /** Hours on the form when nobody wrote them down; a day is common practice. */
    double USUAL_HOLD_H = 24;

    /** Hours under water beforehand. */
    double soakHours();

    /** What was in the water. */
    SoakAdditive additive();

    /** Seconds from the heat to fully clamped. */
    double carrySeconds();

    /** Hours on the form, empty when nobody wrote them down. */
    OptionalDouble holdHours();

    /** Minutes in steam; empty for a way that steams nothing. */
    OptionalDouble minutesInSteam();

    /** The same settings with another soak [h]. */
    HotWood withSoakHours(double hours);

    /** The same settings with a carry of another length [s]. */
    HotWood withCarrySeconds(double seconds);

    /** The same settings with another strap, or none. */
    HotWood withStrap(Optional<Strap> other);

    /** What is done up to the moment of bending, in an ordinary shop. */
    List<Stage> stages();

    /** What can be changed about how it is heated. */
    List<Change> changesOfHeat();

    @Override
    default SectionCondition condition(Blank blank, Shop shop, Physics physics) {
        return Followings.after(piece(blank, shop), stagesIn(shop), physics);
    }

    /** Followed on a piece without edges, which costs a sixth and shifts a change of ln D little. */
    @Override
    default Sensitivity sensitivity(Blank blank, Bend bend, Shop shop) {
        Piece wide = piece(blank, shop).withoutEdges();
        List<Stage> stages = stagesIn(shop);
        Set<Unsure> unsure = strap().isPresent() ? EnumSet.allOf(Unsure.class)
                : EnumSet.complementOf(EnumSet.of(Unsure.STRAP_SHARE));
        return Sensitivity.of(unsure,
                physics -> Demand.of(blank, bend, Followings.after(wide, stages, physics), strap(), physics));
    }

    @Override
    default Springback springback(Blank blank, Bend bend, Shop shop, Demand demand) {
        double hold = holdHours().orElse(USUAL_HOLD_H);
        List<Stage> stages = new ArrayList<>(stagesIn(shop));
        stages.add(Stage.unheated(StageKind.FORM, hold * 3600, shop));
        double releaseMoisture = Followings.after(piece(blank, shop), stages, Physics.USUAL).meanMoisturePercent();
        BendSection section = demand.section();
        return new Springback(section.elasticShare(demand.state(), releaseMoisture), Optional.of(hold));
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
        return Optional.of(Demand.softened(blank, bend, strap()));
    }

    /** What is done up to the moment of bending, as it is in a shop. */
    default List<Stage> stagesIn(Shop shop) {
        return stages().stream().map(stage -> stage.in(shop)).toList();
    }

    /** The blank as the process finds it: its moisture known, as warm as the shop. */
    static Piece piece(Blank blank, Shop shop) {
        return new Piece(blank.species().basicSpecificGravity(), blank.thicknessMm(), blank.widthMm(),
                Demand.known(blank.moisturePercent(), "moisture"), shop.celsius());
    }

    /** The ways hot wood fails, before any record. */
    static List<ModeRisk> failureModes() {
        return HotWoodRisk.modes();
    }

    /** The stages of a soak, none where there is none [h]. */
    static List<Stage> soak(double hours) {
        return hours > 0 ? List.of(Stage.unheated(StageKind.SOAK, hours * 3600, Shop.USUAL)) : List.of();
    }

    /** The stages of a carry, none where there is none [s]. */
    static List<Stage> carry(double seconds) {
        return seconds > 0 ? List.of(Stage.unheated(StageKind.CARRY, seconds, Shop.USUAL)) : List.of();
    }

    /** Whether its outer face lies under a strap of a material. */
    default boolean strappedWith(StrapMaterial material) {
        return strap().filter(strap -> strap.material() == material).isPresent();
    }
}
