package brachion.server.instrument;

import java.time.Duration;
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
    private static final double MS_PER_HOUR = Duration.ofHours(1).toMillis();

    /** The mean over readings in order of time; one alone is itself. */
    static AirReading of(List<ReadingsTable.Row> read) {
        if (read.isEmpty()) {
            return NONE;
        }
        double celsius = 0;
        double humidity = 0;
        double total = 0;
        for (int i = 0; i < read.size(); i++) {
            double lasted = read.size() == 1 ? 1 : Duration.between(read.get(i).at(), read.get(Math.min(i + 1, read.size() - 1)).at()).toMillis();
            celsius += lasted * read.get(i).measured();
            humidity += lasted * read.get(i).humidityPercent();
            total += lasted;
        }
        return new AirReading(celsius / total, humidity / total, read.size() == 1 ? 0 : total / MS_PER_HOUR);
    }
}
