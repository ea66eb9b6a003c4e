package brachion.server.rack;

import java.util.List;
import java.util.Optional;

/** What other capabilities may ask of the rack. */
public interface Rack {

    /** Whether nothing ever hung there. */
    boolean untouched();

    /** Hangs a piece with the weigh-ins it has had; gives its key. */
    long hang(DryingFields piece, List<WeighInFields> weighIns);

    /** Takes a piece off again, if it still hangs there. */
    void takeDown(long id);

    /** How a piece dried, whether it still hangs or not; empty where it was never weighed. */
    Optional<Dried> dried(long id);

    /**
     * How a piece dried.
     *
     * @param fromPercent its moisture when it was hung [%]
     * @param toPercent   its moisture at the last weigh-in [%]
     * @param days        days between them
     * @param weighIns    how often it was weighed
     */
    record Dried(double fromPercent, double toPercent, double days, int weighIns) {
    }
}
