package brachion.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;

/** Beside a list of minutes. */
class TimelineTest {

    private static final int MINUTES = 300;
    private static final int ROOM = 5;

    @Test
    void it_answers_as_a_list_of_minutes_does() {
        Random random = new Random(5);
        for (int round = 0; round < 40; round++) {
            Timeline timeline = new Timeline(ROOM);
            int[] taken = new int[MINUTES * 2];
            for (int i = 0; i < 60; i++) {
                int takes = 1 + random.nextInt(ROOM);
                int minutes = random.nextInt(40);
                int from = random.nextInt(MINUTES / 2);
                int earliest = timeline.earliest(from, minutes, takes);
                assertThat(earliest).isEqualTo(earliest(taken, from, minutes, takes));
                if (minutes > 0) {
                    assertThat(timeline.freeUntil(earliest, takes)).isEqualTo(freeUntil(taken, earliest, takes));
                }
                if (earliest + minutes < MINUTES) {
                    timeline.take(earliest, earliest + minutes, takes);
                    for (int minute = earliest; minute < earliest + minutes; minute++) {
                        taken[minute] += takes;
                    }
                }
            }
        }
    }

    private static int earliest(int[] taken, int from, int minutes, int takes) {
        for (int begin = from;; begin++) {
            boolean free = true;
            for (int minute = begin; minute < begin + Math.max(1, minutes); minute++) {
                free &= taken[minute] + takes <= ROOM;
            }
            if (free) {
                return begin;
            }
        }
    }

    private static int freeUntil(int[] taken, int from, int takes) {
        for (int minute = from; minute < taken.length; minute++) {
            if (taken[minute] + takes > ROOM) {
                return minute;
            }
        }
        return WorkingHours.NEVER;
    }
}
