package brachion.core.method;

import java.util.List;
import java.util.function.Supplier;

/**
 * Ways of bending that ask the same question of the same wood: they share their failure modes and one fit, so that a
 * record of one informs the others.
 */
public enum Family {
    /** Solid wood softened by heat and water. */
    HOT_WOOD(HotWood::failureModes, FailureMode.TENSION, FailureMode.COMPRESSION),
    /** Thin dry plies bent cold and glued. */
    COLD_PLIES(ColdLamination::failureModes, FailureMode.TENSION, FailureMode.COMPRESSION, FailureMode.GLUE_LINE),
    /** Thin webs left standing under saw cuts, bent cold. */
    KERFED_WEBS(KerfBending::failureModes, FailureMode.TENSION, FailureMode.COMPRESSION),
    /** Thin hot plates curved both ways. */
    PLATES(PressedPlate::failureModes, FailureMode.TENSION, FailureMode.SPLIT);

    private final Supplier<List<ModeRisk>> modes;
    private final List<FailureMode> forecast;

    Family(Supplier<List<ModeRisk>> modes, FailureMode... forecast) {
        this.modes = modes;
        this.forecast = List.of(forecast);
    }

    /** The ways it fails, each by itself, before any record. */
    public List<ModeRisk> modes() {
        return modes.get();
    }

    /** What they are called: a stretched face first, then the other way its wood gives. */
    public List<FailureMode> forecast() {
        return forecast;
    }

    /** The way its wood gives that is no stretched face. */
    public FailureMode besideStretch() {
        return forecast.get(1);
    }
}
