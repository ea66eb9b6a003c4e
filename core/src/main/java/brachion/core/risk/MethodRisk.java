package brachion.core.risk;

import brachion.core.method.GrowthRings;
import brachion.core.method.Knots;
import brachion.core.method.MethodKind;
import brachion.core.method.Recipe;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * What can go wrong in one way to bend, and what bears on it. A new method brings one such class; the fit and the
 * forecast need no other change.
 */
interface MethodRisk {

    /** Pieces scatter about 20 to 30 % in the strain at which they fail (common practice), so b is about 6. */
    double WOOD_SLOPE = 6;
    double WOOD_SLOPE_SD = 1.5;

    MethodKind kind();

    /** The ways it fails, each by itself. */
    List<ModeRisk> modes();

    /** What can go wrong in a method. */
    static MethodRisk of(MethodKind kind) {
        return switch (kind) {
            case STEAM_BOX -> new SteamRisk();
            case COLD_LAMINATION -> new LaminationRisk();
        };
    }

    /** Knots and how the growth rings lie bear on wood however it is bent. No school of rings is built in. */
    static List<Covariate> ofTheWood(Covariate... more) {
        List<Covariate> covariates = new ArrayList<>(List.of(
                new Covariate(Term.KNOTS, 1.2, 0.6, recipe -> indicator(recipe.blank().knots() == Knots.IN_BEND)),
                rings(Term.RINGS_ON_EDGE, GrowthRings.ON_EDGE), rings(Term.RINGS_FLAT, GrowthRings.FLAT),
                rings(Term.RINGS_RIFT, GrowthRings.RIFT), rings(Term.RINGS_MIXED, GrowthRings.MIXED)));
        covariates.addAll(Arrays.asList(more));
        return covariates;
    }

    private static Covariate rings(Term term, GrowthRings lie) {
        return Covariate.undecided(term, (Recipe recipe) -> indicator(recipe.blank().growthRings() == lie));
    }

    static double indicator(boolean holds) {
        return holds ? 1 : 0;
    }
}
