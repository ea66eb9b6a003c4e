package brachion.core.bench;

import brachion.core.process.ProbeRecord;
import brachion.core.process.ProbeRecord.Reading;
import java.util.ArrayList;
import java.util.List;

/**
 * How a chamber will go on after what was read in it. One that rises goes on rising as it did, up to the planned heat. One that was
 * just loaded is taken to come to the planned heat, and one that is lower than it was within the last minutes (its door was opened)
 * to come back there, both at a round rate chosen by us. Any other stays as it is.
 */
final class ChamberAhead {

    private static final double LOOKS_BACK_S = 300;
    private static final double RISES_K = 1;
    private static final double COMES_BACK_K_PER_S = 5.0 / 60;

    private ChamberAhead() {
    }

    /** The record and what is foreseen after it. */
    static ProbeRecord foreseen(ProbeRecord record, double plannedC) {
        Reading last = record.readings().get(record.readings().size() - 1);
        double first = record.readings().get(0).seconds();
        double from = Math.max(first, last.seconds() - LOOKS_BACK_S);
        double risen = last.celsius() - record.at(from);
        boolean rises = risen > RISES_K;
        double comesTo = rises || from == first ? plannedC : hottestSince(record, from);
        double rate = rises ? risen / (last.seconds() - from) : COMES_BACK_K_PER_S;
        return comesTo > last.celsius() ? with(record, new Reading(last.seconds() + (comesTo - last.celsius()) / rate, comesTo)) : record;
    }

    private static double hottestSince(ProbeRecord record, double seconds) {
        return record.readings().stream().filter(reading -> reading.seconds() >= seconds).mapToDouble(Reading::celsius).max().orElseThrow();
    }

    private static ProbeRecord with(ProbeRecord record, Reading reading) {
        List<Reading> readings = new ArrayList<>(record.readings());
        readings.add(reading);
        return new ProbeRecord(readings);
    }
}
