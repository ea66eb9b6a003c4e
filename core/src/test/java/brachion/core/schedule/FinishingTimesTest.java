package brachion.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.bench.Step;
import brachion.core.forecast.Odds;
import brachion.core.schedule.FinishingTimes.Wanted;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.hipparchus.distribution.discrete.BinomialDistribution;
import org.junit.jupiter.api.Test;

class FinishingTimesTest {

    private static final int TRIALS = 20_000;
    private static final int HOUR = 60;

    /** One an hour, with nothing else to it but an hour of bending. */
    private static ScheduleProblem hourly(int pieces, int dryMinutes) {
        List<Operation> bend = List.of(new Operation(Step.BENDING, 1, HOUR, 0, 0, false, 0, List.of()), new Operation(Step.DRYING, 0, 0, dryMinutes, 0, false, 0, List.of()));
        return new ScheduleProblem(IntStream.range(0, pieces).mapToObj(i -> PieceOfWork.untouched("piece " + i, 0, bend)).toList(), List.of(OptionalInt.empty()), List.of(), 1,
                new WorkingHours(List.of(new WorkingHours.Hours(0, 1_000_000))));
    }

    private static int[] times(ScheduleProblem problem, Wanted wanted) {
        Decoder decoder = new Decoder(problem);
        return FinishingTimes.of(problem, decoder.schedule(decoder.firstOrder()), 0, wanted, TRIALS, 1);
    }

    private static double doneBy(int[] times, int minute) {
        return Arrays.stream(times).filter(time -> time <= minute).count() / (double) times.length;
    }

    /** With a chance that is known, the fifth good one of eight is done by the k-th hour as often as k throws hold five. */
    @Test
    void enough_are_good_as_often_as_coins_fall() {
        int[] times = times(hourly(8, 0), new Wanted(5, new Odds(0.8, 0.7999, 0.8001), Optional.empty()));
        for (int hours = 5; hours <= 8; hours++) {
            double expected = 1 - new BinomialDistribution(hours, 0.8).cumulativeProbability(4);
            assertThat(doneBy(times, hours * HOUR)).as("by hour %d", hours).isCloseTo(expected, within(0.012));
        }
    }

    /** Where the chance itself is unsure, all hold together more often than coins do. */
    @Test
    void pieces_of_a_job_hold_and_break_together() {
        int[] sure = times(hourly(6, 0), new Wanted(6, new Odds(0.8, 0.7999, 0.8001), Optional.empty()));
        int[] unsure = times(hourly(6, 0), new Wanted(6, new Odds(0.8, 0.55, 0.99), Optional.empty()));
        assertThat(doneBy(unsure, 6 * HOUR)).isGreaterThan(doneBy(sure, 6 * HOUR) + 0.03);
    }

    /** A piece that surely holds is dry by a time as often as the logarithm of its days says: ranges of eight in ten, 2 to 8 days round 4. */
    @Test
    void wood_dries_by_its_range() {
        int[] times = times(hourly(1, 4 * 1440), new Wanted(1, new Odds(0.999, 0.9989, 0.9991), Optional.of(new DryingDays(2, 4, 8))));
        double sigma = Math.log(8.0 / 2) / 2 / 1.2815515655446004;
        for (double days : new double[] {2, 3, 4, 6, 8}) {
            double expected = new NormalDistribution().cumulativeProbability(Math.log(days / 4) / sigma);
            assertThat(doneBy(times, HOUR + (int) (days * 1440))).as("%s days", days).isCloseTo(expected, within(0.012));
        }
    }

    @Test
    void what_is_missing_in_the_end_is_begun_anew_and_later() {
        int[] times = times(hourly(2, 0), new Wanted(2, new Odds(0.5, 0.4999, 0.5001), Optional.empty()));
        assertThat(doneBy(times, 2 * HOUR)).isCloseTo(0.25, within(0.012));
        assertThat(doneBy(times, 3 * HOUR)).as("one more, and it holds").isCloseTo(0.25 + 0.5 * 0.5, within(0.03));
    }
}
