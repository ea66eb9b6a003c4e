package brachion.core.bending;

/** How the ends of a strap are held, which decides whether it can take any stretch off the wood. */
public enum StrapEnds {
    /** Against stops, fixed or set by a screw; the slack is the gap at the stops. */
    STOPS,
    /** Gripped with pliers or clamps; the slack is what slips, about a millimetre unless measured (common practice). */
    GRIPPED,
    /** Not held: the band only backs the face and keeps splinters down. */
    NOT_HELD
}
