package brachion.core.schedule;

import java.util.List;

/**
 * What keeps a piece from going on at a moment.
 *
 * @param kind      what it is
 * @param operation which operation of the piece it is about; one after the next where that could not follow in time
 * @param things    of which things one would do; empty unless they are taken
 * @param pieces    which pieces have the hands or the things, by their place in the problem
 */
public record Conflict(Kind kind, int operation, List<Integer> things, List<Integer> pieces) {

    /** Keeps both as they are now. */
    public Conflict {
        things = List.copyOf(things);
        pieces = List.copyOf(pieces);
    }

    /** What it can be. */
    public enum Kind {
        /** Nobody is in the shop, or not for long enough, or what heats is not hot yet. */
        CLOSED,
        /** Hands are busy. */
        HANDS_BUSY,
        /** A thing in the rig is taken. */
        THING_TAKEN
    }
}
