package brachion.core.schedule;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * No schedule is done sooner. The greatest of three: the piece that takes longest, alone in an empty shop (critical path); the hands'
 * work beside the hours there are; and what is asked of each group of things that serve for the same, beside how much of it there is
 * (busiest resource, with the least that comes before and after), and beside how often it can be taken up and given back in hours of
 * work, by those that take it for some time or longer.
 *
 * @param endsMinute  no schedule's last piece is done sooner [min]
 * @param alone       the piece that takes longest, alone [min]
 * @param ofHands     what the hands' work takes [min]
 * @param ofThings    what the busiest group of things takes [min]
 */
public record LowerBound(int endsMinute, int alone, int ofHands, int ofThings) {

    /** Of a problem. */
    public static LowerBound of(ScheduleProblem problem) {
        int alone = 0;
        long hands = 0;
        int shortestAfterHands = Integer.MAX_VALUE;
        Map<List<Integer>, Group> groups = new HashMap<>();
        Map<PieceOfWork, Schedule> seen = new HashMap<>();
        for (PieceOfWork piece : problem.pieces()) {
            Schedule only = seen.computeIfAbsent(piece.unnamed().with(piece.earliest(), List.of()), one -> alone(problem, one));
            alone = Math.max(alone, only.worth().endsMinute());
            int tail = 0;
            boolean handled = false;
            for (int i = piece.operations().size() - 1; i >= piece.begun(); i--) {
                Operation operation = piece.operations().get(i);
                hands += (long) operation.people() * operation.handsMinutes();
                if (operation.people() > 0 && !handled) {
                    handled = true;
                    shortestAfterHands = Math.min(shortestAfterHands, operation.minutes() + tail);
                }
                int begins = beginsAlone(only, i);
                int after = tail;
                boolean byHand = i + 1 < piece.operations().size() && piece.operations().get(i + 1).people() > 0;
                operation.needs().forEach(need -> groups.computeIfAbsent(need.things(), things -> new Group()).add(new Asked(need.takes(), operation.lasts(), operation.people() > 0, byHand, begins, after)));
                tail += operation.lasts();
            }
        }
        int worked = problem.hours().workedBy(hands, problem.people());
        int ofHands = hands == 0 ? 0 : worked == WorkingHours.NEVER ? worked : worked + shortestAfterHands;
        int ofThings = merged(groups).entrySet().stream().mapToInt(group -> group.getValue().bound(group.getKey().stream().mapToInt(problem.room()::get).toArray(), problem.hours())).max().orElse(0);
        return new LowerBound(Math.max(alone, Math.max(ofHands, ofThings)), alone, ofHands, ofThings);
    }

    private static Schedule alone(ScheduleProblem problem, PieceOfWork piece) {
        Decoder decoder = new Decoder(new ScheduleProblem(List.of(piece), problem.due(), problem.room(), problem.people(), problem.hours()));
        return decoder.schedule(decoder.firstOrder());
    }

    private static int beginsAlone(Schedule alone, int operation) {
        return alone.slots().stream().filter(slot -> slot.operation() == operation).findFirst().orElseThrow().begins();
    }

    /** Groups that share a thing are one. */
    private static Map<Set<Integer>, Group> merged(Map<List<Integer>, Group> groups) {
        Map<Set<Integer>, Group> merged = new HashMap<>();
        groups.forEach((things, group) -> {
            Set<Integer> together = new HashSet<>(things);
            Group sum = group;
            for (Set<Integer> known : new ArrayList<>(merged.keySet())) {
                if (known.stream().anyMatch(together::contains)) {
                    sum = sum.with(merged.remove(known));
                    together.addAll(known);
                }
            }
            merged.put(together, sum);
        });
        return merged;
    }

    /**
     * What one operation asks of some things.
     *
     * @param takes    how much of one
     * @param lasts    for how long at least [min]
     * @param byHand   whether it begins with hands
     * @param endsByHand whether what comes next does
     * @param begins   when it begins, its piece alone [min]
     * @param after    how long its piece takes after it at least [min]
     */
    private record Asked(int takes, int lasts, boolean byHand, boolean endsByHand, int begins, int after) {
    }

    /** What is asked of some things that serve for the same. */
    private static final class Group {

        private final List<Asked> asked = new ArrayList<>();

        void add(Asked one) {
            asked.add(one);
        }

        Group with(Group other) {
            Group sum = new Group();
            sum.asked.addAll(asked);
            sum.asked.addAll(other.asked);
            return sum;
        }

        int bound(int[] room, WorkingHours hours) {
            int bound = 0;
            for (int shortest : asked.stream().mapToInt(Asked::lasts).distinct().toArray()) {
                bound = Math.max(bound, bound(asked.stream().filter(one -> one.lasts() >= shortest).toList(), shortest, room, hours));
            }
            return bound;
        }

        /** Of those that are no shorter. */
        private static int bound(List<Asked> some, int shortest, int[] room, WorkingHours hours) {
            int soonest = some.stream().mapToInt(Asked::begins).min().orElseThrow();
            int after = some.stream().mapToInt(Asked::after).min().orElseThrow();
            int leastTaken = some.stream().mapToInt(Asked::takes).min().orElseThrow();
            long minutes = some.stream().mapToLong(one -> (long) one.takes() * one.lasts()).sum();
            int all = IntStream.of(room).sum();
            int byRoom = soonest + (int) ((minutes + all - 1) / all) + after;
            int atOnce = IntStream.of(room).map(each -> each / leastTaken).sum();
            if (atOnce == 0) {
                return byRoom;
            }
            int turns = byTurns((some.size() + atOnce - 1) / atOnce, shortest, soonest, some, hours);
            return Math.max(byRoom, turns + after);
        }

        /** So many one after the other, each as short as the shortest; to be done sooner with one never makes it later with the next. */
        private static int byTurns(int turns, int shortest, int soonest, List<Asked> some, WorkingHours hours) {
            boolean byHand = some.stream().allMatch(Asked::byHand);
            boolean endsByHand = some.stream().allMatch(Asked::endsByHand);
            int at = soonest;
            for (int turn = 0; turn < turns; turn++) {
                int begins = byHand ? hours.earliest(at, 1) : at;
                int ends = begins == WorkingHours.NEVER ? begins : endsByHand ? hours.earliest(begins + shortest, 1) : begins + shortest;
                if (ends == WorkingHours.NEVER) {
                    return 0;
                }
                at = ends;
            }
            return at;
        }
    }
}
