package brachion.server.shape;

import brachion.core.shape.Chain;
import brachion.core.shape.FittedLine;
import brachion.core.shape.Course;
import jakarta.validation.constraints.NotNull;

/**
 * A line that came in as a curve.
 *
 * @param chain    the curve
 * @param asDrawn  whether it is the line as it was drawn, and not one fitted to it
 * @param offMm    how far a corner or place is off it at most [mm]
 * @param lines    how many lines there were; the longest was taken
 * @param unitSaid whether the file said how large it is drawn; points always do
 * @param leftOut  how many things in the file are drawn in ways not read here
 */
record FittedReading(@NotNull ChainFields chain, @NotNull Boolean asDrawn, @NotNull Double offMm, @NotNull Integer lines, @NotNull Boolean unitSaid,
                     @NotNull Integer leftOut) {

    /** Which line of the piece was drawn, seen along it. */
    enum Along {
        /** Its middle. */
        MIDDLE,
        /** The face to its left. */
        LEFT_FACE,
        /** The face to its right. */
        RIGHT_FACE;

        /** The middle of a piece so thick [mm]. */
        private Course middle(Course drawn, double thicknessMm) {
            return this == MIDDLE ? drawn : drawn.leftBy(this == LEFT_FACE ? -thicknessMm / 2 : thicknessMm / 2);
        }
    }

    static FittedReading ofDrawing(FittedLine fitted, Along along, double thicknessMm, DrawnFile from) {
        return of(fitted, along, thicknessMm, from.lines().size(), from.unitSaid(), from.leftOut());
    }

    static FittedReading ofPlaces(FittedLine fitted, Along along, double thicknessMm) {
        return of(fitted, along, thicknessMm, 1, true, 0);
    }

    private static FittedReading of(FittedLine fitted, Along along, double thicknessMm, int lines, boolean unitSaid, int leftOut) {
        Chain chain = Chain.along(along.middle(fitted.line(), thicknessMm), thicknessMm);
        return new FittedReading(ChainFields.of(chain), fitted.asDrawn(), fitted.offMm(), lines, unitSaid, leftOut);
    }
}
