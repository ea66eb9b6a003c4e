package brachion.core.method;

import static brachion.core.method.Covariate.indicator;

import brachion.core.bending.SpeciesCapacity;
import brachion.core.physics.Physics;
import brachion.core.physics.Unsure;
import java.util.List;

/**
 * What bears on a pressed plate, before any record: it tears along the grain's length as any hot wood does, or splits because it is
 * stretched across the grain.
 *
 * <p>Across the grain wood bears 1 % dry and 5 % as soft as steam makes it, linear in softness between (round numbers chosen by us).
 * It is asked the stretch of its middle and, at its outer face, half its thickness over the radius across.
 */
final class PressedPlateRisk {

    private static final double DRY_ACROSS = 0.01;
    private static final double SOFT_ACROSS = 0.05;
    private static final List<Unsure> UNSURE = List.of(Unsure.values());

    private PressedPlateRisk() {
    }

    static List<ModeRisk> modes() {
        List<Covariate> ofThePressing = List.of(
                // what is washed out of wood that lies in hot water leaves it brittle (common practice); by how much is chosen by us
                new Covariate(Term.WASHED_OUT, 0.4, 0.5, recipe -> indicator(plate(recipe).bag() == PressedPlate.Bag.OPEN)),
                Covariate.undecided(Term.FEWER_ROUNDS, recipe -> Math.log((double) PressedPlate.USUAL_ROUNDS / plate(recipe).rounds())));
        return List.of(ModeRisk.ofTheWood(FailureMode.TENSION, Covariate.ofStretchedWood(ofThePressing), UNSURE),
                ModeRisk.ofTheWood(FailureMode.SPLIT, (recipe, demand) -> acrossStrain(recipe),
                        (recipe, demand) -> acrossStrain(recipe) / acrossLimit(demand), Covariate.ofStretchedWood(ofThePressing), UNSURE));
    }

    static double acrossStrain(Recipe recipe) {
        PressedCurve across = plate(recipe).across();
        return across.stretch() + recipe.blank().thicknessMm() / (2 * across.radiusMm());
    }

    /** What wood in the condition of a demand bears across its grain. */
    static double acrossLimit(Demand demand) {
        double softness = demand.section().condition().meanSoftness();
        double full = SpeciesCapacity.of(demand.section().species(), Physics.USUAL).referenceSoftness();
        return DRY_ACROSS + (SOFT_ACROSS - DRY_ACROSS) * softness / full;
    }

    private static PressedPlate plate(Recipe recipe) {
        return (PressedPlate) recipe.method();
    }
}
