package brachion.server.rig;

import brachion.server.problem.RefusedFieldException;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What other capabilities may ask of the things in the rig. */
public interface RigItems {

    /** Everything there is, by its key. */
    Map<Long, RigItemFields> all();

    /** Things of some keys, those that were taken away as well. */
    Map<Long, RigItemFields> of(Collection<Long> keys);

    /** Adds a thing; gives its key. */
    long add(RigItemFields item);

    /** Refuses what is not in the rig, and the same thing twice, naming the field that holds them. */
    default void requireThere(String field, List<UsedFields> things) {
        Set<Long> keys = of(things.stream().map(UsedFields::itemId).toList()).keySet();
        Set<Long> named = new HashSet<>();
        things.forEach(used -> {
            if (!keys.contains(used.itemId())) {
                throw new RefusedFieldException(field, "There is no thing " + used.itemId() + " in the rig.");
            }
            if (!named.add(used.itemId())) {
                throw new RefusedFieldException(field, "The same thing is named twice.");
            }
        });
    }
}
