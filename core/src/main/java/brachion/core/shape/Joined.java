package brachion.core.shape;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Lines that were drawn piece by piece, put together where their ends meet. */
public final class Joined {

    /** As many parts are put together. */
    private static final int MOST = 4000;

    private Joined() {
    }

    /**
     * The lines, the longest first.
     *
     * @param parts       what was drawn, in any order and either way round
     * @param toleranceMm ends this close are one [mm]
     * @throws IllegalArgumentException when there are too many of them
     */
    public static List<Trace> lines(List<Trace> parts, double toleranceMm) {
        if (parts.size() > MOST) {
            throw new IllegalArgumentException("The drawing has " + parts.size() + " lines; " + MOST + " are looked at at most. Take out all but the line of the piece.");
        }
        List<Trace> left = new ArrayList<>(parts);
        List<Trace> lines = new ArrayList<>();
        while (!left.isEmpty()) {
            Trace line = left.remove(0);
            for (Trace next = nextTo(line, left, toleranceMm); next != null; next = nextTo(line, left, toleranceMm)) {
                left.remove(next);
                line = joined(line, next, toleranceMm);
            }
            lines.add(line);
        }
        lines.sort(Comparator.comparingDouble(Trace::lengthMm).reversed());
        return lines;
    }

    private static Trace nextTo(Trace line, List<Trace> others, double tolerance) {
        return line.closed() ? null : others.stream().filter(other -> !other.closed()
                && (near(end(line), start(other), tolerance) || near(end(line), end(other), tolerance)
                || near(start(line), start(other), tolerance) || near(start(line), end(other), tolerance))).findFirst().orElse(null);
    }

    private static Trace joined(Trace line, Trace next, double tolerance) {
        if (near(end(line), start(next), tolerance)) {
            return after(line, next);
        }
        if (near(end(line), end(next), tolerance)) {
            return after(line, next.reversed());
        }
        return near(start(line), end(next), tolerance) ? after(next, line) : after(next.reversed(), line);
    }

    /** One after the other; the corner both have is taken once. */
    private static Trace after(Trace first, Trace second) {
        List<Trace.Corner> corners = new ArrayList<>(first.corners().subList(0, first.corners().size() - 1));
        corners.addAll(second.corners());
        return new Trace(corners, false);
    }

    private static boolean near(Place one, Place other, double tolerance) {
        return one.to(other) <= tolerance;
    }

    private static Place start(Trace trace) {
        return trace.corners().get(0).place();
    }

    private static Place end(Trace trace) {
        return trace.corners().get(trace.corners().size() - 1).place();
    }
}
