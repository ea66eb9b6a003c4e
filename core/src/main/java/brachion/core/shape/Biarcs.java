package brachion.core.shape;

import java.util.ArrayList;
import java.util.List;

/**
 * A smooth curve as arcs that touch: between two places with their headings lie two arcs with a common tangent, whose legs d are equal:
 * with v from place to place and tangents t₀, t₁, v·v − 2d·v·(t₀ + t₁) − 2d²(1 − t₀·t₁) = 0 (K. M. Bolton, Biarc curves, Computer-Aided
 * Design 7, 1975; from memory). Halved until no place on the curve is further off than a tolerance and the arcs curve nearly as it does.
 */
final class Biarcs {

    /** Arcs curve as the curve does to within so much of it. */
    private static final double LIKE = 0.05;
    /** What is flatter than this matters to no bench [1/mm]. */
    private static final double FLAT = 1 / 10_000.0;
    /** Nothing shorter is halved [mm]. */
    private static final double SHORTEST_MM = 0.25;
    /** Nor is a curve halved more often than makes so many parts. */
    private static final int DEEPEST = 11;
    private static final double[] LOOKED_AT = {0.125, 0.25, 0.5, 0.75, 0.875};

    private final PlaneCurve curve;
    private final double toleranceMm;
    private final List<Run> runs = new ArrayList<>();

    private Biarcs(PlaneCurve curve, double toleranceMm) {
        this.curve = curve;
        this.toleranceMm = toleranceMm;
    }

    /**
     * A curve as arcs.
     *
     * @param parts       how many parts it is cut into to begin with
     * @param toleranceMm how far off they may be [mm]
     */
    static Course of(PlaneCurve curve, int parts, double toleranceMm) {
        Biarcs arcs = new Biarcs(curve, toleranceMm);
        for (int i = 0; i < parts; i++) {
            arcs.cover((double) i / parts, (i + 1.0) / parts, 0);
        }
        return new Course(curve.at(0), arcs.runs);
    }

    private void cover(double from, double to, int depth) {
        Pose start = curve.at(from);
        Pose end = curve.at(to);
        if (start.place().to(end.place()) < 1e-9 && depth >= DEEPEST) {
            return;
        }
        List<Run> two = between(start, end);
        if (depth >= DEEPEST || !two.isEmpty() && (start.place().to(end.place()) < SHORTEST_MM || good(start, two, from, to))) {
            runs.addAll(two);
            return;
        }
        double middle = (from + to) / 2;
        cover(from, middle, depth + 1);
        cover(middle, to, depth + 1);
    }

    private boolean good(Pose start, List<Run> two, double from, double to) {
        if (two.stream().anyMatch(run -> Math.abs(run.turnRad()) > Math.PI / 3)) {
            return false;
        }
        Pose joint = start.after(two.get(0));
        for (double share : LOOKED_AT) {
            double parameter = from + share * (to - from);
            Place place = curve.at(parameter).place();
            double first = off(start, two.get(0), place);
            double second = off(joint, two.get(1), place);
            Run nearer = second < first ? two.get(1) : two.get(0);
            double curvature = curve.curvature(parameter);
            if (Math.min(first, second) > toleranceMm || Math.abs(nearer.curvature() - curvature) > LIKE * Math.abs(curvature) + FLAT) {
                return false;
            }
        }
        return true;
    }

    /** How far a place lies off the circle, or the straight, a run lies on [mm]. */
    private static double off(Pose start, Run run, Place place) {
        double across = (place.yMm() - start.place().yMm()) * Math.cos(start.headingRad()) - (place.xMm() - start.place().xMm()) * Math.sin(start.headingRad());
        if (run.straight()) {
            return Math.abs(across);
        }
        Place centre = start.leftBy(1 / run.curvature()).place();
        return Math.abs(centre.to(place) - 1 / Math.abs(run.curvature()));
    }

    /** Two arcs from one place and heading to another; none where there are none. */
    private static List<Run> between(Pose start, Pose end) {
        double vx = end.place().xMm() - start.place().xMm();
        double vy = end.place().yMm() - start.place().yMm();
        double vv = vx * vx + vy * vy;
        double x0 = Math.cos(start.headingRad());
        double y0 = Math.sin(start.headingRad());
        double x1 = Math.cos(end.headingRad());
        double y1 = Math.sin(end.headingRad());
        double vt = vx * (x0 + x1) + vy * (y0 + y1);
        double bent = 1 - x0 * x1 - y0 * y1;
        double leg = bent < 1e-12 ? vv / (2 * vt) : (-vt + Math.sqrt(vt * vt + 2 * bent * vv)) / (2 * bent);
        if (!(leg > 0) || !Double.isFinite(leg)) {
            return List.of();
        }
        Place joint = new Place((start.place().xMm() + end.place().xMm() + leg * (x0 - x1)) / 2, (start.place().yMm() + end.place().yMm() + leg * (y0 - y1)) / 2);
        Run first = arc(start, joint);
        return List.of(first, arc(start.after(first), end.place()));
    }

    /** The arc from a place and heading to another place: it turns by twice the angle between its heading and its chord. */
    private static Run arc(Pose start, Place to) {
        double chord = start.place().to(to);
        double half = Math.IEEEremainder(start.place().headingTo(to) - start.headingRad(), 2 * Math.PI);
        double curvature = 2 * Math.sin(half) / chord;
        return new Run(Math.abs(half) < 1e-9 ? chord : chord * half / Math.sin(half), curvature);
    }
}
