package brachion.core.process;

import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;

/** Finds when something first comes about in a stage. */
final class FirstMoment {

    private FirstMoment() {
    }

    /**
     * When a measure first rises to zero, between two steps by straight line; empty when it does not within the stage.
     * The simulation is moved on.
     */
    static OptionalDouble when(ProcessSimulation simulation, Stage stage, ToDoubleFunction<SectionField> measure) {
        double[] last = {0, Double.NaN};
        double[] found = {Double.NaN};
        simulation.run(stage, (seconds, field) -> {
            double now = measure.applyAsDouble(field);
            if (now >= 0) {
                found[0] = Double.isNaN(last[1]) ? seconds
                        : last[0] + (seconds - last[0]) * -last[1] / (now - last[1]);
                return false;
            }
            last[0] = seconds;
            last[1] = now;
            return true;
        });
        return Double.isNaN(found[0]) ? OptionalDouble.empty() : OptionalDouble.of(found[0]);
    }
}
