package brachion.server.species;

import java.util.Optional;

/** Told by every capability that keeps something of a wood; a wood in use is not taken away. */
public interface WoodUse {

    /** What is of this wood, such as “12 trials”; empty when nothing is. */
    Optional<String> of(String speciesId);
}
