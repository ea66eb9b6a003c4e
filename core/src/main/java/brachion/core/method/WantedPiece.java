package brachion.core.method;

import brachion.core.wood.Species;
import java.util.OptionalDouble;

/**
 * A finished piece that is wanted, however it is bent.
 *
 * @param bend        the curve
 * @param thicknessMm thickness of the finished piece [mm]
 * @param widthMm     its width [mm]
 */
public record WantedPiece(Bend bend, double thicknessMm, double widthMm) {

    private static final double GRAIN_RUN = 25;

    /** Good stock for it: clear, grain of 1 in 25, as wet as its seasoning usually is. */
    Blank goodStock(Species species, Seasoning seasoning, double stockThicknessMm) {
        return new Blank(species, seasoning, OptionalDouble.of(seasoning.meanMoisturePercent()), GrowthRings.UNKNOWN,
                OptionalDouble.of(GRAIN_RUN), Knots.CLEAR, stockThicknessMm, widthMm);
    }
}
