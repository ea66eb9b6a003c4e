package brachion.core.schedule;

import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/** Looks for the order of work that is done soonest. */
public interface ScheduleSearch {

    /**
     * Looks on until so many schedules were tried, or until it is told to stop. The same problem and the same number give the same
     * answer.
     *
     * @param tries   how many schedules are made at most
     * @param stopped whether nobody waits for a better one any more
     * @param better  is told of the first schedule, and of each that is better than all before
     * @return the best
     * @throws CannotBeScheduledException when something fits into no hours of work and no room there is
     */
    Schedule search(ScheduleProblem problem, int tries, BooleanSupplier stopped, Consumer<Schedule> better);
}
