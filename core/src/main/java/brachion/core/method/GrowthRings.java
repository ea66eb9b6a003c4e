package brachion.core.method;

/** How the growth rings lie at the bend. */
public enum GrowthRings {
    /** Rings stand on edge to the form ("quarter-sawn"). */
    ON_EDGE,
    /** Rings lie flat against the form. */
    FLAT,
    /** In between. */
    RIFT,
    /** Turning through the piece. */
    MIXED,
    /** Nobody looked. */
    UNKNOWN
}
