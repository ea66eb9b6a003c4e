package brachion.core.forecast;

/**
 * The questions over which workshops quarrel (common practice), each between two answers. Nothing is believed either way
 * before the first record.
 */
public enum Rule {
    /** Rings on edge bend best – rings flat against the form bend best. */
    RINGS,
    /** A soak helps beyond the water computed to get in – it does not. */
    SOAK,
    /** Softener in the soak helps – it does not. */
    SOFTENER,
    /** As green as possible – no greener than its moisture says. */
    GREEN,
    /** Webbing helps beyond the little it is computed to carry – it does not. */
    WEBBING,
    /** A strap does good on a gentle bend, too, beyond what it is computed to take up – only on a tight or dry one. */
    STRAP,
    /** A strap held against stops does better than a band alone, beyond what each is computed to take up – it does not. */
    END_STOPS,
    /** A bag does better than a box, beyond the heat that is computed – it does not. */
    BAG,
    /** Bark left on over the bend helps, beyond the face being the natural one – it does not. */
    BARK,
    /** Many thin plies hold together better than few thick ones, beyond the pull that is computed – they do not. */
    THIN_PLIES,
    /** A sheet of plastic or metal behind the plies helps – it does not. */
    BACKING_SHEET,
    /** Clamped from the middle outwards – from the tight end. */
    CLAMP_ORDER,
    /** Clamped as hard as the clamps will go – until the plies touch and a little glue comes out. */
    CLAMP_FORCE,
    /** Long steaming helps beyond the softness computed – it does not. */
    LONG_STEAM,
    /** Stock steamed at least 45 min an inch does better than computed – it does not. */
    THREE_QUARTERS_AN_INCH,
    /** Stock steamed at least an hour an inch does better than computed – it does not. */
    HOUR_AN_INCH,
    /** Stock steamed at least the fixed hour does better than computed – it does not. */
    FLAT_HOUR,
    /** Stock steamed two hours or more does better than computed – it does not. */
    TWO_HOURS,
    /** Hours on the form take springback away – make the form tighter, it comes back all the same. */
    HOLD,
    /** Steam left on after clamping takes springback away, beyond what is computed – it does not. */
    STEAM_LEFT_ON
}
