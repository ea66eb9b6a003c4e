package brachion.core.schedule;

import java.util.Arrays;

/** How much of something is taken as time goes on, as a staircase. */
final class Timeline {

    /** Nothing is looked at that far ahead [min]; what is taken so long is taken for good. */
    static final int FOREVER = Integer.MAX_VALUE / 2;
    private static final int SOME = 16;

    private final int room;
    private int[] at = new int[SOME];
    /** Taken from {@link #at} of the same place on until the next. */
    private int[] taken = new int[SOME];
    private int steps = 1;

    /** Of something of which there is so much, nothing of it taken. */
    Timeline(int room) {
        this.room = room;
        at[0] = Integer.MIN_VALUE;
    }

    /** Nothing of it is taken any more. */
    void clear() {
        steps = 1;
        taken[0] = 0;
    }

    /** The first moment from one on from which so much is free for so many minutes; {@link WorkingHours#NEVER} when there is not so much. */
    int earliest(int from, int minutes, int takes) {
        if (takes > room) {
            return WorkingHours.NEVER;
        }
        int begin = from;
        for (int i = stepAt(from); i < steps && (minutes == 0 ? at[i] <= begin : at[i] < end(begin, minutes)); i++) {
            if (taken[i] + takes > room) {
                // the last step is free again, whatever was taken
                begin = Math.max(begin, at[i + 1]);
            }
        }
        return begin >= FOREVER ? WorkingHours.NEVER : begin;
    }

    private static int end(int begin, int minutes) {
        return begin > Integer.MAX_VALUE - minutes ? Integer.MAX_VALUE : begin + minutes;
    }

    /** Until when so much stays free from a moment on at which it is; {@link WorkingHours#NEVER} when it always does. */
    int freeUntil(int from, int takes) {
        for (int i = stepAt(from); i < steps; i++) {
            if (taken[i] + takes > room) {
                return Math.max(from, at[i]);
            }
        }
        return WorkingHours.NEVER;
    }

    /** When something changes next after a moment; {@link WorkingHours#NEVER} when nothing does. */
    int nextChange(int moment) {
        int next = stepAt(moment) + 1;
        return next < steps ? at[next] : WorkingHours.NEVER;
    }

    /** Takes so much of it for a while; less than nothing gives it back. */
    void take(int from, int to, int takes) {
        if (to <= from) {
            return;
        }
        int first = cut(from);
        int last = cut(to);
        for (int i = first; i < last; i++) {
            taken[i] += takes;
        }
    }

    /** The step a moment lies in. */
    private int stepAt(int moment) {
        int found = Arrays.binarySearch(at, 0, steps, moment);
        return found >= 0 ? found : -found - 2;
    }

    /** Has a step begin at a moment; gives its place. */
    private int cut(int moment) {
        int here = stepAt(moment);
        if (at[here] == moment) {
            return here;
        }
        if (steps == at.length) {
            at = Arrays.copyOf(at, 2 * steps);
            taken = Arrays.copyOf(taken, 2 * steps);
        }
        System.arraycopy(at, here + 1, at, here + 2, steps - here - 1);
        System.arraycopy(taken, here + 1, taken, here + 2, steps - here - 1);
        at[here + 1] = moment;
        taken[here + 1] = taken[here];
        steps++;
        return here + 1;
    }
}
