package brachion.server.trial;

import java.util.Collection;
import java.util.Map;

/** The boards trials are cut from: each has a key, and a name as its label. */
public interface BoardNames {

    /** The key of the board of a name; a new name gets one. */
    long keyOf(String name);

    /** What boards are called, by their keys. */
    Map<Long, String> names(Collection<Long> keys);

    /** Gives a board another name, in all its trials. Refuses one that another board has. */
    void call(long key, String name);
}
