package brachion.server.trial;

import java.util.Map;

/** What other capabilities may ask of the shops whose records came in. */
public interface OtherShops {

    /** Letters of a name. */
    int LONGEST_NAME = 100;

    /** The key of one by its name; one that is not known gets its own. */
    long keyOf(String name);

    /** The key of one by its name; a key nobody has where none is called so, null for no name. */
    Long known(String name);

    /** Their names by key. */
    Map<Long, String> names();

    /** Refuses a key nobody has; null is the own shop. */
    void requireThere(Long key);
}
