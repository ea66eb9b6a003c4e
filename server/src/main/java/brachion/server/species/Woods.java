package brachion.server.species;

import brachion.core.wood.SpeciesCatalogue;

/** What other capabilities may ask of the woods. */
public interface Woods {

    /** The published species and those of the shop's own. */
    SpeciesCatalogue catalogue();
}
