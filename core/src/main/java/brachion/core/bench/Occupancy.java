package brachion.core.bench;

import brachion.core.method.Recipe;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Who has a thing in the rig, and who is to have it.
 *
 * @param room    how many pieces it holds at once; of clamps, how many there are
 * @param holding pieces that have it now, who gives it back first before the others
 * @param coming  pieces that are to have it
 */
public record Occupancy(int room, List<Taker> holding, List<Taker> coming) {

    /** Keeps the pieces as they are now. */
    public Occupancy {
        holding = List.copyOf(holding);
        coming = List.copyOf(coming);
    }

    /**
     * A piece that has it, or is to have it.
     *
     * @param piece key of the piece
     * @param takes how much of it
     * @param until when it gives it back, as far as can be foreseen; empty when it cannot
     */
    public record Taker(long piece, int takes, Optional<Instant> until) {
    }

    /**
     * A piece that is made with it.
     *
     * @param piece    key of the piece
     * @param takes    how much of it
     * @param plan     its recipe
     * @param life     what was said of it
     * @param glue     the glue it is made with, by its label
     * @param standing how it stands
     */
    public record MadeWith(long piece, int takes, Recipe plan, PieceLife life, GlueAtHand glue, Standing standing) {
    }

    /** Of a thing and the pieces that are made with it. */
    public static Occupancy of(ItemKind kind, int room, List<MadeWith> pieces) {
        List<Taker> holding = pieces.stream().filter(piece -> kind.takenAt(piece.life().step()))
                .map(piece -> new Taker(piece.piece(), piece.takes(), until(piece)))
                .sorted(Comparator.comparing(taker -> taker.until().orElse(Instant.MAX))).toList();
        List<Taker> coming = pieces.stream().filter(piece -> !kind.takenAt(piece.life().step()))
                .filter(piece -> kind.takenAfter(piece.life().step(), WayOfThePiece.of(piece.plan())))
                .map(piece -> new Taker(piece.piece(), piece.takes(), Optional.empty())).toList();
        return new Occupancy(room, holding, coming);
    }

    /** A piece that is just being bent or glued goes on to the form or into the clamps, where it stays as planned. */
    private static Optional<Instant> until(MadeWith piece) {
        Optional<Instant> due = piece.standing().due();
        return switch (piece.life().step()) {
            case BENDING -> due.or(piece.life()::since).map(at -> Following.plus(at, Following.holdSeconds(piece.plan())));
            case GLUING -> due.or(piece.life()::since).map(at -> Following.plus(at, piece.glue().clampedSeconds()));
            default -> due;
        };
    }

    /** How much of it is taken now. */
    public int taken() {
        return holding.stream().mapToInt(Taker::takes).sum();
    }

    /** How much of it is free now; less than nothing when more is taken than there is. */
    public int free() {
        return room - taken();
    }

    /** When so much of it is free: now, or once enough was given back; empty when that cannot be foreseen. */
    public Optional<Instant> freeFrom(int wanted, Instant now) {
        int free = free();
        Optional<Instant> from = Optional.of(now);
        for (Taker taker : holding) {
            if (free >= wanted) {
                break;
            }
            free += taker.takes();
            from = taker.until().map(until -> until.isBefore(now) ? now : until);
            if (from.isEmpty()) {
                break;
            }
        }
        return free >= wanted ? from : Optional.empty();
    }
}
