package brachion.core.process;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * The mean of an air that was read time and again, each reading counted for as long as it was the last.
 *
 * @param celsius         mean temperature [°C]
 * @param humidityPercent mean relative humidity [%]
 * @param hours           from the first reading to the last [h]
 */
public record MeanAir(double celsius, double humidityPercent, double hours) {

    private static final double MS_PER_HOUR = Duration.ofHours(1).toMillis();

    /**
     * A reading.
     *
     * @param at              when
     * @param celsius         temperature [°C]
     * @param humidityPercent relative humidity [%]
     */
    public record Felt(Instant at, double celsius, double humidityPercent) {
    }

    /** The mean over readings in order of time; one alone is itself, none is nothing. */
    public static Optional<MeanAir> of(List<Felt> read) {
        if (read.isEmpty()) {
            return Optional.empty();
        }
        double celsius = 0;
        double humidity = 0;
        double total = 0;
        for (int i = 0; i < read.size() - 1; i++) {
            double lasted = Duration.between(read.get(i).at(), read.get(i + 1).at()).toMillis();
            celsius += lasted * read.get(i).celsius();
            humidity += lasted * read.get(i).humidityPercent();
            total += lasted;
        }
        Felt first = read.get(0);
        return Optional.of(total > 0 ? new MeanAir(celsius / total, humidity / total, total / MS_PER_HOUR) : new MeanAir(first.celsius(), first.humidityPercent(), 0));
    }
}
