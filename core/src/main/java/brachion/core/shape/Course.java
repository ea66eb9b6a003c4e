package brachion.core.shape;

import java.util.ArrayList;
import java.util.List;

/**
 * A smooth line: runs of constant curvature one after the other, each starting where and as the one before ends.
 *
 * @param start where it starts
 * @param runs  its runs, at least one
 */
public record Course(Pose start, List<Run> runs) {

    /** Refuses a line of nothing. */
    public Course {
        runs = List.copyOf(runs);
        if (runs.isEmpty()) {
            throw new IllegalArgumentException("A line has one run at least");
        }
    }

    /** Its length [mm]. */
    public double lengthMm() {
        return runs.stream().mapToDouble(Run::lengthMm).sum();
    }

    /** Where each run starts, and where the last one ends. */
    public List<Pose> poses() {
        List<Pose> poses = new ArrayList<>(List.of(start));
        runs.forEach(run -> poses.add(poses.get(poses.size() - 1).after(run)));
        return poses;
    }

    /** Where it ends. */
    public Pose end() {
        return poses().get(runs.size());
    }

    /** Where it is so far along [mm]; beyond its ends it goes straight on. */
    public Pose at(double alongMm) {
        if (alongMm <= 0) {
            return new Pose(start.place().towards(start.headingRad(), alongMm), start.headingRad());
        }
        Pose pose = start;
        double left = alongMm;
        for (Run run : runs) {
            if (left <= run.lengthMm()) {
                return pose.after(run.upTo(left));
            }
            pose = pose.after(run);
            left -= run.lengthMm();
        }
        return new Pose(pose.place().towards(pose.headingRad(), left), pose.headingRad());
    }

    /**
     * The line beside it, so far to its left everywhere [mm]. Arcs stay arcs, about the same centres.
     *
     * @throws IllegalArgumentException where an arc is too tight for that
     */
    public Course leftBy(double distanceMm) {
        return new Course(start.leftBy(distanceMm), runs.stream().map(run -> run.leftBy(distanceMm)).toList());
    }

    /** The same line from its other end. */
    public Course reversed() {
        Pose end = end();
        List<Run> back = new ArrayList<>();
        for (int i = runs.size() - 1; i >= 0; i--) {
            back.add(runs.get(i).reversed());
        }
        return new Course(new Pose(end.place(), end.headingRad() + Math.PI), back);
    }

    /** With a straight before and after it [mm]; none where that is nothing. */
    public Course extended(double beforeMm, double afterMm) {
        List<Run> longer = new ArrayList<>(runs);
        if (beforeMm > 0) {
            longer.add(0, new Run(beforeMm, 0));
        }
        if (afterMm > 0) {
            longer.add(new Run(afterMm, 0));
        }
        return new Course(at(-beforeMm), longer);
    }

    /** Turned about the origin by an angle [rad], then moved. */
    public Course placed(double angleRad, double rightMm, double upMm) {
        return new Course(new Pose(start.place().turned(angleRad).moved(rightMm, upMm), start.headingRad() + angleRad), runs);
    }

    /** The line to be drawn. */
    public Trace trace() {
        List<Trace.Corner> corners = new ArrayList<>();
        Pose pose = start;
        for (Run run : runs) {
            // an arc of more than a half circle is drawn as several, so that its chord tells where it goes
            int parts = (int) Math.ceil(Math.abs(run.turnRad()) / (Math.PI * 0.9) + 1e-12);
            Run part = run.upTo(run.lengthMm() / Math.max(1, parts));
            for (int i = 0; i < Math.max(1, parts); i++) {
                corners.add(new Trace.Corner(pose.place(), run.straight() ? 0 : Math.tan(part.turnRad() / 4)));
                pose = pose.after(part);
            }
        }
        corners.add(new Trace.Corner(pose.place(), 0));
        return new Trace(corners, false);
    }
}
