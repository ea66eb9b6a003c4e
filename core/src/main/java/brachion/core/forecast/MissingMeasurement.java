package brachion.core.forecast;

/**
 * Something nobody measured, of the blank or of the shop, and what measuring it would be worth.
 *
 * @param what     what to measure
 * @param widthNow width of the 80 % range of the odds now
 * @param widthThen what it would be on average, once measured
 */
public record MissingMeasurement(What what, double widthNow, double widthThen) {

    /** What can be measured. */
    public enum What {
        /** Moisture content, by meter or by weighing. */
        MOISTURE,
        /** Slope of grain, along a scribed line. */
        GRAIN_SLOPE,
        /** How hot the steam is where the stock lies: a second thermometer there. */
        BOX_HEAT,
        /** How fast the chamber heats stock: a probe in the core of a piece, or two trials of unlike length. */
        STEAM_HEAT,
        /** How fast stock takes up water: a piece weighed before and after its soak or steam. */
        WATER_UPTAKE,
        /** How wet steam makes stock: a piece weighed before and after a long steaming. */
        STEAM_MOISTURE
    }
}
