package brachion.core.schedule;

import brachion.core.forecast.Odds;
import brachion.core.schedule.Schedule.Slot;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.hipparchus.random.RandomDataGenerator;

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
     * A piece of the job in the schedule.
     *
     * @param done when it is done [min]
     * @param dries how long it dries or sets last [min]
     * @param bent when it is to be bent [min]; before 0 where it has been
     */
    private record Planned(int done, int dries, int bent) {
    }

    /**
     * When so many good pieces are done [min], in each of so many trials, in order.
     *
     * @param job  which of the jobs
     * @param seed of the chances
     */
    public static int[] of(ScheduleProblem problem, Schedule schedule, int job, Wanted wanted, int trials, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        RandomDataGenerator chances = new RandomDataGenerator(seed);
        Planned[] pieces = planned(problem, schedule, job);
        long alone = problem.pieces().stream().filter(piece -> piece.job() == job).findFirst()
                .map(piece -> piece.operations().stream().mapToLong(Operation::lasts).sum()).orElse(0L);
        Beta chance = beta(wanted.odds());
        double spread = wanted.drying().map(days -> Math.log(days.latest() / Math.max(0.01, days.earliest())) / (2 * Z_80)).orElse(0.0);
        return IntStream.range(0, trials).map(trial -> one(pieces, wanted, alone,
                chances.nextBeta(chance.alpha(), chance.beta()), Math.exp(spread * random.nextGaussian()), random)).sorted().toArray();
    }

    private static Planned[] planned(ScheduleProblem problem, Schedule schedule, int job) {
        Map<Integer, Planned> pieces = new TreeMap<>();
        for (Slot slot : schedule.slots()) {
            PieceOfWork piece = problem.pieces().get(slot.piece());
            if (piece.job() == job) {
                Operation operation = piece.operations().get(slot.operation());
                Planned before = pieces.getOrDefault(slot.piece(), new Planned(0, 0, -1));
                boolean bends = switch (operation.step()) {
                    case BENDING, GLUING, IN_CLAMPS -> slot.operation() >= piece.begun() && before.bent() < 0;
                    default -> false;
                };
                // slots of a piece come in the order of its work
                pieces.put(slot.piece(), new Planned(slot.ends(), operation.minutes(), bends ? slot.begins() : before.bent()));
            }
        }
        return pieces.values().toArray(Planned[]::new);
    }

    private static int one(Planned[] pieces, Wanted wanted, long alone, double holds, double slower, SplittableRandom random) {
        int[] good = new int[pieces.length];
        int held = 0;
        int lastBroke = 0;
        int lastDone = 0;
        for (Planned piece : pieces) {
            // where it dries last it is done when it is dry
            int done = piece.done() + (int) Math.round((slower - 1) * piece.dries());
            lastDone = Math.max(lastDone, done);
            if (piece.bent() < 0 || random.nextDouble() < holds) {
                good[held++] = done;
            } else {
                lastBroke = Math.max(lastBroke, piece.bent());
            }
        }
        Arrays.sort(good, 0, held);
        if (held >= wanted.wanted()) {
            return wanted.wanted() == 0 ? 0 : good[wanted.wanted() - 1];
        }
        int more = 0;
        for (int missing = wanted.wanted() - held; missing > 0 && more < MOST_MORE; more++) {
            missing -= random.nextDouble() < holds ? 1 : 0;
        }
        int pace = pace(pieces);
        return (int) Math.min(Integer.MAX_VALUE, Math.max(lastDone + (long) pace * more, lastBroke + alone + (long) pace * (more - 1)));
    }

    /** Minutes from one piece to the next. */
    private static int pace(Planned[] pieces) {
        int first = Arrays.stream(pieces).mapToInt(Planned::done).min().orElse(0);
        int last = Arrays.stream(pieces).mapToInt(Planned::done).max().orElse(0);
        return pieces.length < 2 ? 0 : (last - first) / (pieces.length - 1);
    }

    /** A beta distribution. */
    private record Beta(double alpha, double beta) {
    }

    /** The beta distribution with the mean of the odds and a range as wide. */
    private static Beta beta(Odds odds) {
        double mean = Math.max(1 - SUREST, Math.min(SUREST, odds.probability()));
        double sd = Math.max(1e-3, (odds.high() - odds.low()) / (2 * Z_80));
        double weight = Math.max(0.2, mean * (1 - mean) / (sd * sd) - 1);
        return new Beta(mean * weight, (1 - mean) * weight);
    }
}
