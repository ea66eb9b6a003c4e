package brachion.core.schedule;

import brachion.core.bench.Step;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Who works.
 *
 * @param people     pairs of hands
 * @param longestDay how long somebody is in the shop at the most [min]; what is in the heat for longer cannot be watched all the while
 * @param hands      how long hands are at it
 * @param closing    how long one pair is from the first spreading of the glue to the last clamp [min], as it was said or measured; empty
 *                   when it was not
 */
public record Crew(int people, int longestDay, HandsTimes hands, OptionalDouble closing) {

    /**
     * Glue is spread and clamped while it is open: by as many pairs of hands as that takes and as there are, who share the work evenly.
     *
     * @param open    how long the glue stays open [min]; empty when nobody knows
     * @param asked   how long the layup asks for [min], where nobody measured it; empty when nobody knows
     * @param clamped how long it stays in the clamps [min]
     */
    Operation gluing(OptionalDouble open, OptionalDouble asked, int clamped, List<Requirement> needs) {
        OptionalDouble takes = closing.isPresent() ? closing : asked;
        boolean races = open.isPresent() && takes.isPresent();
        int together = races ? (int) Math.max(1, Math.min(people, Math.ceil(takes.getAsDouble() / open.getAsDouble()))) : 1;
        int late = races ? (int) Math.max(0, Math.ceil(takes.getAsDouble() / together - open.getAsDouble())) : 0;
        return new Operation(Step.GLUING, together, (hands.glue() + together - 1) / together, late, clamped, Operation.ANY_TIME, false, 0, needs);
    }
}
