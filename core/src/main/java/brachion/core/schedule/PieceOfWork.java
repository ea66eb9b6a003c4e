package brachion.core.schedule;

import java.util.List;

/**
 * A piece with all that is to be done to it.
 *
 * @param key        what it is known by
 * @param job        the job it is of, by its place among the jobs of the problem
 * @param operations in order
 * @param begun      how many of them have begun; those before the last of these are over
 * @param begunAt    when the last of these began [min], not after 0; 0 when none has
 * @param holds      what that one holds of the rig, a thing for each need; empty when none has, or nobody said
 * @param earliest   what comes next begins no sooner [min]
 * @param before     what people count on for each operation; empty when they count on nothing
 */
public record PieceOfWork(String key, int job, List<Operation> operations, int begun, int begunAt, List<Integer> holds, int earliest, List<Counted> before) {

    /**
     * What people count on.
     *
     * @param begins when an operation was to begin [min]
     * @param things what it was to take up, a thing for each need; empty when nobody said
     */
    public record Counted(int begins, List<Integer> things) {

        /** Keeps the things as they are now. */
        public Counted {
            things = List.copyOf(things);
        }
    }

    /** Refuses a piece without work, and one that began later than now. */
    public PieceOfWork {
        operations = List.copyOf(operations);
        holds = List.copyOf(holds);
        before = List.copyOf(before);
        boolean begunSensibly = begun >= 0 && begun <= operations.size() && begunAt <= 0 && (begun > 0 || begunAt == 0 && holds.isEmpty());
        if (operations.isEmpty() || !begunSensibly || earliest < 0 || !before.isEmpty() && before.size() != operations.size()) {
            throw new IllegalArgumentException("Not a piece of work: " + key + " of " + operations.size() + " operations, " + begun + " of them begun, the last at "
                    + begunAt + ", the next no sooner than " + earliest);
        }
        if (begun > 0 && !holds.isEmpty() && holds.size() != operations.get(begun - 1).needs().size()) {
            throw new IllegalArgumentException("Piece " + key + " needs " + operations.get(begun - 1).needs() + " and holds " + holds);
        }
    }

    /** A piece nothing was done to yet. */
    public static PieceOfWork untouched(String key, int job, List<Operation> operations) {
        return new PieceOfWork(key, job, operations, 0, 0, List.of(), 0, List.of());
    }

    /** The same, but what comes next begins no sooner than that [min], and people count on that. */
    public PieceOfWork with(int otherEarliest, List<Counted> counted) {
        return new PieceOfWork(key, job, operations, begun, begunAt, holds, otherEarliest, counted);
    }

    /** The same without its name: pieces that are alike are equal. */
    PieceOfWork unnamed() {
        return new PieceOfWork("", job, operations, begun, begunAt, holds, earliest, before);
    }
}
