package brachion.server.day;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.schedule.HandsTimes;
import brachion.core.schedule.WorkingHours.Hours;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.Test;

class HoursFieldsTest {

    private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");
    private static final int DAY = 24 * 60;

    private static HoursFields hours(String days) {
        return new HoursFields(1, days, LocalTime.of(8, 0), LocalTime.of(17, 0), null, 12, null, null, null);
    }

    private static List<Hours> from(String moment, String days, int hot) {
        return hours(days).from(Instant.parse(moment), ZONE, hot).hours();
    }

    /** On 25 October 2026 the clocks go back at three: from eight on Saturday to eight on Sunday 25 hours go by. */
    @Test
    void a_day_on_which_the_clocks_are_put_back_is_longer() {
        List<Hours> hours = from("2026-10-24T06:00:00Z", "67", 0);
        assertThat(hours.get(0)).isEqualTo(new Hours(0, 9 * 60));
        assertThat(hours.get(1)).isEqualTo(new Hours(25 * 60, 34 * 60));
    }

    /** On 28 March 2027 they go on at two. */
    @Test
    void a_day_on_which_they_are_put_on_is_shorter() {
        List<Hours> hours = from("2027-03-27T07:00:00Z", "67", 0);
        assertThat(hours.get(1).from() - hours.get(0).from()).isEqualTo(23 * 60);
    }

    @Test
    void what_is_left_of_today_comes_first_and_warm_since_morning_where_something_is_hot() {
        assertThat(from("2026-12-01T12:00:00Z", "12345", 0).get(0)).as("13:00 there").isEqualTo(new Hours(0, 4 * 60));
        assertThat(from("2026-12-01T12:00:00Z", "12345", 30).get(0)).isEqualTo(new Hours(-5 * 60, 4 * 60));
        assertThat(from("2026-12-01T18:00:00Z", "12345", 0).get(0)).as("tomorrow").isEqualTo(new Hours(13 * 60, 22 * 60));
        assertThat(from("2026-12-04T18:00:00Z", "12345", 0).get(0).from()).as("Monday").isEqualTo(2 * DAY + 13 * 60);
    }

    /** At seven in the evening something is in the heat: somebody is there until it is bent. */
    @Test
    void what_is_hot_is_not_left_over_night() {
        assertThat(from("2026-12-01T18:00:00Z", "12345", 50).subList(0, 2)).containsExactly(new Hours(0, 50), new Hours(13 * 60, 22 * 60));
        assertThat(from("2026-12-01T06:30:00Z", "12345", 50).subList(0, 2)).as("until work begins").containsExactly(new Hours(0, 30), new Hours(30, 9 * 60 + 30));
    }

    @Test
    void a_job_is_due_when_work_ends_that_day() {
        assertThat(hours("5").closing(LocalDate.of(2026, 12, 4), Instant.parse("2026-12-04T07:00:00Z"), ZONE)).isEqualTo(9 * 60);
    }

    @Test
    void hands_are_as_quick_as_somebody_says_else_as_measured() {
        HandsTimes hands = hours("5").hands(new HandsTimes(4, 20, 30, 6, 45));
        assertThat(hands).isEqualTo(new HandsTimes(4, 12, 30, 6, 45));
    }
}
