package brachion.core.schedule;

import brachion.core.schedule.PieceOfWork.Counted;
import brachion.core.schedule.Schedule.Slot;
import brachion.core.schedule.Schedule.Worth;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * Makes a schedule of an order of work: each block of a piece, from one moment at which it may wait to the next, is placed as early as
 * it fits between what was placed before. That is the serial schedule generation scheme (Kolisch 1996, Serial and parallel
 * resource-constrained project scheduling methods revisited, EJOR 90), here with time lags between operations that may not be
 * exceeded; an order names pieces, each as often as it has blocks (permutation with repetition, Bierwirth 1995, OR Spektrum 17). From
 * memory. Not for several threads at once.
 */
public final class Decoder {

    private static final int NEVER = WorkingHours.NEVER;
    private static final int PLACED = Integer.MIN_VALUE;
    /** Nobody's plan is off by more than that when a piece is moved by a week [min]. */
    private static final int MOST_CHANGED = 24 * 60;

    private final ScheduleProblem problem;
    private final Timeline people;
    private final Timeline[] things;
    private final PlainOperation[][] flat;
    /** First and, beyond its last, next operation of each block of each piece that is not under way. */
    private final int[][] blocks;
    private final int[][] begins;
    private final int[][] ends;
    private final int[][][] chosen;
    private final int[] nextBlock;
    private final int[] doneAt;

    /** A decoder for a problem. */
    public Decoder(ScheduleProblem problem) {
        this.problem = problem;
        people = new Timeline(problem.people());
        things = problem.room().stream().map(Timeline::new).toArray(Timeline[]::new);
        int pieces = problem.pieces().size();
        blocks = problem.pieces().stream().map(Decoder::blocks).toArray(int[][]::new);
        begins = problem.pieces().stream().map(piece -> new int[piece.operations().size()]).toArray(int[][]::new);
        ends = problem.pieces().stream().map(piece -> new int[piece.operations().size()]).toArray(int[][]::new);
        chosen = problem.pieces().stream().map(piece -> piece.operations().stream().map(each -> new int[each.needs().size()]).toArray(int[][]::new)).toArray(int[][][]::new);
        flat = problem.pieces().stream().map(piece -> piece.operations().stream().map(PlainOperation::new).toArray(PlainOperation[]::new)).toArray(PlainOperation[][]::new);
        nextBlock = new int[pieces];
        doneAt = new int[pieces];
    }

    /** Where the blocks of a piece begin, and where the last ends. */
    private static int[] blocks(PieceOfWork piece) {
        IntStream.Builder starts = IntStream.builder();
        int count = piece.operations().size();
        for (int i = piece.begun(); i < count; i++) {
            if (i == piece.begun() || piece.operations().get(i - 1).endsBlock()) {
                starts.add(i);
            }
        }
        return starts.add(count).build().toArray();
    }

    /** An order to begin with: every piece as often as it has blocks, what is due first before the others. */
    public List<Integer> firstOrder() {
        List<Integer> order = new ArrayList<>();
        IntStream.range(0, blocks.length).boxed()
                .sorted(Comparator.comparingInt((Integer piece) -> problem.due().get(problem.pieces().get(piece).job()).orElse(NEVER))
                        .thenComparingInt(piece -> problem.pieces().get(piece).before().stream().mapToInt(Counted::begins).min().orElse(NEVER)))
                .forEach(piece -> IntStream.range(0, blocks[piece].length - 1).forEach(block -> order.add(piece)));
        return order;
    }

    /**
     * How good the schedule of an order is.
     *
     * @param order pieces, each as often as it has blocks
     * @throws CannotBeScheduledException when something fits into no hours of work and no room there is
     */
    public Worth worth(List<Integer> order) {
        clear();
        placeBegun();
        for (int piece : order) {
            placeBlock(piece);
        }
        return worth();
    }

    /**
     * The schedule of an order, in which pieces that are alike begin in the order of the problem: so it is as good, and its order may be
     * another. Throws as {@link #worth(List)} does.
     */
    public Schedule schedule(List<Integer> order) {
        Worth asItIs = worth(order);
        List<Integer> tidy = likeInTurn(order);
        Worth worth = tidy.equals(order) ? asItIs : worth(tidy);
        List<Slot> slots = new ArrayList<>();
        for (int p = 0; p < blocks.length; p++) {
            PieceOfWork piece = problem.pieces().get(p);
            for (int i = Math.max(0, piece.begun() - 1); i < piece.operations().size(); i++) {
                Operation operation = piece.operations().get(i);
                List<Integer> taken = i < piece.begun() ? piece.holds() : IntStream.of(chosen[p][i]).boxed().toList();
                slots.add(new Slot(p, i, begins[p][i], begins[p][i] + operation.handsMinutes(), begins[p][i] + operation.lasts(), ends[p][i], taken));
            }
        }
        return new Schedule(slots, tidy, worth);
    }

    /** The same order with pieces of which one is as good as another renamed, so that the first to begin is the first of them. */
    private List<Integer> likeInTurn(List<Integer> order) {
        Map<PieceOfWork, List<Integer>> alike = new LinkedHashMap<>();
        for (int p = 0; p < blocks.length; p++) {
            PieceOfWork piece = problem.pieces().get(p);
            if (piece.begun() == 0 && piece.before().isEmpty()) {
                alike.computeIfAbsent(piece.unnamed(), one -> new ArrayList<>()).add(p);
            }
        }
        int[] renamed = IntStream.range(0, blocks.length).toArray();
        for (List<Integer> group : alike.values()) {
            List<Integer> byTime = group.stream().sorted(Comparator.comparingInt((Integer p) -> begins[p][0]).thenComparingInt(p -> p)).toList();
            IntStream.range(0, group.size()).forEach(i -> renamed[byTime.get(i)] = group.get(i));
        }
        return order.stream().map(p -> renamed[p]).toList();
    }

    /** Whether another order could be any better: pieces that are all alike take turns as they like. */
    public boolean orderMatters() {
        return firstOrder().stream().map(p -> problem.pieces().get(p).unnamed()).distinct().limit(2).count() > 1;
    }

    private void clear() {
        people.clear();
        Arrays.stream(things).forEach(Timeline::clear);
        Arrays.fill(nextBlock, 0);
        Arrays.fill(doneAt, 0);
    }

    /**
     * What is under way goes on first, what can wait least before the others. Each keeps what it holds until it goes on; who needs
     * something of that in time waits until the holders have gone on.
     */
    private void placeBegun() {
        int[] underWay = IntStream.range(0, blocks.length).filter(p -> problem.pieces().get(p).begun() > 0).toArray();
        for (int p : underWay) {
            PieceOfWork piece = problem.pieces().get(p);
            int ready = ready(piece);
            begins[p][piece.begun() - 1] = piece.begunAt();
            ends[p][piece.begun() - 1] = ready;
            doneAt[p] = ready;
            PlainOperation now = flat[p][piece.begun() - 1];
            people.take(piece.begunAt(), piece.begunAt() + now.hands, now.people);
            hold(p, piece.begunAt(), goesOn(piece) ? Timeline.FOREVER : ready, 1);
        }
        List<Integer> waiting = IntStream.of(underWay).filter(p -> goesOn(problem.pieces().get(p))).boxed()
                .sorted(Comparator.comparingLong(this::bearsUntil).thenComparingInt(p -> p)).toList();
        List<Integer> blocked = waiting.stream().filter(p -> !goOn(p, (int) Math.max(ready(problem.pieces().get(p)), Math.min(NEVER - 1, bearsUntil(p))))).toList();
        List<Integer> crossed = blocked.stream().filter(p -> !goOn(p, NEVER - 1)).toList();
        // each holds what another needs: there is more on the bench than the rig has room for
        crossed.forEach(p -> hold(p, ready(problem.pieces().get(p)), Timeline.FOREVER, -1));
        crossed.forEach(this::placeBlock);
    }

    /** Whether what comes next is of the block it is in; another block comes in its turn. */
    private static boolean goesOn(PieceOfWork piece) {
        return piece.begun() < piece.operations().size() && !piece.operations().get(piece.begun() - 1).endsBlock();
    }

    /** Goes on with a piece, no later than that; false when it cannot. */
    private boolean goOn(int p, int to) {
        PieceOfWork piece = problem.pieces().get(p);
        hold(p, ready(piece), Timeline.FOREVER, -1);
        boolean placed = placeBlock(p, to);
        if (!placed) {
            hold(p, ready(piece), Timeline.FOREVER, 1);
        }
        return placed;
    }

    /** What it holds is taken, or given back. */
    private void hold(int p, int from, int to, int sign) {
        PieceOfWork piece = problem.pieces().get(p);
        for (int need = 0; need < piece.holds().size(); need++) {
            things[piece.holds().get(need)].take(from, to, sign * flat[p][piece.begun() - 1].takes[need]);
        }
    }

    private static int ready(PieceOfWork piece) {
        return Math.max(0, piece.begunAt() + piece.operations().get(piece.begun() - 1).lasts());
    }

    private long bearsUntil(int p) {
        PieceOfWork piece = problem.pieces().get(p);
        return (long) ready(piece) + piece.operations().get(piece.begun() - 1).slackMinutes();
    }

    /** Places the next block of a piece, unless all are placed. */
    private void placeBlock(int p) {
        if (nextBlock[p] < blocks[p].length - 1 && !placeBlock(p, NEVER - 1)) {
            PieceOfWork piece = problem.pieces().get(p);
            throw new CannotBeScheduledException(piece, piece.operations().get(blocks[p][nextBlock[p]]));
        }
    }

    /** Places it so that it begins no later than that; false, and nothing is done, when it cannot. */
    private boolean placeBlock(int p, int to) {
        PieceOfWork piece = problem.pieces().get(p);
        int first = blocks[p][nextBlock[p]];
        int last = blocks[p][nextBlock[p] + 1];
        int ready = first == 0 ? 0 : Math.max(0, first == piece.begun() ? ready(piece) : ends[p][first - 1]);
        int from = first == piece.begun() ? (int) Math.max(ready, Math.min(piece.earliest(), first == 0 ? NEVER : bearsUntil(p))) : ready;
        if (place(p, first, last, from, to) != PLACED) {
            return false;
        }
        nextBlock[p]++;
        for (int i = first; i < last; i++) {
            PlainOperation operation = flat[p][i];
            people.take(begins[p][i], begins[p][i] + operation.hands, operation.people);
            for (int need = 0; need < operation.takes.length; need++) {
                things[chosen[p][i][need]].take(begins[p][i], ends[p][i], operation.takes[need]);
            }
        }
        if (first > 0 && ends[p][first - 1] < begins[p][first]) {
            keepOn(piece, p, first - 1);
        }
        doneAt[p] = ends[p][last - 1];
        return true;
    }

    /** What waits keeps what it holds. */
    private void keepOn(PieceOfWork piece, int p, int waits) {
        int until = begins[p][waits + 1];
        if (waits == piece.begun() - 1) {
            hold(p, ends[p][waits], until, 1);
        }
        ends[p][waits] = until;
    }

    /**
     * Finds times for the operations of a block from one on.
     *
     * @param from the first of them begins no sooner
     * @param to   and no later
     * @return {@link #PLACED}, or a moment before which it cannot begin, later than allowed
     */
    private int place(int p, int i, int last, int from, int to) {
        PlainOperation operation = flat[p][i];
        List<Counted> before = problem.pieces().get(p).before();
        // what people count on stays, unless it would have to wait too long
        int at = before.isEmpty() ? from : Math.max(from, Math.min(to, before.get(i).begins()));
        while (true) {
            at = earliest(operation, at);
            if (at > to) {
                return at;
            }
            int ready = at + operation.lasts;
            begins[p][i] = at;
            if (i == last - 1) {
                return finish(p, i, ready);
            }
            int latest = operation.slack > NEVER - 1 - ready ? NEVER - 1 : ready + operation.slack;
            int kept = keptUntil(operation, at);
            int next = place(p, i + 1, last, ready, Math.min(latest, kept));
            if (next == PLACED) {
                return finish(p, i, begins[p][i + 1]);
            }
            if (next == NEVER) {
                return NEVER;
            }
            // later by what it would have to wait too long; or when something changes with what it cannot keep so long
            at = next > latest ? at + next - latest : Math.max(at + 1, Math.min(kept, nextChange(operation, at)));
        }
    }

    /** The operation ends then; what it takes up is what people count on, else the first of the things that stay free so long. */
    private int finish(int p, int i, int end) {
        PlainOperation operation = flat[p][i];
        int begin = begins[p][i];
        ends[p][i] = end;
        for (int need = 0; need < operation.takes.length; need++) {
            int[] any = operation.things[need];
            int thing = counted(p, i, need);
            for (int next = 0; thing < 0 || things[thing].earliest(begin, end - begin, operation.takes[need]) != begin; next++) {
                thing = any[next];
            }
            chosen[p][i][need] = thing;
        }
        return PLACED;
    }

    /** The thing people count on; −1 when they count on none that would do. */
    private int counted(int p, int i, int need) {
        List<Counted> before = problem.pieces().get(p).before();
        if (before.isEmpty() || before.get(i).things().size() != flat[p][i].takes.length) {
            return -1;
        }
        int thing = before.get(i).things().get(need);
        return flat[p][i].serves(thing, need) ? thing : -1;
    }

    /** The first moment from one on at which hands and things are free for as long as it takes at least. */
    private int earliest(PlainOperation operation, int from) {
        int at = from;
        while (true) {
            int tried = at;
            if (operation.people > 0 || operation.watched) {
                at = problem.hours().earliest(at, operation.watched ? operation.lasts : operation.hands, operation.warmUp);
            }
            if (operation.people > 0 && at != NEVER) {
                at = people.earliest(at, operation.hands, operation.people);
            }
            for (int need = 0; need < operation.takes.length && at != NEVER; need++) {
                int first = NEVER;
                for (int thing : operation.things[need]) {
                    first = Math.min(first, things[thing].earliest(at, operation.lasts, operation.takes[need]));
                }
                at = first;
            }
            if (at == tried || at == NEVER) {
                return at;
            }
        }
    }

    /** Until when everything can be kept that is taken up at a moment. */
    private int keptUntil(PlainOperation operation, int at) {
        int kept = NEVER - 1;
        for (int need = 0; need < operation.takes.length; need++) {
            int longest = 0;
            for (int thing : operation.things[need]) {
                longest = Math.max(longest, things[thing].freeUntil(at, operation.takes[need]));
            }
            kept = Math.min(kept, longest);
        }
        return kept;
    }

    private int nextChange(PlainOperation operation, int at) {
        int next = NEVER;
        for (int[] any : operation.things) {
            for (int thing : any) {
                next = Math.min(next, things[thing].nextChange(at));
            }
        }
        return next;
    }

    private Worth worth() {
        long late = 0;
        long changed = 0;
        int end = 0;
        long sum = 0;
        for (int p = 0; p < doneAt.length; p++) {
            PieceOfWork piece = problem.pieces().get(p);
            OptionalInt due = problem.due().get(piece.job());
            late += due.isPresent() ? Math.max(0, doneAt[p] - due.getAsInt()) : 0;
            end = Math.max(end, doneAt[p]);
            sum += doneAt[p];
            for (int i = piece.begun(); i < piece.before().size(); i++) {
                changed += Math.min(MOST_CHANGED, Math.abs(begins[p][i] - piece.before().get(i).begins()));
            }
        }
        return new Worth(late, changed, end, sum);
    }
}
