package brachion.core.form;

import brachion.core.shape.Place;
import brachion.core.shape.Trace;

/**
 * A round hole.
 *
 * @param use        what it is for
 * @param centre     its centre
 * @param diameterMm its diameter [mm]
 */
public record Hole(Use use, Place centre, double diameterMm) {

    /** What a hole is for. */
    public enum Use {
        /** The head of a clamp. */
        CLAMP,
        /** A pin that lines up the layers. */
        PIN,
        /** A peg the piece lies against. */
        PEG
    }

    /** Its edge. */
    public Trace trace() {
        return Trace.circle(centre, diameterMm / 2);
    }
}
