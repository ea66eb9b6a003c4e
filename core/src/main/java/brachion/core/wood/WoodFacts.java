package brachion.core.wood;

import java.util.OptionalDouble;

/**
 * What is known of a wood. Figures that nobody has are estimated: strength and stiffness from the weight
 * ({@link StrengthByWeight}), radii from the class of the wood and its percentage of unbroken pieces.
 *
 * @param id                   stable key
 * @param commonName           the name at the timber yard
 * @param latinName            botanical name; may be empty
 * @param woodClass            broad class
 * @param basicSpecificGravity oven-dry mass over green volume, relative to water
 * @param bendingStrengthMpa   modulus of rupture at 12 % moisture [MPa]
 * @param stiffnessMpa         modulus of elasticity at 12 % moisture [MPa]
 * @param crushingStrengthMpa  compression strength parallel to grain at 12 % moisture [MPa]
 * @param unbrokenPercent      share of pieces unbroken in a steam-bending test [%]
 * @param unsupportedMm        smallest radius of good steamed 25 mm stock without a strap [mm]
 * @param supportedMm          the same with a strap and end stops [mm]
 */
public record WoodFacts(String id, String commonName, String latinName, WoodClass woodClass, double basicSpecificGravity,
                        OptionalDouble bendingStrengthMpa, OptionalDouble stiffnessMpa,
                        OptionalDouble crushingStrengthMpa, OptionalDouble unbrokenPercent,
                        OptionalDouble unsupportedMm, OptionalDouble supportedMm) {

    Species complete(RadiusEstimate unsupported, RadiusEstimate supported) {
        StrengthByWeight byWeight = StrengthByWeight.of(woodClass);
        return new Species(id, commonName, latinName, woodClass, basicSpecificGravity,
                bendingStrengthMpa.orElseGet(() -> byWeight.bendingStrengthMpa(basicSpecificGravity)),
                stiffnessMpa.orElseGet(() -> byWeight.stiffnessMpa(basicSpecificGravity)),
                crushingStrengthMpa.orElseGet(() -> byWeight.crushingStrengthMpa(basicSpecificGravity)),
                unbrokenPercent, radii(unsupported, supported));
    }

    /** A strap never makes a bend worse, so an estimate may not say so, whichever of the two is estimated. */
    private BendingRadii radii(RadiusEstimate unsupported, RadiusEstimate supported) {
        BendingRadii start = woodClass.startingRadii();
        double unsupportedRadius = unsupportedMm.orElseGet(() -> Math.max(supportedMm.orElse(0),
                unsupported.radiusMm(start.unsupportedMm(), unbrokenPercent)));
        double supportedRadius = supportedMm.orElseGet(
                () -> Math.min(unsupportedRadius, supported.radiusMm(start.supportedMm(), unbrokenPercent)));
        return new BendingRadii(unsupportedRadius, unsupportedMm.isEmpty(), supportedRadius, supportedMm.isEmpty());
    }
}
