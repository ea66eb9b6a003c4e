package brachion.core.schedule;

import java.util.Comparator;
import java.util.List;

/**
 * When everything begins.
 *
 * @param slots by piece and operation, in the order of the pieces; without what was over before
 * @param order in which the blocks of the pieces were placed, a piece as often as it has blocks
 * @param worth how good it is
 */
public record Schedule(List<Slot> slots, List<Integer> order, Worth worth) {

    /** Keeps both as they are now. */
    public Schedule {
        slots = List.copyOf(slots);
        order = List.copyOf(order);
    }

    /**
     * An operation in its time.
     *
     * @param piece     the piece, by its place in the problem
     * @param operation which of its operations
     * @param begins    when it begins [min], before 0 for one that has begun
     * @param handsOff  when the hands are free again [min]
     * @param ready     when the next may begin [min]
     * @param ends      when the next does, and what it holds of the rig is given back [min]
     * @param things    what it takes up of the rig, a thing for each need
     */
    public record Slot(int piece, int operation, int begins, int handsOff, int ready, int ends, List<Integer> things) {

        /** Keeps the things as they are now. */
        public Slot {
            things = List.copyOf(things);
        }
    }

    /**
     * How good a schedule is; less of each is better, the first before the second and so on.
     *
     * @param lateMinutes    minutes by which pieces are done after their job was due, all together
     * @param changedMinutes minutes by which what people count on is moved, all together
     * @param endsMinute     when the last piece is done
     * @param sumOfEnds      minutes until each piece is done, all together
     */
    public record Worth(long lateMinutes, long changedMinutes, int endsMinute, long sumOfEnds) implements Comparable<Worth> {

        private static final Comparator<Worth> BETTER_FIRST = Comparator.comparingLong(Worth::lateMinutes).thenComparingLong(Worth::changedMinutes)
                .thenComparingInt(Worth::endsMinute).thenComparingLong(Worth::sumOfEnds);

        @Override
        public int compareTo(Worth other) {
            return BETTER_FIRST.compare(this, other);
        }
    }

    /** When each piece of a problem with so many is done [min]. */
    public int[] doneAt(int pieces) {
        int[] done = new int[pieces];
        slots.forEach(slot -> done[slot.piece()] = Math.max(done[slot.piece()], slot.ends()));
        return done;
    }
}
