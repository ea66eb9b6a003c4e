package brachion.server.day;

import brachion.core.schedule.HandsTimes;
import brachion.core.schedule.WorkingHours;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;

/**
 * When a shop works, and how long its hands take; what nobody said is null.
 *
 * @param people         pairs of hands
 * @param days           days of the week on which it works, Monday 1 to Sunday 7, such as "12345"
 * @param opens          when work begins
 * @param closes         when it ends
 * @param layInMinutes   laying a piece in water or in the heat [min]
 * @param bendMinutes    from taking hold of it in the heat to the last clamp [min]
 * @param glueMinutes    spreading the glue and clamping [min]
 * @param takeOffMinutes taking it off the form or out of the clamps [min]
 * @param warmUpMinutes  until what heats is hot [min]
 */
@Embeddable
record HoursFields(
        @NotNull(message = PEOPLE) @Min(value = 1, message = PEOPLE) @Max(value = 50, message = PEOPLE) Integer people,
        @NotNull(message = DAYS) @Pattern(regexp = "(?=.)1?2?3?4?5?6?7?", message = DAYS) String days,
        @NotNull(message = "Say when work begins.") LocalTime opens,
        @NotNull(message = "Say when work ends.") LocalTime closes,
        @Column(name = "lay_in_minutes") @Min(value = 1, message = MINUTES) @Max(value = 240, message = MINUTES) Integer layInMinutes,
        @Min(value = 1, message = MINUTES) @Max(value = 240, message = MINUTES) Integer bendMinutes,
        @Min(value = 1, message = MINUTES) @Max(value = 240, message = MINUTES) Integer glueMinutes,
        @Min(value = 1, message = MINUTES) @Max(value = 240, message = MINUTES) Integer takeOffMinutes,
        @Min(value = 0, message = WARM_UP) @Max(value = 240, message = WARM_UP) Integer warmUpMinutes) {

    /** One pair of hands from Monday to Friday, eight to five. */
    static final HoursFields USUAL = new HoursFields(1, "12345", LocalTime.of(8, 0), LocalTime.of(17, 0), null, null, null, null, null);
    private static final String PEOPLE = "A shop has 1 to 50 pairs of hands.";
    private static final String DAYS = "Name at least one day of the week.";
    private static final String MINUTES = "That takes 1 to 240 minutes.";
    private static final String WARM_UP = "Warming up takes 0 to 240 minutes.";
    /** No run is looked at further than that. */
    static final int DAYS_AHEAD = 400;

    /**
     * Hours of work as minutes from a moment on, across changes of the clocks.
     *
     * @param hot how long somebody is there in any case, because something is in the heat [min]; 0 when nothing is. What heats has been
     *            warm since work began then
     */
    WorkingHours from(Instant moment, ZoneId zone, int hot) {
        List<WorkingHours.Hours> hours = new ArrayList<>();
        LocalDate first = LocalDate.ofInstant(moment, zone);
        for (int day = 0; day < DAYS_AHEAD; day++) {
            LocalDate date = first.plusDays(day);
            int begins = minutes(moment, date.atTime(opens).atZone(zone));
            int ends = minutes(moment, date.atTime(closes).atZone(zone));
            if (days.contains(Integer.toString(date.getDayOfWeek().getValue())) && ends > Math.max(0, begins)) {
                hours.add(new WorkingHours.Hours(hot > 0 ? begins : Math.max(0, begins), ends));
            }
        }
        int next = hours.isEmpty() ? Integer.MAX_VALUE : hours.get(0).from();
        if (hot > 0 && next > 0) {
            hours.add(0, new WorkingHours.Hours(0, Math.min(hot, next)));
        }
        return new WorkingHours(hours);
    }

    /** How long a day of work is [min]. */
    int longestMinutes() {
        return (int) ChronoUnit.MINUTES.between(opens, closes);
    }

    /** When a day's work is over, in minutes from a moment on. */
    int closing(LocalDate day, Instant moment, ZoneId zone) {
        return minutes(moment, day.atTime(closes).atZone(zone));
    }

    private static int minutes(Instant from, ZonedDateTime to) {
        return (int) ChronoUnit.MINUTES.between(from, to.toInstant());
    }

    /** How long hands take, by what was said here, else by what was measured, else as is usual. */
    HandsTimes hands(HandsTimes measured) {
        return new HandsTimes(said(layInMinutes, measured.layIn()), said(bendMinutes, measured.bend()), said(glueMinutes, measured.glue()),
                said(takeOffMinutes, measured.takeOff()), said(warmUpMinutes, measured.warmUp()));
    }

    private static int said(Integer here, int otherwise) {
        return here == null ? otherwise : here;
    }
}
