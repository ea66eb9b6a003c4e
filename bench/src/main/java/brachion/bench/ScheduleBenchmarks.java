package brachion.bench;

import brachion.core.bench.Step;
import brachion.core.schedule.Decoder;
import brachion.core.schedule.LowerBound;
import brachion.core.schedule.Operation;
import brachion.core.schedule.PieceOfWork;
import brachion.core.schedule.Requirement;
import brachion.core.schedule.Schedule;
import brachion.core.schedule.ScheduleProblem;
import brachion.core.schedule.WorkingHours;
import brachion.schedule.TimefoldSearch;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** What a plan of the day costs: a first schedule, and a search for a better one. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class ScheduleBenchmarks {

    private static final int DAY = 24 * 60;
    private static final int JOBS = 4;
    /** Tries the server allows so many pieces. */
    private static final int TRIES = 5000;

    private final ScheduleProblem twelve = run(12, 2);
    private final ScheduleProblem twoHundred = run(200, 8);

    /** Four jobs of pieces that are soaked, steamed, bent, dried, glued and taken out: with the waits between, eight steps each. */
    private static ScheduleProblem run(int pieces, int forms) {
        List<Integer> any = IntStream.range(4, 4 + forms).boxed().toList();
        List<Integer> room = new ArrayList<>(List.of(8, 4, 400, 16));
        any.forEach(form -> room.add(1));
        List<PieceOfWork> all = new ArrayList<>();
        for (int i = 0; i < pieces; i++) {
            int job = i % JOBS;
            all.add(PieceOfWork.untouched("piece " + i, job, List.of(
                    new Operation(Step.SOAKING, 1, 3, 60 * (6 + 4 * job), 3 * DAY, false, 0, List.of(new Requirement(List.of(0), 1))),
                    new Operation(Step.HEATING, 1, 3, 25 + 10 * job, 10, true, 30, List.of(new Requirement(List.of(1), 1))),
                    new Operation(Step.BENDING, 1, 10, 60 * (3 + 7 * job), Operation.ANY_TIME, false, 0, List.of(new Requirement(any, 1), new Requirement(List.of(3), 2 + job))),
                    new Operation(Step.DRYING, 1, 5, DAY * (2 + job), 0, false, 0, List.of(new Requirement(List.of(2), 1))),
                    new Operation(Step.PLANNED, 0, 0, 0, Operation.ANY_TIME, false, 0, List.of()),
                    new Operation(Step.GLUING, 1, 25, 10 * 60, Operation.ANY_TIME, false, 0, List.of(new Requirement(any, 1), new Requirement(List.of(3), 4))),
                    new Operation(Step.FINISHED, 1, 5, 0, 0, false, 0, List.of()))));
        }
        WorkingHours hours = new WorkingHours(IntStream.range(0, 400).filter(day -> day % 7 < 5).mapToObj(day -> new WorkingHours.Hours(day * DAY + 480, day * DAY + 1020)).toList());
        return new ScheduleProblem(all, IntStream.range(0, JOBS).mapToObj(job -> OptionalInt.of((10 + 5 * job) * DAY)).toList(), room, 1, hours);
    }

    private static Schedule first(ScheduleProblem problem) {
        Decoder decoder = new Decoder(problem);
        return decoder.schedule(decoder.firstOrder());
    }

    /** A first schedule of twelve pieces. */
    @Benchmark
    public Schedule twelvePiecesAtOnce() {
        return first(twelve);
    }

    /** The search a person waits for. */
    @Benchmark
    public Schedule twelvePiecesSearched() {
        return new TimefoldSearch().search(twelve, TRIES, () -> false, better -> { });
    }

    /** A first schedule of two hundred pieces. */
    @Benchmark
    public Schedule twoHundredPiecesAtOnce() {
        return first(twoHundred);
    }

    /** The bound beside it. */
    @Benchmark
    public LowerBound twoHundredPiecesBound() {
        return LowerBound.of(twoHundred);
    }

    /** By how much the search's last piece is done after the bound. */
    static String besideTheBound() {
        ScheduleProblem problem = run(12, 2);
        double end = new TimefoldSearch().search(problem, TRIES, () -> false, better -> { }).worth().endsMinute();
        return "last piece done %.1f %% after the bound".formatted(100 * (end / LowerBound.of(problem).endsMinute() - 1));
    }
}
