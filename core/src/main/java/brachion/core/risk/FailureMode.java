package brachion.core.risk;

/** The ways a bend gives up that the model forecasts. */
public enum FailureMode {
    /** The outer face is stretched too far. */
    TENSION,
    /** The inner face is squeezed too far. */
    COMPRESSION,
    /** The plies of a lamination open or come apart. */
    GLUE_LINE
}
