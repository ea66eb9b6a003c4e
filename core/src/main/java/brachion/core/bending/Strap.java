package brachion.core.bending;

import brachion.core.quantity.PhysicalBound;

/**
 * A strap (back band) with end stops on the outer face.
 *
 * @param material    what it is made of
 * @param thicknessMm thickness of the band [mm]
 * @param widthMm     width of the band [mm]
 * @param endGapMm    slack between the ends of the piece and the stops of the strap, or what slips, both ends together [mm]
 * @param covered     share of its width that is band, where it is bands with gaps between
 * @param ends        how its ends are held
 */
public record Strap(StrapMaterial material, double thicknessMm, double widthMm, double endGapMm, double covered, StrapEnds ends) {

    /** Refuses impossible bands. */
    public Strap {
        PhysicalBound.STRAP_THICKNESS_MM.require(thicknessMm);
        PhysicalBound.WIDTH_MM.require(widthMm);
        PhysicalBound.STRAP_END_GAP_MM.require(endGapMm);
        PhysicalBound.COVERED_PERCENT.require(covered * 100);
    }

    /** One whole band against stops. */
    public Strap(StrapMaterial material, double thicknessMm, double widthMm, double endGapMm) {
        this(material, thicknessMm, widthMm, endGapMm, 1, StrapEnds.STOPS);
    }

    /** The same band with its ends held against hard stops. */
    public Strap againstHardStops() {
        return new Strap(material, thicknessMm, widthMm, 0, covered, StrapEnds.STOPS);
    }

    /** The same band on stock of another width [mm]. */
    public Strap asWideAs(double otherWidthMm) {
        return new Strap(material, thicknessMm, otherWidthMm, endGapMm, covered, ends);
    }

    /** Whether it can take stretch off the wood. */
    public boolean held() {
        return ends != StrapEnds.NOT_HELD;
    }

    /** Thickness of a whole band as wide as a piece [mm] that would be as stiff [mm]; none where its ends are not held. */
    double workingMm(double pieceWidthMm) {
        return held() ? thicknessMm * covered * Math.min(1, widthMm / pieceWidthMm) : 0;
    }
}
