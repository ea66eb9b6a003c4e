package brachion.server.bench;

import brachion.server.instrument.ChamberRecord;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;

/** What thermometers read, asked for once in a look however many pieces lie beside one. */
final class ChamberOfALook implements ChamberRecord {

    private final ChamberRecord chamber;
    private final Instant now;
    private final Map<Long, Kept> kept = new HashMap<>();

    private record Kept(Instant from, List<Read> readings) {
    }

    ChamberOfALook(ChamberRecord chamber, Instant now) {
        this.chamber = chamber;
        this.now = now;
    }

    @Override
    public OptionalLong heardAt(Instant moment) {
        return chamber.heardAt(moment);
    }

    @Override
    public boolean isThermometer(long instrument) {
        return chamber.isThermometer(instrument);
    }

    @Override
    public List<Read> between(long thermometer, Instant from, Instant to) {
        Kept known = kept.get(thermometer);
        if (known == null || from.isBefore(known.from())) {
            known = new Kept(from, chamber.between(thermometer, from, now));
            kept.put(thermometer, known);
        }
        return known.readings().stream().filter(read -> !read.at().isBefore(from) && !read.at().isAfter(to)).toList();
    }
}
