package brachion.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.bench.Step;
import brachion.core.schedule.Conflict.Kind;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ConflictsTest {

    private static final int RUNS = 120;
    private static final int BOX = 0;
    private static final int FORM = 1;
    private static final int DAY = 24 * 60;

    /** What is placed last is placed as early as it fits: so at every sooner moment something keeps it, and at its own nothing does. */
    @Test
    void something_keeps_the_piece_that_was_placed_last_until_it_goes_on() {
        int looked = 0;
        for (long seed = 0; seed < RUNS; seed++) {
            ScheduleProblem problem = SomeRun.of(seed, 14);
            Decoder decoder = new Decoder(problem);
            List<Integer> order = new ArrayList<>(decoder.firstOrder());
            Collections.shuffle(order, new Random(seed));
            int last = order.isEmpty() ? -1 : order.get(order.size() - 1);
            if (last < 0 || Collections.frequency(order, last) > 1 || problem.pieces().get(last).begun() > 0) {
                continue;
            }
            Schedule schedule = decoder.schedule(order);
            if (!schedule.order().equals(order)) {
                continue;
            }
            Conflicts conflicts = new Conflicts(problem, schedule);
            int goesOn = conflicts.goesOn(last).orElseThrow();
            for (int at = problem.pieces().get(last).earliest(); at < goesOn; at += 61) {
                assertThat(conflicts.at(last, at)).as("run %d, piece %d at %d of %d", seed, last, at, goesOn).isPresent();
                looked++;
            }
            assertThat(conflicts.at(last, goesOn)).as("run %d, piece %d at %d", seed, last, goesOn).isEmpty();
        }
        assertThat(looked).isGreaterThan(500);
    }

    private static Operation heat(int minutes) {
        return new Operation(Step.HEATING, 1, 3, minutes, 10, true, 30, List.of(new Requirement(List.of(BOX), 1)));
    }

    private static Operation bend(int minutes) {
        return new Operation(Step.BENDING, 1, 10, minutes, Operation.ANY_TIME, false, 0, List.of(new Requirement(List.of(FORM), 1)));
    }

    private static Operation off() {
        return new Operation(Step.DRYING, 1, 5, DAY, 0, false, 0, List.of());
    }

    /** Two ribs, one form, a box with room for both, one pair of hands from eight to five. */
    private static Conflicts ribs(int many, int roomInBox) {
        List<PieceOfWork> pieces = Stream.iterate(0, i -> i + 1).limit(many).map(i -> PieceOfWork.untouched("rib " + i, 0, List.of(heat(30), bend(DAY), off()))).toList();
        ScheduleProblem problem = new ScheduleProblem(pieces, List.of(OptionalInt.empty()), List.of(roomInBox, 1), 1, SomeRun.days(60));
        Decoder decoder = new Decoder(problem);
        return new Conflicts(problem, decoder.schedule(decoder.firstOrder()));
    }

    @Test
    void before_work_begins_the_shop_is_closed_and_until_the_box_is_hot_it_is_as_good_as_closed() {
        Conflicts one = ribs(1, 2);
        assertThat(one.goesOn(0)).hasValue(8 * 60 + 30);
        assertThat(one.at(0, 7 * 60)).map(Conflict::kind).hasValue(Kind.CLOSED);
        assertThat(one.at(0, 8 * 60 + 20)).map(Conflict::kind).hasValue(Kind.CLOSED);
        assertThat(one.at(0, 17 * 60)).map(Conflict::kind).hasValue(Kind.CLOSED);
    }

    @Test
    void hot_wood_does_not_wait_for_a_form_so_it_is_kept_by_who_has_the_form() {
        Conflicts two = ribs(2, 2);
        assertThat(two.at(1, 8 * 60 + 40)).hasValue(new Conflict(Kind.THING_TAKEN, 1, List.of(FORM), List.of(0)));
        assertThat(two.goesOn(1).orElseThrow()).isGreaterThan(DAY);
    }

    @Test
    void who_has_the_box_and_who_has_the_hands_is_named() {
        Conflicts full = ribs(2, 1);
        assertThat(full.at(1, 8 * 60 + 34)).hasValue(new Conflict(Kind.THING_TAKEN, 0, List.of(BOX), List.of(0)));
        Conflicts roomy = ribs(2, 2);
        assertThat(roomy.at(1, 8 * 60 + 31)).hasValue(new Conflict(Kind.HANDS_BUSY, 0, List.of(), List.of(0)));
    }
}
