package brachion.core.method;

/** The ways a bend gives up that the model forecasts. */
public enum FailureMode {
    /** The outer face is stretched too far. */
    TENSION(true),
    /** The inner face is squeezed too far. */
    COMPRESSION(true),
    /** A plate is stretched too far across its grain. */
    SPLIT(true),
    /** The plies of a lamination open or come apart. */
    GLUE_LINE(false);

    private final boolean ofTheWood;

    FailureMode(boolean ofTheWood) {
        this.ofTheWood = ofTheWood;
    }

    /** Whether the wood itself gives, so that grain, softness and water bear on it. */
    public boolean ofTheWood() {
        return ofTheWood;
    }
}
