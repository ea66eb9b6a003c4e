package brachion.core.process;

import java.util.List;
import java.util.OptionalDouble;

/**
 * When a piece is dry.
 *
 * @param pace    how fast water moves beside what the properties of the wood say, 1 as computed
 * @param curve   mean moisture day by day
 * @param below10 days until the mean is below 10 %
 * @param below8  days until the mean is below 8 %
 */
public record DryingForecast(Band pace, List<DryingDay> curve, Passing below10, Passing below8) {

    /**
     * A value with the range it lies in eight times out of ten.
     *
     * @param low    lower end
     * @param middle median
     * @param high   upper end
     */
    public record Band(double low, double middle, double high) {
    }

    /**
     * @param days            since drying began
     * @param moisturePercent mean moisture of the piece then [%]
     */
    public record DryingDay(double days, Band moisturePercent) {
    }

    /**
     * Days until a moisture is passed; an end is missing when it may not come within half a year, as in air that does
     * not allow it.
     *
     * @param earliest one time in ten it is sooner
     * @param middle   as likely sooner as later
     * @param latest   one time in ten it is later
     */
    public record Passing(OptionalDouble earliest, OptionalDouble middle, OptionalDouble latest) {
    }
}
