package brachion.core.wood;

import java.util.OptionalDouble;

/**
 * A species of wood with the properties the computation needs. Sources stand at the head of {@code species.csv}.
 *
 * @param id                    stable key, such as {@code white-oak}
 * @param commonName            the name at the timber yard
 * @param latinName             botanical name
 * @param woodClass             broad class
 * @param basicSpecificGravity  oven-dry mass over green volume, relative to water
 * @param bendingStrengthMpa    modulus of rupture at 12 % moisture [MPa]
 * @param stiffnessMpa          modulus of elasticity at 12 % moisture [MPa]
 * @param crushingStrengthMpa   compression strength parallel to grain at 12 % moisture [MPa]
 * @param unbrokenPercent       published share of pieces unbroken in a steam-bending test [%], where known
 * @param radii                 published or estimated bending radii
 */
public record Species(String id, String commonName, String latinName, WoodClass woodClass,
                      double basicSpecificGravity, double bendingStrengthMpa, double stiffnessMpa,
                      double crushingStrengthMpa, OptionalDouble unbrokenPercent, BendingRadii radii) {

    /** Whether it is the same wood, whatever either is taken to bear: a shop may have put the figures of its own woods right since. */
    public boolean sameWood(Species other) {
        return id.equals(other.id);
    }

    /** Whether it is a board of crossed plies and its figures are those of the outer ply. */
    public boolean panel() {
        return woodClass == WoodClass.PANEL;
    }
}
