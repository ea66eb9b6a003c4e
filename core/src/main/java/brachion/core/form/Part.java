package brachion.core.form;

import brachion.core.shape.Trace;
import java.util.List;

/**
 * A part of a form, to be cut from a sheet.
 *
 * @param role    what it is for
 * @param outline its outline, closed
 * @param holes   round holes through it
 * @param layers  how many alike are laid on one another
 */
public record Part(Role role, Trace outline, List<Hole> holes, int layers) {

    /** What a part is for. */
    public enum Role {
        /** The body the piece lies against. */
        BODY,
        /** The half of a press on the inner side of the tightest bend. */
        INNER_HALF,
        /** The other half of a press. */
        OUTER_HALF,
        /** The board pegs stand in. */
        BOARD
    }
}
