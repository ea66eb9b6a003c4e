package brachion.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brachion.core.bench.Step;
import brachion.core.schedule.PieceOfWork.Counted;
import brachion.core.schedule.Schedule.Slot;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DecoderTest {

    private static final int RUNS = 150;
    private static final int ORDERS = 6;

    /** A steamed rib: half an hour in the box, ten minutes of bending, a day on the form. */
    private static List<Operation> rib() {
        return List.of(new Operation(Step.HEATING, 1, 3, 30, 10, true, 30, List.of(new Requirement(List.of(0), 1))),
                new Operation(Step.BENDING, 1, 10, 24 * 60, Operation.ANY_TIME, false, 0, List.of(new Requirement(List.of(1), 1))),
                new Operation(Step.DRYING, 1, 5, 4 * 24 * 60, 0, false, 0, List.of()));
    }

    private static ScheduleProblem ribs(PieceOfWork... pieces) {
        return new ScheduleProblem(List.of(pieces), List.of(OptionalInt.empty()), List.of(2, 1), 1, SomeRun.days(60));
    }

    private static Schedule first(ScheduleProblem problem) {
        Decoder decoder = new Decoder(problem);
        return decoder.schedule(decoder.firstOrder());
    }

    private static Slot slot(Schedule schedule, int piece, int operation) {
        return schedule.slots().stream().filter(slot -> slot.piece() == piece && slot.operation() == operation).findFirst().orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 4, 12, 40})
    void whatever_the_order_it_can_be_worked(int pieces) {
        for (long seed = 0; seed < RUNS; seed++) {
            ScheduleProblem problem = SomeRun.of(seed * 31 + pieces, pieces);
            Decoder decoder = new Decoder(problem);
            List<Integer> order = new ArrayList<>(decoder.firstOrder());
            for (int i = 0; i < ORDERS; i++) {
                Schedule schedule = decoder.schedule(order);
                assertThat(Checker.wrong(problem, schedule)).as("run %d of %d pieces, order %s", seed, pieces, order).isEmpty();
                assertThat(decoder.worth(order)).as("told and shown alike").isEqualTo(schedule.worth());
                assertThat(decoder.schedule(schedule.order())).as("its own order gives it again").isEqualTo(schedule);
                assertThat(schedule.worth().endsMinute()).isGreaterThanOrEqualTo(LowerBound.of(problem).endsMinute());
                Collections.shuffle(order, new Random(seed + i));
            }
        }
    }

    /** Worked out by hand: warm at 8:30, three minutes to lay it in, half an hour of steam, pulled at 9:03. */
    @Test
    void the_first_rib_is_pulled_as_soon_as_the_box_was_warm_and_it_is_hot() {
        Schedule schedule = first(ribs(PieceOfWork.untouched("rib", 0, rib())));
        assertThat(slot(schedule, 0, 0).begins()).isEqualTo(8 * 60 + 30);
        assertThat(slot(schedule, 0, 1).begins()).isEqualTo(9 * 60 + 3);
        assertThat(slot(schedule, 0, 2).begins()).as("off the form a day later").isEqualTo(24 * 60 + 9 * 60 + 13);
    }

    /** The form is free at 9:18 next day, so the second rib need not go into the box before 8:45. */
    @Test
    void a_rib_is_heated_so_that_it_need_not_wait_for_the_form() {
        Schedule schedule = first(ribs(PieceOfWork.untouched("first", 0, rib()), PieceOfWork.untouched("second", 0, rib())));
        Slot heat = slot(schedule, 1, 0);
        Slot bend = slot(schedule, 1, 1);
        assertThat(bend.begins()).isGreaterThanOrEqualTo(slot(schedule, 0, 2).begins());
        assertThat(bend.begins() - heat.ready()).isBetween(0, 10);
    }

    @Test
    void of_pieces_that_are_alike_the_first_begins_first() {
        ScheduleProblem problem = ribs(PieceOfWork.untouched("1", 0, rib()), PieceOfWork.untouched("2", 0, rib()), PieceOfWork.untouched("3", 0, rib()));
        Decoder decoder = new Decoder(problem);
        assertThat(decoder.schedule(List.of(2, 0, 1))).isEqualTo(decoder.schedule(List.of(0, 1, 2)));
    }

    @Test
    void what_is_under_way_keeps_what_it_holds_and_goes_on_first() {
        PieceOfWork onTheForm = new PieceOfWork("on the form", 0, rib(), 2, -600, List.of(1), 0, List.of());
        Schedule schedule = first(ribs(PieceOfWork.untouched("new", 0, rib()), onTheForm));
        assertThat(slot(schedule, 1, 1).begins()).isEqualTo(-600);
        assertThat(slot(schedule, 0, 1).begins()).isGreaterThanOrEqualTo(slot(schedule, 1, 2).begins());
    }

    @Test
    void what_is_too_long_in_the_heat_already_is_bent_as_soon_as_hands_are_free() {
        PieceOfWork late = new PieceOfWork("late", 0, rib(), 1, -100, List.of(0), 0, List.of());
        ScheduleProblem problem = new ScheduleProblem(List.of(late), List.of(OptionalInt.empty()), List.of(2, 1), 1, new WorkingHours(List.of(new WorkingHours.Hours(-200, 3000))));
        assertThat(slot(first(problem), 0, 1).begins()).isZero();
    }

    @Test
    void what_people_count_on_stays_though_it_could_be_sooner() {
        List<Integer> before = List.of(24 * 60 + 10 * 60, 24 * 60 + 10 * 60 + 40, 3 * 24 * 60 + 9 * 60);
        PieceOfWork counted = new PieceOfWork("counted on", 0, rib(), 0, 0, List.of(), 0, before.stream().map(begins -> new Counted(begins, List.of())).toList());
        Schedule schedule = first(ribs(counted));
        assertThat(schedule.slots()).extracting(Slot::begins).isEqualTo(before);
        assertThat(schedule.worth().changedMinutes()).isZero();
        assertThat(first(ribs(counted).anew()).worth().endsMinute()).isLessThan(schedule.worth().endsMinute());
    }

    /** Whatever run it is, and whichever of its pieces breaks: the others begin when they were to begin. */
    @Test
    void when_a_piece_falls_out_all_others_stay_where_people_count_on_them() {
        for (long seed = 0; seed < 200; seed++) {
            ScheduleProblem problem = SomeRun.of(seed + 5000, 14);
            Schedule before = first(problem);
            int broken = (int) (seed % problem.pieces().size());
            List<PieceOfWork> left = new ArrayList<>();
            for (int p = 0; p < problem.pieces().size(); p++) {
                if (p != broken) {
                    left.add(countedOn(problem.pieces().get(p), before, p));
                }
            }
            ScheduleProblem mended = new ScheduleProblem(left, problem.due(), problem.room(), problem.people(), problem.hours());
            Schedule after = first(mended);
            assertThat(Checker.wrong(mended, after)).as("run %d", seed).isEmpty();
            assertThat(after.worth().changedMinutes()).as("run %d, without piece %d", seed, broken).isZero();
        }
    }

    private static PieceOfWork countedOn(PieceOfWork piece, Schedule before, int p) {
        List<Counted> counted = new ArrayList<>();
        for (int i = 0; i < piece.operations().size(); i++) {
            counted.add(i < piece.begun() - 1 ? new Counted(piece.begunAt(), List.of()) : new Counted(slot(before, p, i).begins(), slot(before, p, i).things()));
        }
        return new PieceOfWork(piece.key(), piece.job(), piece.operations(), piece.begun(), piece.begunAt(), piece.holds(), 0, counted);
    }

    @Test
    void what_fits_into_no_day_is_said() {
        List<Operation> tenHours = List.of(new Operation(Step.HEATING, 1, 3, 600, 10, true, 30, List.of(new Requirement(List.of(0), 1))));
        assertThatThrownBy(() -> first(ribs(PieceOfWork.untouched("beam", 0, tenHours)))).isInstanceOfSatisfying(CannotBeScheduledException.class, never -> {
            assertThat(never.piece()).isEqualTo("beam");
            assertThat(never.step()).isEqualTo(Step.HEATING);
        });
        List<Operation> threePlaces = List.of(new Operation(Step.HEATING, 1, 3, 30, 10, true, 0, List.of(new Requirement(List.of(0), 3))));
        assertThatThrownBy(() -> first(ribs(PieceOfWork.untouched("wide", 0, threePlaces)))).isInstanceOf(CannotBeScheduledException.class);
    }
}
