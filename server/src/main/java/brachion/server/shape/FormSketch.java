package brachion.server.shape;

import brachion.core.form.Form;
import brachion.core.form.Part;
import brachion.core.form.SheetGoods;
import brachion.core.form.ShelfLayout;
import brachion.core.shape.Place;
import brachion.core.shape.Trace;
import brachion.server.paper.Placing;
import brachion.server.paper.Ruler;
import brachion.server.paper.Sketch;
import brachion.server.paper.Sketch.Ink;
import java.util.List;
import java.util.stream.Stream;

/** A form drawn small, with what it measures over all, and how its parts lie on sheets. */
final class FormSketch {

    private static final double HIGHEST_MM = 80;
    private static final double BELOW_MM = 12;
    private static final int ACROSS = 3;
    private static final double GAP_MM = 4;
    private static final int MOST_SHEETS = 9;

    private FormSketch() {
    }

    /** The form with the piece on it. */
    static Sketch whole(Form form, Ruler ruler, double widthMm) {
        double[] box = Trace.boxRound(Stream.concat(Stream.of(form.piece()), form.parts().stream().map(Part::outline)).toList());
        Placing placing = Placing.framed(box, widthMm, HIGHEST_MM);
        Sketch on = new Sketch(widthMm, Placing.framedHighMm(box, widthMm, HIGHEST_MM) + BELOW_MM);
        on.trace(form.piece(), placing, Ink.FINE, true);
        for (Part part : form.parts()) {
            on.trace(part.outline(), placing, Ink.THICK, false);
            part.marks().forEach(mark -> on.trace(mark, placing, Ink.FINE, false));
            part.holes().forEach(hole -> on.circle(placing.x(hole.centre()), placing.y(hole.centre()), hole.diameterMm() * placing.scale(), Ink.LINE));
        }
        double[] body = Trace.boxRound(List.of(form.parts().get(0).outline()));
        Place low = new Place(body[0], body[1]);
        Place up = new Place(body[2], body[3]);
        on.across(placing.x(low), placing.x(up), on.heightMm() - 3, ruler.about(body[2] - body[0]));
        on.down(placing.x(new Place(box[2], box[3])) + 4, placing.y(up), placing.y(low), ruler.about(body[3] - body[1]));
        on.caption("The form, " + placing.inWords() + "; the piece on it is shaded.");
        return on;
    }

    /** The sheets, the parts on them as rectangles. */
    static Sketch shelves(ShelfLayout layout, SheetGoods sheet, double widthMm) {
        int shown = Math.min(layout.sheets(), MOST_SHEETS);
        int across = Math.min(ACROSS, shown);
        double each = (widthMm - (across - 1) * GAP_MM) / Math.max(2, across);
        double scale = each / sheet.lengthMm();
        double high = sheet.widthMm() * scale;
        int rows = (shown + across - 1) / across;
        Sketch on = new Sketch(widthMm, rows * (high + GAP_MM));
        for (int i = 0; i < shown; i++) {
            on.box(i % across * (each + GAP_MM), i / across * (high + GAP_MM), each, high, Ink.LINE, false);
        }
        for (ShelfLayout.Laid laid : layout.laid()) {
            if (laid.sheet() < shown) {
                on.box(laid.sheet() % across * (each + GAP_MM) + laid.xMm() * scale, laid.sheet() / across * (high + GAP_MM) + laid.yMm() * scale, laid.lengthMm() * scale,
                        laid.heightMm() * scale, Ink.FINE, true);
            }
        }
        on.caption("How the parts lie on " + (layout.sheets() == 1 ? "the sheet" : layout.sheets() + " sheets") + (shown < layout.sheets() ? " (the first " + shown + " drawn)" : "")
                + ", by rectangles round them, " + Placing.inWords(scale) + ".");
        return on;
    }
}
