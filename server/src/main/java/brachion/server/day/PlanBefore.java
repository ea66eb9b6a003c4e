package brachion.server.day;

import brachion.core.schedule.Operation;
import brachion.core.schedule.PieceOfWork.Counted;
import brachion.server.day.ShopRun.RunPiece;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
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
    private final List<SlotItemColumns> items;
    private final List<CountedColumns> jobs;
    private final Instant from;

    /**
     * @param plan the plan in force; empty when there is none
     * @param from now
     */
    PlanBefore(Optional<DayPlanEntity> plan, Instant from) {
        slots = plan.map(DayPlanEntity::slots).orElse(List.of());
        items = plan.map(DayPlanEntity::items).orElse(List.of());
        jobs = plan.map(DayPlanEntity::jobs).orElse(List.of());
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

    /** Numbers that were planned and for which nobody laid a piece on the bench yet. */
    private TreeSet<Integer> open(long job) {
        TreeSet<Integer> open = new TreeSet<>();
        slots.stream().filter(slot -> Objects.equals(slot.jobId(), job) && slot.pieceId() == null).forEach(slot -> open.add(slot.number()));
        return open;
    }

    private int after(long job, Collection<Integer> taken) {
        int planned = slots.stream().filter(slot -> Objects.equals(slot.jobId(), job)).mapToInt(SlotColumns::number).max().orElse(0);
        return Math.max(planned, taken.stream().mapToInt(number -> number).max().orElse(0)) + 1;
    }

    /**
     * What people count on of a piece; nothing when it was not planned so.
     *
     * @param things keys of the things in the rig, in the order of the run
     */
    List<Counted> of(RunPiece piece, List<Operation> operations, List<Long> things) {
        List<Optional<Counted>> counted = operations.stream().map(operation -> IntStream.range(0, slots.size()).boxed()
                .filter(slot -> isOf(slots.get(slot), piece) && slots.get(slot).step() == operation.step()).findFirst().map(slot -> counted(slot, things))).toList();
        int first = IntStream.range(0, counted.size()).filter(i -> counted.get(i).isPresent()).findFirst().orElse(-1);
        // what was over when the plan was made was over before now
        return first < 0 || counted.subList(first, counted.size()).stream().anyMatch(Optional::isEmpty) ? List.of()
                : counted.stream().map(each -> each.or(() -> counted.get(first)).orElseThrow()).toList();
    }

    private Counted counted(int slot, List<Long> things) {
        List<Integer> with = items.stream().filter(item -> item.slot() == slot).map(item -> things.indexOf(item.itemId())).toList();
        return new Counted((int) Duration.between(from, slots.get(slot).beginsAt()).toMinutes(), with.contains(-1) ? List.of() : with);
    }

    private static boolean isOf(SlotColumns slot, RunPiece piece) {
        return piece.jobId() == null || piece.number() == 0 ? Objects.equals(slot.pieceId(), piece.pieceId()) && piece.pieceId() != null
                : Objects.equals(slot.jobId(), piece.jobId()) && slot.number() == piece.number();
    }
}
