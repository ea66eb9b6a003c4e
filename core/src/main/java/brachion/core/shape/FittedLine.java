package brachion.core.shape;

import brachion.core.quantity.PhysicalBound;
import java.util.ArrayList;
import java.util.List;

/**
 * A drawn line, or points, as a smooth line of straights and arcs. A line that is smooth as it was drawn is taken as it is; one with
 * corners, and points, are passed by a {@link SmoothingSpline} within a tolerance.
 *
 * @param line    the smooth line
 * @param asDrawn whether it is the line as it was drawn
 * @param offMm   how far a corner or a point is off it at most [mm]
 */
public record FittedLine(Course line, boolean asDrawn, double offMm) {

    /** As many points are taken. */
    public static final int MOST_POINTS = 2000;
    /** A corner no sharper than this is how a file rounds its numbers [rad]. */
    private static final double ROUNDED_RAD = Math.toRadians(1);
    /** The arcs lie this much closer to the spline than the spline to its points. */
    private static final double CLOSER = 10;
    /** Nor need they be closer than this [mm]. */
    private static final double CLOSE_MM = 0.005;
    /** Places on a line of corners are so many for each of its parts. */
    private static final int PLACES_EACH = 6;

    /**
     * Through points.
     *
     * @param points      three or more
     * @param toleranceMm how far the line may pass them [mm]
     * @throws IllegalArgumentException when they are too few or too many, or all lie at one place
     */
    public static FittedLine through(List<Place> points, double toleranceMm) {
        PhysicalBound.FITTED_MM.require(toleranceMm);
        List<Place> apart = apart(points);
        if (apart.size() < 3) {
            throw new IllegalArgumentException("A curve needs three places at least that do not lie on one another.");
        }
        if (apart.size() > MOST_POINTS) {
            throw new IllegalArgumentException("A curve is fitted to " + MOST_POINTS + " places at most, not to " + apart.size() + ".");
        }
        SmoothingSpline spline = SmoothingSpline.through(apart, toleranceMm);
        Course line = Biarcs.of(spline, Math.min(Chain.MOST / 8, apart.size() - 1), Math.max(CLOSE_MM, toleranceMm / CLOSER));
        return new FittedLine(line, false, furthest(apart, line));
    }

    /**
     * Along a drawn line.
     *
     * @param toleranceMm how far the line may pass it [mm]
     * @throws IllegalArgumentException when it is no line a piece could lie along
     */
    public static FittedLine along(Trace drawn, double toleranceMm) {
        PhysicalBound.FITTED_MM.require(toleranceMm);
        List<Trace.Edge> edges = drawn.edges();
        if (edges.isEmpty()) {
            throw new IllegalArgumentException("The line has no length.");
        }
        if (drawn.sharpestRad() <= ROUNDED_RAD) {
            Course line = drawn.course();
            List<Pose> poses = line.poses();
            double off = 0;
            for (int i = 0; i < edges.size(); i++) {
                off = Math.max(off, poses.get(i + 1).place().to(edges.get(i).to()));
            }
            if (off <= toleranceMm && edges.size() <= Chain.MOST) {
                return new FittedLine(line, true, off);
            }
        }
        boolean arcs = edges.stream().anyMatch(edge -> edge.bulge() != 0);
        return through(thinned(arcs ? spread(drawn) : drawn.places(toleranceMm)), toleranceMm);
    }

    /** As many of the places on a line as are taken, evenly, with both its ends. */
    private static List<Place> thinned(List<Place> places) {
        int every = (places.size() + MOST_POINTS - 3) / (MOST_POINTS - 2);
        if (every <= 1) {
            return places;
        }
        List<Place> thinned = new ArrayList<>();
        for (int i = 0; i < places.size() - 1; i += every) {
            thinned.add(places.get(i));
        }
        thinned.add(places.get(places.size() - 1));
        return thinned;
    }

    /** Places along a line of straights and arcs, so many for each part. */
    private static List<Place> spread(Trace drawn) {
        List<Place> places = new ArrayList<>();
        List<Trace.Edge> edges = drawn.edges();
        int each = Math.max(1, Math.min(PLACES_EACH, MOST_POINTS / edges.size() - 1));
        for (Trace.Edge edge : edges) {
            for (int i = 0; i < each; i++) {
                places.add(i == 0 ? edge.from() : edge.start().after(edge.run().upTo(edge.lengthMm() * i / each)).place());
            }
        }
        places.add(edges.get(edges.size() - 1).to());
        return places;
    }

    private static List<Place> apart(List<Place> points) {
        List<Place> apart = new ArrayList<>();
        for (Place point : points) {
            if (apart.isEmpty() || apart.get(apart.size() - 1).to(point) > 1e-6) {
                apart.add(point);
            }
        }
        return apart;
    }

    /** How far the furthest of some places lies off a line [mm]: places so close on it that the line hardly leaves their chords. */
    private static double furthest(List<Place> places, Course line) {
        List<Place> on = line.trace().places(CLOSE_MM);
        double furthest = 0;
        for (Place place : places) {
            double nearest = Double.POSITIVE_INFINITY;
            for (int i = 0; i + 1 < on.size(); i++) {
                nearest = Math.min(nearest, offSegment(place, on.get(i), on.get(i + 1)));
            }
            furthest = Math.max(furthest, nearest);
        }
        return furthest;
    }

    private static double offSegment(Place place, Place from, Place to) {
        double dx = to.xMm() - from.xMm();
        double dy = to.yMm() - from.yMm();
        double share = ((place.xMm() - from.xMm()) * dx + (place.yMm() - from.yMm()) * dy) / Math.max(Double.MIN_NORMAL, dx * dx + dy * dy);
        return place.to(from.between(to, Math.max(0, Math.min(1, share))));
    }
}
