package brachion.core.risk;

import static brachion.core.risk.MethodRisk.indicator;

import brachion.core.bending.StrapMaterial;
import brachion.core.method.MethodKind;
import brachion.core.method.OuterFace;
import brachion.core.method.Recipe;
import brachion.core.method.Seasoning;
import brachion.core.method.SoakAdditive;
import brachion.core.method.SteamBox;
import brachion.core.physics.Unsure;
import java.util.List;

/**
 * Steamed solid stock: the outer face tears or the inner face creases. What computation already holds (moisture, heat,
 * strap) enters through D; what shops only argue about enters as a covariate that starts undecided.
 */
final class SteamRisk implements MethodRisk {

    /** Less slack than this at the stops closes by itself [mm]; chosen by us. */
    private static final double TIGHT_STOPS_MM = 0.5;
    private static final List<Unsure> UNSURE = List.of(Unsure.values());

    @Override
    public MethodKind kind() {
        return MethodKind.STEAM_BOX;
    }

    @Override
    public List<ModeRisk> modes() {
        List<Covariate> schools = List.of(
                Covariate.undecided(Term.SOFTENER, recipe -> indicator(soaked(recipe)
                        && steam(recipe).additive() == SoakAdditive.SOFTENER)),
                Covariate.undecided(Term.SOAKED, recipe -> indicator(soaked(recipe))),
                Covariate.undecided(Term.GREEN_STOCK,
                        recipe -> indicator(recipe.blank().seasoning() == Seasoning.GREEN)),
                Covariate.undecided(Term.WEBBING, recipe -> indicator(steam(recipe).strap()
                        .filter(strap -> strap.material() == StrapMaterial.WEBBING).isPresent())));
        Covariate[] stretched = {
            new Covariate(Term.RIVEN_FACE, -0.5, 0.5, recipe -> indicator(recipe.blank().outerFace() != OuterFace.SAWN)),
            new Covariate(Term.STRAP_SLACK, 0.7, 0.5, recipe -> indicator(steam(recipe).strap()
                    .filter(strap -> strap.endGapMm() > TIGHT_STOPS_MM).isPresent())),
            schools.get(0), schools.get(1), schools.get(2), schools.get(3)};
        return List.of(
                new ModeRisk(FailureMode.TENSION, (recipe, demand) -> demand.tensionRatio(), WOOD_SLOPE, WOOD_SLOPE_SD,
                        MethodRisk.ofTheWood(stretched), UNSURE),
                new ModeRisk(FailureMode.COMPRESSION, (recipe, demand) -> demand.compressionRatio(), WOOD_SLOPE,
                        WOOD_SLOPE_SD, MethodRisk.ofTheWood(schools.toArray(Covariate[]::new)), UNSURE));
    }

    private static boolean soaked(Recipe recipe) {
        return steam(recipe).soakHours() > 0;
    }

    private static SteamBox steam(Recipe recipe) {
        return (SteamBox) recipe.method();
    }
}
