package brachion.core.process;

import java.util.OptionalDouble;

/**
 * When things happen to a piece that is soaked, heated, carried, held on a form and dried. An empty time means "not
 * within the time looked at": eight hours of heat, ten minutes of carrying, a week on the form, half a year of drying.
 *
 * @param hotAfterS     seconds in the heat until the core is within 3 °C of the chamber
 * @param softAfterS    seconds in the heat until four fifths of the section are softer than 0.7
 * @param carryLimitS   seconds after the pull until the outer quarter has fallen below softness 0.5; zero when it never
 *                      was that soft
 * @param coldAfterS    seconds on the form until no part is more than 5 °C above the shop
 * @param below10AfterS seconds of drying, from the clamping on, until the mean moisture is below 10 %
 * @param below8AfterS  the same for 8 %
 * @param governedBy    what the softening waits for
 */
public record ProcessTimes(OptionalDouble hotAfterS, OptionalDouble softAfterS, OptionalDouble carryLimitS,
                           OptionalDouble coldAfterS, OptionalDouble below10AfterS, OptionalDouble below8AfterS,
                           Governor governedBy) {

    /** What the softening waits for. */
    public enum Governor {
        /** The piece is wet enough; it only has to get hot. */
        HEAT,
        /** It is hot long before it is wet enough. */
        WATER
    }
}
