package brachion.core.method;

import brachion.core.process.ProbeRecord;
import brachion.core.process.StageKind;
import java.util.Map;
import java.util.Optional;

/**
 * How a process went, where it was written down.
 *
 * @param took  what stages really took [min]
 * @param probe what a thermometer in the heat wrote down
 */
public record Done(Map<StageKind, Double> took, Optional<ProbeRecord> probe) {

    /** What a stage took where it was written down [min]. */
    Optional<Double> minutes(StageKind kind) {
        return Optional.ofNullable(took.get(kind));
    }
}
