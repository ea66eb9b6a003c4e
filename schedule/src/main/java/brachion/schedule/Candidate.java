package brachion.schedule;

import ai.timefold.solver.core.api.domain.solution.PlanningEntityProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.domain.solution.ProblemFactCollectionProperty;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.score.buildin.bendablelong.BendableLongScore;
import brachion.core.schedule.Decoder;
import java.util.List;

/** An order of work and how good its schedule is. */
@PlanningSolution
public class Candidate {

    @ProblemFactCollectionProperty
    @ValueRangeProvider
    private List<OrderEntry> entries;
    @PlanningEntityProperty
    private Sequence sequence;
    @PlanningScore(bendableHardLevelsSize = 0, bendableSoftLevelsSize = 4)
    private BendableLongScore score;
    /** Shared by all copies; the solver works in one thread. */
    private Decoder decoder;
    /** Run for each schedule that is made. */
    private Runnable tried;

    /** For the solver, which copies it. */
    public Candidate() {
    }

    Candidate(List<OrderEntry> entries, Decoder decoder, Runnable tried) {
        this.entries = List.copyOf(entries);
        this.sequence = new Sequence(entries);
        this.decoder = decoder;
        this.tried = tried;
    }

    List<Integer> order() {
        return sequence.order();
    }

    Decoder decoder() {
        return decoder;
    }

    void tried() {
        tried.run();
    }
}
