package brachion.core.quantity;

/** Units of time a maker writes, with their size in seconds. */
public enum TimeUnit {
    /** Second. */
    SECOND(1),
    /** Minute. */
    MINUTE(60),
    /** Hour. */
    HOUR(3600),
    /** Day. */
    DAY(86_400),
    /** Week. */
    WEEK(604_800);

    private final double seconds;

    TimeUnit(double seconds) {
        this.seconds = seconds;
    }

    /** Size of one unit in s. */
    public double seconds() {
        return seconds;
    }
}
