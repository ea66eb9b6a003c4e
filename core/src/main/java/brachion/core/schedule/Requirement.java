package brachion.core.schedule;

import java.util.List;

/**
 * Something of the rig that an operation takes up from its beginning until the next one begins.
 *
 * @param things which will do, by their place among the things of the problem; the first that is free is taken
 * @param takes  how much of it
 */
public record Requirement(List<Integer> things, int takes) {

    /** Refuses a requirement that nothing fills. */
    public Requirement {
        things = List.copyOf(things);
        if (things.isEmpty() || takes < 1) {
            throw new IllegalArgumentException("A requirement is for one of some things, and for one at least; not for " + takes + " of " + things);
        }
    }
}
