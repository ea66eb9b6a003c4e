package brachion.core.form;

/** What a piece is bent on. */
public enum FormKind {
    /** A body on the inner side of the tightest bend; clamps pull the piece against it. */
    ONE_SIDED,
    /** Two bodies, one on each side; clamps press them together. */
    PRESS,
    /** A board with pegs on both sides of the piece. */
    PEG_BOARD
}
