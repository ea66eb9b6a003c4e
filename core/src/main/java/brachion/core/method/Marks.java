package brachion.core.method;

import brachion.core.quantity.PhysicalBound;

/**
 * The marks a shop measures by: what is suggested lies on them.
 *
 * @param radiusMm    step of radii [mm]
 * @param thicknessMm step of thicknesses [mm]
 */
public record Marks(double radiusMm, double thicknessMm) {

    /** A length this share of a step past a mark is on it. */
    private static final double ROUNDING = 1e-6;

    /** Refuses steps that are none. */
    public Marks {
        if (!(radiusMm > 0) || !(thicknessMm > 0)) {
            throw new IllegalArgumentException("Marks must lie apart, not " + radiusMm + " and " + thicknessMm + " mm");
        }
    }

    /** The smallest radius on a mark that is no less than a radius [mm]. */
    public double radiusNoLessThan(double mm) {
        return Math.ceil(mm / radiusMm - ROUNDING) * radiusMm;
    }

    /** The largest thickness on a mark that is no more than a thickness [mm]; 0 below the first mark. */
    public double thicknessNoMoreThan(double mm) {
        return Math.floor(mm / thicknessMm + ROUNDING) * thicknessMm;
    }

    /** A recipe with its radius and its thickness so many times as large, on the nearest marks; a factor of 1 moves nothing. */
    public Recipe scaled(Recipe recipe, double radiusFactor, double thicknessFactor) {
        double radius = recipe.bend().innerRadiusMm();
        double thickness = recipe.blank().thicknessMm();
        Recipe bent = radiusFactor == 1 ? recipe
                : recipe.withInnerRadiusMm(PhysicalBound.INNER_RADIUS_MM.nearest(nearest(radius * radiusFactor, radiusMm)));
        return thicknessFactor == 1 ? bent : bent.withBlank(bent.blank().withThicknessMm(
                PhysicalBound.THICKNESS_MM.nearest(nearest(thickness * thicknessFactor, thicknessMm))));
    }

    private static double nearest(double mm, double step) {
        return Math.max(step, Math.rint(mm / step) * step);
    }
}
