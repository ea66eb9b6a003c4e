package brachion.core.schedule;

import brachion.core.forecast.Odds;
import brachion.core.schedule.Schedule.Slot;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.hipparchus.distribution.continuous.BetaDistribution;

/**
 * When a job may be done: its schedule is gone through many times, with pieces that break by their odds and wood that dries by its
 * range. The chance that a piece holds is drawn anew each time for the whole job, because it is itself uncertain, and so is how fast
 * its wood dries. A piece that is missing in the end is begun when the last one broke at the soonest, and comes after all others at the pace of the
 * schedule.
 */
public final class FinishingTimes {

    private static final double Z_80 = 1.2815515655446004;
    private static final double SUREST = 0.999;
    private static final int MOST_MORE = 400;

    private FinishingTimes() {
    }

    /**
     * What is wanted of a job.
     *
     * @param wanted good pieces that are still to come
     * @param odds   odds that a piece that is not bent yet is good
     * @param drying how long a piece dries; empty when it does not, or nobody waits for it
     */
    public record Wanted(int wanted, Odds odds, Optional<DryingDays> drying) {
    }

    /**
     * When so many good pieces are done [min], in each of so many trials, in order.
     *
     * @param job  which of the jobs
     * @param seed of the chances
     */
    public static int[] of(ScheduleProblem problem, Schedule schedule, int job, Wanted wanted, int trials, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<Slot> last = IntStream.range(0, problem.pieces().size()).filter(p -> problem.pieces().get(p).job() == job)
                .mapToObj(p -> schedule.slots().stream().filter(slot -> slot.piece() == p).max(Comparator.comparingInt(Slot::operation)).orElseThrow()).toList();
        BetaDistribution chance = beta(wanted.odds());
        double spread = wanted.drying().map(days -> Math.log(days.latest() / Math.max(0.01, days.earliest())) / (2 * Z_80)).orElse(0.0);
        return IntStream.range(0, trials).map(trial -> one(problem, schedule, last, wanted,
                chance.inverseCumulativeProbability(random.nextDouble()), Math.exp(spread * random.nextGaussian()), random)).sorted().toArray();
    }

    private static int one(ScheduleProblem problem, Schedule schedule, List<Slot> last, Wanted wanted, double holds, double slower, SplittableRandom random) {
        int[] good = new int[last.size()];
        int held = 0;
        int lastBroke = 0;
        int lastDone = 0;
        for (Slot slot : last) {
            PieceOfWork piece = problem.pieces().get(slot.piece());
            int done = done(piece, slot, slower);
            OptionalInt bent = bentAt(problem, schedule, slot.piece());
            lastDone = Math.max(lastDone, done);
            if (bent.isEmpty() || random.nextDouble() < holds) {
                good[held++] = done;
            } else {
                lastBroke = Math.max(lastBroke, bent.getAsInt());
            }
        }
        int[] inTime = Arrays.copyOf(good, held);
        Arrays.sort(inTime);
        if (held >= wanted.wanted()) {
            return wanted.wanted() == 0 ? 0 : inTime[wanted.wanted() - 1];
        }
        int more = 0;
        for (int missing = wanted.wanted() - held; missing > 0 && more < MOST_MORE; more++) {
            missing -= random.nextDouble() < holds ? 1 : 0;
        }
        long alone = last.isEmpty() ? 0 : problem.pieces().get(last.get(0).piece()).operations().stream().mapToLong(Operation::lasts).sum();
        int pace = pace(last);
        return (int) Math.min(Integer.MAX_VALUE, Math.max(lastDone + (long) pace * more, lastBroke + alone + (long) pace * (more - 1)));
    }

    /** Where it dries last it is done when it is dry. */
    private static int done(PieceOfWork piece, Slot slot, double slower) {
        int minutes = piece.operations().get(slot.operation()).minutes();
        return slot.ends() + (int) Math.round((slower - 1) * minutes);
    }

    /** When it is to be bent [min]; empty where it has been. */
    private static OptionalInt bentAt(ScheduleProblem problem, Schedule schedule, int p) {
        PieceOfWork piece = problem.pieces().get(p);
        return schedule.slots().stream().filter(slot -> slot.piece() == p && slot.operation() >= piece.begun()).filter(slot -> switch (piece.operations().get(slot.operation()).step()) {
            case BENDING, GLUING, IN_CLAMPS -> true;
            default -> false;
        }).mapToInt(Slot::begins).min();
    }

    /** Minutes from one piece to the next. */
    private static int pace(List<Slot> last) {
        int[] ends = last.stream().mapToInt(Slot::ends).sorted().toArray();
        return ends.length < 2 ? 0 : (ends[ends.length - 1] - ends[0]) / (ends.length - 1);
    }

    /** The beta distribution with the mean of the odds and a range as wide. */
    private static BetaDistribution beta(Odds odds) {
        double mean = Math.max(1 - SUREST, Math.min(SUREST, odds.probability()));
        double sd = Math.max(1e-3, (odds.high() - odds.low()) / (2 * Z_80));
        double weight = Math.max(0.2, mean * (1 - mean) / (sd * sd) - 1);
        return new BetaDistribution(mean * weight, (1 - mean) * weight);
    }
}
