package brachion.server.instrument;

import java.time.Instant;
import java.util.List;
import java.util.OptionalLong;

/** What other capabilities may ask of the thermometers. */
public interface ChamberRecord {

    /** The thermometer that was heard last in the minutes before a moment; empty when none was. */
    OptionalLong heardAt(Instant moment);

    /** Whether there is a thermometer of that key. */
    boolean isThermometer(long instrument);

    /** What a thermometer read between two moments, in order of time. */
    List<Read> between(long thermometer, Instant from, Instant to);

    /**
     * @param at      when
     * @param celsius temperature [°C]
     */
    record Read(Instant at, double celsius) {
    }
}
