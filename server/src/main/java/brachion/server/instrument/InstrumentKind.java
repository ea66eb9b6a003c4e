package brachion.server.instrument;

import brachion.server.instrument.ReadingsTable.Row;
import java.util.List;
import java.util.function.Function;

/** What an instrument measures. */
public enum InstrumentKind {
    /** Temperature of a chamber. */
    THERMOMETER("A thermometer sends celsius, and nothing else.", List.of(true, false, false, false), true, ReadingFields::celsius,
            row -> new ReadingFields(row.at(), row.measured(), null, null, null)),
    /** Moisture of wood. */
    METER("A moisture meter sends moisturePercent, and nothing else.", List.of(false, true, false, false), false, ReadingFields::moisturePercent,
            row -> new ReadingFields(row.at(), null, row.measured(), null, null)),
    /** Mass of what lies on it. */
    SCALE("A scale sends massG, and nothing else.", List.of(false, false, true, false), false, ReadingFields::massG,
            row -> new ReadingFields(row.at(), null, null, row.measured(), null)),
    /** Air of a room. */
    ROOM("A room sensor sends celsius and humidityPercent, and nothing else.", List.of(true, false, false, true), true, ReadingFields::celsius,
            row -> new ReadingFields(row.at(), row.measured(), null, null, row.humidityPercent()));

    private final String sends;
    private final List<Boolean> given;
    private final boolean makesACurve;
    private final Function<ReadingFields, Double> measured;
    private final Function<Row, ReadingFields> reading;

    InstrumentKind(String sends, List<Boolean> given, boolean makesACurve, Function<ReadingFields, Double> measured, Function<Row, ReadingFields> reading) {
        this.sends = sends;
        this.given = given;
        this.makesACurve = makesACurve;
        this.measured = measured;
        this.reading = reading;
    }

    /** What one of these sends, a sentence. */
    String sends() {
        return sends;
    }

    boolean takes(ReadingFields sent) {
        return sent.given().equals(given);
    }

    /** Whether its readings make a curve in time, which is kept; what is read now and then is noted where it is needed. */
    boolean makesACurve() {
        return makesACurve;
    }

    double measured(ReadingFields sent) {
        return measured.apply(sent);
    }

    ReadingFields reading(Row row) {
        return reading.apply(row);
    }
}
