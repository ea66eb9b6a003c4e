package brachion.core.method;

/** How the face that is stretched was made. */
public enum OuterFace {
    /** Sawn or planed, fibres cut where the grain wanders. */
    SAWN,
    /** Riven, so that no fibre is cut. */
    RIVEN,
    /** The natural face, bark left on or taken off clean. */
    BARK
}
