package brachion.server.shape;

import brachion.core.form.StrapFitting;
import brachion.core.form.StrapFitting.Row;
import brachion.server.paper.Placing;
import brachion.server.paper.Ruler;
import brachion.server.paper.Sketch;
import brachion.server.paper.Sketch.Ink;

/** A strap with its stops, drawn flat. */
final class StrapSketch {

    private static final double BAND_MM = 9;
    private static final double STOP_MM = 5;
    private static final double TOP_MM = 14;
    /** As high as an end is drawn. */
    private static final double END_ROOM_MM = 60;
    /** Room for what stands to the right of it. */
    private static final double RIGHT_MM = 42;

    private StrapSketch() {
    }

    /** The whole band, along its length to scale. */
    static Sketch whole(StrapFitting fitting, Ruler ruler, double widthMm) {
        double scale = widthMm / fitting.bandMm();
        double tail = (fitting.bandMm() - fitting.betweenStopsMm()) / 2 * scale;
        Sketch on = new Sketch(widthMm, TOP_MM + BAND_MM + 12);
        on.box(0, TOP_MM, widthMm, BAND_MM, Ink.LINE, false);
        fitting.bolts().ifPresent(row -> {
            for (double at : row.atMm()) {
                on.circle(tail - at * scale, TOP_MM + BAND_MM / 2, 1.2, Ink.FINE);
                on.circle(widthMm - tail + at * scale, TOP_MM + BAND_MM / 2, 1.2, Ink.FINE);
            }
        });
        if (tail > 0) {
            on.line(tail, TOP_MM - STOP_MM, tail, TOP_MM + BAND_MM + 2, Ink.THICK);
            on.line(widthMm - tail, TOP_MM - STOP_MM, widthMm - tail, TOP_MM + BAND_MM + 2, Ink.THICK);
        }
        on.across(tail, widthMm - tail, TOP_MM - 4, "from stop to stop " + ruler.about(fitting.betweenStopsMm()));
        on.across(0, widthMm, TOP_MM + BAND_MM + 9, "band " + ruler.about(fitting.bandMm()));
        on.caption("The strap laid flat; along its length " + Placing.inWords(scale) + ".");
        return on;
    }

    /** One end with its holes, at full size. */
    static Sketch end(Row row, double bandWidthMm, Ruler ruler, double widthMm) {
        double scale = Math.min(1, Math.min((widthMm - RIGHT_MM) / row.tailMm(), END_ROOM_MM / bandWidthMm));
        double right = widthMm - RIGHT_MM;
        double high = bandWidthMm * scale;
        double middle = TOP_MM + high / 2;
        Sketch on = new Sketch(widthMm, TOP_MM + high + 20);
        double left = right - row.tailMm() * scale;
        on.box(left, TOP_MM, right - left + 12, high, Ink.LINE, false);
        on.line(right, TOP_MM - 3, right, TOP_MM + high + 3, Ink.THICK);
        double before = right;
        for (int i = 0; i < row.atMm().size(); i++) {
            double x = right - row.atMm().get(i) * scale;
            on.circle(x, middle, row.bolt().holeMm() * scale, Ink.LINE);
            double apart = row.atMm().get(i) - (i == 0 ? 0 : row.atMm().get(i - 1));
            // all further ones are as far apart as the first two
            on.across(x, before, TOP_MM + high + 8, i < 2 ? ruler.about(apart) : "");
            before = x;
        }
        on.across(left, right, TOP_MM - 6, ruler.about(row.tailMm()));
        on.down(right + 16, TOP_MM, TOP_MM + high, ruler.exact(bandWidthMm));
        on.caption("One end, " + Placing.inWords(scale) + ": the face of the stop is the heavy line; holes in the middle of the band.");
        return on;
    }
}
