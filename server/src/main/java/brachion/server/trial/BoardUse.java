package brachion.server.trial;

/** Somebody else who keeps boards by their key. */
public interface BoardUse {

    /**
     * Two boards are one: what was kept of the first is to be of the other. Refuses where that cannot be.
     *
     * @param board key that is given up
     * @param other key that stays
     */
    void takenForOne(long board, long other);
}
