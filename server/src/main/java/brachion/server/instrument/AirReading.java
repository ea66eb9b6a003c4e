package brachion.server.instrument;

import brachion.core.process.MeanAir;
import java.util.List;

/**
 * Air of a room over the last day, each reading counted for as long as it was the last.
 *
 * @param celsius         mean temperature [°C], null when no sensor was heard
 * @param humidityPercent mean relative humidity [%]
 * @param hours           over how many hours [h]
 */
record AirReading(Double celsius, Double humidityPercent, Double hours) {

    /** Nobody listens to the air. */
    static final AirReading NONE = new AirReading(null, null, null);

    /** The mean over readings in order of time. */
    static AirReading of(List<ReadingsTable.Row> read) {
        return MeanAir.of(read.stream().map(row -> new MeanAir.Felt(row.at(), row.measured(), row.humidityPercent())).toList())
                .map(mean -> new AirReading(mean.celsius(), mean.humidityPercent(), mean.hours())).orElse(NONE);
    }
}
