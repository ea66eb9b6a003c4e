package brachion.server.recipe;

import brachion.core.method.Workshop;

/** Knows what recipes are read against at this moment. */
public interface Workshops {

    /** The woods there are and the shop as it is. */
    Workshop now();
}
