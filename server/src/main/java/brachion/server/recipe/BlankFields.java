package brachion.server.recipe;

import brachion.core.bending.Outline;
import brachion.core.method.Blank;
import brachion.core.method.GrowthRings;
import brachion.core.method.Knots;
import brachion.core.method.OuterFace;
import brachion.core.method.Seasoning;
import brachion.core.quantity.PhysicalBound;
import brachion.core.wood.Species;
import brachion.core.wood.SpeciesCatalogue;
import brachion.server.problem.RefusedFieldException;
import brachion.server.storage.Absent;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.NotNull;

/**
 * The stock.
 *
 * @param speciesId       key of the species
 * @param seasoning       how it was dried
 * @param moisturePercent measured moisture [%], null when nobody measured
 * @param growthRings     how the rings lie at the bend
 * @param grainRun        slope of grain as the run for a rise of one, null when nobody looked
 * @param knots           knots or wild grain in the bend
 * @param outerFace       how the stretched face was made, null for sawn
 * @param thicknessMm     thickness of the piece bent at once, of one ply in a lamination [mm]
 * @param widthMm         full width [mm]
 * @param outline         outline of the section, null for a rectangle
 */
@Embeddable
public record BlankFields(
        @NotNull(message = "Choose a species.") String speciesId,
        @NotNull(message = "Say how the stock was dried.") @Enumerated(EnumType.STRING) Seasoning seasoning,
        @Within(PhysicalBound.MOISTURE_PERCENT) Double moisturePercent,
        @NotNull(message = "Say how the rings lie, or that you do not know.") @Enumerated(EnumType.STRING)
        GrowthRings growthRings,
        @Within(PhysicalBound.GRAIN_RUN) Double grainRun,
        @NotNull(message = "Say whether there are knots in the bend.") @Enumerated(EnumType.STRING) Knots knots,
        @Enumerated(EnumType.STRING) OuterFace outerFace,
        @NotNull(message = "Thickness is needed.") @Within(PhysicalBound.THICKNESS_MM) Double thicknessMm,
        @NotNull(message = "Width is needed.") @Within(PhysicalBound.WIDTH_MM) Double widthMm,
        @Enumerated(EnumType.STRING) Outline outline) {

    /** A sawn face and a rectangle are what is left out; said or not, it is the same piece. */
    public BlankFields {
        outerFace = outerFace == OuterFace.SAWN ? null : outerFace;
        outline = outline == Outline.RECTANGLE ? null : outline;
    }

    /** A rectangular blank. */
    public BlankFields(String speciesId, Seasoning seasoning, Double moisturePercent, GrowthRings growthRings, Double grainRun,
                       Knots knots, OuterFace outerFace, Double thicknessMm, Double widthMm) {
        this(speciesId, seasoning, moisturePercent, growthRings, grainRun, knots, outerFace, thicknessMm, widthMm, null);
    }

    Blank toBlank(SpeciesCatalogue woods) {
        Species species = woods.find(speciesId).orElseThrow(
                () -> RefusedFieldException.unknownSpecies("recipe.blank.speciesId", speciesId));
        return new Blank(species, seasoning, Absent.known(moisturePercent), growthRings, Absent.known(grainRun), knots,
                outerFace == null ? OuterFace.SAWN : outerFace, thicknessMm, widthMm, outline == null ? Outline.RECTANGLE : outline);
    }

    static BlankFields of(Blank blank) {
        return new BlankFields(blank.species().id(), blank.seasoning(), Absent.orNull(blank.moisturePercent()), blank.growthRings(),
                Absent.orNull(blank.grainRun()), blank.knots(), blank.outerFace() == OuterFace.SAWN ? null : blank.outerFace(),
                blank.thicknessMm(), blank.widthMm(), blank.outline());
    }
}
