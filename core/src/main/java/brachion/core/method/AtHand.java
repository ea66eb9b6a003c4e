package brachion.core.method;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.wood.Species;
import java.util.List;
import java.util.Optional;

/**
 * What there is to bend a piece with.
 *
 * @param species       woods
 * @param seasonings    how they were dried
 * @param thicknessesMm thicknesses solid stock may have [mm]; empty for that of the finished piece
 * @param supports      supports
 * @param soak          whether there is a trough to soak in
 * @param methods       ways to bend
 * @param pliesMm       thicknesses plies may have [mm]
 */
public record AtHand(List<Species> species, List<Seasoning> seasonings, List<Double> thicknessesMm, List<Support> supports,
                     boolean soak, List<MethodKind> methods, List<Double> pliesMm) {

    /** The same with nothing to hold the outer face. */
    AtHand unsupported() {
        return new AtHand(species, seasonings, thicknessesMm, List.of(Support.NONE), soak, methods, pliesMm);
    }

    /** What holds the outer face. */
    public enum Support {
        /** Nothing. */
        NONE,
        /** Webbing. */
        WEBBING,
        /** A steel strap with stops that sit hard. */
        STEEL;

        private static final double WEBBING_MM = 2.5;

        /** The strap it is, as wide as the piece [mm]. */
        Optional<Strap> strap(double widthMm) {
            return switch (this) {
                case NONE -> Optional.empty();
                case WEBBING -> Optional.of(new Strap(StrapMaterial.WEBBING, WEBBING_MM, widthMm, 0));
                case STEEL -> Optional.of(new Strap(StrapMaterial.STEEL, Change.STRAP_MM, widthMm, 0));
            };
        }
    }
}
