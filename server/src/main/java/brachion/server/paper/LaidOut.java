package brachion.server.paper;

import brachion.core.method.Recipe;
import brachion.core.method.Sheet;
import brachion.core.method.Sheet.Measure;
import brachion.server.paper.Sketch.Ink;

/** A piece laid out straight, to scale along its length: where it bends, is sawn, heated or shaved. */
final class LaidOut {

    private static final double TOP_MM = 16;
    private static final double THICK_MM = 12;
    private static final double HEIGHT_MM = 48;
    private static final double LOW_MM = TOP_MM + THICK_MM;
    private static final double ROW_MM = 8;

    private final Recipe recipe;
    private final Sheet sheet;
    private final Ruler ruler;
    private final Sketch on;
    private final double scale;

    private LaidOut(Recipe recipe, Ruler ruler, double widthMm) {
        this.recipe = recipe;
        this.ruler = ruler;
        sheet = recipe.method().sheet(recipe);
        on = new Sketch(widthMm, HEIGHT_MM);
        scale = widthMm / sheet.stockLengthMm();
    }

    static Sketch of(Recipe recipe, Ruler ruler, double widthMm) {
        LaidOut drawn = new LaidOut(recipe, ruler, widthMm);
        drawn.draw();
        return drawn.on;
    }

    private double measured(Measure measure) {
        return sheet.value(measure).orElse(0);
    }

    private void draw() {
        double width = on.widthMm();
        double bend = measured(Measure.OUTER_ARC) * scale;
        double from = (width - bend) / 2;
        on.box(0, TOP_MM, width, THICK_MM, Ink.THICK, false);
        on.box(from, TOP_MM, bend, THICK_MM, Ink.FINE, true);
        plies();
        cuts(from);
        shaved();
        on.line(from, TOP_MM - 7, from, LOW_MM + 3, Ink.LINE);
        on.line(from + bend, TOP_MM - 7, from + bend, LOW_MM + 3, Ink.LINE);
        on.across(from, from + bend, TOP_MM - 4, "bend " + ruler.about(measured(Measure.OUTER_ARC)));
        double below = LOW_MM + ROW_MM;
        double heated = measured(Measure.HEATED_LENGTH);
        double shaved = measured(Measure.THINNED_OVER);
        if (heated > 0) {
            inTheMiddle(heated, below, "heat " + ruler.about(heated));
        } else if (shaved > 0) {
            inTheMiddle(shaved, below, "shave " + ruler.about(shaved) + " to " + ruler.exact(measured(Measure.THINNED_TO)));
        } else if (from > Sketch.wide(ruler.about(from / scale)) + 2) {
            on.across(0, from, below, ruler.about(from / scale));
            on.across(from + bend, width, below, ruler.about(from / scale));
        }
        on.across(0, width, below + ROW_MM, "in all " + ruler.about(sheet.stockLengthMm()));
        on.caption("Laid out straight, outer face up; along its length " + Placing.inWords(scale) + ".");
    }

    private void inTheMiddle(double length, double y, String says) {
        on.across((on.widthMm() - length * scale) / 2, (on.widthMm() + length * scale) / 2, y, says);
    }

    private void plies() {
        long plies = Math.round(measured(Measure.PLIES));
        for (int ply = 1; ply < plies; ply++) {
            on.line(0, under(ply), on.widthMm(), under(ply), Ink.FINE);
        }
    }

    /** The lower face of a ply, counted from the outer face; the last is as thick as what is left. */
    private double under(long ply) {
        double stock = recipe.blank().thicknessMm();
        return TOP_MM + THICK_MM * Math.min(1, ply * stock / recipe.method().finishedMm(stock));
    }

    /** Through the piece, or through each ply but the one against the form. */
    private void cuts(double from) {
        long sawn = Math.max(1, Math.round(measured(Measure.PLIES)) - 1);
        double left = Math.min(1, measured(Measure.WEB) / recipe.blank().thicknessMm());
        for (long ply = 1; ply <= sawn; ply++) {
            double web = left * (under(ply) - under(ply - 1));
            for (int cut = 0; cut < measured(Measure.CUTS); cut++) {
                double x = from + cut * measured(Measure.PITCH) * scale;
                on.line(x, under(ply - 1) + web, x, under(ply), Ink.LINE);
            }
        }
    }

    /** A rod is shaved on its inner face. */
    private void shaved() {
        double over = measured(Measure.THINNED_OVER) * scale;
        if (over > 0) {
            double left = THICK_MM * (1 - Math.min(1, measured(Measure.THINNED_TO) / recipe.blank().thicknessMm()));
            on.box((on.widthMm() - over) / 2, LOW_MM - left, over, left, Ink.LINE, false);
        }
    }
}
