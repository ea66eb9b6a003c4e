package brachion.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.bench.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

class LowerBoundTest {

    /** Every order of small runs, thrice each: the best of them is no sooner than the bound, and within a tenth of it in most. */
    @Test
    void no_order_is_done_sooner() {
        int close = 0;
        int runs = 60;
        for (long seed = 0; seed < runs; seed++) {
            ScheduleProblem problem = SomeRun.of(seed + 1000, 4);
            Decoder decoder = new Decoder(problem);
            int best = best(decoder, decoder.firstOrder(), new ArrayList<>());
            int bound = LowerBound.of(problem).endsMinute();
            assertThat(bound).as("run %d", seed).isLessThanOrEqualTo(best);
            close += best <= 1.1 * bound ? 1 : 0;
        }
        assertThat(close).as("bounds that are within a tenth of the best order").isGreaterThanOrEqualTo(runs * 8 / 10);
    }

    private static int best(Decoder decoder, List<Integer> left, List<Integer> order) {
        if (left.isEmpty()) {
            return decoder.worth(order).endsMinute();
        }
        int best = Integer.MAX_VALUE;
        for (int piece : left.stream().distinct().toList()) {
            List<Integer> rest = new ArrayList<>(left);
            rest.remove((Integer) piece);
            order.add(piece);
            best = Math.min(best, best(decoder, rest, order));
            order.remove(order.size() - 1);
        }
        return best;
    }

    /** Ten pieces, a quarter of an hour of hands each, with one pair that works from 8 to 9: the tenth is done in the third day. */
    @Test
    void the_hands_work_has_to_fit_into_the_hours_there_are() {
        List<WorkingHours.Hours> hours = new ArrayList<>();
        for (int day = 0; day < 20; day++) {
            hours.add(new WorkingHours.Hours(day * 1440 + 480, day * 1440 + 540));
        }
        List<PieceOfWork> pieces = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            pieces.add(PieceOfWork.untouched("piece " + i, 0, List.of(new Operation(Step.BENDING, 1, 15, 0, 0, false, 0, List.of()))));
        }
        ScheduleProblem problem = new ScheduleProblem(pieces, List.of(OptionalInt.empty()), List.of(), 1, new WorkingHours(hours));
        assertThat(LowerBound.of(problem).endsMinute()).isEqualTo(2 * 1440 + 480 + 30);
        Decoder decoder = new Decoder(problem);
        assertThat(decoder.worth(decoder.firstOrder()).endsMinute()).isEqualTo(2 * 1440 + 480 + 30);
    }
}
