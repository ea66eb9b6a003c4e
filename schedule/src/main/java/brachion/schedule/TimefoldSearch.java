package brachion.schedule;

import ai.timefold.solver.core.api.solver.Solver;
import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.localsearch.LocalSearchPhaseConfig;
import ai.timefold.solver.core.config.solver.EnvironmentMode;
import ai.timefold.solver.core.config.solver.SolverConfig;
import ai.timefold.solver.core.config.solver.termination.TerminationConfig;
import brachion.core.schedule.Decoder;
import brachion.core.schedule.Schedule;
import brachion.core.schedule.ScheduleProblem;
import brachion.core.schedule.ScheduleSearch;
import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.IntStream;

/**
 * Local search (late acceptance) over orders of work, each of which gives a schedule that can be worked, from the order in which the
 * pieces are due on.
 */
public final class TimefoldSearch implements ScheduleSearch {

    private static final long SEED = 47;

    @Override
    public Schedule search(ScheduleProblem problem, int tries, BooleanSupplier stopped, Consumer<Schedule> better) {
        Decoder decoder = new Decoder(problem);
        AtomicReference<Schedule> best = new AtomicReference<>(decoder.schedule(decoder.firstOrder()));
        better.accept(best.get());
        List<Integer> order = best.get().order();
        if (!decoder.orderMatters()) {
            return best.get();
        }
        Solver<Candidate> solver = SolverFactory.<Candidate>create(new SolverConfig()
                .withSolutionClass(Candidate.class).withEntityClasses(Sequence.class).withEasyScoreCalculatorClass(WorthOfAnOrder.class)
                .withRandomSeed(SEED).withEnvironmentMode(EnvironmentMode.NO_ASSERT).withPhases(new LocalSearchPhaseConfig())
                .withTerminationConfig(new TerminationConfig().withScoreCalculationCountLimit((long) tries))).buildSolver();
        Decoder ofTheBest = new Decoder(problem);
        solver.addEventListener(event -> {
            Schedule found = ofTheBest.schedule(event.getNewBestSolution().order());
            if (found.worth().compareTo(best.get().worth()) < 0) {
                best.set(found);
                better.accept(found);
            }
        });
        List<OrderEntry> entries = IntStream.range(0, order.size()).mapToObj(place -> new OrderEntry(place, order.get(place))).toList();
        solver.solve(new Candidate(entries, decoder, () -> {
            if (stopped.getAsBoolean()) {
                solver.terminateEarly();
            }
        }));
        return best.get();
    }
}
