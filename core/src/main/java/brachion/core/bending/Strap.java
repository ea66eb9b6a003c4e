package brachion.core.bending;

import brachion.core.quantity.PhysicalBound;

/**
 * A strap (back band) with end stops on the outer face.
 *
 * @param material    what it is made of
 * @param thicknessMm thickness of the band [mm]
 * @param widthMm     width of the band [mm]
 * @param endGapMm    slack between the ends of the piece and the stops, both ends together [mm]
 */
public record Strap(StrapMaterial material, double thicknessMm, double widthMm, double endGapMm) {

    /** Refuses impossible bands. */
    public Strap {
        PhysicalBound.STRAP_THICKNESS_MM.require(thicknessMm);
        PhysicalBound.WIDTH_MM.require(widthMm);
        PhysicalBound.STRAP_END_GAP_MM.require(endGapMm);
    }
}
