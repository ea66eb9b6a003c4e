package brachion.server.shape;

import brachion.core.shape.Place;
import brachion.core.shape.Trace;
import java.util.ArrayList;
import java.util.List;

/**
 * A thing that is drawn in a DXF file.
 *
 * @param type     what it is
 * @param pairs    what is said of it
 * @param vertices those of a polyline that has them after its own pairs
 */
record DxfEntity(String type, List<DxfPair> pairs, List<DxfEntity> vertices) {

    /** Straights a quarter of a curve that is no arc is taken for. */
    private static final int PARTS = 24;

    /** The things of a section. */
    static List<DxfEntity> read(List<DxfPair> pairs) {
        List<DxfEntity> entities = new ArrayList<>();
        for (DxfPair pair : pairs) {
            if (pair.code() == 0) {
                DxfEntity next = new DxfEntity(pair.value(), new ArrayList<>(), new ArrayList<>());
                if (pair.value().equals("VERTEX") && !entities.isEmpty()) {
                    entities.get(entities.size() - 1).vertices().add(next);
                } else if (!pair.value().equals("SEQEND")) {
                    entities.add(next);
                }
            } else if (!entities.isEmpty()) {
                DxfEntity last = entities.get(entities.size() - 1);
                (last.vertices().isEmpty() ? last : last.vertices().get(last.vertices().size() - 1)).pairs().add(pair);
            }
        }
        return entities;
    }

    String text(int code, String otherwise) {
        return pairs.stream().filter(pair -> pair.code() == code).map(DxfPair::value).findFirst().orElse(otherwise);
    }

    double number(int code, double otherwise) {
        return pairs.stream().filter(pair -> pair.code() == code).findFirst().map(DxfPair::number).orElse(otherwise);
    }

    /** The place whose x has this code; its y has that plus ten. */
    Place at(int code) {
        return new Place(number(code, 0), number(code + 10, 0));
    }

    int flags() {
        return (int) number(70, 0);
    }

    /** Its lines, in the file's own unit. */
    List<Trace> lines() {
        return switch (type) {
            case "LINE" -> List.of(Trace.through(List.of(at(10), at(11)), false));
            case "ARC" -> List.of(arc());
            case "CIRCLE" -> List.of(Trace.circle(at(10), positive(number(40, 0), "radius")));
            case "LWPOLYLINE" -> polyline(corners(pairs), flags());
            case "POLYLINE" -> polyline(vertices.stream().map(vertex -> new Trace.Corner(vertex.at(10), vertex.number(42, 0))).toList(), flags());
            case "SPLINE" -> DxfSpline.places(pairs).map(places -> List.of(Trace.through(places, false))).orElse(List.of());
            case "ELLIPSE" -> List.of(ellipse());
            default -> List.of();
        };
    }

    private Trace arc() {
        Place centre = at(10);
        double radius = positive(number(40, 0), "radius");
        double from = Math.toRadians(number(50, 0));
        double turn = roundTo(Math.toRadians(number(51, 0)) - from);
        int halves = turn > Math.PI * 0.9 ? 3 : 1;
        List<Trace.Corner> corners = new ArrayList<>();
        for (int i = 0; i <= halves; i++) {
            double angle = from + turn * i / halves;
            corners.add(new Trace.Corner(new Place(centre.xMm() + radius * Math.cos(angle), centre.yMm() + radius * Math.sin(angle)),
                    i < halves ? Math.tan(turn / halves / 4) : 0));
        }
        return new Trace(corners, false);
    }

    private static List<Trace> polyline(List<Trace.Corner> corners, int flags) {
        return corners.size() < 2 ? List.of() : List.of(new Trace(corners, (flags & 1) != 0));
    }

    private static List<Trace.Corner> corners(List<DxfPair> pairs) {
        List<double[]> corners = new ArrayList<>();
        for (DxfPair pair : pairs) {
            if (pair.code() == 10) {
                corners.add(new double[] {pair.number(), 0, 0});
            } else if (!corners.isEmpty() && (pair.code() == 20 || pair.code() == 42)) {
                corners.get(corners.size() - 1)[pair.code() == 20 ? 1 : 2] = pair.number();
            }
        }
        return corners.stream().map(corner -> new Trace.Corner(new Place(corner[0], corner[1]), corner[2])).toList();
    }

    private Trace ellipse() {
        Place centre = at(10);
        Place major = at(11);
        double ratio = number(40, 1);
        double from = number(41, 0);
        double turn = roundTo(number(42, 2 * Math.PI) - from);
        List<Place> places = new ArrayList<>();
        for (int i = 0; i <= 4 * PARTS; i++) {
            double angle = from + turn * i / (4 * PARTS);
            double along = Math.cos(angle);
            double across = ratio * Math.sin(angle);
            places.add(new Place(centre.xMm() + along * major.xMm() - across * major.yMm(), centre.yMm() + along * major.yMm() + across * major.xMm()));
        }
        return Trace.through(places, false);
    }

    /** An angle above zero up to a full turn [rad]. */
    private static double roundTo(double angle) {
        double turn = angle % (2 * Math.PI);
        return turn <= 1e-12 ? turn + 2 * Math.PI : turn;
    }

    private static double positive(double value, String what) {
        if (!(value > 0)) {
            throw new IllegalArgumentException("A " + what + " in this DXF is not above zero.");
        }
        return value;
    }
}
