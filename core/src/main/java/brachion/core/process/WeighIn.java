package brachion.core.process;

/**
 * Moisture of a drying piece found by weighing or by meter.
 *
 * @param days            days since drying began
 * @param moisturePercent mean moisture of the piece [%]
 * @param sdPercent       how far such a reading is usually off [% moisture]
 */
public record WeighIn(double days, double moisturePercent, double sdPercent) {

    /** A moisture meter is usually within about a point and a half (common practice). */
    public static final double METER_SD_PERCENT = 1.5;
    /** Weighing is limited by the assumed start, by about two thirds of a point (a round number chosen by us). */
    public static final double SCALE_SD_PERCENT = 0.7;

    /** Refuses readings before drying began or without a spread. */
    public WeighIn {
        if (!(days >= 0) || !(moisturePercent >= 0) || !(sdPercent > 0)) {
            throw new IllegalArgumentException("A weigh-in needs a day since the start and a moisture, not day " + days
                    + " at " + moisturePercent + " %");
        }
    }
}
