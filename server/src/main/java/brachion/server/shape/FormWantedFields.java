package brachion.server.shape;

import brachion.core.bending.Strap;
import brachion.core.form.FormKind;
import brachion.core.form.FormWanted;
import brachion.core.form.SheetGoods;
import brachion.core.method.Recipe;
import brachion.core.quantity.PhysicalBound;
import brachion.server.recipe.Within;
import jakarta.validation.constraints.NotNull;

/**
 * What is wanted of a form and what is at hand for it.
 *
 * @param kind             what it is
 * @param sheetThicknessMm thickness of the sheet goods [mm]
 * @param sheetLengthMm    length of a sheet [mm]
 * @param sheetWidthMm     width of a sheet [mm]
 * @param sheetPrice       what one costs; nobody need say
 * @param clampReachMm     how far the clamps open [mm]
 * @param clampHoleMm      holes for their heads [mm]; none where the body is cut back
 * @param spacingMm        from clamp to clamp or from peg to peg [mm]
 * @param pegMm            thickness of pegs and pins [mm]
 * @param alsoRack         whether the piece dries on it; not where nobody said
 */
record FormWantedFields(
        @NotNull(message = "Choose a form.") FormKind kind,
        @NotNull(message = "The thickness of the sheet is needed.") @Within(PhysicalBound.SHEET_THICKNESS_MM) Double sheetThicknessMm,
        @NotNull(message = "The length of the sheet is needed.") @Within(PhysicalBound.SHEET_SIDE_MM) Double sheetLengthMm,
        @NotNull(message = "The width of the sheet is needed.") @Within(PhysicalBound.SHEET_SIDE_MM) Double sheetWidthMm,
        @Within(PhysicalBound.PRICE) Double sheetPrice,
        @NotNull(message = "Say how far the clamps open.") @Within(PhysicalBound.REACH_MM) Double clampReachMm,
        @Within(PhysicalBound.HOLE_MM) Double clampHoleMm,
        @NotNull(message = "The spacing is needed.") @Within(PhysicalBound.SPACING_MM) Double spacingMm,
        @NotNull(message = "The thickness of the pegs is needed.") @Within(PhysicalBound.PEG_MM) Double pegMm, Boolean alsoRack) {

    /** It as the core knows it, for the piece of a recipe. */
    FormWanted toWanted(Recipe recipe) {
        return new FormWanted(kind, recipe.method().finishedMm(recipe.blank().thicknessMm()), recipe.blank().widthMm(),
                recipe.method().strap().map(Strap::thicknessMm).orElse(0.0), clampReachMm, clampHoleMm == null ? 0 : clampHoleMm, spacingMm, pegMm, Boolean.TRUE.equals(alsoRack),
                new SheetGoods(sheetThicknessMm, sheetLengthMm, sheetWidthMm, sheetPrice == null ? 0 : sheetPrice));
    }
}
