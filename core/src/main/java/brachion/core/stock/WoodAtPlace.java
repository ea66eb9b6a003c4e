package brachion.core.stock;

import brachion.core.method.Blank;
import brachion.core.method.Knots;
import brachion.core.method.Recipe;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;

/**
 * What a blank is made of at its place on a board.
 *
 * @param inBend   marks that spoil a bend and reach into this one
 * @param through  marks that spoil the blank
 * @param beside   other marks on it
 * @param grainRun the steepest slope of grain in the bend as the run for a rise of one, empty when nobody looked
 */
public record WoodAtPlace(List<Mark> inBend, List<Mark> through, List<Mark> beside, OptionalDouble grainRun) {

    /** What is found where a blank lies. */
    static WoodAtPlace of(Board board, LaidBlank blank) {
        List<Mark> inBend = marks(board, Mark.Spoils.THE_BEND).filter(mark -> mark.reach().overlaps(blank.bend())).toList();
        List<Mark> through = marks(board, Mark.Spoils.THE_BLANK).filter(mark -> mark.area().overlaps(blank.area())).toList();
        List<Mark> beside = board.marks().stream().filter(mark -> !inBend.contains(mark) && !through.contains(mark))
                .filter(mark -> mark.area().overlaps(blank.area())).toList();
        OptionalDouble steepest = DoubleStream.concat(board.grainRun().stream(), inBend.stream().flatMapToDouble(mark -> mark.grainRun().stream())).min();
        return new WoodAtPlace(inBend, through, beside, steepest);
    }

    private static Stream<Mark> marks(Board board, Mark.Spoils spoils) {
        return board.marks().stream().filter(mark -> mark.kind().spoils() == spoils);
    }

    /** Whether it can be a blank at all. */
    public boolean sound() {
        return through.isEmpty();
    }

    /** A recipe made of this wood. */
    public Recipe of(Recipe recipe) {
        Blank blank = recipe.blank().withKnots(inBend.isEmpty() ? Knots.CLEAR : Knots.IN_BEND);
        return recipe.withBlank(grainRun.isPresent() ? blank.withGrainRun(grainRun.getAsDouble()) : blank);
    }
}
