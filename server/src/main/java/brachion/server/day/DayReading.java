package brachion.server.day;

import brachion.core.schedule.HandsTimes;
import brachion.server.day.ProposalReading.DayPieceView;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;

/**
 * The day as it stands.
 *
 * @param now          the server's clock
 * @param zone         the time zone of the shop
 * @param hoursVersion state the hours were in when read; give it back with a change
 * @param hours        when the shop works
 * @param hands        how long hands take, by what was said, measured or is usual
 * @param plan         the plan in force, null while there is none
 */
record DayReading(@NotNull Instant now, @NotNull String zone, @NotNull int hoursVersion, @NotNull HoursFields hours, @NotNull HandsTimes hands, DayPlanView plan) {

    /**
     * A plan that was taken.
     *
     * @param version state it was in when read; give it back with a change
     * @param madeAt  when it was made
     * @param pieces  pieces in it
     * @param slots   what is done to them when; what has begun by now is said by the bench
     */
    record DayPlanView(@NotNull int version, @NotNull Instant madeAt, @NotNull List<DayPieceView> pieces, @NotNull List<ProposalReading.DaySlotView> slots) {
    }
}
