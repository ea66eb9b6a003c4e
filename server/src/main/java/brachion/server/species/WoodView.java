package brachion.server.species;

import brachion.core.wood.BendingRadii;
import brachion.core.wood.OtherNames;
import brachion.core.wood.Species;
import brachion.core.wood.WoodWeight;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * A wood with its figures.
 *
 * @param id                   key that trials know it by
 * @param key                  key to change it by, null for a published species
 * @param version              state it was in when read, to be given back with a change; null for a published species
 * @param known                what is known of it; every figure missing there is estimated
 * @param otherNames           what else it is called
 * @param density12            density at 12 % moisture [kg/m³]
 * @param basicSpecificGravity oven-dry mass over green volume, relative to water
 * @param bendingStrengthMpa   modulus of rupture at 12 % moisture [MPa]
 * @param stiffnessMpa         modulus of elasticity at 12 % moisture [MPa]
 * @param crushingStrengthMpa  compression strength parallel to grain at 12 % moisture [MPa]
 * @param unsupportedRadiusMm  smallest radius of steamed 25 mm stock without a strap [mm]; null for a panel, which is not steamed
 * @param supportedRadiusMm    the same with a strap and end stops [mm]; null for a panel
 */
record WoodView(String id, @Schema(nullable = true) Long key, @Schema(nullable = true) Integer version, WoodFields known, List<String> otherNames,
                double density12, double basicSpecificGravity, double bendingStrengthMpa, double stiffnessMpa,
                double crushingStrengthMpa, @Schema(nullable = true) Double unsupportedRadiusMm,
                @Schema(nullable = true) Double supportedRadiusMm) {

    static WoodView published(Species species) {
        return of(species, null, null, WoodFields.published(species));
    }

    static WoodView own(Species species, WoodEntity stored) {
        return of(species, stored.id(), stored.version(), stored.wood());
    }

    private static WoodView of(Species species, Long key, Integer version, WoodFields known) {
        BendingRadii radii = species.radii();
        return new WoodView(species.id(), key, version, known, OtherNames.of(species), WoodWeight.density12(species.basicSpecificGravity()),
                species.basicSpecificGravity(), species.bendingStrengthMpa(), species.stiffnessMpa(),
                species.crushingStrengthMpa(), species.panel() ? null : radii.unsupportedMm(),
                species.panel() ? null : radii.supportedMm());
    }
}
