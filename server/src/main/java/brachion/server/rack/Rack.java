package brachion.server.rack;

import java.util.List;

/** What other capabilities may ask of the rack. */
public interface Rack {

    /** Whether nothing ever hung there. */
    boolean untouched();

    /** Hangs a piece with the weigh-ins it has had; gives its key. */
    long hang(DryingFields piece, List<WeighInFields> weighIns);

    /** Takes a piece off again, if it still hangs there. */
    void takeDown(long id);
}
