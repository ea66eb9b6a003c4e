package brachion.core.shape;

import java.util.ArrayList;
import java.util.List;

/**
 * A line as it is drawn and written down: corners joined by straights or arcs.
 *
 * @param corners its corners in order, at least two
 * @param closed  whether the last is joined to the first
 */
public record Trace(List<Corner> corners, boolean closed) {

    /**
     * A corner, and how the line goes on from there.
     *
     * @param place where it is
     * @param bulge tan of a quarter of the angle the arc to the next corner turns, above zero to the left; 0 for a straight
     */
    public record Corner(Place place, double bulge) {
    }

    /**
     * What joins two corners.
     *
     * @param from  where it starts
     * @param to    where it ends
     * @param bulge as of a corner
     */
    public record Edge(Place from, Place to, double bulge) {

        /** How far it turns [rad]. */
        public double turnRad() {
            return 4 * Math.atan(bulge);
        }

        /** Radius of its arc [mm]; infinite for a straight. */
        public double radiusMm() {
            return bulge == 0 ? Double.POSITIVE_INFINITY : from.to(to) / 2 / Math.abs(Math.sin(turnRad() / 2));
        }

        /** Its length [mm]. */
        public double lengthMm() {
            return bulge == 0 ? from.to(to) : radiusMm() * Math.abs(turnRad());
        }

        /**
         * Its arc as cubic Bézier curves, two control points and an end each: of a part that turns by φ the control points lie
         * 4/3·tan(φ/4) of its radius along its tangents. None for a straight.
         *
         * @param mostRad no curve turns by more [rad]
         */
        public List<Place[]> beziers(double mostRad) {
            List<Place[]> curves = new ArrayList<>();
            if (bulge == 0) {
                return curves;
            }
            int parts = (int) Math.ceil(Math.abs(turnRad()) / mostRad);
            Run part = run().upTo(lengthMm() / parts);
            double leg = 4 / 3.0 * Math.tan(Math.abs(turnRad()) / parts / 4) * radiusMm();
            Pose pose = start();
            for (int i = 0; i < parts; i++) {
                Pose next = pose.after(part);
                curves.add(new Place[] {pose.place().towards(pose.headingRad(), leg), next.place().towards(next.headingRad(), -leg),
                    i == parts - 1 ? to : next.place()});
                pose = next;
            }
            return curves;
        }

        /** Where and as it starts. */
        Pose start() {
            return new Pose(from, from.headingTo(to) - turnRad() / 2);
        }

        /** It as a run; empty-handed only for two corners at one place. */
        Run run() {
            return new Run(lengthMm(), bulge == 0 ? 0 : turnRad() / lengthMm());
        }
    }

    /** Refuses a line of nothing. */
    public Trace {
        corners = List.copyOf(corners);
        if (corners.size() < 2) {
            throw new IllegalArgumentException("A line has two corners at least");
        }
    }

    /** A Bézier curve, as arcs so close to it [mm]. */
    public static Trace along(CubicBezier curve, double toleranceMm) {
        return Biarcs.of(curve, 1, toleranceMm).trace();
    }

    /** Straight from place to place. */
    public static Trace through(List<Place> places, boolean closed) {
        return new Trace(places.stream().map(place -> new Corner(place, 0)).toList(), closed);
    }

    /** A circle. */
    public static Trace circle(Place centre, double radiusMm) {
        return new Trace(List.of(new Corner(centre.moved(-radiusMm, 0), 1), new Corner(centre.moved(radiusMm, 0), 1)), true);
    }

    /** What joins its corners, those at one place left out. */
    public List<Edge> edges() {
        List<Edge> edges = new ArrayList<>();
        for (int i = 0; i + 1 < corners.size() || closed && i < corners.size(); i++) {
            Corner from = corners.get(i);
            Corner to = corners.get((i + 1) % corners.size());
            if (from.place().to(to.place()) > 0) {
                edges.add(new Edge(from.place(), to.place(), from.bulge()));
            }
        }
        return edges;
    }

    /** Its length [mm]. */
    public double lengthMm() {
        return edges().stream().mapToDouble(Edge::lengthMm).sum();
    }

    /** The same line from its other end. */
    public Trace reversed() {
        List<Corner> back = new ArrayList<>();
        for (int i = corners.size() - 1; i >= 0; i--) {
            double bulge = i > 0 ? corners.get(i - 1).bulge() : closed ? corners.get(corners.size() - 1).bulge() : 0;
            back.add(new Corner(corners.get(i).place(), bulge == 0 ? 0 : -bulge));
        }
        return new Trace(back, closed);
    }

    /** This one, straight on to the start of another, and that; joined to the start at the end. */
    public Trace closedWith(Trace other) {
        List<Corner> all = new ArrayList<>(corners);
        all.addAll(other.corners);
        return new Trace(all, true);
    }

    /** Turned about the origin by an angle [rad], then moved [mm]. */
    public Trace placed(double angleRad, double rightMm, double upMm) {
        return new Trace(corners.stream().map(corner -> new Corner(corner.place().turned(angleRad).moved(rightMm, upMm), corner.bulge())).toList(), closed);
    }

    /** Places on it, so close that no arc is further from the straights between them than a tolerance [mm]. */
    public List<Place> places(double toleranceMm) {
        List<Place> places = new ArrayList<>();
        for (Edge edge : edges()) {
            Pose start = edge.start();
            // a chord of an arc of radius R that turns by φ stands R(1 − cos φ/2) off
            double most = edge.bulge() == 0 ? Math.PI : 2 * Math.acos(Math.max(0, 1 - toleranceMm / edge.radiusMm()));
            int parts = edge.bulge() == 0 ? 1 : (int) Math.ceil(Math.abs(edge.turnRad()) / most);
            for (int i = 0; i < parts; i++) {
                places.add(i == 0 ? edge.from() : start.after(edge.run().upTo(edge.lengthMm() * i / parts)).place());
            }
        }
        places.add(closed ? corners.get(0).place() : corners.get(corners.size() - 1).place());
        return places;
    }

    /** The sharpest corner between two of its edges [rad]; 0 where it is smooth. */
    double sharpestRad() {
        List<Edge> edges = edges();
        double sharpest = 0;
        for (int i = 0; i + 1 < edges.size(); i++) {
            double arrives = edges.get(i).start().headingRad() + edges.get(i).turnRad();
            double turn = Math.IEEEremainder(edges.get(i + 1).start().headingRad() - arrives, 2 * Math.PI);
            sharpest = Math.max(sharpest, Math.abs(turn));
        }
        return sharpest;
    }

    /** It as a smooth line; its corners, if it has any, are lost. */
    Course course() {
        List<Edge> edges = edges();
        return new Course(edges.get(0).start(), edges.stream().map(Edge::run).toList());
    }

    /** The same corners the other way up, for whoever counts y downwards. */
    public Trace mirrored() {
        return new Trace(corners.stream().map(corner -> new Corner(new Place(corner.place().xMm(), -corner.place().yMm()), -corner.bulge())).toList(), closed);
    }

    /** The smallest box with upright sides round some lines: left, low, right, high [mm]. */
    public static double[] boxRound(List<Trace> traces) {
        double[] box = {Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY};
        traces.stream().flatMap(trace -> trace.places(0.01).stream()).forEach(place -> {
            box[0] = Math.min(box[0], place.xMm());
            box[1] = Math.min(box[1], place.yMm());
            box[2] = Math.max(box[2], place.xMm());
            box[3] = Math.max(box[3], place.yMm());
        });
        return box;
    }
}
