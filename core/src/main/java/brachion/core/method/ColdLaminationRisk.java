package brachion.core.method;

import static brachion.core.method.Covariate.indicator;

import brachion.core.wood.WoodClass;
import java.util.List;
import java.util.stream.Stream;

/**
 * Cold lamination: the ply against the form tears or creases, or the glue lines open.
 *
 * <p>Glue lines are pulled open by plies that want to straighten. Their D is ply thickness over radius against twice what
 * structural glued laminated timber is allowed: 1/100 in hardwood, 1/125 in softwood (National Design Specification for
 * Wood Construction, provisions for curved members; from memory). A code keeps clear of what fails: where one in twenty opens is
 * taken to be at twice its limit, and the risk rises with D more slowly than that of wood, for clamps and care decide, too:
 * b ~ N(2, 0.5²); both chosen by us so that what codes allow holds as surely as practice has it. Of plies with kerfs it is the one that is hardest to close; of plies that were
 * set to the curve before, only what they sprang back is left to hold.
 */
final class ColdLaminationRisk {

    private static final double GLUE_LEVEL_SD = 0.5;
    private static final double GLUE_SLOPE = 2;
    private static final double GLUE_SLOPE_SD = 0.5;
    /** Radius over the thickness of a hardwood ply that codes allow. */
    static final double HARDWOOD_RADIUS_TO_PLY = 100;
    private static final double SOFTWOOD_RADIUS_TO_PLY = 125;
    /** How far from what one in twenty opens at codes stay. */
    private static final double SAFETY = 2;
    /** As many plies as a stack commonly has. */
    private static final double USUAL_PLIES = 8;

    private ColdLaminationRisk() {
    }

    static List<ModeRisk> modes() {
        return List.of(
                ModeRisk.ofTheWood(FailureMode.TENSION, Covariate.ofStretchedWood(Covariate.beyondComputed(Family.COLD_PLIES)), List.of())
                        .with(Clamping.backingSheet()).with(Covariate.plywood(recipe -> recipe.blank().species().panel())),
                ModeRisk.ofTheWood(FailureMode.COMPRESSION, Covariate.ofSqueezedWood(Covariate.beyondComputed(Family.COLD_PLIES)), List.of()),
                glueLine());
    }

    /** Glue lines of plies, whether they were set to the curve before or not. */
    static ModeRisk glueLine() {
        List<Covariate> covariates = Stream.concat(Stream.of(
                glue(Term.GLUE_EPOXY, Glue.EPOXY), glue(Term.GLUE_POLYURETHANE, Glue.POLYURETHANE),
                glue(Term.GLUE_UREA_RESIN, Glue.UREA_RESIN), glue(Term.GLUE_HIDE, Glue.HIDE),
                Covariate.undecided(Term.MANY_PLIES, recipe -> Math.log(glued(recipe).plies() / USUAL_PLIES))), Clamping.covariates().stream()).toList();
        return new ModeRisk(FailureMode.GLUE_LINE, (recipe, demand) -> glued(recipe).pull(recipe, demand), ColdLaminationRisk::glueRatio,
                LimitLaw.LOGISTIC, GLUE_LEVEL_SD, GLUE_SLOPE, GLUE_SLOPE_SD, covariates, List.of(), GluedPlies.class::isInstance);
    }

    private static double glueRatio(Recipe recipe, Demand demand) {
        double allowed = recipe.blank().species().woodClass() == WoodClass.SOFTWOOD
                ? SOFTWOOD_RADIUS_TO_PLY : HARDWOOD_RADIUS_TO_PLY;
        return glued(recipe).pull(recipe, demand) * allowed / SAFETY;
    }

    private static Covariate glue(Term term, Glue kind) {
        return Covariate.undecided(term, recipe -> indicator(glued(recipe).glue() == kind));
    }

    private static GluedPlies glued(Recipe recipe) {
        return (GluedPlies) recipe.method();
    }
}
