package brachion.core.stock;

import java.util.List;
import java.util.OptionalDouble;

/**
 * A board, seen on its face.
 *
 * @param lengthMm    length [mm]
 * @param widthMm     width [mm]
 * @param thicknessMm thickness [mm]
 * @param grainRun    slope of the grain as the run for a rise of one where nothing else is marked, empty when nobody looked
 * @param marks       what is seen on it
 */
public record Board(double lengthMm, double widthMm, double thicknessMm, OptionalDouble grainRun, List<Mark> marks) {

    /** Copies the marks. */
    public Board {
        marks = List.copyOf(marks);
    }

    /** All of its face. */
    public Area face() {
        return new Area(0, 0, lengthMm, widthMm);
    }
}
