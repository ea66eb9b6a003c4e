package brachion.core.schedule;

import brachion.core.schedule.Conflict.Kind;
import brachion.core.schedule.Schedule.Slot;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** Why pieces of a schedule do not go on sooner. Not for several threads at once. */
public final class Conflicts {

    private final ScheduleProblem problem;
    private final List<Slot> slots;
    private final Map<Integer, List<Slot>> ofPiece;
    private final Timeline people;
    private final Timeline[] things;

    /** Of a schedule of a problem. */
    public Conflicts(ScheduleProblem problem, Schedule schedule) {
        this.problem = problem;
        slots = schedule.slots();
        ofPiece = slots.stream().collect(Collectors.groupingBy(Slot::piece));
        people = new Timeline(problem.people());
        things = problem.room().stream().map(Timeline::new).toArray(Timeline[]::new);
        slots.forEach(slot -> take(slot, 1));
    }

    private void take(Slot slot, int sign) {
        Operation operation = operation(slot.piece(), slot.operation());
        people.take(slot.begins(), slot.handsOff(), sign * operation.people());
        for (int need = 0; need < slot.things().size(); need++) {
            things[slot.things().get(need)].take(slot.begins(), slot.ends(), sign * operation.needs().get(need).takes());
        }
    }

    private Operation operation(int piece, int operation) {
        return problem.pieces().get(piece).operations().get(operation);
    }

    /** When a piece goes on [min]; empty when nothing is left to begin. */
    public OptionalInt goesOn(int piece) {
        return of(piece).stream().filter(slot -> slot.operation() == problem.pieces().get(piece).begun()).mapToInt(Slot::begins).findFirst();
    }

    /** When a piece could go on by itself [min]: 0 unless it is under way. */
    public int ready(int piece) {
        return of(piece).stream().filter(slot -> slot.operation() == problem.pieces().get(piece).begun() - 1).mapToInt(Slot::ready).map(ready -> Math.max(0, ready)).findFirst().orElse(0);
    }

    private List<Slot> of(int piece) {
        return ofPiece.getOrDefault(piece, List.of());
    }

    /**
     * What keeps a piece from going on at a moment, with all others where they are.
     *
     * @param at that moment [min], before the piece goes on
     * @return empty when nothing does: it stands later because people count on that, or because it was placed before others
     */
    public Optional<Conflict> at(int piece, int at) {
        List<Slot> own = of(piece);
        own.forEach(slot -> take(slot, -1));
        try {
            return at(piece, problem.pieces().get(piece).begun(), at);
        } finally {
            own.forEach(slot -> take(slot, 1));
        }
    }

    private Optional<Conflict> at(int piece, int i, int at) {
        Operation operation = operation(piece, i);
        if (inHours(operation, at) > at) {
            return Optional.of(new Conflict(Kind.CLOSED, i, List.of(), List.of()));
        }
        if (byHands(operation, at) > at) {
            return Optional.of(new Conflict(Kind.HANDS_BUSY, i, List.of(), whose(piece, slot -> slot.begins() < at + operation.handsMinutes() && slot.handsOff() > at)));
        }
        return operation.needs().stream().filter(need -> free(need, at, operation.lasts()) > at).findFirst().map(need -> taken(piece, i, need, at, at + operation.lasts()))
                .or(() -> last(piece, i) ? Optional.empty() : following(piece, i, at));
    }

    /** The first moment from one on at which it would be within the hours of work. */
    private int inHours(Operation operation, int from) {
        return operation.people() == 0 && !operation.watched() ? from
                : problem.hours().earliest(from, operation.watched() ? operation.lasts() : operation.handsMinutes(), operation.warmUpMinutes());
    }

    /** The first moment from one on at which there are hands for it. */
    private int byHands(Operation operation, int from) {
        return operation.people() == 0 ? from : people.earliest(from, operation.handsMinutes(), operation.people());
    }

    /** The first moment from one on at which one of the things is free for so long. */
    private int free(Requirement need, int from, int minutes) {
        return need.things().stream().mapToInt(thing -> things[thing].earliest(from, minutes, need.takes())).min().orElseThrow();
    }

    private boolean last(int piece, int i) {
        return i == problem.pieces().get(piece).operations().size() - 1 || operation(piece, i).endsBlock();
    }

    /** What comes after it has to begin while the piece bears to wait, and while what it has is its own. */
    private Optional<Conflict> following(int piece, int i, int at) {
        Operation operation = operation(piece, i);
        int ready = at + operation.lasts();
        int bears = (int) Math.min(WorkingHours.NEVER - 1L, (long) ready + operation.slackMinutes());
        Optional<Requirement> wantedBack = operation.needs().stream().filter(need -> kept(need, at) < bears).min(Comparator.comparingInt(need -> kept(need, at)));
        int until = wantedBack.map(need -> kept(need, at)).orElse(bears);
        Optional<Conflict> why = Optional.empty();
        for (int moment = ready; moment <= until; moment = mayGo(piece, i + 1, moment)) {
            why = at(piece, i + 1, moment);
            if (why.isEmpty()) {
                return why;
            }
        }
        return wantedBack.isPresent() ? Optional.of(taken(piece, i, wantedBack.get(), until, until + 1)) : why;
    }

    /** When something that keeps an operation from beginning at a moment is over. */
    private int mayGo(int piece, int i, int moment) {
        Operation operation = operation(piece, i);
        int own = Math.max(inHours(operation, moment), byHands(operation, moment));
        return Math.max(moment + 1, operation.needs().stream().mapToInt(need -> free(need, moment, operation.lasts())).reduce(own, Math::max));
    }

    /** Until when one of the things that are free at a moment stays so. */
    private int kept(Requirement need, int at) {
        return need.things().stream().mapToInt(thing -> things[thing].freeUntil(at, need.takes())).max().orElseThrow();
    }

    private Conflict taken(int piece, int i, Requirement need, int from, int to) {
        return new Conflict(Kind.THING_TAKEN, i, need.things(), whose(piece, slot -> slot.begins() < to && slot.ends() > from && slot.things().stream().anyMatch(need.things()::contains)));
    }

    private List<Integer> whose(int but, Predicate<Slot> has) {
        return slots.stream().filter(has).map(Slot::piece).filter(piece -> piece != but).distinct().toList();
    }
}
