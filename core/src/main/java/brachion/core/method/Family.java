package brachion.core.method;

import brachion.core.wood.Species;
import java.util.List;
import java.util.function.Supplier;

/**
 * Ways of bending that ask the same question of the same wood: they share their failure modes and one fit, so that a
 * record of one informs the others.
 */
public enum Family {
    /** Solid wood softened by heat and water. */
    HOT_WOOD(HotWood::failureModes, false, FailureMode.TENSION, FailureMode.COMPRESSION, FailureMode.GLUE_LINE),
    /** Thin dry plies bent cold and glued. */
    COLD_PLIES(ColdLamination::failureModes, true, FailureMode.TENSION, FailureMode.COMPRESSION, FailureMode.GLUE_LINE),
    /** Thin webs left standing under saw cuts, bent cold. */
    KERFED_WEBS(KerfBending::failureModes, true, FailureMode.TENSION, FailureMode.COMPRESSION),
    /** Thin hot plates curved both ways. */
    PLATES(PressedPlate::failureModes, false, FailureMode.TENSION, FailureMode.SPLIT);

    private final Supplier<List<ModeRisk>> modes;
    private final boolean takesPanels;
    private final List<FailureMode> forecast;
    private volatile List<ModeRisk> made;

    Family(Supplier<List<ModeRisk>> modes, boolean takesPanels, FailureMode... forecast) {
        this.modes = modes;
        this.takesPanels = takesPanels;
        this.forecast = List.of(forecast);
    }

    /** The ways it fails, each by itself, before any record. */
    public List<ModeRisk> modes() {
        // made once somebody asks, because the ways of bending and their families know each other
        List<ModeRisk> all = made;
        if (all == null) {
            all = modes.get();
            made = all;
        }
        return all;
    }

    /** Whether a wood can be bent so; not every way takes plywood. */
    public boolean takes(Species wood) {
        return takesPanels || !wood.panel();
    }

    /** Whether a piece bent so can fail in a mode. */
    public boolean fails(Recipe recipe, FailureMode mode) {
        return modes().stream().anyMatch(risk -> risk.mode() == mode && risk.concerns(recipe));
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
