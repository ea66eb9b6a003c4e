package brachion.core.method;

import brachion.core.quantity.PhysicalBound;
import brachion.core.wood.Species;
import java.util.OptionalDouble;

/**
 * The stock before it is bent.
 *
 * @param species         the wood
 * @param seasoning       how it was dried
 * @param moisturePercent measured moisture content [%], empty when nobody measured
 * @param growthRings     how the rings lie at the bend
 * @param grainRun        slope of grain as the run for a rise of one, empty when nobody looked
 * @param knots           knots or wild grain
 * @param thicknessMm     thickness of the piece bent at once, for a lamination that of one ply [mm]
 * @param widthMm         width [mm]
 */
public record Blank(Species species, Seasoning seasoning, OptionalDouble moisturePercent, GrowthRings growthRings,
                    OptionalDouble grainRun, Knots knots, double thicknessMm, double widthMm) {

    /** Refuses sizes and moistures no bench has seen. */
    public Blank {
        PhysicalBound.THICKNESS_MM.require(thicknessMm);
        PhysicalBound.WIDTH_MM.require(widthMm);
        moisturePercent.ifPresent(PhysicalBound.MOISTURE_PERCENT::require);
        grainRun.ifPresent(PhysicalBound.GRAIN_RUN::require);
    }

    /** The same blank with its moisture known. */
    public Blank withMoisturePercent(double known) {
        return new Blank(species, seasoning, OptionalDouble.of(known), growthRings, grainRun, knots, thicknessMm,
                widthMm);
    }

    /** The same blank with its slope of grain known. */
    public Blank withGrainRun(double known) {
        return new Blank(species, seasoning, moisturePercent, growthRings, OptionalDouble.of(known), knots,
                thicknessMm, widthMm);
    }
}
