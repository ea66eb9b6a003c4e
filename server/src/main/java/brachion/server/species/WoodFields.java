package brachion.server.species;

import brachion.core.quantity.PhysicalBound;
import brachion.core.wood.BendingRadii;
import brachion.core.wood.Species;
import brachion.core.wood.WoodClass;
import brachion.core.wood.WoodFacts;
import brachion.core.wood.WoodWeight;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.Within;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * A wood of the shop's own, as far as somebody knows it. Missing figures are estimated.
 *
 * @param commonName           name at the yard
 * @param latinName            botanical name; may be empty
 * @param woodClass            broad class
 * @param basicSpecificGravity oven-dry mass over green volume, relative to water; null when the density is given
 * @param density12            density at 12 % moisture [kg/m³]; null when the basic specific gravity is given
 * @param bendingStrengthMpa   modulus of rupture at 12 % moisture [MPa], null when unknown
 * @param stiffnessMpa         modulus of elasticity at 12 % moisture [MPa], null when unknown
 * @param crushingStrengthMpa  compression strength parallel to grain at 12 % moisture [MPa], null when unknown
 * @param unbrokenPercent      share of pieces unbroken in a published bending test [%], null when unknown
 * @param unsupportedRadiusMm  smallest radius of steamed 25 mm stock without a strap [mm], null when unknown
 * @param supportedRadiusMm    the same with a strap and end stops [mm], null when unknown
 * @param source               where the figures come from; may be empty when just the weight is given
 */
@Embeddable
record WoodFields(
        @NotBlank(message = "Give the wood a name.") @Size(max = 80, message = "A name may be up to 80 characters long.")
        String commonName,
        @NotNull @Size(max = 120, message = "A botanical name may be up to 120 characters long.") String latinName,
        @NotNull(message = "Say what kind of wood it is.") @Enumerated(EnumType.STRING) WoodClass woodClass,
        @Within(PhysicalBound.SPECIFIC_GRAVITY) Double basicSpecificGravity,
        @Within(PhysicalBound.DENSITY_KG_M3) @Column(name = "density12") Double density12,
        @Within(PhysicalBound.BENDING_STRENGTH_MPA) Double bendingStrengthMpa,
        @Within(PhysicalBound.STIFFNESS_MPA) Double stiffnessMpa,
        @Within(PhysicalBound.CRUSHING_STRENGTH_MPA) Double crushingStrengthMpa,
        @Within(PhysicalBound.UNBROKEN_PERCENT) Double unbrokenPercent,
        @Within(PhysicalBound.INNER_RADIUS_MM) Double unsupportedRadiusMm,
        @Within(PhysicalBound.INNER_RADIUS_MM) Double supportedRadiusMm,
        @NotNull @Size(max = 400, message = "A source may be up to 400 characters long.") String source) {

    private static final String PUBLISHED = "published";

    WoodFields {
        commonName = commonName == null ? null : commonName.strip();
    }

    /** What is known of a published species, in the same form. */
    static WoodFields published(Species species) {
        BendingRadii radii = species.radii();
        return new WoodFields(species.commonName(), species.latinName(), species.woodClass(), species.basicSpecificGravity(),
                null, species.bendingStrengthMpa(), species.stiffnessMpa(), species.crushingStrengthMpa(),
                species.unbrokenPercent().isPresent() ? species.unbrokenPercent().getAsDouble() : null,
                radii.unsupportedEstimated() ? null : radii.unsupportedMm(),
                radii.supportedEstimated() ? null : radii.supportedMm(), PUBLISHED);
    }

    /** Refuses what contradicts itself or says too little, naming the field. */
    void requireSense() {
        if ((basicSpecificGravity == null) == (density12 == null)) {
            throw new RefusedFieldException("density12",
                    "Give the density at 12 % moisture or the basic specific gravity, one of the two.");
        }
        if (unsupportedRadiusMm != null && supportedRadiusMm != null && supportedRadiusMm > unsupportedRadiusMm) {
            throw new RefusedFieldException("supportedRadiusMm",
                    "A strap does not make a bend worse: this radius cannot be larger than the one without.");
        }
        if (woodClass == WoodClass.PANEL && (unsupportedRadiusMm != null || supportedRadiusMm != null)) {
            throw new RefusedFieldException(unsupportedRadiusMm != null ? "unsupportedRadiusMm" : "supportedRadiusMm",
                    "Plywood is not steamed to a radius: leave this empty.");
        }
        boolean figures = Stream.of(bendingStrengthMpa, stiffnessMpa, crushingStrengthMpa, unbrokenPercent,
                unsupportedRadiusMm, supportedRadiusMm).anyMatch(given -> given != null);
        if (figures && source.isBlank()) {
            throw new RefusedFieldException("source", "Say where these figures come from: a book and table, or your own bends.");
        }
    }

    WoodFacts facts(String id) {
        return new WoodFacts(id, commonName, latinName, woodClass,
                basicSpecificGravity != null ? basicSpecificGravity : WoodWeight.basicSpecificGravity(density12),
                known(bendingStrengthMpa), known(stiffnessMpa), known(crushingStrengthMpa), known(unbrokenPercent),
                known(unsupportedRadiusMm), known(supportedRadiusMm));
    }

    private static OptionalDouble known(Double figure) {
        return figure == null ? OptionalDouble.empty() : OptionalDouble.of(figure);
    }
}
