package brachion.core.method;

import brachion.core.process.Shop;
import brachion.core.quantity.PhysicalBound;
import brachion.core.wood.Species;
import java.util.OptionalDouble;

/**
 * A finished piece that is wanted, however it is bent.
 *
 * @param bend        the curve
 * @param thicknessMm thickness of the finished piece [mm]
 * @param widthMm     its width [mm]
 * @param shop        where it is made
 * @param acrossRiseMm how far it rises across the grain, over its width [mm]; empty where it curves one way alone
 */
public record WantedPiece(Bend bend, double thicknessMm, double widthMm, Shop shop, OptionalDouble acrossRiseMm) {

    private static final double GRAIN_RUN = 25;

    /** Refuses a rise no plate can have. */
    public WantedPiece {
        acrossRiseMm.ifPresent(rise -> {
            PhysicalBound.RISE_ACROSS_MM.require(rise);
            PressedPlate.riseRefused(rise, widthMm).ifPresent(sentence -> {
                throw new IllegalArgumentException(sentence);
            });
        });
    }

    /** A piece that curves one way. */
    public WantedPiece(Bend bend, double thicknessMm, double widthMm, Shop shop) {
        this(bend, thicknessMm, widthMm, shop, OptionalDouble.empty());
    }

    /** The same made in an ordinary shop. */
    public WantedPiece(Bend bend, double thicknessMm, double widthMm) {
        this(bend, thicknessMm, widthMm, Shop.USUAL);
    }

    /** Whether it can be one piece of wood; what is glued of plies can be thicker. */
    boolean inOnePiece() {
        return PhysicalBound.THICKNESS_MM.holds(thicknessMm);
    }

    /** The piece made of a blank in some way. */
    Recipe by(Blank blank, Method method) {
        return new Recipe(blank, bend, method, Names.none(), shop);
    }

    /** Good stock for it: clear, grain of 1 in 25, as wet as its seasoning usually is. */
    Blank goodStock(Species species, Seasoning seasoning, double stockThicknessMm) {
        return new Blank(species, seasoning, OptionalDouble.of(seasoning.meanMoisturePercent()), GrowthRings.UNKNOWN,
                OptionalDouble.of(GRAIN_RUN), Knots.CLEAR, stockThicknessMm, widthMm);
    }
}
