package brachion.core.method;

import brachion.core.process.ProbeRecord;
import brachion.core.process.Stage;
import brachion.core.process.StageKind;
import java.util.Optional;

/**
 * How a piece is heated before it is bent.
 *
 * @param kind    in what
 * @param minutes for how long [min]
 * @param celsius how hot that is [°C]
 * @param probe   what a thermometer there wrote down, used instead of the one temperature
 */
public record Heating(StageKind kind, double minutes, double celsius, Optional<ProbeRecord> probe) {

    /** At an even temperature. */
    public Heating(StageKind kind, double minutes, double celsius) {
        this(kind, minutes, celsius, Optional.empty());
    }

    /** How hot it got [°C]. */
    double reachedC() {
        return probe.map(ProbeRecord::hottestC).orElse(celsius);
    }

    /** As a stage of the process. */
    Stage stage() {
        Stage even = Stage.of(kind, minutes * 60, celsius);
        return probe.map(even::recordedBy).orElse(even);
    }

    /** The same for another time [min]. */
    Heating lasting(double otherMinutes) {
        return new Heating(kind, otherMinutes, celsius, probe);
    }

    /** The same at another, even temperature [°C]. */
    Heating at(double otherCelsius) {
        return new Heating(kind, minutes, otherCelsius, Optional.empty());
    }

    /** The same as a thermometer wrote it down, where there was one. */
    Heating recordedBy(Optional<ProbeRecord> record) {
        return new Heating(kind, minutes, celsius, record);
    }
}
