package brachion.core.form;

import brachion.core.quantity.PhysicalBound;

/**
 * What is wanted of a form, and what is at hand for it.
 *
 * @param kind         what it is
 * @param thicknessMm  thickness of the piece [mm]
 * @param widthMm      width of the piece [mm]
 * @param strapMm      thickness of the strap that lies on it [mm]; 0 for none
 * @param clampReachMm how far the clamps at hand open [mm]
 * @param clampHoleMm  holes the clamps' heads go into [mm]; 0 where the body is cut back instead
 * @param spacingMm    from clamp to clamp, or from peg to peg, along the piece [mm]
 * @param pegMm        thickness of pegs and of the pins that line up layers [mm]
 * @param alsoRack     whether the piece dries on it: a one-sided form then has air between its layers
 * @param sheet        what it is cut from
 */
public record FormWanted(FormKind kind, double thicknessMm, double widthMm, double strapMm, double clampReachMm, double clampHoleMm,
                         double spacingMm, double pegMm, boolean alsoRack, SheetGoods sheet) {

    /** A caul, and turning the screw (common practice) [mm]. */
    private static final double CAUL_MM = 20;
    /** Less than this bends under the clamps (common practice) [mm]. */
    static final double LEAST_DEPTH_MM = 40;
    private static final int NARROWEST_LAYERS = 3;
    /** More is only heavier [mm]. */
    private static final double MOST_DEPTH_MM = 160;

    /** Refuses what no bench has. */
    public FormWanted {
        PhysicalBound.THICKNESS_MM.require(thicknessMm);
        PhysicalBound.WIDTH_MM.require(widthMm);
        PhysicalBound.REACH_MM.require(clampReachMm);
        if (strapMm != 0) {
            PhysicalBound.STRAP_THICKNESS_MM.require(strapMm);
        }
        if (clampHoleMm != 0) {
            PhysicalBound.HOLE_MM.require(clampHoleMm);
        }
        PhysicalBound.SPACING_MM.require(spacingMm);
        PhysicalBound.PEG_MM.require(pegMm);
    }

    /** Layers of the sheet that back the piece all across. */
    int layers() {
        return (int) Math.ceil(widthMm / sheet.thicknessMm() - 1e-9);
    }

    /**
     * Layers with a gap as wide between each and the next, the outermost at or beyond the edges of the piece.
     *
     * @throws IllegalArgumentException when the piece is too narrow to lie on two of them
     */
    int layersWithAir() {
        if (layers() < NARROWEST_LAYERS) {
            throw new IllegalArgumentException("A piece so narrow does not lie on two layers with air between them; take thinner sheets, or ribs, blocks or pegs.");
        }
        return layers() / 2 + 1;
    }

    /** Clamps along a piece so long [mm], one at each end of it among them. */
    int clamps(double lengthMm) {
        return Math.max(1, (int) Math.floor(lengthMm / spacingMm)) + 1;
    }

    /**
     * How deep the body is behind its edge [mm], so that a clamp reaches across body, piece, strap and a caul.
     *
     * @throws IllegalArgumentException when the clamps do not open so far
     */
    double depthMm() {
        double left = clampReachMm - thicknessMm - strapMm - CAUL_MM;
        if (left < LEAST_DEPTH_MM) {
            throw new IllegalArgumentException("Clamps that open " + Math.round(clampReachMm) + " mm do not reach across a form " + Math.round(LEAST_DEPTH_MM)
                    + " mm deep, the piece and a caul; they have to open " + Math.round(LEAST_DEPTH_MM + thicknessMm + strapMm + CAUL_MM) + " mm.");
        }
        return Math.min(left, MOST_DEPTH_MM);
    }
}
