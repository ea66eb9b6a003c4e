package brachion.core.schedule;

/** An operation in plain arrays: the decoder looks at it some hundred thousand times a second. */
final class PlainOperation {

    final int people;
    final int hands;
    final int lasts;
    final int slack;
    final boolean watched;
    final int warmUp;
    /** For each need, which things will do, and how much of one. */
    final int[][] things;
    final int[] takes;

    PlainOperation(Operation operation) {
        people = operation.people();
        hands = operation.handsMinutes();
        lasts = operation.lasts();
        slack = operation.slackMinutes();
        watched = operation.watched();
        warmUp = operation.warmUpMinutes();
        things = operation.needs().stream().map(need -> need.things().stream().mapToInt(thing -> thing).toArray()).toArray(int[][]::new);
        takes = operation.needs().stream().mapToInt(Requirement::takes).toArray();
    }

    /** Whether a thing will do for a need. */
    boolean serves(int thing, int need) {
        for (int any : things[need]) {
            if (any == thing) {
                return true;
            }
        }
        return false;
    }
}
