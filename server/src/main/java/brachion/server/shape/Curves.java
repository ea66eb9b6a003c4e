package brachion.server.shape;

import brachion.core.shape.Chain;

/** What other capabilities may ask of the curves that are kept. */
public interface Curves {

    /** Keeps a curve; one of that name is this one from now on. Gives its key. */
    long keep(String name, Chain chain);
}
