package brachion.core.method;

import brachion.core.quantity.PhysicalBound;
import brachion.core.wood.BendingRadii;

/**
 * The curve asked for.
 *
 * @param innerRadiusMm radius of the inner face [mm]
 * @param angleDegrees  angle through which the piece is bent [°]
 */
public record Bend(double innerRadiusMm, double angleDegrees) {

    /** Refuses curves no bench has seen. */
    public Bend {
        PhysicalBound.INNER_RADIUS_MM.require(innerRadiusMm);
        PhysicalBound.ANGLE_DEGREES.require(angleDegrees);
    }

    /** Length of the bend along the outer face [mm] of a piece so thick [mm]. */
    public double outerArcMm(double thicknessMm) {
        return Math.toRadians(angleDegrees) * (innerRadiusMm + thicknessMm);
    }

    /** Whether the published radii of a wood, taken in proportion to the thickness of the stock, allow the curve without a strap. */
    public boolean allowedUnsupported(Blank stock) {
        return innerRadiusMm / stock.thicknessMm() >= stock.species().radii().unsupportedMm() / BendingRadii.STOCK_THICKNESS_MM;
    }
}
