package brachion.core.form;

import brachion.core.shape.Trace;
import java.util.List;

/**
 * A part of a form, to be cut from a sheet.
 *
 * @param role    what it is for
 * @param outline its outline, closed
 * @param holes   round holes through it
 * @param layers  how many alike there are
 * @param marks   lines drawn on it: where something stands
 */
public record Part(Role role, Trace outline, List<Hole> holes, int layers, List<Trace> marks) {

    /** A part with nothing drawn on it. */
    Part(Role role, Trace outline, List<Hole> holes, int layers) {
        this(role, outline, holes, layers, List.of());
    }

    /** What a part is for. */
    public enum Role {
        /** The body the piece lies against. */
        BODY,
        /** The half of a press on the inner side of the tightest bend. */
        INNER_HALF,
        /** The other half of a press. */
        OUTER_HALF,
        /** A rib. */
        RIB,
        /** Keeps two layers apart, for air. */
        SPACER,
        /** A layer of a block. */
        BLOCK,
        /** The board pegs, ribs or blocks stand on. */
        BOARD
    }
}
