package brachion.core.method;

/** What spoils a piece although its wood and its glue have held. */
public enum Blemish {
    /** The face against a hot pipe goes brown. */
    SCORCH,
    /** Flats show on the outer face between saw cuts. */
    FACETS,
    /** Plies slide out of line while the glue is wet. */
    PLIES_CREPT,
    /** The piece is glued to its form. */
    STUCK_TO_FORM
}
