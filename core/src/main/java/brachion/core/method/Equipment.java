package brachion.core.method;

/** What a way of bending needs at the bench, beside the stock, a vice and the usual hand tools. */
public enum Equipment {
    /** A steam box with its source of steam. */
    STEAM_BOX,
    /** A sleeve of polythene with a source of steam. */
    STEAM_BAG,
    /** A trough of water kept near boiling. */
    HOT_TROUGH,
    /** A trough to soak in. */
    SOAKING_TROUGH,
    /** A pipe, heated from within. */
    HOT_PIPE,
    /** A strap with stops. */
    STRAP,
    /** A form, with clamps for it. */
    FORM,
    /** Posts or rollers, and blocks to stop it as it goes. */
    POSTS,
    /** A board with holes for pins, pins and a centre block. */
    PEG_BOARD,
    /** Clamps one beside the other, a release layer and glue. */
    GLUING,
    /** A table saw set to rip thin strips. */
    RIPPING,
    /** A saw with a fence and a pin for even cuts. */
    KERF_SAW,
    /** A strip to glue across the cuts. */
    BACKER,
    /** A flexible sheet over the outermost ply while it is clamped. */
    BACKING_SHEET,
    /** A former, and a frame that holds a plate at its edges over it. */
    PLATE_FRAME,
    /** Two sheets of thin metal to bolt a plate between. */
    METAL_SHEETS,
    /** A frame a plate dries in without being clamped hard. */
    DRYING_FRAME
}
