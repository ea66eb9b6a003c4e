package brachion.core.method;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;

/**
 * Something beside demand over capacity that may move a risk, with what is believed of it before any record.
 *
 * @param term      what it is called
 * @param priorMean rise of the log odds of damage expected for x = 1
 * @param priorSd   how sure that is
 * @param value     x of a recipe in which everything is known
 */
public record Covariate(Term term, double priorMean, double priorSd, ToDoubleFunction<Recipe> value) {

    /** Nobody knows which way it goes: both ways are as likely, and the shop's own records decide. */
    public static Covariate undecided(Term term, ToDoubleFunction<Recipe> value) {
        return new Covariate(term, 0, 0.5, value);
    }

    /** Something that lies on the outer face and holds its splinters down; N(−0.3, 0.5²), chosen by us. */
    public static Covariate backing(Term term, ToDoubleFunction<Recipe> value) {
        return new Covariate(term, -0.3, 0.5, value);
    }

    /**
     * A stretched face is weaker at a knot by the section that is lost and the grain that slopes round it. Visual grading gives a bending
     * member with knots of a third of its face a strength ratio of about two thirds (ASTM D245, from memory), knots of a quarter to
     * a half four fifths to a half; ln D rises by that, with the slope expected.
     */
    private static final double STRENGTH_RATIO = 0.65;
    private static final double KNOTS_STRETCHED = -Math.log(STRENGTH_RATIO) * LimitLaw.SLOPE;
    private static final double KNOTS_STRETCHED_SD = 1;
    /** A squeezed face is disturbed less; chosen by us. */
    private static final double KNOTS_SQUEEZED = 1.2;
    private static final double KNOTS_SQUEEZED_SD = 0.6;

    /** What bears on a face that is stretched, however the wood is bent. */
    static List<Covariate> ofStretchedWood(List<Covariate> more) {
        return ofTheWood(KNOTS_STRETCHED, KNOTS_STRETCHED_SD, more);
    }

    /** What bears on a face that is squeezed. */
    static List<Covariate> ofSqueezedWood(List<Covariate> more) {
        return ofTheWood(KNOTS_SQUEEZED, KNOTS_SQUEEZED_SD, more);
    }

    /** Knots and how the growth rings lie. No school of rings is built in. */
    private static List<Covariate> ofTheWood(double knots, double knotsSd, List<Covariate> more) {
        List<Covariate> covariates = new ArrayList<>(List.of(
                new Covariate(Term.KNOTS, knots, knotsSd, recipe -> indicator(recipe.blank().knots() == Knots.IN_BEND)),
                rings(Term.RINGS_ON_EDGE, GrowthRings.ON_EDGE), rings(Term.RINGS_FLAT, GrowthRings.FLAT),
                rings(Term.RINGS_RIFT, GrowthRings.RIFT), rings(Term.RINGS_MIXED, GrowthRings.MIXED)));
        covariates.addAll(more);
        return covariates;
    }

    /** What may be better or worse about each way of a family than its physics say, beside the first of them. */
    static List<Covariate> beyondComputed(Family family) {
        List<Covariate> covariates = new ArrayList<>();
        for (MethodKind kind : MethodKind.values()) {
            kind.beyondComputed().filter(term -> kind.family() == family)
                    .ifPresent(term -> covariates.add(undecided(term, recipe -> indicator(recipe.method().kind() == kind))));
        }
        return covariates;
    }

    /** Plywood, beyond what its outer ply is computed to bear as solid wood. */
    static Covariate plywood(Predicate<Recipe> sawnIn) {
        return undecided(Term.PLYWOOD, recipe -> indicator(sawnIn.test(recipe)));
    }

    private static Covariate rings(Term term, GrowthRings lie) {
        return undecided(term, recipe -> indicator(recipe.blank().growthRings() == lie));
    }

    /** x of something that is there or not. */
    public static double indicator(boolean holds) {
        return holds ? 1 : 0;
    }
}
