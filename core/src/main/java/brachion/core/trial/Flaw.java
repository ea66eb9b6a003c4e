package brachion.core.trial;

import brachion.core.method.FailureMode;
import java.util.Optional;

/** What is seen when a bend goes wrong, and which failure mode it speaks of. */
public enum Flaw {
    /** Feathers or a crack on the outer face. */
    OUTER_SPLINTER(FailureMode.TENSION),
    /** Snapped through. */
    SNAP(FailureMode.TENSION),
    /** A crack started at an edge of the outer face. */
    EDGE_CRACK(FailureMode.TENSION),
    /** Crease or buckle on the inner face. */
    INNER_CREASE(FailureMode.COMPRESSION),
    /** Split along the grain; not forecast, because no strain along the grain decides it. */
    GRAIN_SPLIT(null),
    /** A gap between plies, or plies that came apart; the wood itself held. */
    GLUE_LINE_GAP(FailureMode.GLUE_LINE);

    private final FailureMode mode;

    Flaw(FailureMode mode) {
        this.mode = mode;
    }

    /** The failure mode it shows, if it is one the model forecasts. */
    public Optional<FailureMode> mode() {
        return Optional.ofNullable(mode);
    }
}
