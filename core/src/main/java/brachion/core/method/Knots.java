package brachion.core.method;

/** Knots, wild or wavy grain, and where they lie. */
public enum Knots {
    /** None that matter. */
    CLEAR,
    /** Within the curve, where they decide. */
    IN_BEND
}
