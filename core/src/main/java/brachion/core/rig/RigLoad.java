package brachion.core.rig;

import brachion.core.process.Piece;
import brachion.core.quantity.PhysicalBound;
import brachion.core.wood.HeatProperties;

/**
 * What lies in the chamber: pieces side by side on dowels, perhaps in several layers.
 *
 * @param piece    one piece
 * @param lengthMm its length [mm]
 * @param across   pieces side by side
 * @param layers   layers one above the other
 */
public record RigLoad(Piece piece, double lengthMm, int across, int layers) {

    /**
     * Swelling across the grain for each point of moisture, tangential, of an ordinary hardwood (order of the
     * dimensional-change coefficients of the Wood Handbook FPL-GTR-282, ch. 13; rounded by us).
     */
    private static final double SWELLING_PER_PERCENT = 0.003;
    /** Wood takes up about this much in steam when it goes in dry; it does not swell further. */
    private static final double STEAM_PERCENT = 17;
    /** Thickness of the dowels the stock lies on [mm]; common practice. */
    static final double DOWEL_MM = 10;

    /** Refuses loads that are none. */
    public RigLoad {
        PhysicalBound.PIECE_LENGTH_MM.require(lengthMm);
        PhysicalBound.PIECES.require(across);
        PhysicalBound.PIECES.require(layers);
    }

    /** Heat to warm the load by one kelvin [J/K]. */
    double heatPerK() {
        double volume = piece.thicknessMm() * piece.widthMm() * lengthMm / 1e9 * across * layers;
        return volume * HeatProperties.volumetricHeatCapacity(piece.basicSpecificGravity(), 60, piece.moisturePercent());
    }

    /** How many times as wide a piece is when it comes out. */
    double swelling() {
        return 1 + SWELLING_PER_PERCENT * Math.max(0, STEAM_PERCENT - piece.moisturePercent());
    }

    /** Room left between neighbours and walls once swollen [mm]; negative when they do not fit. */
    public double gapAcrossMm(SteamRig rig) {
        return (rig.widthMm() - across * piece.widthMm() * swelling()) / (across + 1);
    }

    /** Room left above the top layer once swollen, each layer on its dowels [mm]; negative when they do not fit. */
    public double gapAboveMm(SteamRig rig) {
        return rig.heightMm() - layers * (piece.thicknessMm() * swelling() + DOWEL_MM);
    }

    /** Room left at the two ends together [mm]. */
    public double gapAlongMm(SteamRig rig) {
        return rig.lengthMm() - lengthMm;
    }
}
