package brachion.core.schedule;

/**
 * How long hands are at it [min]. What nobody measured is common practice in round numbers.
 *
 * @param layIn   laying a piece in water or in the heat
 * @param bend    from taking hold of it in the heat to the last clamp
 * @param glue    spreading the glue and clamping
 * @param takeOff taking it off the form or out of the clamps
 * @param warmUp  until what heats is hot, at the beginning of hours of work
 */
public record HandsTimes(int layIn, int bend, int glue, int takeOff, int warmUp) {

    /** As nobody measured it. */
    public static final HandsTimes USUAL = new HandsTimes(3, 10, 25, 5, 30);
    private static final int MOST = 8 * 60;

    /** Refuses times no work takes. */
    public HandsTimes {
        if (layIn < 1 || bend < 1 || glue < 1 || takeOff < 1 || warmUp < 0 || Math.max(Math.max(layIn, bend), Math.max(glue, Math.max(takeOff, warmUp))) > MOST) {
            throw new IllegalArgumentException("Hands are at it for 1 to " + MOST + " min; not " + layIn + ", " + bend + ", " + glue + ", " + takeOff + " after " + warmUp);
        }
    }
}
