package brachion.server.shape;

import brachion.core.quantity.PhysicalBound;
import brachion.core.shape.Trace;
import java.util.List;
import java.util.Locale;

/**
 * What a drawing that was made elsewhere holds.
 *
 * @param lines    its lines [mm], the longest first
 * @param unitSaid whether the file says how large it is drawn
 * @param leftOut  how many things in it are drawn in ways not read here
 */
record DrawnFile(List<Trace> lines, boolean unitSaid, int leftOut) {

    /** As many parts of lines are read. */
    static final int MOST_PARTS = 20_000;
    /** Arcs lie so close to the curves they stand for [mm]. */
    static final double CLOSE_MM = 0.004;
    /** Ends this close are one [mm]. */
    static final double JOINED_MM = 0.05;

    /** Refuses a drawing of more parts than anybody draws a piece with. */
    static void requireFew(int parts) {
        if (parts > MOST_PARTS) {
            throw new IllegalArgumentException("The drawing has more than " + MOST_PARTS + " straights and curves; take out all but the line of the piece.");
        }
    }

    /** Refuses a drawing without a line, and one whose longest is longer than any piece. */
    void requireALength() {
        if (lines.isEmpty()) {
            throw new IllegalArgumentException("There is no line in this drawing" + (leftOut > 0 ? " that is read here" : "") + ".");
        }
        double longest = lines.get(0).lengthMm();
        if (!(longest <= PhysicalBound.PIECE_LENGTH_MM.highest())) {
            throw new IllegalArgumentException(String.format(Locale.ROOT, "The longest line of this drawing is %.0f m long, longer than any piece. Is it drawn in another unit?",
                    longest / 1000));
        }
    }
}
