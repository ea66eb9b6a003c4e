package brachion.server.recipe;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.quantity.PhysicalBound;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.NotNull;

/**
 * A strap with end stops on the outer face, as wide as the piece.
 *
 * @param material    what it is made of
 * @param thicknessMm thickness of the band [mm]
 * @param endGapMm    slack between piece and stops, both ends together [mm]
 */
@Embeddable
public record StrapFields(
        @NotNull(message = "Say what the strap is made of.") @Enumerated(EnumType.STRING)
        @Column(name = "strap_material") StrapMaterial material,
        @NotNull(message = "The strap's thickness is needed.") @Within(PhysicalBound.STRAP_THICKNESS_MM)
        @Column(name = "strap_thickness_mm") Double thicknessMm,
        @NotNull(message = "Say how much slack the stops leave; 0 when they sit hard.")
        @Within(PhysicalBound.STRAP_END_GAP_MM) @Column(name = "strap_end_gap_mm") Double endGapMm) {

    Strap toStrap(double stockWidthMm) {
        return new Strap(material, thicknessMm, stockWidthMm, endGapMm);
    }
}
