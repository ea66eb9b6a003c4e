package brachion.core.form;

import brachion.core.shape.Course;
import brachion.core.shape.Place;
import brachion.core.shape.Pose;
import brachion.core.shape.Trace;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.buffer.OffsetCurve;

/** A body on one side of the piece, the left one of its middle. */
final class OneSidedForm {

    /** Parts of a quarter circle where a general offset goes round a corner. */
    private static final int ROUND_PARTS = 64;
    /** A hoop that goes nearly all the way round is bent round a whole disc. */
    private static final double ALL_ROUND_RAD = Math.toRadians(345);
    /** Layers with air between them lie free no further than this [mm] (a round number chosen by us). */
    private static final double LIE_FREE_MM = 300;
    /** A spacer is so much wider than the pin through it. */
    private static final double SPACER_TO_PIN = 3;

    private OneSidedForm() {
    }

    /** Whether a piece goes round so far that its form is a whole disc, without run-outs. */
    static boolean allRound(Course middle) {
        return middle.runs().size() == 1 && middle.runs().get(0).turnRad() >= ALL_ROUND_RAD;
    }

    /** The body, and what keeps its layers apart where the piece dries on it. */
    static List<Part> parts(Course middle, FormWanted wanted) {
        Course face = middle.leftBy(wanted.thicknessMm() / 2);
        double depth = wanted.depthMm();
        boolean round = allRound(middle);
        Course edge = round ? new Course(face.start(), List.of(face.runs().get(0).turning(2 * Math.PI))) : face.extended(Form.RUN_OUT_MM, Form.RUN_OUT_MM);
        Trace outline = round ? new Trace(edge.trace().corners(), true) : cutBack(edge, depth);
        Polygon wood = Outlines.polygon(outline);
        List<Hole> holes = new ArrayList<>();
        if (wanted.clampHoleMm() > 0) {
            holes.addAll(clampHoles(edge, wanted, Math.max(depth / 2, wanted.clampHoleMm()), wood));
        }
        if (!wanted.alsoRack()) {
            holes.addAll(pins(edge, wanted, depth * 0.8, wood, holes));
            return List.of(new Part(Part.Role.BODY, outline, holes, wanted.layers()));
        }
        List<Hole> apart = spaced(edge, wanted, depth / 2, wood, holes);
        holes.addAll(apart);
        double side = Math.min(SPACER_TO_PIN * wanted.pegMm(), depth * 0.8);
        int layers = wanted.layersWithAir();
        double[] box = Trace.boxRound(List.of(outline));
        double right = box[2] + Form.RUN_OUT_MM;
        Trace spacer = Outlines.rectangle(right, box[1], right + side, box[1] + side);
        Hole through = new Hole(Hole.Use.PIN, new Place(right + side / 2, box[1] + side / 2), wanted.pegMm());
        return List.of(new Part(Part.Role.BODY, outline, holes, layers), new Part(Part.Role.SPACER, spacer, List.of(through), apart.size() * (layers - 1)));
    }

    /** Pins in a row behind an edge, one near each end and no further apart than layers may lie free. */
    private static List<Hole> spaced(Course edge, FormWanted wanted, double behind, Polygon wood, List<Hole> others) {
        List<Hole> pins = new ArrayList<>();
        double end = Math.min(Form.RUN_OUT_MM, edge.lengthMm() / 4);
        double length = edge.lengthMm() - 2 * end;
        int many = 1 + Math.max(1, (int) Math.ceil(length / LIE_FREE_MM));
        for (int i = 0; i < many; i++) {
            // a little further on where a hole is in the way already
            for (double on = 0; on < LIE_FREE_MM / 2; on += wanted.pegMm() / 2) {
                double along = end + length * i / (many - 1);
                Hole pin = new Hole(Hole.Use.PIN, edge.at(i == many - 1 ? along - on : along + on).leftBy(behind).place(), wanted.pegMm());
                if (fits(pin, wood, others, pins)) {
                    pins.add(pin);
                    break;
                }
            }
        }
        if (pins.size() < 2) {
            throw new IllegalArgumentException("There is no room in this form for the pins and spacers that let air to the piece; take thinner pins, clamps that open further, or ribs.");
        }
        return pins;
    }

    /**
     * The edge and a line a depth behind it, free of loops; filled where nothing is so deep behind it. Lines beside arcs are arcs
     * as long as their centres are not reached; beyond that the general offset of a line takes over.
     */
    private static Trace cutBack(Course edge, double depth) {
        boolean withinArcs = edge.runs().stream().allMatch(run -> depth * run.curvature() < 1);
        if (withinArcs) {
            Trace ring = edge.trace().closedWith(edge.leftBy(depth).reversed().trace());
            if (Outlines.polygon(ring).isValid()) {
                return ring;
            }
        }
        Geometry behind = OffsetCurve.getCurve(Outlines.line(edge.trace()), depth, ROUND_PARTS, BufferParameters.JOIN_ROUND, BufferParameters.DEFAULT_MITRE_LIMIT);
        Trace filled = new Trace(edge.trace().corners(), true);
        if (behind.isEmpty()) {
            return onePiece(filled);
        }
        LineString longest = (LineString) behind.getGeometryN(0);
        for (int i = 1; i < behind.getNumGeometries(); i++) {
            if (behind.getGeometryN(i).getLength() > longest.getLength()) {
                longest = (LineString) behind.getGeometryN(i);
            }
        }
        List<Place> back = new ArrayList<>();
        for (Coordinate at : longest.reverse().getCoordinates()) {
            back.add(new Place(at.x, at.y));
        }
        Trace ring = edge.trace().closedWith(Trace.through(back, false));
        return Outlines.polygon(ring).isValid() ? ring : onePiece(filled);
    }

    private static Trace onePiece(Trace outline) {
        if (!Outlines.polygon(outline).isValid()) {
            throw new IllegalArgumentException("This curve comes round on itself on the form; no body in one piece lies within it. A peg board does.");
        }
        return outline;
    }

    /** Holes in a row behind an edge, as many as lie well within the wood. */
    private static List<Hole> clampHoles(Course edge, FormWanted wanted, double behind, Polygon wood) {
        List<Hole> holes = new ArrayList<>();
        double length = edge.lengthMm() - 2 * Form.RUN_OUT_MM;
        int many = wanted.clamps(length);
        for (int i = 0; i < many; i++) {
            Pose pose = edge.at(Form.RUN_OUT_MM + length * i / (many - 1));
            Hole hole = new Hole(Hole.Use.CLAMP, pose.leftBy(behind).place(), wanted.clampHoleMm());
            if (Outlines.within(hole, wood) && Outlines.apart(hole, holes)) {
                holes.add(hole);
            }
        }
        return holes;
    }

    private static boolean fits(Hole pin, Polygon wood, List<Hole> others, List<Hole> pins) {
        return Outlines.within(pin, wood) && Outlines.apart(pin, others) && Outlines.apart(pin, pins);
    }

    /** Two pins as far apart as there is room. */
    private static List<Hole> pins(Course edge, FormWanted wanted, double behind, Polygon wood, List<Hole> others) {
        List<Hole> pins = new ArrayList<>();
        double length = edge.lengthMm();
        for (int from = 0; from < 2; from++) {
            for (double share = 0.03; share < 0.5; share += 0.02) {
                Hole pin = new Hole(Hole.Use.PIN, edge.at(length * (from == 0 ? share : 1 - share)).leftBy(behind).place(), wanted.pegMm());
                if (fits(pin, wood, others, pins)) {
                    pins.add(pin);
                    break;
                }
            }
        }
        return pins;
    }
}
