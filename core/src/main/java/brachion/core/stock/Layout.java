package brachion.core.stock;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Blanks laid on a board, with the width of the saw's cut between them.
 *
 * @param board  the board
 * @param kerfMm width of the saw's cut [mm]
 * @param blanks the blanks
 */
public record Layout(Board board, double kerfMm, List<LaidBlank> blanks) {

    /** Why a blank cannot be sawn where it lies. */
    public enum Trouble {
        /** It lies over the edge of the board. */
        OFF_THE_BOARD,
        /** It lies on another, or closer than the saw is wide. */
        ON_ANOTHER,
        /** A check runs through it, or it is part bark. */
        SPOILT
    }

    /** Copies the blanks. */
    public Layout {
        blanks = List.copyOf(blanks);
    }

    /** What a blank is made of. */
    public WoodAtPlace wood(int blank) {
        return WoodAtPlace.of(board, blanks.get(blank));
    }

    /** Why a blank cannot be sawn where it lies; empty when it can. */
    public Optional<Trouble> trouble(int blank) {
        LaidBlank laid = blanks.get(blank);
        if (!laid.area().within(board.face())) {
            return Optional.of(Trouble.OFF_THE_BOARD);
        }
        boolean onAnother = IntStream.range(0, blanks.size()).filter(other -> other != blank)
                .anyMatch(other -> sawnInto(blanks.get(other), laid));
        if (onAnother) {
            return Optional.of(Trouble.ON_ANOTHER);
        }
        return wood(blank).sound() ? Optional.empty() : Optional.of(Trouble.SPOILT);
    }

    /** Whether a blank could be sawn besides those that are laid. */
    boolean hasRoomFor(LaidBlank blank) {
        return blank.area().within(board.face()) && !sawnInto(blank);
    }

    /** Whether a blank lies on one of those that are laid, or in its saw's cut. */
    boolean sawnInto(LaidBlank blank) {
        return blanks.stream().anyMatch(other -> sawnInto(other, blank));
    }

    private boolean sawnInto(LaidBlank one, LaidBlank other) {
        return one.area().longerAndWiderBy(kerfMm).overlaps(other.area().longerAndWiderBy(kerfMm));
    }

    /** The same with one more. */
    Layout with(LaidBlank blank) {
        return new Layout(board, kerfMm, Stream.concat(blanks.stream(), Stream.of(blank)).toList());
    }

    /** The blanks in the order they are sawn: rip by rip from the lower edge, along each. */
    public List<Integer> sawingOrder() {
        Comparator<Integer> upwards = Comparator.comparingDouble(blank -> blanks.get(blank).area().acrossMm());
        return IntStream.range(0, blanks.size()).boxed()
                .sorted(upwards.thenComparingDouble(blank -> blanks.get(blank).area().alongMm())).toList();
    }

    /** Share of the face that no blank takes. */
    public double leftShare() {
        return 1 - blanks.stream().mapToDouble(blank -> blank.area().mm2()).sum() / board.face().mm2();
    }

    /** The largest piece without checks and bark that is left in one; empty when nothing wider than the saw's cut is. */
    public Optional<Area> largestLeft() {
        List<Area> taken = Stream.concat(blanks.stream().map(blank -> blank.area().widerBy(kerfMm)),
                board.marks().stream().filter(mark -> mark.kind().spoils() == Mark.Spoils.THE_BLANK).map(Mark::area)).toList();
        return LargestFree.in(board.face(), taken).filter(area -> area.widthMm() > kerfMm && area.lengthMm() > kerfMm);
    }
}
