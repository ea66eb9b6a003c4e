package brachion.core.schedule;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import java.util.TreeSet;

/** What holds a run up: what one more of a thing, or of a pair of hands, would gain. */
public final class Bottlenecks {

    private Bottlenecks() {
    }

    /**
     * What one more would gain.
     *
     * @param thing   of which thing, by its place among the things of the problem; empty for a pair of hands
     * @param more    how much more of it
     * @param minutes by how much sooner the last piece is done, at least [min]
     */
    public record Gain(OptionalInt thing, int more, int minutes) {
    }

    /**
     * What gains anything, the most first. Each is tried with the order of the schedule and with that the work begins with, so that a
     * better one may gain more.
     */
    public static List<Gain> of(ScheduleProblem problem, Schedule schedule) {
        ScheduleProblem anew = problem.anew();
        int now = ends(anew, schedule);
        List<Gain> gains = new ArrayList<>();
        gains.add(new Gain(OptionalInt.empty(), 1, now - ends(anew.withMorePeople(), schedule)));
        taken(problem).forEach(taken -> gains.add(new Gain(OptionalInt.of(taken.thing()), taken.most(), now - ends(anew.withMore(taken.thing(), taken.most()), schedule))));
        return gains.stream().filter(gain -> gain.minutes() > 0).sorted(Comparator.comparingInt(Gain::minutes).reversed()).toList();
    }

    private static int ends(ScheduleProblem problem, Schedule schedule) {
        Decoder decoder = new Decoder(problem);
        return Math.min(decoder.worth(schedule.order()).endsMinute(), decoder.worth(decoder.firstOrder()).endsMinute());
    }

    private record Taken(int thing, int most) {
    }

    /** The first of each group of things that serve for the same, and how much one piece takes of it at most. */
    private static List<Taken> taken(ScheduleProblem problem) {
        List<Requirement> all = problem.pieces().stream().flatMap(piece -> piece.operations().stream()).flatMap(operation -> operation.needs().stream()).distinct().toList();
        TreeSet<Integer> first = new TreeSet<>(all.stream().map(need -> need.things().get(0)).toList());
        return first.stream().map(thing -> new Taken(thing, all.stream().filter(need -> need.things().get(0).equals(thing)).mapToInt(Requirement::takes).max().orElseThrow())).toList();
    }
}
