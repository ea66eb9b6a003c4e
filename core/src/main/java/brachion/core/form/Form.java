package brachion.core.form;

import brachion.core.shape.Chain;
import brachion.core.shape.Course;
import brachion.core.shape.OneBend;
import brachion.core.shape.Place;
import brachion.core.shape.Pose;
import brachion.core.shape.Trace;
import brachion.core.shape.Turn;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.algorithm.MinimumAreaRectangle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.buffer.OffsetCurve;

/**
 * A form for a curved piece: its parts lie about the piece as it lies on the form. A press lies level.
 *
 * @param piece   the piece on the form, outlined
 * @param parts   what is cut from sheets
 * @param layout  how all layers of all parts lie on sheets
 * @param pegs    how many pegs
 * @param cost    price of the sheets; 0 when nobody said what one costs
 * @param hours   hours to cut, drill and glue it up, by round numbers chosen by us
 */
public record Form(Trace piece, List<Part> parts, ShelfLayout layout, int pegs, double cost, double hours) {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    /** Arcs are taken for straights so close to them where areas are worked out [mm]. */
    private static final double FLAT_MM = 0.05;
    /** Parts of a quarter circle where a general offset goes round a corner. */
    private static final int ROUND_PARTS = 64;
    /** The form goes on straight beyond the piece [mm]; common practice. */
    private static final double RUN_OUT_MM = 40;
    /** Sawing a curved line [mm/h]: 0.3 m a minute. */
    private static final double SAWN_MM_H = 18_000;
    /** A hole [h]. */
    private static final double HOLE_H = 1 / 60.0;
    /** Marking out, gluing up, waxing [h]. */
    private static final double SET_UP_H = 1;
    /** A hoop that goes nearly all the way round is bent round a whole disc. */
    private static final double ALL_ROUND_RAD = Math.toRadians(345);
    /** As many layers and blocks are laid on sheets. */
    private static final int MOST_LAYERS = 3000;
    /** Near enough to touch [mm]. */
    private static final double TOUCHES_MM = 0.02;
    private static final int TRIED_OFF = 40;
    /** Nothing stands further in the piece than this [mm]. */
    private static final double STANDS_IN_MM = 0.2;
    /** Steepest a half of a press may climb towards the other [rad]: straight up it would not open. */
    private static final double STEEPEST_RAD = Math.toRadians(85);

    /**
     * A form.
     *
     * @param formed the chain as it lies on the form
     * @throws IllegalArgumentException when no such form can be made of what is at hand
     */
    public static Form of(Chain formed, FormWanted wanted) {
        double thickness = wanted.thicknessMm();
        Course middle = formed.middle(thickness);
        boolean mirrored = formed.bends(thickness).stream().min(Comparator.comparingDouble(OneBend::tightestMm)).map(OneBend::turn).orElse(Turn.LEFT) == Turn.RIGHT;
        Course there = mirrored ? middle.reversed() : middle;
        Course along = wanted.kind() == FormKind.PRESS || wanted.kind() == FormKind.RIBS ? levelled(there) : there;
        List<Part> parts = switch (wanted.kind()) {
            case ONE_SIDED -> List.of(body(along, wanted));
            case PRESS -> halves(along, wanted);
            case RIBS -> ribs(along, wanted);
            case BLOCKS -> blocks(along, wanted);
            case PEG_BOARD -> List.of(board(along, wanted));
        };
        List<ShelfLayout.Blank> blanks = new ArrayList<>();
        double sawn = 0;
        int holes = 0;
        int all = parts.stream().mapToInt(Part::layers).sum();
        if (all > MOST_LAYERS) {
            throw new IllegalArgumentException("This form takes " + all + " layers and blocks; " + MOST_LAYERS + " are laid out at most. Take thicker sheets or set them further apart.");
        }
        for (int part = 0; part < parts.size(); part++) {
            double[] size = sidesRound(parts.get(part).outline());
            for (int layer = 0; layer < parts.get(part).layers(); layer++) {
                blanks.add(new ShelfLayout.Blank(part, size[0], size[1]));
            }
            sawn += parts.get(part).outline().lengthMm() * parts.get(part).layers();
            holes += parts.get(part).holes().size() * parts.get(part).layers();
        }
        ShelfLayout layout = ShelfLayout.of(blanks, wanted.sheet());
        int pegs = wanted.kind() == FormKind.PEG_BOARD ? parts.get(0).holes().size() : 0;
        return new Form(outline(along, thickness), parts, layout, pegs, layout.sheets() * wanted.sheet().price(), SET_UP_H + sawn / SAWN_MM_H + holes * HOLE_H);
    }

    /** Both faces of a piece along its middle, joined at its ends. */
    public static Trace outline(Course middle, double thicknessMm) {
        return middle.leftBy(thicknessMm / 2).trace().closedWith(middle.leftBy(-thicknessMm / 2).reversed().trace());
    }

    /** Whether a piece along a middle comes to lie on itself. */
    public static boolean crosses(Course middle, double thicknessMm) {
        return !polygon(outline(middle, thicknessMm)).isValid();
    }

    /** A place well within an outline, to write on. */
    public static Place inside(Trace outline) {
        Point within = polygon(outline).getInteriorPoint();
        return new Place(within.getX(), within.getY());
    }

    private static Part body(Course middle, FormWanted wanted) {
        Course face = middle.leftBy(wanted.thicknessMm() / 2);
        double depth = wanted.depthMm();
        boolean round = face.runs().size() == 1 && face.runs().get(0).turnRad() >= ALL_ROUND_RAD;
        Course edge = round ? new Course(face.start(), List.of(face.runs().get(0).turning(2 * Math.PI))) : face.extended(RUN_OUT_MM, RUN_OUT_MM);
        Trace outline = round ? new Trace(edge.trace().corners(), true) : cutBack(edge, depth);
        Polygon wood = polygon(outline);
        List<Hole> holes = new ArrayList<>();
        if (wanted.clampHoleMm() > 0) {
            holes.addAll(row(edge, Hole.Use.CLAMP, wanted.clampHoleMm(), Math.max(depth / 2, wanted.clampHoleMm()), wanted.spacingMm(), wood));
        }
        holes.addAll(pins(edge, wanted, depth * 0.8, wood, holes));
        return new Part(Part.Role.BODY, outline, holes, wanted.layers());
    }

    /**
     * The edge and a line a depth behind it, free of loops; filled where nothing is so deep behind it. Lines beside arcs are arcs
     * as long as their centres are not reached; beyond that the general offset of a line takes over.
     */
    private static Trace cutBack(Course edge, double depth) {
        boolean withinArcs = edge.runs().stream().allMatch(run -> depth * run.curvature() < 1);
        if (withinArcs) {
            Trace ring = edge.trace().closedWith(edge.leftBy(depth).reversed().trace());
            if (polygon(ring).isValid()) {
                return ring;
            }
        }
        Geometry behind = OffsetCurve.getCurve(line(edge.trace()), depth, ROUND_PARTS, BufferParameters.JOIN_ROUND, BufferParameters.DEFAULT_MITRE_LIMIT);
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
        return polygon(ring).isValid() ? ring : onePiece(filled);
    }

    private static Trace onePiece(Trace outline) {
        if (!polygon(outline).isValid()) {
            throw new IllegalArgumentException("This curve comes round on itself on the form; no body in one piece lies within it. A peg board does.");
        }
        return outline;
    }

    /** Holes in a row behind an edge, as many as lie well within the wood. */
    private static List<Hole> row(Course edge, Hole.Use use, double diameter, double behind, double spacing, Polygon wood) {
        List<Hole> holes = new ArrayList<>();
        double length = edge.lengthMm() - 2 * RUN_OUT_MM;
        int many = Math.max(1, (int) Math.floor(length / spacing)) + 1;
        for (int i = 0; i < many; i++) {
            Pose pose = edge.at(RUN_OUT_MM + length * i / (many - 1));
            Hole hole = new Hole(use, pose.leftBy(behind).place(), diameter);
            if (within(hole, wood) && apart(hole, holes)) {
                holes.add(hole);
            }
        }
        return holes;
    }

    /** Two pins as far apart as there is room. */
    private static List<Hole> pins(Course edge, FormWanted wanted, double behind, Polygon wood, List<Hole> others) {
        List<Hole> pins = new ArrayList<>();
        double length = edge.lengthMm();
        for (int from = 0; from < 2; from++) {
            for (double share = 0.03; share < 0.5; share += 0.02) {
                Hole pin = new Hole(Hole.Use.PIN, edge.at(length * (from == 0 ? share : 1 - share)).leftBy(behind).place(), wanted.pegMm());
                if (within(pin, wood) && apart(pin, others) && apart(pin, pins)) {
                    pins.add(pin);
                    break;
                }
            }
        }
        return pins;
    }

    /** With half its thickness of wood all round it. */
    private static boolean within(Hole hole, Polygon wood) {
        Point centre = GEOMETRY.createPoint(new Coordinate(hole.centre().xMm(), hole.centre().yMm()));
        return wood.contains(centre) && wood.getExteriorRing().distance(centre) >= hole.diameterMm();
    }

    private static boolean apart(Hole hole, List<Hole> others) {
        return others.stream().allMatch(other -> other.centre().to(hole.centre()) >= (hole.diameterMm() + other.diameterMm()) * 0.75);
    }

    /** Turned so that the line from end to end lies level. */
    private static Course levelled(Course middle) {
        Place start = middle.start().place();
        Place end = middle.end().place();
        return middle.placed(-Math.atan2(end.yMm() - start.yMm(), end.xMm() - start.xMm()), 0, 0);
    }

    /** Both halves of a press, for a piece that lies level. */
    private static List<Part> halves(Course middle, FormWanted wanted) {
        Course level = opening(middle);
        List<Part> parts = new ArrayList<>();
        for (boolean inner : new boolean[] {true, false}) {
            Trace outline = half(level, wanted, inner, wanted.depthMm() / 2);
            double[] box = Trace.boxRound(List.of(outline));
            double back = inner ? box[3] - 1.5 * wanted.pegMm() : box[1] + 1.5 * wanted.pegMm();
            List<Hole> pins = new ArrayList<>();
            for (double x : new double[] {box[0] + RUN_OUT_MM, box[2] - RUN_OUT_MM}) {
                Hole pin = new Hole(Hole.Use.PIN, new Place(x, back), wanted.pegMm());
                if (within(pin, polygon(outline))) {
                    pins.add(pin);
                }
            }
            parts.add(new Part(inner ? Part.Role.INNER_HALF : Part.Role.OUTER_HALF, outline, pins, wanted.layers()));
        }
        return parts;
    }

    /** A level piece with its run-outs, which a form has to open from. */
    private static Course opening(Course level) {
        Course longer = level.extended(RUN_OUT_MM, RUN_OUT_MM);
        for (Pose pose : longer.poses()) {
            if (Math.abs(pose.headingRad()) > STEEPEST_RAD) {
                throw new IllegalArgumentException("This form does not open round a piece that turns by more than "
                        + Math.round(Math.toDegrees(STEEPEST_RAD)) + "° against the line from end to end; take a one-sided form.");
            }
        }
        return longer;
    }

    /** A body with its edge on one face of a level piece, and a level back so deep behind the furthest of it. */
    private static Trace half(Course level, FormWanted wanted, boolean inner, double depth) {
        Trace edge = level.leftBy(inner ? wanted.thicknessMm() / 2 : -wanted.thicknessMm() / 2 - wanted.strapMm()).trace();
        double[] box = Trace.boxRound(List.of(edge));
        double deep = Math.max(depth, FormWanted.LEAST_DEPTH_MM);
        double back = inner ? box[3] + deep : box[1] - deep;
        List<Trace.Corner> corners = edge.corners();
        Place from = corners.get(0).place();
        Place to = corners.get(corners.size() - 1).place();
        return edge.closedWith(Trace.through(List.of(new Place(to.xMm(), back), new Place(from.xMm(), back)), false));
    }

    /** Ribs as the inner half of a press, one at each edge of the piece and no further apart than asked, and the board they stand on. */
    private static List<Part> ribs(Course middle, FormWanted wanted) {
        Trace outline = half(opening(middle), wanted, true, FormWanted.LEAST_DEPTH_MM);
        double[] box = Trace.boxRound(List.of(outline));
        double sheet = wanted.sheet().thicknessMm();
        int many = 1 + (int) Math.ceil(Math.max(sheet, wanted.widthMm() - sheet) / wanted.spacingMm());
        double width = wanted.widthMm() + 2 * RUN_OUT_MM;
        double low = box[3] + RUN_OUT_MM;
        List<Trace> feet = new ArrayList<>();
        for (int rib = 0; rib < many; rib++) {
            double y = low + RUN_OUT_MM + (wanted.widthMm() - sheet) * rib / (many - 1);
            feet.add(rectangle(box[0], y, box[2], y + sheet));
        }
        return List.of(new Part(Part.Role.RIB, outline, List.of(), many),
                new Part(Part.Role.BOARD, rectangle(box[0] - RUN_OUT_MM, low, box[2] + RUN_OUT_MM, low + width), List.of(), 1, feet));
    }

    /** Blocks that touch the piece, half as long as they are apart, and the board they are screwed to. */
    private static List<Part> blocks(Course middle, FormWanted wanted) {
        double length = middle.lengthMm();
        double each = wanted.spacingMm() / 2;
        double depth = FormWanted.LEAST_DEPTH_MM;
        LineString line = line(middle.trace());
        int many = Math.max(1, (int) Math.ceil(length / wanted.spacingMm()));
        List<Trace> feet = new ArrayList<>();
        List<Polygon> standing = new ArrayList<>();
        for (int i = 0; i <= many; i++) {
            Trace foot = foot(middle.at(length * i / many), each, depth, wanted.thicknessMm() / 2, line);
            Polygon block = polygon(foot);
            if (line.distance(block) >= wanted.thicknessMm() / 2 - STANDS_IN_MM && standing.stream().noneMatch(block::intersects)) {
                feet.add(foot);
                standing.add(block);
            }
        }
        if (feet.size() < 2) {
            throw new IllegalArgumentException("Blocks so long do not stand along this curve; set them closer.");
        }
        double[] box = Trace.boxRound(feet);
        Trace board = rectangle(box[0] - depth, box[1] - depth, box[2] + depth, box[3] + depth);
        return List.of(new Part(Part.Role.BLOCK, rectangle(box[2] + 2 * depth, box[1], box[2] + 2 * depth + each, box[1] + depth), List.of(), feet.size() * wanted.layers()),
                new Part(Part.Role.BOARD, board, List.of(), 1, feet));
    }

    /** A block beside a place, as far off as it takes for its corners to touch the piece where that bends round it. */
    private static Trace foot(Pose at, double lengthMm, double depth, double half, LineString middle) {
        double off = half;
        Trace foot = null;
        for (int round = 0; round < TRIED_OFF; round++) {
            Pose beside = at.leftBy(off);
            foot = rectangle(-lengthMm / 2, 0, lengthMm / 2, depth).placed(beside.headingRad(), beside.place().xMm(), beside.place().yMm());
            double missing = half - middle.distance(polygon(foot));
            if (missing < TOUCHES_MM) {
                break;
            }
            off += missing;
        }
        return foot;
    }

    private static Trace rectangle(double left, double low, double right, double high) {
        return Trace.through(List.of(new Place(left, low), new Place(right, low), new Place(right, high), new Place(left, high)), true);
    }

    /** A board with pegs on both sides of the piece, those on one side between those on the other. */
    private static Part board(Course middle, FormWanted wanted) {
        double peg = wanted.pegMm();
        LineString line = line(middle.trace());
        List<Hole> pegs = new ArrayList<>();
        double length = middle.lengthMm();
        int many = Math.max(1, (int) Math.ceil(length / wanted.spacingMm()));
        for (int i = 0; i <= 2 * many; i++) {
            double off = i % 2 == 0 ? (wanted.thicknessMm() + peg) / 2 : -(wanted.thicknessMm() + peg) / 2 - wanted.strapMm();
            Hole hole = new Hole(Hole.Use.PEG, middle.at(length * i / (2.0 * many)).leftBy(off).place(), peg);
            double away = line.distance(GEOMETRY.createPoint(new Coordinate(hole.centre().xMm(), hole.centre().yMm())));
            // in a bend tighter than the peg, or where the piece comes round again, it would stand in the piece
            if (away >= Math.abs(off) - STANDS_IN_MM && apart(hole, pegs)) {
                pegs.add(hole);
            }
        }
        double[] box = Trace.boxRound(pegs.stream().map(Hole::trace).toList());
        double margin = 2 * peg;
        Trace outline = rectangle(box[0] - margin, box[1] - margin, box[2] + margin, box[3] + margin);
        return new Part(Part.Role.BOARD, outline, pegs, 1);
    }

    /** Sides of the smallest rectangle round an outline, the longer one first [mm]. */
    private static double[] sidesRound(Trace outline) {
        Coordinate[] corners = MinimumAreaRectangle.getMinimumRectangle(polygon(outline)).getCoordinates();
        double one = corners[0].distance(corners[1]);
        double other = corners[1].distance(corners[2]);
        return new double[] {Math.max(one, other), Math.min(one, other)};
    }

    private static LineString line(Trace trace) {
        return GEOMETRY.createLineString(coordinates(trace));
    }

    private static Polygon polygon(Trace outline) {
        return GEOMETRY.createPolygon(coordinates(outline));
    }

    private static Coordinate[] coordinates(Trace trace) {
        return trace.places(FLAT_MM).stream().map(place -> new Coordinate(place.xMm(), place.yMm())).toArray(Coordinate[]::new);
    }
}
