package brachion.core.forecast;

/**
 * One term of the risk, in trade words.
 *
 * @param cause what it is
 * @param size  how much it adds to the log odds of damage, beyond a piece that stands exactly at its published radius
 */
public record Reason(Cause cause, double size) {

    /** What adds to the risk of a bend. */
    public enum Cause {
        /** The curve is tight for this thickness and support, even in soft straight wood. */
        CURVE,
        /** The wood is not as soft as heat and water can make it. */
        HARD_WOOD,
        /** The grain runs out through the face. */
        SLOPING_GRAIN,
        /** Knots or wild grain in the bend. */
        KNOTS
    }
}
