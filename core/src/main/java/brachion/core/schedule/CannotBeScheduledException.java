package brachion.core.schedule;

import brachion.core.bench.Step;

/** Something that is to be done fits into no hours of work and no room there is. */
public final class CannotBeScheduledException extends RuntimeException {

    private static final long serialVersionUID = 1L;
    private final String piece;
    private final transient Step step;

    CannotBeScheduledException(PieceOfWork piece, Operation operation) {
        super("Piece " + piece.key() + " finds no time for " + operation);
        this.piece = piece.key();
        this.step = operation.step();
    }

    /** What the piece is known by. */
    public String piece() {
        return piece;
    }

    /** What finds no time. */
    public Step step() {
        return step;
    }
}
