package brachion.core.method;

import brachion.core.bending.Outline;
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
 * @param outerFace       how the face that is stretched was made
 * @param thicknessMm     thickness of the piece bent at once, for a lamination that of one ply [mm]
 * @param widthMm         full width [mm]
 * @param outline         how wide it is at each height
 */
public record Blank(Species species, Seasoning seasoning, OptionalDouble moisturePercent, GrowthRings growthRings,
                    OptionalDouble grainRun, Knots knots, OuterFace outerFace, double thicknessMm, double widthMm, Outline outline) {

    /** Refuses sizes and moistures no bench has seen. */
    public Blank {
        PhysicalBound.THICKNESS_MM.require(thicknessMm);
        PhysicalBound.WIDTH_MM.require(widthMm);
        moisturePercent.ifPresent(PhysicalBound.MOISTURE_PERCENT::require);
        grainRun.ifPresent(PhysicalBound.GRAIN_RUN::require);
    }

    /** A rectangular blank. */
    public Blank(Species species, Seasoning seasoning, OptionalDouble moisturePercent, GrowthRings growthRings,
                 OptionalDouble grainRun, Knots knots, OuterFace outerFace, double thicknessMm, double widthMm) {
        this(species, seasoning, moisturePercent, growthRings, grainRun, knots, outerFace, thicknessMm, widthMm, Outline.RECTANGLE);
    }

    /** A rectangular blank with a sawn outer face. */
    public Blank(Species species, Seasoning seasoning, OptionalDouble moisturePercent, GrowthRings growthRings,
                 OptionalDouble grainRun, Knots knots, double thicknessMm, double widthMm) {
        this(species, seasoning, moisturePercent, growthRings, grainRun, knots, OuterFace.SAWN, thicknessMm, widthMm);
    }

    /** The same blank with its moisture known. */
    public Blank withMoisturePercent(double known) {
        return new Blank(species, seasoning, OptionalDouble.of(known), growthRings, grainRun, knots, outerFace,
                thicknessMm, widthMm, outline);
    }

    /** The same blank with its slope of grain known. */
    public Blank withGrainRun(double known) {
        return new Blank(species, seasoning, moisturePercent, growthRings, OptionalDouble.of(known), knots, outerFace,
                thicknessMm, widthMm, outline);
    }

    /** The same stock milled to another thickness [mm]. */
    public Blank withThicknessMm(double other) {
        return new Blank(species, seasoning, moisturePercent, growthRings, grainRun, knots, outerFace, other, widthMm, outline);
    }

    /** The same stock of another width [mm]. */
    public Blank withWidthMm(double other) {
        return new Blank(species, seasoning, moisturePercent, growthRings, grainRun, knots, outerFace, thicknessMm, other, outline);
    }

    /** The same blank cut so that the rings lie another way. */
    public Blank withGrowthRings(GrowthRings other) {
        return new Blank(species, seasoning, moisturePercent, other, grainRun, knots, outerFace, thicknessMm, widthMm, outline);
    }

    /** The same blank with or without knots in the bend. */
    public Blank withKnots(Knots other) {
        return new Blank(species, seasoning, moisturePercent, growthRings, grainRun, other, outerFace, thicknessMm,
                widthMm, outline);
    }

    /** Other stock, dried another way, of the same shape. */
    public Blank withStock(Species otherSpecies, Seasoning otherSeasoning, OptionalDouble otherMoisturePercent) {
        return new Blank(otherSpecies, otherSeasoning, otherMoisturePercent, growthRings, grainRun, knots, outerFace,
                thicknessMm, widthMm, outline);
    }

    /** The same stock milled to another outline and thickness [mm]. */
    public Blank withOutline(Outline other, double otherThicknessMm) {
        return new Blank(species, seasoning, moisturePercent, growthRings, grainRun, knots, outerFace, otherThicknessMm, widthMm, other);
    }
}
