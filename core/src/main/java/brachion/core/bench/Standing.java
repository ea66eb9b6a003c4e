package brachion.core.bench;

import java.time.Instant;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How a piece stands at a moment.
 *
 * @param countsFrom   what the clock of its step counts from; empty when it counts nothing yet
 * @param due          when what it waits for is due; empty when that cannot be said
 * @param dueIs        what is due then
 * @param hotThrough   when a piece in the heat is hot through, its core within 3 °C of what heats it; empty when it is not heated,
 *                     or not within eight hours
 * @param planned      how long the step is to take as planned [s]; empty without a plan
 * @param wood         how the wood is, where it is followed
 */
public record Standing(Optional<Instant> countsFrom, Optional<Instant> due, Due dueIs, Optional<Instant> hotThrough, OptionalDouble planned, Optional<Wood> wood) {

    /** What can be due. */
    public enum Due {
        /** Nothing. */
        NOTHING,
        /** The soak as planned is over. */
        SOAKED,
        /** Soft enough: four fifths of the section are softer than 0.7. */
        SOFT,
        /** Hot through, and as soft as so dry a piece gets in hours of heat. */
        HOT,
        /** The outer face is half hard again. */
        OUTER_FACE_HARD,
        /** The carry as planned is over; the outer face never was soft enough to say when it is hard. */
        CARRIED,
        /** The hold as planned is over. */
        HELD,
        /** Dry: below 10 % on average. */
        DRY,
        /** The glue closes. */
        GLUE_CLOSES,
        /** The glue has set. */
        GLUE_SET
    }

    /**
     * The wood at that moment, by the same computation as the forecast.
     *
     * @param coreC             temperature of the core [°C]
     * @param moisturePercent   mean moisture [%]
     * @param softShare         share of the section that is softer than 0.7
     * @param outerSoftness     softness of the quarter under the outer face
     * @param bearsCarryS       how long it could be carried if it were pulled now [s], zero when it is not soft enough; empty when
     *                          it is not in the heat, or nothing comes of it within ten minutes
     */
    public record Wood(double coreC, double moisturePercent, double softShare, double outerSoftness, OptionalDouble bearsCarryS) {
    }
}
