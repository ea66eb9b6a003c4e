package brachion.core.method;

import brachion.core.process.ProbeRecord;
import brachion.core.process.StageKind;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How a process went, where it was written down.
 *
 * @param took  what stages really took [min]
 * @param probe what a thermometer in the heat wrote down
 */
public record Done(Map<StageKind, Double> took, Optional<ProbeRecord> probe) {

    /** What a stage took where it was written down, or else as planned [min]. */
    double minutes(StageKind kind, double planned) {
        return took.getOrDefault(kind, planned);
    }

    /** What a stage took where it was written down [min]. */
    OptionalDouble minutes(StageKind kind) {
        return took.containsKey(kind) ? OptionalDouble.of(took.get(kind)) : OptionalDouble.empty();
    }
}
