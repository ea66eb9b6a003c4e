package brachion.core.schedule;

import brachion.core.bench.Step;
import java.util.List;

/**
 * A stretch of work on a piece: hands for a while, then time that goes by itself, then it may wait until the next one begins. What it
 * takes up of the rig it keeps until then.
 *
 * @param step          what is done
 * @param people        pairs of hands it takes, 0 when it takes none
 * @param handsMinutes  how long it takes them [min]
 * @param overrunMinutes by how much that is longer than it may be, as glue stays open [min]; 0 when it is not
 * @param minutes       how long it goes on by itself after that, at least [min]
 * @param slackMinutes  how long it may wait then [min]; {@link #ANY_TIME} when that does not matter
 * @param watched       whether somebody has to be in the shop all the while, as with anything that is heated
 * @param warmUpMinutes how long what it takes up is warmed up first, at the beginning of hours of work [min]
 * @param needs         what it takes up of the rig
 */
public record Operation(Step step, int people, int handsMinutes, int overrunMinutes, int minutes, int slackMinutes, boolean watched, int warmUpMinutes, List<Requirement> needs) {

    /** The next may begin whenever it likes. */
    public static final int ANY_TIME = Integer.MAX_VALUE;

    /** Refuses times below nothing, and hands that take no time. */
    public Operation {
        needs = List.copyOf(needs);
        if (people < 0 || handsMinutes < 0 || overrunMinutes < 0 || minutes < 0 || slackMinutes < 0 || warmUpMinutes < 0 || people == 0 != (handsMinutes == 0)) {
            throw new IllegalArgumentException("No operation takes " + people + " people for " + handsMinutes + " min, then " + minutes + " min, and waits " + slackMinutes
                    + " min, warmed up for " + warmUpMinutes + " min");
        }
    }

    /** Work that is done in time. */
    public Operation(Step step, int people, int handsMinutes, int minutes, int slackMinutes, boolean watched, int warmUpMinutes, List<Requirement> needs) {
        this(step, people, handsMinutes, 0, minutes, slackMinutes, watched, warmUpMinutes, needs);
    }

    /** How long it takes at least [min]. */
    public int lasts() {
        return handsMinutes + minutes;
    }

    /** Whether what follows may be looked at by itself: nothing is kept meanwhile, and it may wait. */
    boolean endsBlock() {
        return slackMinutes == ANY_TIME && needs.isEmpty();
    }
}
