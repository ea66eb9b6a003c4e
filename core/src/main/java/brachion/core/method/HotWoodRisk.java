package brachion.core.method;

import static brachion.core.method.Covariate.indicator;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.physics.Unsure;
import java.util.ArrayList;
import java.util.List;

/** What bears on the two faces of hot wood, and on glue between plies that were steamed, before any record. */
final class HotWoodRisk {

    /** Less slack than this at the stops closes by itself [mm], more than that does not at all; in between, in part; chosen by us. */
    private static final double CLOSES_MM = 0.25;
    private static final double STAYS_MM = 0.75;
    /**
     * Under its bark a rod has no fibre cut, and the youngest wood of all outside, which breaks at a higher strain than that of older rings
     * (published of juvenile wood); hoop and basket makers bend such rods all day to radii that sawn stock does not bear (common practice).
     * By how much the log odds fall beyond those of a riven face is chosen by us to say what they know.
     */
    private static final double UNDER_BARK = -1.3;
    private static final List<Unsure> UNSURE = List.of(Unsure.values());

    private HotWoodRisk() {
    }

    static List<ModeRisk> modes() {
        List<Covariate> onBothFaces = new ArrayList<>(List.of(
                Covariate.undecided(Term.SOFTENER, recipe -> indicator(soaked(recipe)
                        && hot(recipe).additive() == SoakAdditive.SOFTENER)),
                Covariate.undecided(Term.SOAKED, recipe -> indicator(soaked(recipe))),
                Covariate.undecided(Term.GREEN_STOCK,
                        recipe -> indicator(recipe.blank().seasoning() == Seasoning.GREEN)),
                Covariate.undecided(Term.WEBBING, recipe -> indicator(hot(recipe).strappedWith(StrapMaterial.WEBBING)))));
        onBothFaces.addAll(Covariate.beyondComputed(Family.HOT_WOOD));
        List<Covariate> onOuterFace = new ArrayList<>(List.of(
                new Covariate(Term.RIVEN_FACE, -0.5, 0.5, recipe -> indicator(recipe.blank().outerFace() != OuterFace.SAWN)),
                new Covariate(Term.BARK, UNDER_BARK, 0.5, recipe -> indicator(recipe.blank().outerFace() == OuterFace.BARK)),
                new Covariate(Term.STRAP_SLACK, 0.7, 0.5, recipe -> hot(recipe).strap().map(HotWoodRisk::slack).orElse(0.0)),
                Covariate.backing(Term.BACKED, recipe -> indicator(hot(recipe).strap().filter(strap -> !strap.held()).isPresent()))));
        onOuterFace.addAll(onBothFaces);
        return List.of(ModeRisk.ofTheWood(FailureMode.TENSION, Covariate.ofStretchedWood(onOuterFace), UNSURE),
                ModeRisk.ofTheWood(FailureMode.COMPRESSION, Covariate.ofSqueezedWood(onBothFaces), UNSURE), ColdLaminationRisk.glueLine());
    }

    private static double slack(Strap strap) {
        return strap.held() ? Math.max(0, Math.min(1, (strap.endGapMm() - CLOSES_MM) / (STAYS_MM - CLOSES_MM))) : 0;
    }

    private static boolean soaked(Recipe recipe) {
        return hot(recipe).soakHours() > 0;
    }

    private static HotWood hot(Recipe recipe) {
        return (HotWood) recipe.method();
    }
}
