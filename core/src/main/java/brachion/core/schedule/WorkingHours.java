package brachion.core.schedule;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/** When people are in the shop: stretches of minutes, in order, apart from one another. */
public final class WorkingHours {

    /** No such moment. */
    static final int NEVER = Integer.MAX_VALUE;

    private final int[] from;
    private final int[] to;

    /**
     * A stretch.
     *
     * @param from its first minute
     * @param to   the minute after its last
     */
    public record Hours(int from, int to) {
    }

    /** @throws IllegalArgumentException when they are empty, overlap or stand in another order */
    public WorkingHours(List<Hours> hours) {
        from = hours.stream().mapToInt(Hours::from).toArray();
        to = hours.stream().mapToInt(Hours::to).toArray();
        for (int i = 0; i < from.length; i++) {
            if (to[i] <= from[i] || i > 0 && from[i] < to[i - 1]) {
                throw new IllegalArgumentException("Hours of work follow one another: " + hours);
            }
        }
    }

    /** The first moment from one on at which so many minutes of work can begin without a break; {@link #NEVER} when there is none. */
    int earliest(int from, int minutes) {
        return earliest(from, minutes, 0);
    }

    /** The same where a while at the beginning of each stretch is taken by something else. */
    int earliest(int moment, int minutes, int warmUp) {
        int at = Arrays.binarySearch(to, moment);
        for (int i = at >= 0 ? at + 1 : -at - 1; i < from.length; i++) {
            int begin = Math.max(moment, from[i] + warmUp);
            if (begin + minutes <= to[i]) {
                return begin;
            }
        }
        return NEVER;
    }

    /** The moment by which so many minutes of work have gone by from 0 on, with so many people; {@link #NEVER} when there are fewer. */
    int workedBy(long minutes, int people) {
        if (minutes <= 0) {
            return 0;
        }
        long left = minutes;
        for (int i = 0; i < from.length; i++) {
            long here = (long) people * Math.max(0, to[i] - Math.max(0, from[i]));
            if (here >= left) {
                return Math.max(0, from[i]) + (int) ((left + people - 1) / people);
            }
            left -= here;
        }
        return NEVER;
    }

    /** As they were given. */
    public List<Hours> hours() {
        return IntStream.range(0, from.length).mapToObj(i -> new Hours(from[i], to[i])).toList();
    }
}
