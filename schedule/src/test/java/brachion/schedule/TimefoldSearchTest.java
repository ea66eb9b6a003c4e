package brachion.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.bench.Step;
import brachion.core.schedule.LowerBound;
import brachion.core.schedule.Operation;
import brachion.core.schedule.PieceOfWork;
import brachion.core.schedule.Requirement;
import brachion.core.schedule.Schedule;
import brachion.core.schedule.ScheduleProblem;
import brachion.core.schedule.WorkingHours;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.OptionalInt;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class TimefoldSearchTest {

    private static final int DAY = 24 * 60;

    /** Fisher and Thompson 1963, six jobs on six machines: machine and minutes in turn. The optimum is 55. */
    private static final String FISHER_THOMPSON_6 = """
            2 1 0 3 1 6 3 7 5 3 4 6
            1 8 2 5 4 10 5 10 0 10 3 4
            2 5 3 4 5 8 0 9 1 1 4 7
            1 5 0 5 2 5 3 3 4 8 5 9
            2 9 1 3 4 5 5 4 0 3 3 1
            1 3 3 3 5 9 0 10 4 4 2 1""";

    /** Lawrence 1984, la01, ten jobs on five machines. The optimum is 666. */
    private static final String LAWRENCE_1 = """
            1 21 0 53 4 95 3 55 2 34
            0 21 3 52 4 16 2 26 1 71
            3 39 4 98 1 42 2 31 0 12
            1 77 0 55 4 79 2 66 3 77
            0 83 3 34 2 64 1 19 4 37
            1 54 2 43 4 79 0 92 3 62
            3 69 4 77 1 87 2 87 0 93
            2 38 0 60 1 41 3 24 4 83
            3 17 1 49 4 25 0 44 2 98
            4 77 3 79 2 43 1 75 0 96""";

    private static ScheduleProblem jobShop(String rows, int machines) {
        List<PieceOfWork> jobs = rows.lines().map(row -> {
            int[] numbers = Arrays.stream(row.trim().split("\\s+")).mapToInt(Integer::parseInt).toArray();
            List<Operation> operations = new ArrayList<>();
            for (int i = 0; i < numbers.length; i += 2) {
                operations.add(new Operation(Step.HEATING, 0, 0, numbers[i + 1], 0, false, 0, List.of(new Requirement(List.of(numbers[i]), 1))));
                // a machine is free while its job waits for the next
                operations.add(new Operation(Step.PLANNED, 0, 0, 0, Operation.ANY_TIME, false, 0, List.of()));
            }
            return PieceOfWork.untouched(row, 0, operations);
        }).toList();
        return new ScheduleProblem(jobs, List.of(OptionalInt.empty()), Collections.nCopies(machines, 1), 1, new WorkingHours(List.of(new WorkingHours.Hours(0, 1_000_000))));
    }

    private static WorkingHours days() {
        return new WorkingHours(IntStream.range(0, 200).filter(day -> day % 7 < 5).mapToObj(day -> new WorkingHours.Hours(day * DAY + 480, day * DAY + 1020)).toList());
    }

    private static List<Operation> rib(int soakHours, int steamMinutes, int holdHours, int form) {
        return List.of(new Operation(Step.SOAKING, 1, 3, 60 * soakHours, 3 * DAY, false, 0, List.of(new Requirement(List.of(0), 1))),
                new Operation(Step.HEATING, 1, 3, steamMinutes, 10, true, 30, List.of(new Requirement(List.of(1), 1))),
                new Operation(Step.BENDING, 1, 10, 60 * holdHours, Operation.ANY_TIME, false, 0, List.of(new Requirement(List.of(form), 1))),
                new Operation(Step.DRYING, 1, 5, 5 * DAY, 0, false, 0, List.of()));
    }

    /** Two jobs with a form each: one that is due in a fortnight stands first, one that is due tomorrow week last. */
    private static ScheduleProblem twoJobs() {
        List<PieceOfWork> pieces = new ArrayList<>();
        IntStream.range(0, 6).forEach(i -> pieces.add(PieceOfWork.untouched("long " + i, 0, rib(24, 60, 24, 2))));
        IntStream.range(0, 6).forEach(i -> pieces.add(PieceOfWork.untouched("short " + i, 1, rib(12, 30, 3, 3))));
        return new ScheduleProblem(pieces, List.of(OptionalInt.of(30 * DAY), OptionalInt.of(8 * DAY)), List.of(4, 1, 1, 1), 1, days());
    }

    private static Schedule search(ScheduleProblem problem, int tries) {
        return new TimefoldSearch().search(problem, tries, () -> false, better -> { });
    }

    @Test
    void it_finds_the_known_optimum_of_classic_problems() {
        assertThat(search(jobShop(FISHER_THOMPSON_6, 6), 20_000).worth().endsMinute()).isEqualTo(55);
        assertThat(search(jobShop(LAWRENCE_1, 5), 20_000).worth().endsMinute()).isBetween(666, 672);
    }

    @Test
    void runs_of_two_jobs_are_within_a_tenth_of_the_bound() {
        Schedule found = search(twoJobs(), 4000);
        assertThat(found.worth().endsMinute()).isLessThanOrEqualTo((int) (1.1 * LowerBound.of(twoJobs()).endsMinute()));
    }

    @Test
    void the_same_question_gets_the_same_answer_and_more_tries_none_worse() {
        Schedule once = search(twoJobs(), 800);
        assertThat(search(twoJobs(), 800)).isEqualTo(once);
        assertThat(search(twoJobs(), 2400).worth()).isLessThanOrEqualTo(once.worth());
    }

    @Test
    void every_schedule_told_of_is_better_than_the_one_before_and_the_last_is_the_answer() {
        List<Schedule> told = new ArrayList<>();
        Schedule best = new TimefoldSearch().search(twoJobs(), 2000, () -> false, told::add);
        for (int i = 1; i < told.size(); i++) {
            assertThat(told.get(i).worth()).isLessThan(told.get(i - 1).worth());
        }
        assertThat(told.get(told.size() - 1)).isEqualTo(best);
    }

    @Test
    void it_stops_when_it_is_told_to() {
        AtomicInteger tried = new AtomicInteger();
        new TimefoldSearch().search(twoJobs(), 1_000_000, () -> tried.incrementAndGet() > 50, better -> { });
        assertThat(tried.get()).isBetween(51, 2000);
    }

    @Test
    void one_piece_and_none_need_no_search() {
        ScheduleProblem one = new ScheduleProblem(List.of(PieceOfWork.untouched("one", 0, rib(1, 30, 3, 2))), List.of(OptionalInt.empty()), List.of(4, 1, 1), 1, days());
        assertThat(search(one, 100).slots()).hasSize(4);
        assertThat(search(new ScheduleProblem(List.of(), List.of(OptionalInt.empty()), List.of(), 1, days()), 100).slots()).isEmpty();
    }
}
