package brachion.core.forecast;

/**
 * Something nobody measured, and what measuring it would be worth.
 *
 * @param what     what to measure
 * @param widthNow width of the 80 % range of the odds now
 * @param widthThen what it would be on average, once measured
 */
public record MissingMeasurement(What what, double widthNow, double widthThen) {

    /** What can be measured on a blank. */
    public enum What {
        /** Moisture content, by meter or by weighing. */
        MOISTURE,
        /** Slope of grain, along a scribed line. */
        GRAIN_SLOPE
    }
}
