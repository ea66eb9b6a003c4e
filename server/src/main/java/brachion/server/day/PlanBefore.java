package brachion.server.day;

import brachion.core.schedule.Operation;
import brachion.server.day.ShopRun.RunPiece;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;

/** What people count on: the plan that is in force, as the next one sees it. */
final class PlanBefore {

    private final List<SlotColumns> slots;
    private final List<CountedColumns> jobs;
    private final Instant from;

    /**
     * @param plan the plan in force; empty when there is none
     * @param from now
     */
    PlanBefore(Optional<DayPlanEntity> plan, Instant from) {
        this(plan.map(DayPlanEntity::slots).orElse(List.of()), plan.map(DayPlanEntity::jobs).orElse(List.of()), from);
    }

    PlanBefore(List<SlotColumns> slots, List<CountedColumns> jobs, Instant from) {
        this.slots = slots;
        this.jobs = jobs;
        this.from = from;
    }

    /** How many pieces of a job it counts on; empty when it knows nothing of it. */
    OptionalInt counted(long job) {
        return jobs.stream().filter(each -> each.jobId() == job).mapToInt(CountedColumns::counted).findFirst();
    }

    /**
     * Which of the pieces of a job those on the bench are: one that was planned by name keeps its number, another is the next that was
     * planned and not on the bench yet, and what was never planned comes after all others.
     *
     * @param onBench keys of the pieces of the job that are there, in the order they were laid there
     */
    Map<Long, Integer> numbers(long job, List<Long> onBench) {
        Map<Long, Integer> numbers = new HashMap<>();
        slots.stream().filter(slot -> Objects.equals(slot.jobId(), job) && slot.pieceId() != null && onBench.contains(slot.pieceId()))
                .forEach(slot -> numbers.put(slot.pieceId(), slot.number()));
        TreeSet<Integer> open = open(job);
        for (long piece : onBench) {
            if (!numbers.containsKey(piece)) {
                numbers.put(piece, open.isEmpty() ? after(job, numbers.values()) : open.pollFirst());
            }
        }
        return numbers;
    }

    /** Numbers for so many pieces that are not on the bench: those that were planned and are not there yet, then new ones. */
    List<Integer> freeNumbers(long job, Collection<Integer> taken, int many) {
        TreeSet<Integer> open = open(job);
        open.removeAll(new HashSet<>(taken));
        List<Integer> free = new ArrayList<>(open.stream().limit(many).toList());
        Set<Integer> all = new HashSet<>(taken);
        all.addAll(free);
        while (free.size() < many) {
            int next = after(job, all);
            free.add(next);
            all.add(next);
        }
        return free;
    }

    /** Numbers that were planned before anybody laid a piece on the bench for them; the soonest first would be another order. */
    private TreeSet<Integer> open(long job) {
        TreeSet<Integer> open = new TreeSet<>();
        slots.stream().filter(slot -> Objects.equals(slot.jobId(), job) && slot.pieceId() == null).forEach(slot -> open.add(slot.number()));
        return open;
    }

    private int after(long job, Collection<Integer> taken) {
        int planned = slots.stream().filter(slot -> Objects.equals(slot.jobId(), job)).mapToInt(SlotColumns::number).max().orElse(0);
        return Math.max(planned, taken.stream().mapToInt(number -> number).max().orElse(0)) + 1;
    }

    /** When each operation of a piece was to begin, in minutes from now; nothing when it was not planned so. */
    List<Integer> begins(RunPiece piece, List<Operation> operations) {
        List<Integer> begins = new ArrayList<>();
        for (Operation operation : operations) {
            Optional<SlotColumns> slot = slots.stream().filter(each -> isOf(each, piece) && each.step() == operation.step()).min(Comparator.comparing(SlotColumns::beginsAt));
            // what was over when the plan was made was over before now
            begins.add(slot.map(each -> (int) Duration.between(from, each.beginsAt()).toMinutes()).orElse(null));
        }
        int first = IntStream.range(0, begins.size()).filter(i -> begins.get(i) != null).findFirst().orElse(-1);
        return first < 0 || begins.subList(first, begins.size()).contains(null) ? List.of()
                : begins.stream().map(minute -> minute == null ? begins.get(first) : minute).toList();
    }

    private static boolean isOf(SlotColumns slot, RunPiece piece) {
        return piece.jobId() == null || piece.number() == 0 ? Objects.equals(slot.pieceId(), piece.pieceId()) && piece.pieceId() != null
                : Objects.equals(slot.jobId(), piece.jobId()) && slot.number() == piece.number();
    }
}
