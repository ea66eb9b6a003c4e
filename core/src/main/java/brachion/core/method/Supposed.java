package brachion.core.method;

/** What nobody wrote down of a bend: it is supposed to have been as usual, and may have been otherwise. */
public enum Supposed {
    /** How the stock was dried. */
    SEASONING,
    /** How wide it is. */
    WIDTH,
    /** How far round it was bent. */
    ANGLE,
    /** How long it was carried from the heat to the form. */
    CARRY,
    /** How hot the heat was. */
    HEAT
}
