package brachion.core.method;

/** What holds the plies of a lamination together. */
public enum Glue {
    /** Polyvinyl acetate, white or yellow. */
    PVA,
    /** Two-part epoxy. */
    EPOXY,
    /** Moisture-curing polyurethane. */
    POLYURETHANE,
    /** Urea-formaldehyde (plastic resin). */
    UREA_RESIN,
    /** Hide glue. */
    HIDE
}
