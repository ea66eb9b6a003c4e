package brachion.server.rig;

import java.util.Collection;
import java.util.Map;

/** What other capabilities may ask of the things in the rig. */
public interface RigItems {

    /** Everything there is, by its key. */
    Map<Long, RigItemFields> all();

    /** Things of some keys, those that were taken away as well. */
    Map<Long, RigItemFields> of(Collection<Long> keys);

    /** Adds a thing; gives its key. */
    long add(RigItemFields item);
}
