package brachion.schedule;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.variable.PlanningListVariable;
import java.util.ArrayList;
import java.util.List;

/** Whose turn it is, one after the other: what the solver changes. */
@PlanningEntity
public class Sequence {

    @PlanningListVariable
    private List<OrderEntry> entries;

    /** For the solver, which copies it. */
    public Sequence() {
    }

    Sequence(List<OrderEntry> entries) {
        this.entries = new ArrayList<>(entries);
    }

    List<Integer> order() {
        return entries.stream().map(OrderEntry::piece).toList();
    }
}
