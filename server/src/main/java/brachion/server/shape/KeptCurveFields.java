package brachion.server.shape;

import brachion.core.quantity.PhysicalBound;
import brachion.server.recipe.Within;
import brachion.server.storage.Absent;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * A curve that is worth keeping.
 *
 * @param name        what it is called
 * @param chain       its straights and arcs
 * @param strapTurned whether the strap is turned over for bends to the other side; not where nobody says so
 * @param overhangMm  left over at each end to be held by and cut off [mm]; nobody need say
 */
record KeptCurveFields(@NotBlank(message = "Give the curve a name.") @Size(max = 80, message = "A name may be up to 80 characters long.") String name,
                       @NotNull(message = "The curve is needed.") @Valid ChainFields chain, Boolean strapTurned,
                       @Within(PhysicalBound.OVERHANG_MM) Double overhangMm) {

    /** A name is the same with blanks around it. */
    KeptCurveFields {
        strapTurned = strapTurned != null && strapTurned;
        name = Absent.given(name);
    }
}
