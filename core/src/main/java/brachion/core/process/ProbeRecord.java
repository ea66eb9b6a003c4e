package brachion.core.process;

import java.util.ArrayDeque;
import java.util.BitSet;
import java.util.Deque;
import java.util.List;

/**
 * What a thermometer in the chamber wrote down: temperature against time, straight between the readings, held before
 * the first and after the last.
 *
 * @param readings in rising order of time, at least one
 */
public record ProbeRecord(List<Reading> readings) {

    /** As near as a good thermometer tells [K]. */
    public static final double CLOSELY_C = 0.3;

    /**
     * @param seconds since the stage began [s]
     * @param celsius temperature then [°C]
     */
    public record Reading(double seconds, double celsius) {
    }

    /** Copies the readings; refuses an empty record and times that run backwards. */
    public ProbeRecord {
        readings = List.copyOf(readings);
        if (readings.isEmpty()) {
            throw new IllegalArgumentException("A probe record needs at least one reading");
        }
        for (int i = 1; i < readings.size(); i++) {
            if (!(readings.get(i).seconds() > readings.get(i - 1).seconds())) {
                throw new IllegalArgumentException("The readings of a probe must follow each other in time; after "
                        + readings.get(i - 1).seconds() + " s comes " + readings.get(i).seconds() + " s");
            }
        }
    }

    /** Temperature at a time [°C]. */
    public double at(double seconds) {
        int next = 0;
        while (next < readings.size() && readings.get(next).seconds() <= seconds) {
            next++;
        }
        if (next == 0) {
            return readings.get(0).celsius();
        }
        if (next == readings.size()) {
            return readings.get(next - 1).celsius();
        }
        Reading before = readings.get(next - 1);
        Reading after = readings.get(next);
        double along = (seconds - before.seconds()) / (after.seconds() - before.seconds());
        return before.celsius() + along * (after.celsius() - before.celsius());
    }

    /** Highest reading [°C]. */
    public double hottestC() {
        return readings.stream().mapToDouble(Reading::celsius).max().orElseThrow();
    }

    /**
     * The same curve with as few of its readings as keep it within a tolerance [K] everywhere: first and last, and of those between
     * the one that stands off furthest, as long as it stands off too far (Ramer 1972; Douglas and Peucker 1973).
     */
    public ProbeRecord thinned(double toleranceC) {
        BitSet kept = new BitSet(readings.size());
        kept.set(0);
        kept.set(readings.size() - 1);
        Deque<int[]> parts = new ArrayDeque<>(List.of(new int[] {0, readings.size() - 1}));
        while (!parts.isEmpty()) {
            int[] part = parts.pop();
            int furthest = furthest(part[0], part[1], toleranceC);
            if (furthest > 0) {
                kept.set(furthest);
                parts.push(new int[] {part[0], furthest});
                parts.push(new int[] {furthest, part[1]});
            }
        }
        return new ProbeRecord(kept.stream().mapToObj(readings::get).toList());
    }

    /** The reading between two that stands off the line through them most; 0 when none does by more than the tolerance. */
    private int furthest(int first, int last, double toleranceC) {
        Reading from = readings.get(first);
        Reading to = readings.get(last);
        double most = toleranceC;
        int furthest = 0;
        for (int i = first + 1; i < last; i++) {
            Reading between = readings.get(i);
            double along = (between.seconds() - from.seconds()) / (to.seconds() - from.seconds());
            double off = Math.abs(between.celsius() - from.celsius() - along * (to.celsius() - from.celsius()));
            if (off > most) {
                most = off;
                furthest = i;
            }
        }
        return furthest;
    }
}
