package brachion.core.form;

import brachion.core.shape.Course;
import brachion.core.shape.Place;
import brachion.core.shape.Pose;
import brachion.core.shape.Trace;
import java.util.ArrayList;
import java.util.List;

/** Forms that open along the line from end to end of the piece: a press of two halves, and ribs, which are like one of them. */
final class OpeningForm {

    /** Steepest a half may climb towards the other [rad]: straight up it would not open. */
    private static final double STEEPEST_RAD = Math.toRadians(85);

    private OpeningForm() {
    }

    /** Turned so that the line from end to end lies level. */
    static Course levelled(Course middle) {
        Place start = middle.start().place();
        Place end = middle.end().place();
        return middle.placed(-Math.atan2(end.yMm() - start.yMm(), end.xMm() - start.xMm()), 0, 0);
    }

    /** Both halves of a press, for a piece that lies level. */
    static List<Part> halves(Course middle, FormWanted wanted) {
        Course level = opening(middle);
        List<Part> parts = new ArrayList<>();
        for (boolean inner : new boolean[] {true, false}) {
            Trace outline = half(level, wanted, inner, wanted.depthMm() / 2);
            double[] box = Trace.boxRound(List.of(outline));
            double back = inner ? box[3] - 1.5 * wanted.pegMm() : box[1] + 1.5 * wanted.pegMm();
            List<Hole> pins = new ArrayList<>();
            for (double x : new double[] {box[0] + Form.RUN_OUT_MM, box[2] - Form.RUN_OUT_MM}) {
                Hole pin = new Hole(Hole.Use.PIN, new Place(x, back), wanted.pegMm());
                if (Outlines.within(pin, Outlines.polygon(outline))) {
                    pins.add(pin);
                }
            }
            parts.add(new Part(inner ? Part.Role.INNER_HALF : Part.Role.OUTER_HALF, outline, pins, wanted.layers()));
        }
        return parts;
    }

    /** A level piece with its run-outs, which a form has to open from. */
    private static Course opening(Course level) {
        Course longer = level.extended(Form.RUN_OUT_MM, Form.RUN_OUT_MM);
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
    static List<Part> ribs(Course middle, FormWanted wanted) {
        Trace outline = half(opening(middle), wanted, true, FormWanted.LEAST_DEPTH_MM);
        double[] box = Trace.boxRound(List.of(outline));
        double sheet = wanted.sheet().thicknessMm();
        int many = 1 + (int) Math.ceil(Math.max(sheet, wanted.widthMm() - sheet) / wanted.spacingMm());
        double width = wanted.widthMm() + 2 * Form.RUN_OUT_MM;
        double low = box[3] + Form.RUN_OUT_MM;
        List<Trace> feet = new ArrayList<>();
        for (int rib = 0; rib < many; rib++) {
            double y = low + Form.RUN_OUT_MM + (wanted.widthMm() - sheet) * rib / (many - 1);
            feet.add(Outlines.rectangle(box[0], y, box[2], y + sheet));
        }
        return List.of(new Part(Part.Role.RIB, outline, List.of(), many),
                new Part(Part.Role.BOARD, Outlines.rectangle(box[0] - Form.RUN_OUT_MM, low, box[2] + Form.RUN_OUT_MM, low + width), List.of(), 1, feet));
    }
}
