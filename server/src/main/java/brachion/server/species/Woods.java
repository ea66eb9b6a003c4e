package brachion.server.species;

import brachion.core.wood.SpeciesCatalogue;

/** What other capabilities may ask of the woods. */
public interface Woods {

    /** What the key of a wood of the shop's own begins with; its number in the database follows. */
    String OWN = "own-";

    /** The published species and those of the shop's own. */
    SpeciesCatalogue catalogue();
}
