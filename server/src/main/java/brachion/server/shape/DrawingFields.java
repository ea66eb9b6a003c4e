package brachion.server.shape;

import brachion.core.quantity.PhysicalBound;
import brachion.core.quantity.UnitSystem;
import brachion.server.paper.Paper;
import brachion.server.recipe.RecipeFields;
import brachion.server.recipe.Within;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * What is to be drawn at full size.
 *
 * @param recipe      the piece and the way it is bent
 * @param chain       its curve
 * @param strapTurned whether the strap is turned over for bends to the other side
 * @param overhangMm  left over at each end to be held by and cut off [mm]; none where nobody said
 * @param what        what of it
 * @param form        the form; only for a form
 * @param name        what the curve is called
 * @param units       what lengths are written in
 * @param paper       what a PDF is printed on
 */
record DrawingFields(@NotNull @Valid RecipeFields recipe, @NotNull @Valid ChainFields chain, boolean strapTurned, @Within(PhysicalBound.OVERHANG_MM) Double overhangMm,
                      @NotNull(message = "Say what is to be drawn.") What what, @Valid FormWantedFields form,
                      @Size(max = 80, message = "A name may be up to 80 characters long.") String name, @NotNull UnitSystem units, @NotNull Paper paper) {

    double overhang() {
        return overhangMm == null ? 0 : overhangMm;
    }

    /** What is drawn. */
    enum What {
        /** The piece as it is wanted. */
        PIECE,
        /** The piece as it lies on the form, before it opens. */
        ON_FORM,
        /** The form. */
        FORM
    }
}
