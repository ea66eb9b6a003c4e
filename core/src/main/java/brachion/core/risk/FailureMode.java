package brachion.core.risk;

import brachion.core.method.Demand;

/** The ways wood gives up that the model forecasts. */
public enum FailureMode {
    /** The outer face is stretched too far. */
    TENSION {
        @Override
        public double ratio(Demand demand) {
            return demand.tensionRatio();
        }
    },
    /** The inner face is squeezed too far. */
    COMPRESSION {
        @Override
        public double ratio(Demand demand) {
            return demand.compressionRatio();
        }
    };

    /** Demand over capacity for this mode. */
    public abstract double ratio(Demand demand);
}
