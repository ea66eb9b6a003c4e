package brachion.core.method;

import java.util.List;
import java.util.function.Supplier;

/**
 * Ways of bending that ask the same question of the same wood: they share their failure modes and one fit, so that a
 * record of one informs the others.
 */
public enum Family {
    /** Solid wood softened by heat and water. */
    HOT_WOOD(HotWood::failureModes),
    /** Thin dry plies bent cold and glued. */
    COLD_PLIES(ColdLamination::failureModes),
    /** Thin webs left standing under saw cuts, bent cold. */
    KERFED_WEBS(KerfBending::failureModes);

    private final Supplier<List<ModeRisk>> modes;

    Family(Supplier<List<ModeRisk>> modes) {
        this.modes = modes;
    }

    /** The ways it fails, each by itself, before any record. */
    public List<ModeRisk> modes() {
        return modes.get();
    }
}
