package brachion.core.method;

import brachion.core.quantity.LengthUnit;
import java.util.Map;

/**
 * Plies cut, glued and clamped: longer than the outer arc by an overhang at both ends, wider by what is trimmed, a clamp each 100 mm
 * and one more (common practice). Closing takes the spreading of every glue line and the setting of every clamp; how fast one pair of
 * hands does that are round numbers chosen by us.
 *
 * @param lengthMm    length the plies are cut to [mm]
 * @param widthMm     width they are ripped to [mm]
 * @param lines       glue lines
 * @param clamps      clamps over the bend
 * @param glueGrams   glue on all lines [g]
 * @param closingMinutes from the first spreading to the last clamp [min]
 * @param openMinutes how long the glue leaves for it in this shop [min]
 */
record GlueUp(double lengthMm, double widthMm, int lines, int clamps, double glueGrams, double closingMinutes, double openMinutes) {

    /** Of a hundred stacks three creep and one sticks to its form; round numbers chosen by us. */
    static final Map<Blemish, Double> BLEMISHES = Map.of(Blemish.PLIES_CREPT, 0.03, Blemish.STUCK_TO_FORM, 0.01);

    private static final double OVERHANG_MM = 50;
    private static final double TRIMMED_MM = LengthUnit.INCH.millimetres();
    private static final double CLAMP_EACH_MM = 100;
    private static final double SPREAD_M2_PER_MINUTE = 0.15;
    private static final double CLAMPS_PER_MINUTE = 3;

    /** Of a recipe whose stock is one of its plies. */
    static GlueUp of(Recipe recipe, Glue glue, int plies) {
        Blank ply = recipe.blank();
        double outer = recipe.bend().outerArcMm(recipe.method().finishedMm(ply.thicknessMm()));
        double length = outer + 2 * OVERHANG_MM;
        double width = ply.widthMm() + TRIMMED_MM;
        int clamps = (int) Math.ceil(outer / CLAMP_EACH_MM) + 1;
        double spreadM2 = (plies - 1) * length * width / 1e6;
        return new GlueUp(length, width, plies - 1, clamps, spreadM2 * glue.spreadGramsPerM2(),
                spreadM2 / SPREAD_M2_PER_MINUTE + clamps / CLAMPS_PER_MINUTE, glue.openMinutes(recipe.shop().celsius()));
    }

    /** As it is measured out. */
    Sheet sheet(Recipe recipe, int plies) {
        double ply = recipe.blank().thicknessMm();
        return Sheet.of(recipe, recipe.method().finishedMm(ply)).and(Sheet.Measure.PLIES, plies).and(Sheet.Measure.PLY, ply)
                .and(Sheet.Measure.PLY_LENGTH, lengthMm).and(Sheet.Measure.PLY_WIDTH, widthMm).and(Sheet.Measure.GLUE_LINES, lines)
                .and(Sheet.Measure.GLUE, glueGrams).and(Sheet.Measure.CLAMPS, clamps).and(Sheet.Measure.CLOSING, closingMinutes)
                .and(Sheet.Measure.OPEN_TIME, openMinutes);
    }
}
