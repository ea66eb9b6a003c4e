package brachion.server.rig;

import brachion.core.quantity.PhysicalBound;
import brachion.server.recipe.Within;
import jakarta.persistence.Embeddable;
import jakarta.validation.constraints.NotNull;

/**
 * A thing in the rig a piece is made with.
 *
 * @param itemId key of the thing
 * @param takes  how much of it: how many clamps, one of everything else
 */
@Embeddable
public record UsedFields(@NotNull(message = "Say with what it is made.") Long itemId, @NotNull @Within(PhysicalBound.PIECES) Integer takes) {

    /** A piece is made with so many things at most. */
    public static final int MOST = 20;
    /** What is said of more. */
    public static final String TOO_MANY = "A piece is made with up to " + MOST + " things.";
}
