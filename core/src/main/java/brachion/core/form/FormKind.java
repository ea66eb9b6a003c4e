package brachion.core.form;

/** What a piece is bent on. */
public enum FormKind {
    /** A body on the inner side of the tightest bend; clamps pull the piece against it. */
    ONE_SIDED,
    /** Two bodies, one on each side; clamps press them together. */
    PRESS,
    /** Ribs alike, standing side by side on a baseboard; a wide piece lies over them. */
    RIBS,
    /** Blocks in a row along the inner side of the tightest bend, screwed to a board. */
    BLOCKS,
    /** A board with pegs on both sides of the piece. */
    PEG_BOARD
}
