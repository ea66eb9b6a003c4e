package brachion.core.form;

import brachion.core.shape.Course;
import brachion.core.shape.Pose;
import brachion.core.shape.Trace;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;

/** Forms whose parts stand on a board: blocks on the left side of the piece, or pegs on both. */
final class FormOnBoard {

    /** Nothing stands further in the piece than this [mm]. */
    private static final double STANDS_IN_MM = 0.2;
    /** Near enough to touch [mm]. */
    private static final double TOUCHES_MM = 0.02;
    private static final int TRIED_OFF = 40;

    private FormOnBoard() {
    }

    /** Blocks that touch the piece, half as long as they are apart, and the board they are screwed to. */
    static List<Part> blocks(Course middle, FormWanted wanted) {
        double length = middle.lengthMm();
        double each = wanted.spacingMm() / 2;
        double depth = FormWanted.LEAST_DEPTH_MM;
        LineString line = Outlines.line(middle.trace());
        int many = Math.max(1, (int) Math.ceil(length / wanted.spacingMm()));
        List<Trace> feet = new ArrayList<>();
        List<Polygon> standing = new ArrayList<>();
        for (int i = 0; i <= many; i++) {
            Trace foot = foot(middle.at(length * i / many), each, depth, wanted.thicknessMm() / 2, line);
            Polygon block = Outlines.polygon(foot);
            if (line.distance(block) >= wanted.thicknessMm() / 2 - STANDS_IN_MM && standing.stream().noneMatch(block::intersects)) {
                feet.add(foot);
                standing.add(block);
            }
        }
        if (feet.size() < 2) {
            throw new IllegalArgumentException("Blocks so long do not stand along this curve; set them closer.");
        }
        double[] box = Trace.boxRound(feet);
        Trace board = Outlines.rectangle(box[0] - depth, box[1] - depth, box[2] + depth, box[3] + depth);
        return List.of(new Part(Part.Role.BLOCK, Outlines.rectangle(box[2] + 2 * depth, box[1], box[2] + 2 * depth + each, box[1] + depth), List.of(), feet.size() * wanted.layers()),
                new Part(Part.Role.BOARD, board, List.of(), 1, feet));
    }

    /** A block beside a place, as far off as it takes for its corners to touch the piece where that bends round it. */
    private static Trace foot(Pose at, double lengthMm, double depth, double half, LineString middle) {
        double off = half;
        Trace foot = null;
        for (int round = 0; round < TRIED_OFF; round++) {
            Pose beside = at.leftBy(off);
            foot = Outlines.rectangle(-lengthMm / 2, 0, lengthMm / 2, depth).placed(beside.headingRad(), beside.place().xMm(), beside.place().yMm());
            double missing = half - middle.distance(Outlines.polygon(foot));
            if (missing < TOUCHES_MM) {
                break;
            }
            off += missing;
        }
        return foot;
    }

    /** A board with pegs on both sides of the piece, those on one side between those on the other. */
    static Part pegs(Course middle, FormWanted wanted) {
        double peg = wanted.pegMm();
        LineString line = Outlines.line(middle.trace());
        List<Hole> pegs = new ArrayList<>();
        double length = middle.lengthMm();
        int many = Math.max(1, (int) Math.ceil(length / wanted.spacingMm()));
        for (int i = 0; i <= 2 * many; i++) {
            double off = i % 2 == 0 ? (wanted.thicknessMm() + peg) / 2 : -(wanted.thicknessMm() + peg) / 2 - wanted.strapMm();
            Hole hole = new Hole(Hole.Use.PEG, middle.at(length * i / (2.0 * many)).leftBy(off).place(), peg);
            double away = line.distance(Outlines.point(hole.centre()));
            // in a bend tighter than the peg, or where the piece comes round again, it would stand in the piece
            if (away >= Math.abs(off) - STANDS_IN_MM && Outlines.apart(hole, pegs)) {
                pegs.add(hole);
            }
        }
        double[] box = Trace.boxRound(pegs.stream().map(Hole::trace).toList());
        double margin = 2 * peg;
        Trace outline = Outlines.rectangle(box[0] - margin, box[1] - margin, box[2] + margin, box[3] + margin);
        return new Part(Part.Role.BOARD, outline, pegs, 1);
    }
}
