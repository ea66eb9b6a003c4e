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
 * work, by the shortest that is asked of it.
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
            PieceOfWork alike = new PieceOfWork("", piece.job(), piece.operations(), piece.begun(), piece.begunAt(), piece.holds(), piece.earliest(), List.of());
            Schedule only = seen.computeIfAbsent(alike, one -> alone(problem, one));
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
                operation.needs().forEach(need -> groups.computeIfAbsent(need.things(), things -> new Group()).add(need.takes(), operation, byHand, begins, after));
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

    /** What is asked of some things that serve for the same. */
    private static final class Group {

        private long asked;
        private int pieces;
        private int leastTaken = Integer.MAX_VALUE;
        private int shortest = Integer.MAX_VALUE;
        private boolean begunByHand = true;
        private boolean endedByHand = true;
        private int soonest = Integer.MAX_VALUE;
        private int shortestAfter = Integer.MAX_VALUE;

        void add(int takes, Operation operation, boolean byHand, int begins, int after) {
            asked += (long) takes * operation.lasts();
            pieces++;
            leastTaken = Math.min(leastTaken, takes);
            shortest = Math.min(shortest, operation.lasts());
            begunByHand &= operation.people() > 0;
            endedByHand &= byHand;
            soonest = Math.min(soonest, begins);
            shortestAfter = Math.min(shortestAfter, after);
        }

        Group with(Group other) {
            Group sum = new Group();
            sum.asked = asked + other.asked;
            sum.pieces = pieces + other.pieces;
            sum.leastTaken = Math.min(leastTaken, other.leastTaken);
            sum.shortest = Math.min(shortest, other.shortest);
            sum.begunByHand = begunByHand && other.begunByHand;
            sum.endedByHand = endedByHand && other.endedByHand;
            sum.soonest = Math.min(soonest, other.soonest);
            sum.shortestAfter = Math.min(shortestAfter, other.shortestAfter);
            return sum;
        }

        int bound(int[] room, WorkingHours hours) {
            int all = IntStream.of(room).sum();
            int byRoom = soonest + (int) ((asked + all - 1) / all) + shortestAfter;
            int atOnce = IntStream.of(room).map(each -> each / leastTaken).sum();
            return atOnce == 0 ? byRoom : Math.max(byRoom, byTurns((pieces + atOnce - 1) / atOnce, hours));
        }

        /** So many one after the other, each as short as the shortest; to be done sooner with one never makes it later with the next. */
        private int byTurns(int turns, WorkingHours hours) {
            int at = soonest;
            for (int turn = 0; turn < turns && at != WorkingHours.NEVER; turn++) {
                int begins = begunByHand ? hours.earliest(at, 1) : at;
                at = begins == WorkingHours.NEVER ? begins : begins + shortest;
                at = endedByHand && at != WorkingHours.NEVER ? hours.earliest(at, 1) : at;
            }
            return at == WorkingHours.NEVER ? 0 : at + shortestAfter;
        }
    }
}
