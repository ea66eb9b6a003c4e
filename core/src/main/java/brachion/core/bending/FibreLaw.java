package brachion.core.bending;

import brachion.core.wood.Species;

/**
 * Stress in a fibre against its strain along the grain: linear in tension; in compression linear up to crushing, then
 * nearly flat while the cell walls fold.
 *
 * <p>With softness S and m = min(M, 25) − 12 for moisture M [%]:
 * <pre>
 * E = E12·[(1 − S)(1 − 0.02 m) + 0.35 S]
 * f = f_c12·[(1 − S)(1 − 0.04 m) + 0.22 S]
 * </pre>
 * The moisture terms follow the common rule of 2 % stiffness and 4 % crushing strength a point of moisture; the soft
 * fractions 0.35 and 0.22 and the folding slope 0.0045 E are round numbers chosen by us; how far off the 0.22 may be is
 * said by {@link brachion.core.physics.Unsure#CRUSHING}.
 *
 * @param stiffnessMpa E, modulus of elasticity [MPa]
 * @param crushingMpa  f, stress at which the fibre begins to fold [MPa]
 */
record FibreLaw(double stiffnessMpa, double crushingMpa) {

    private static final double SOFT_STIFFNESS = 0.35;
    private static final double FOLDING_SLOPE = 0.0045;
    private static final double REFERENCE_MOISTURE_PERCENT = 12;
    /** Above this moisture [%] the cell walls are full and more water changes nothing. */
    private static final double SATURATION_PERCENT = 25;

    /** @param softCrushing crushing stress of thoroughly softened wood over that of dry wood, usually 0.22 */
    static FibreLaw of(Species species, double softness, double moisturePercent, double softCrushing) {
        double m = Math.min(moisturePercent, SATURATION_PERCENT) - REFERENCE_MOISTURE_PERCENT;
        return new FibreLaw(
                species.stiffnessMpa() * ((1 - softness) * (1 - 0.02 * m) + SOFT_STIFFNESS * softness),
                species.crushingStrengthMpa() * ((1 - softness) * (1 - 0.04 * m) + softCrushing * softness));
    }

    /** Stress [MPa], tension positive, at a strain, stretch positive. */
    double stressMpa(double strain) {
        double elastic = stiffnessMpa * strain;
        if (elastic >= -crushingMpa) {
            return elastic;
        }
        return -crushingMpa + FOLDING_SLOPE * (elastic + crushingMpa);
    }

    /** Slope of the stress over the strain [MPa]. */
    double tangentMpa(double strain) {
        return stiffnessMpa * strain >= -crushingMpa ? stiffnessMpa : FOLDING_SLOPE * stiffnessMpa;
    }
}
