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
        /** The wood cooled and stiffened between the chamber and the clamps. */
        CARRY,
        /** The wood is too dry to soften, and steam had no time to wet it. */
        DRY_WOOD,
        /** The wood did not get hot enough, for want of temperature or time. */
        TOO_LITTLE_HEAT,
        /** The grain runs out through the face. */
        SLOPING_GRAIN,
        /** Knots or wild grain in the bend. */
        KNOTS
    }
}
