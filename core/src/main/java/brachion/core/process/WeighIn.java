package brachion.core.process;

/**
 * Moisture of a drying piece found by weighing or by meter. A scale tells the mass, and so the moisture only as well as
 * that of the start is known: if the piece began wetter than supposed, it is wetter now.
 *
 * @param days            days since drying began
 * @param moisturePercent mean moisture of the piece [%]; for a scale, if it began as wet as supposed
 * @param sdPercent       how far such a reading is usually off [% moisture]
 * @param byScale         whether it was weighed
 */
public record WeighIn(double days, double moisturePercent, double sdPercent, boolean byScale) {

    /** A moisture meter is usually within about a point and a half (common practice). */
    private static final double METER_SD_PERCENT = 1.5;
    /** A scale is good to a fifth of a point; how well the start is known is another matter (a round number chosen by us). */
    private static final double SCALE_SD_PERCENT = 0.2;
    private static final double WHOLE_PERCENT = 100;

    /** Refuses readings before drying began or without a spread. */
    public WeighIn {
        if (!(days >= 0) || !(moisturePercent >= 0) || !(sdPercent > 0)) {
            throw new IllegalArgumentException("A weigh-in needs a day since the start and a moisture, not day " + days
                    + " at " + moisturePercent + " %");
        }
    }

    /** A reading by meter. */
    public static WeighIn byMeter(double days, double moisturePercent) {
        return new WeighIn(days, moisturePercent, METER_SD_PERCENT, false);
    }

    /** A reading by scale. */
    public static WeighIn byScale(double days, double moisturePercent) {
        return new WeighIn(days, moisturePercent, SCALE_SD_PERCENT, true);
    }

    /** The moisture it tells if the piece began at another moisture than supposed [%]. */
    double moistureIfBegunAt(double startPercent, double supposedPercent) {
        return byScale ? (WHOLE_PERCENT + moisturePercent) * (WHOLE_PERCENT + startPercent)
                / (WHOLE_PERCENT + supposedPercent) - WHOLE_PERCENT : moisturePercent;
    }
}
