package brachion.core.bending;

import brachion.core.physics.Physics;
import brachion.core.wood.BendingRadii;
import brachion.core.wood.GrainSlope;
import brachion.core.wood.LigninSoftening;
import brachion.core.wood.Species;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/**
 * What a species can bear, from its published bending radii and its strength.
 *
 * <p>Soft limits are the strains that {@link BendSection} gives at the published radii of 25 mm stock, softened as at
 * 98 °C and 22 % moisture: the outer strain at the unsupported radius, and the inner strain at the supported radius
 * under a full-width steel strap of 1.0 mm without slack. Dry limits are MOR/E12 in tension and 0.015 in compression
 * (the latter a round number chosen by us). Between dry and soft the limit is linear in S/S0, with S that of the outer
 * quarter for tension and of the inner half for compression. Sloping grain lowers the tension limit.
 *
 * <p>Check: soft tension limit of white oak 0.0172, mahogany 0.0113, black walnut 0.0195.
 *
 * @param referenceSoftness S0
 * @param dry  limits of cold, dry wood
 * @param soft limits of thoroughly softened wood
 */
public record SpeciesCapacity(double referenceSoftness, StrainLimits dry, StrainLimits soft) {

    private static final double DRY_COMPRESSION_LIMIT = 0.015;
    private static final double REFERENCE_TEMPERATURE_C = 98;
    private static final double REFERENCE_MOISTURE_PERCENT = 22;
    private static final double REFERENCE_STRAP_MM = 1.0;
    /** Width and arc of the reference test pieces [mm]; neither changes the strains of a strap without slack. */
    private static final double REFERENCE_WIDTH_MM = 50;
    private static final double REFERENCE_ARC_MM = 1000;

    private static final Map<Asked, SpeciesCapacity> KNOWN = new ConcurrentHashMap<>();

    /** What a capacity depends on. */
    private record Asked(Species species, double softeningShiftC, double softCrushing) {
    }

    /** The capacity of a species by the usual constants; computed once, then remembered. */
    public static SpeciesCapacity of(Species species) {
        return of(species, Physics.USUAL);
    }

    /** The capacity of a species; what its published radii say of strains depends on the constants of softening and crushing. */
    public static SpeciesCapacity of(Species species, Physics physics) {
        return KNOWN.computeIfAbsent(new Asked(species, physics.softeningShiftC(), physics.softCrushing()),
                asked -> compute(species, physics));
    }

    private static SpeciesCapacity compute(Species species, Physics physics) {
        BendingRadii radii = species.radii();
        Strap strap = new Strap(StrapMaterial.STEEL, REFERENCE_STRAP_MM, REFERENCE_WIDTH_MM, 0);
        double stretch = reference(species, radii.unsupportedMm(), Optional.empty(), physics).outerStrain();
        double squeeze = -reference(species, radii.supportedMm(), Optional.of(strap), physics).innerStrain();
        double dryTension = species.bendingStrengthMpa() / species.stiffnessMpa();
        return new SpeciesCapacity(referenceSoftness(physics),
                new StrainLimits(dryTension, DRY_COMPRESSION_LIMIT),
                // softening never makes wood more brittle than it is dry, whatever an estimated radius would say
                new StrainLimits(Math.max(stretch, dryTension), Math.max(squeeze, DRY_COMPRESSION_LIMIT)));
    }

    /** Stock as soft as the published radii suppose: 98 °C and 22 % moisture throughout. */
    public static SectionCondition referenceCondition(Physics physics) {
        return SectionCondition.uniform(referenceSoftness(physics), REFERENCE_MOISTURE_PERCENT);
    }

    private static double referenceSoftness(Physics physics) {
        return LigninSoftening.softness(REFERENCE_TEMPERATURE_C, REFERENCE_MOISTURE_PERCENT, physics.softeningShiftC());
    }

    /** The straps of published tests were made for testing and held in full. */
    private static SectionState reference(Species species, double radiusMm, Optional<Strap> strap, Physics physics) {
        Physics firm = physics.withWholeStrap();
        return new BendSection(species, referenceCondition(physics), BendingRadii.STOCK_THICKNESS_MM, REFERENCE_WIDTH_MM,
                radiusMm, REFERENCE_ARC_MM, strap, firm).solve();
    }

    /**
     * Limits of a piece in a given condition.
     *
     * @param condition softness through the thickness
     * @param grainRun  slope of grain as the run for a rise of one
     */
    public StrainLimits limits(SectionCondition condition, double grainRun) {
        double tension = between(dry.tension(), soft.tension(), condition.outerQuarterSoftness());
        double compression = between(dry.compression(), soft.compression(), condition.innerHalfSoftness());
        return new StrainLimits(tension * GrainSlope.tensionFactor(grainRun), compression);
    }

    private double between(double dry, double soft, double softness) {
        return dry + (soft - dry) * softness / referenceSoftness;
    }
}
