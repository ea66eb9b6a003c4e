package brachion.server.paper;

import jakarta.validation.Valid;
import jakarta.validation.constraints.AssertTrue;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * Days of work to be hung up in the shop, in the words of whoever asks for them.
 *
 * @param sheet what stands above them
 * @param days  each on a page of its own
 */
record DaySheetFields(@NotNull(message = "Say what stands on the sheet.") @Valid SheetFields sheet,
                      @NotNull @Size(min = 1, max = 62, message = "A sheet has 1 to 62 days.") List<@NotNull @Valid WorkDayFields> days) {

    private static final String MINUTES = "A day that is drawn lies within 48 hours from its midnight.";
    private static final int LAST_MINUTE = 48 * 60;

    /**
     * A day.
     *
     * @param heading which
     * @param work    what is done when, in order
     * @param goesOn  what goes on by itself when everybody has gone home
     * @param from    where its drawing begins, in minutes from midnight
     * @param to      where it ends
     * @param lanes   what is drawn
     */
    record WorkDayFields(@NotBlank @Size(max = 120) String heading, @NotNull @Size(max = 1200) List<@NotNull @Valid WorkFields> work,
                         @NotNull @Size(max = 10) List<@NotNull @Size(max = 40_000) String> goesOn, @NotNull @Min(value = 0, message = MINUTES) @Max(value = LAST_MINUTE, message = MINUTES) Integer from,
                         @NotNull @Min(value = 0, message = MINUTES) @Max(value = LAST_MINUTE, message = MINUTES) Integer to, @NotNull @Size(max = 60) List<@NotNull @Valid LaneFields> lanes) {

        @AssertTrue(message = "The drawing of a day ends after it begins.")
        boolean isDrawnForwards() {
            return from == null || to == null || from < to;
        }
    }

    /**
     * Something to be done.
     *
     * @param time when
     * @param what what
     */
    record WorkFields(@NotNull @Size(max = 20) String time, @NotNull @Size(max = 1000) String what) {
    }

    /**
     * What is drawn in a row.
     *
     * @param label whose it is: hands, a form
     * @param bars  what is on it when
     */
    record LaneFields(@NotNull @Size(max = 300) String label, @NotNull @Size(max = 400) List<@NotNull @Valid BarFields> bars) {
    }

    /**
     * A stretch of time.
     *
     * @param from its beginning, in minutes from midnight; what began before the drawing does may lie before it
     * @param to   its end
     * @param row  in which row of its lane it lies, from 0
     * @param name what is written in it where there is room
     * @param number what is written in it where there is just room for that
     */
    record BarFields(@NotNull Integer from, @NotNull Integer to, @NotNull @Min(0) @Max(60) Integer row, @NotNull @Size(max = 300) String name,
                     @NotNull @Size(max = 20) String number) {
    }
}
