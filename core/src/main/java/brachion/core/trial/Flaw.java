package brachion.core.trial;

import brachion.core.method.Blemish;
import brachion.core.method.FailureMode;
import brachion.core.method.Recipe;
import java.util.Optional;

/** What is seen when a bend goes wrong, and which failure mode it speaks of. */
public enum Flaw {
    /** Feathers or a crack on the outer face. */
    OUTER_SPLINTER(FailureMode.TENSION, false),
    /** Snapped through; under saw cuts, a web. */
    SNAP(FailureMode.TENSION, false),
    /** A crack started at an edge of the outer face. */
    EDGE_CRACK(FailureMode.TENSION, false),
    /** Crease or buckle on the inner face. */
    INNER_CREASE(FailureMode.COMPRESSION, false),
    /** Split along the grain; forecast of plates alone, because elsewhere nothing is stretched across the grain. */
    GRAIN_SPLIT(FailureMode.SPLIT, false),
    /** A gap between plies, or plies that came apart; the wood itself held. */
    GLUE_LINE_GAP(FailureMode.GLUE_LINE, true),
    /** A glue line with too little glue in it, or none; the wood itself held. */
    STARVED_GLUE(FailureMode.GLUE_LINE, true),
    /** Plies that slid out of line while the glue was wet. */
    PLIES_CREPT(Blemish.PLIES_CREPT),
    /** Glued to the form. */
    STUCK_TO_FORM(Blemish.STUCK_TO_FORM),
    /** Flats that show on the outer face between saw cuts. */
    FACETS(Blemish.FACETS),
    /** Torn out at the end of a saw cut; not forecast. */
    END_TEAR(null, false),
    /** Scorched on the pipe. */
    SCORCH(Blemish.SCORCH);

    private final FailureMode mode;
    private final Blemish blemish;
    private final boolean woodHeld;

    Flaw(FailureMode mode, boolean woodHeld) {
        this(mode, null, woodHeld);
    }

    /** What spoils a piece whose wood held. */
    Flaw(Blemish blemish) {
        this(null, blemish, true);
    }

    Flaw(FailureMode mode, Blemish blemish, boolean woodHeld) {
        this.mode = mode;
        this.blemish = blemish;
        this.woodHeld = woodHeld;
    }

    /** The failure mode it shows, if it is one that is forecast of a piece bent so. */
    public Optional<FailureMode> mode(Recipe recipe) {
        return Optional.ofNullable(mode).filter(shown -> recipe.method().family().fails(recipe, shown));
    }

    /** What spoils a piece that held, if it is that. */
    public Optional<Blemish> blemish() {
        return Optional.ofNullable(blemish);
    }

    /** Whether it shows a failure mode. */
    boolean shows(FailureMode other) {
        return mode == other;
    }

    /** Whether the wood was bent all the way and held, however bad the piece is. */
    boolean woodHeld() {
        return woodHeld;
    }
}
