package brachion.schedule;

import ai.timefold.solver.core.api.score.buildin.bendablelong.BendableLongScore;
import ai.timefold.solver.core.api.score.calculator.EasyScoreCalculator;
import brachion.core.schedule.CannotBeScheduledException;
import brachion.core.schedule.Schedule.Worth;

/** Makes the schedule of an order and tells the solver how good it is. */
public class WorthOfAnOrder implements EasyScoreCalculator<Candidate, BendableLongScore> {

    private static final long[] NONE = {};

    @Override
    public BendableLongScore calculateScore(Candidate candidate) {
        candidate.tried();
        try {
            Worth worth = candidate.decoder().worth(candidate.order());
            return BendableLongScore.of(NONE, new long[] {-worth.lateMinutes(), -worth.changedMinutes(), -worth.endsMinute(), -worth.sumOfEnds()});
        } catch (CannotBeScheduledException pastTheLastHour) {
            return BendableLongScore.of(NONE, new long[] {-Integer.MAX_VALUE, 0, 0, 0});
        }
    }
}
