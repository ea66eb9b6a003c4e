package brachion.server.shape;

import brachion.core.shape.HeatedZone;
import brachion.core.shape.Turn;
import brachion.server.paper.Placing;
import brachion.server.paper.Ruler;
import brachion.server.paper.Sketch;
import brachion.server.paper.Sketch.Ink;
import java.util.List;

/** A straight strip with the lengths that are worked over a hot pipe, seen from its edge. */
final class PipeSketch {

    private static final double STRIP_MM = 7;
    private static final double TOP_MM = 22;
    /** Room for what is measured below it. */
    private static final double BELOW_MM = 18;

    private PipeSketch() {
    }

    /**
     * The whole strip.
     *
     * @param stripMm    length of the strip [mm]
     * @param tightFirst whether the tightest bend is made first, else they are made from the left end on
     */
    static Sketch whole(List<HeatedZone> zones, double stripMm, boolean tightFirst, Ruler ruler, double widthMm) {
        double scale = widthMm / stripMm;
        Sketch on = new Sketch(widthMm, TOP_MM + STRIP_MM + BELOW_MM);
        on.box(0, TOP_MM, widthMm, STRIP_MM, Ink.LINE, false);
        double before = 0;
        for (int i = 0; i < zones.size(); i++) {
            HeatedZone zone = zones.get(i);
            double from = zone.fromMm() * scale;
            double to = zone.toMm() * scale;
            on.box(from, TOP_MM, to - from, STRIP_MM, Ink.LINE, true);
            double face = zone.bend().turn() == Turn.LEFT ? TOP_MM : TOP_MM + STRIP_MM;
            on.line(from, face, to, face, Ink.THICK);
            on.word(Integer.toString(tightFirst ? zone.tightestFirst() : i + 1), (from + to) / 2, TOP_MM - 9);
            on.across(from, to, TOP_MM - 4, "");
            on.across(before * scale, from, TOP_MM + STRIP_MM + 7, ruler.about(zone.fromMm() - before));
            on.across(from, to, TOP_MM + STRIP_MM + 14, ruler.about(zone.toMm() - zone.fromMm()));
            before = zone.toMm();
        }
        on.caption("The strip before it is bent, along its length " + Placing.inWords(scale) + ": the heavy edge lies on the pipe, the numbers are the order.");
        return on;
    }
}
