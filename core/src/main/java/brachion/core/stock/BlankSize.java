package brachion.core.stock;

import brachion.core.method.Marks;
import brachion.core.method.Recipe;
import brachion.core.method.Sheet;
import brachion.core.quantity.LengthUnit;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * What is sawn for a bend.
 *
 * @param lengthMm    length of the blank [mm]
 * @param widthMm     its width [mm]
 * @param bentFromMm  where its bend begins [mm]
 * @param bentToMm    where it ends [mm]
 * @param piecesEach  pieces of the wanted thickness one blank of the board's thickness gives, 0 when the board is too thin
 * @param plies       plies one piece is glued up of, 1 for solid wood
 */
public record BlankSize(double lengthMm, double widthMm, double bentFromMm, double bentToMm, int piecesEach, int plies) {

    /** Taken off each width and thickness sawn until it is planed (common practice). */
    private static final double PLANED_MM = LengthUnit.INCH.millimetres() / 16;

    /** A length may lie off a mark by so small a part of one, from reckoning alone. */
    private static final double NOTHING = 1e-9;

    /**
     * The blank of a recipe out of a board of some thickness [mm], with a saw of some kerf [mm]: the outer arc with an overhang at both ends, the
     * bend in the middle, and the width with what is planed; plies as they are measured out for gluing. Both are sawn to the next mark.
     */
    public static BlankSize of(Recipe recipe, double boardThicknessMm, double kerfMm, Marks marks) {
        Sheet sheet = recipe.method().sheet(recipe);
        double arc = sheet.value(Sheet.Measure.OUTER_ARC).orElseThrow();
        OptionalDouble plies = sheet.value(Sheet.Measure.PLY_LENGTH);
        double length = upTo(marks.radiusMm(), sheet.stockLengthMm());
        double width = upTo(marks.thicknessMm(), sheet.value(Sheet.Measure.PLY_WIDTH).orElse(recipe.blank().widthMm() + PLANED_MM));
        double each = recipe.blank().thicknessMm() + (plies.isPresent() ? PLANED_MM : 0);
        int pieces = (int) Math.floor((boardThicknessMm + kerfMm) / (each + kerfMm) + NOTHING);
        return new BlankSize(length, width, (length - arc) / 2, (length + arc) / 2, pieces, (int) sheet.value(Sheet.Measure.PLIES).orElse(1));
    }

    /** Number of the first ply sawn of the next blank, after so many others of the same pieces; empty for solid wood and a board that is too thin. */
    public OptionalInt firstPly(int blanksBefore) {
        return plies == 1 || piecesEach == 0 ? OptionalInt.empty() : OptionalInt.of(blanksBefore * piecesEach % plies + 1);
    }

    private static double upTo(double mark, double mm) {
        return Math.ceil(mm / mark - NOTHING) * mark;
    }

    /** Laid somewhere [mm]. */
    public LaidBlank at(double alongMm, double acrossMm) {
        return new LaidBlank(new Area(alongMm, acrossMm, lengthMm, widthMm), bentFromMm, bentToMm);
    }
}
