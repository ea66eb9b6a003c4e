package brachion.core.stock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToDoubleFunction;

/**
 * Where blanks lie best on a board: one after another at the place with the best odds, of those the lowest and then the furthest to
 * the left. A place worth trying begins at an edge: of the board, of a blank already laid and the saw's cut, or where a mark leaves the
 * blank or its bend.
 */
public final class Places {

    private static final Comparator<Place> BEST = Comparator.comparingDouble((Place place) -> -place.odds())
            .thenComparingDouble(place -> place.blank().area().acrossMm()).thenComparingDouble(place -> place.blank().area().alongMm());

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
        Set<Double> across = new LinkedHashSet<>(List.of(0.0));
        Set<Double> along = new LinkedHashSet<>(List.of(0.0));
        board.marks().forEach(mark -> {
            across.add(mark.area().topMm());
            along.addAll(behind(mark, size));
        });
        laid.forEach(blank -> {
            across.add(blank.area().topMm() + kerfMm);
            along.add(blank.area().endMm() + kerfMm);
        });
        List<Place> places = new ArrayList<>(places(layout, size, across, along));
        List<LaidBlank> proposed = new ArrayList<>();
        while (!places.isEmpty() && proposed.size() < wanted) {
            LaidBlank next = places.stream().min(BEST).orElseThrow().blank();
            proposed.add(next);
            layout = layout.with(next);
            Layout alone = new Layout(board, kerfMm, List.of(next));
            places.removeIf(place -> alone.sawnInto(place.blank()));
            double above = next.area().topMm() + kerfMm;
            double after = next.area().endMm() + kerfMm;
            if (across.add(above)) {
                places.addAll(places(layout, size, Set.of(above), along));
            }
            if (along.add(after)) {
                places.addAll(places(layout, size, across, Set.of(after)));
            }
        }
        return proposed;
    }

    /** Places a blank may lie at, of those that begin so far across and along the board. */
    private List<Place> places(Layout layout, BlankSize size, Set<Double> across, Set<Double> along) {
        return across.stream().flatMap(up -> along.stream().filter(right -> right >= 0).map(right -> size.at(right, up)))
                .filter(layout::hasRoomFor).map(blank -> Map.entry(blank, WoodAtPlace.of(board, blank))).filter(place -> place.getValue().sound())
                .map(place -> new Place(place.getKey(), odds.applyAsDouble(place.getValue()))).toList();
    }

    /** Where a blank begins that keeps clear of a mark: behind it, or with its bend behind or before it. */
    private static List<Double> behind(Mark mark, BlankSize size) {
        return switch (mark.kind().spoils()) {
            case THE_BLANK -> List.of(mark.area().endMm());
            case THE_BEND -> List.of(mark.reach().endMm() - size.bentFromMm(), mark.reach().alongMm() - size.bentToMm());
            default -> List.of();
        };
    }
}
