package brachion.core.process;

import java.util.List;

/**
 * What a thermometer in the chamber wrote down: temperature against time, straight between the readings, held before
 * the first and after the last.
 *
 * @param readings in rising order of time, at least one
 */
public record ProbeRecord(List<Reading> readings) {

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
}
