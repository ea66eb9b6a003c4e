package brachion.core.stock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.DoubleStream;

/**
 * Where blanks lie best on a board: one after another at the place with the best odds, of those the lowest and then the furthest to
 * the left. A place worth trying begins at an edge: of the board, of a blank already laid and the saw's cut, or where a mark leaves the
 * blank or its bend.
 */
public final class Places {

    private final Board board;
    private final double kerfMm;
    private final ToDoubleFunction<WoodAtPlace> odds;

    /** One place. */
    private record Place(LaidBlank blank, double odds) {
    }

    /** @param odds chance that a blank of such wood does not break */
    public Places(Board board, double kerfMm, ToDoubleFunction<WoodAtPlace> odds) {
        this.board = board;
        this.kerfMm = kerfMm;
        this.odds = odds;
    }

    /** As many blanks as wanted and as there is room for beside those that are laid. */
    public List<LaidBlank> propose(List<LaidBlank> laid, BlankSize size, int wanted) {
        Layout layout = new Layout(board, kerfMm, laid);
        List<LaidBlank> proposed = new ArrayList<>();
        Optional<LaidBlank> next = best(layout, size);
        while (next.isPresent() && proposed.size() < wanted) {
            proposed.add(next.get());
            layout = layout.with(next.get());
            next = best(layout, size);
        }
        return proposed;
    }

    private Optional<LaidBlank> best(Layout layout, BlankSize size) {
        List<Place> places = new ArrayList<>();
        for (double across : acrossFrom(layout)) {
            for (double along : alongFrom(layout, size)) {
                LaidBlank blank = size.at(along, across);
                if (layout.hasRoomFor(blank)) {
                    WoodAtPlace wood = WoodAtPlace.of(board, blank);
                    if (wood.sound()) {
                        places.add(new Place(blank, odds.applyAsDouble(wood)));
                    }
                }
            }
        }
        return places.stream().min(Comparator.comparingDouble((Place place) -> -place.odds())
                .thenComparingDouble(place -> place.blank().area().acrossMm())
                .thenComparingDouble(place -> place.blank().area().alongMm())).map(Place::blank);
    }

    private double[] acrossFrom(Layout layout) {
        DoubleStream afterBlanks = layout.blanks().stream().mapToDouble(blank -> blank.area().topMm() + kerfMm);
        DoubleStream afterMarks = board.marks().stream().mapToDouble(mark -> mark.area().topMm());
        return DoubleStream.concat(DoubleStream.of(0), DoubleStream.concat(afterBlanks, afterMarks)).distinct().toArray();
    }

    private double[] alongFrom(Layout layout, BlankSize size) {
        DoubleStream afterBlanks = layout.blanks().stream().mapToDouble(blank -> blank.area().endMm() + kerfMm);
        DoubleStream afterMarks = board.marks().stream().flatMapToDouble(mark -> switch (mark.kind().spoils()) {
            case THE_BLANK -> DoubleStream.of(mark.area().endMm());
            // the bend begins behind the mark, or ends before it
            case THE_BEND -> DoubleStream.of(mark.reach().endMm() - size.bentFromMm(), mark.reach().alongMm() - size.bentToMm());
            default -> DoubleStream.empty();
        });
        return DoubleStream.concat(DoubleStream.of(0), DoubleStream.concat(afterBlanks, afterMarks)).filter(along -> along >= 0).distinct().toArray();
    }
}
