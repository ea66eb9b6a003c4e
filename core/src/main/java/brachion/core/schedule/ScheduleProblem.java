package brachion.core.schedule;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/**
 * What is to be scheduled.
 *
 * @param pieces pieces with what is to be done to each
 * @param due    by when all pieces of each job are to be done [min]; empty for a job nobody waits for
 * @param room   how much there is of each thing in the rig
 * @param people pairs of hands
 * @param hours  when they are in the shop
 */
public record ScheduleProblem(List<PieceOfWork> pieces, List<OptionalInt> due, List<Integer> room, int people, WorkingHours hours) {

    /** Refuses jobs and things that are not there. */
    public ScheduleProblem {
        pieces = List.copyOf(pieces);
        due = List.copyOf(due);
        room = List.copyOf(room);
        int jobs = due.size();
        int things = room.size();
        boolean known = pieces.stream().allMatch(piece -> piece.job() >= 0 && piece.job() < jobs && piece.operations().stream()
                .flatMap(operation -> operation.needs().stream()).flatMap(need -> need.things().stream()).allMatch(thing -> thing >= 0 && thing < things));
        if (!known || people < 1 || room.stream().anyMatch(each -> each < 1)) {
            throw new IllegalArgumentException("Every piece is of one of " + jobs + " jobs and made with " + things + " things, by one pair of hands at least, not " + people);
        }
    }

    /** The same with one more pair of hands. */
    public ScheduleProblem withMorePeople() {
        return new ScheduleProblem(pieces, due, room, people + 1, hours);
    }

    /** The same with one more of a thing: another form, another place on the rack. */
    public ScheduleProblem withMore(int thing, int more) {
        List<Integer> roomier = new ArrayList<>(room);
        roomier.set(thing, room.get(thing) + more);
        return new ScheduleProblem(pieces, due, roomier, people, hours);
    }

    /** The same pieces without what people counted on: nothing is kept where it was. */
    public ScheduleProblem anew() {
        return new ScheduleProblem(pieces.stream().map(piece -> piece.with(0, List.of())).toList(), due, room, people, hours);
    }
}
