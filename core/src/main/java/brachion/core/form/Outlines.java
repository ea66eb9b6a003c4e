package brachion.core.form;

import brachion.core.shape.Place;
import brachion.core.shape.Trace;
import java.util.List;
import org.locationtech.jts.algorithm.MinimumAreaRectangle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.geom.Polygon;

/** Outlines as areas, by a general geometry library. */
final class Outlines {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    /** Arcs are taken for straights so close to them [mm]. */
    private static final double FLAT_MM = 0.05;

    private Outlines() {
    }

    static LineString line(Trace trace) {
        return GEOMETRY.createLineString(coordinates(trace));
    }

    static Polygon polygon(Trace outline) {
        return GEOMETRY.createPolygon(coordinates(outline));
    }

    private static Coordinate[] coordinates(Trace trace) {
        return trace.places(FLAT_MM).stream().map(place -> new Coordinate(place.xMm(), place.yMm())).toArray(Coordinate[]::new);
    }

    static Point point(Place place) {
        return GEOMETRY.createPoint(new Coordinate(place.xMm(), place.yMm()));
    }

    static Trace rectangle(double left, double low, double right, double high) {
        return Trace.through(List.of(new Place(left, low), new Place(right, low), new Place(right, high), new Place(left, high)), true);
    }

    /** Sides of the smallest rectangle round an outline, the longer one first [mm]. */
    static double[] sidesRound(Trace outline) {
        Coordinate[] corners = MinimumAreaRectangle.getMinimumRectangle(polygon(outline)).getCoordinates();
        double one = corners[0].distance(corners[1]);
        double other = corners[1].distance(corners[2]);
        return new double[] {Math.max(one, other), Math.min(one, other)};
    }

    /** With half its thickness of wood all round it. */
    static boolean within(Hole hole, Polygon wood) {
        Point centre = point(hole.centre());
        return wood.contains(centre) && wood.getExteriorRing().distance(centre) >= hole.diameterMm();
    }

    static boolean apart(Hole hole, List<Hole> others) {
        return others.stream().allMatch(other -> other.centre().to(hole.centre()) >= (hole.diameterMm() + other.diameterMm()) * 0.75);
    }
}
