package brachion.server.stock;

import brachion.core.stock.MoistureHistory.Known;
import jakarta.validation.constraints.NotNull;
import java.util.List;

/**
 * A board as it is shown.
 *
 * @param id        key
 * @param version   state it was in when read; give it back with a change
 * @param board     the board
 * @param moisture  what its readings tell, by day
 * @param leftShare share of its face that no blank takes
 */
record BoardView(long id, int version, @NotNull BoardFields board, List<Known> moisture, double leftShare) {

    static BoardView of(StockBoardEntity stored, String name) {
        BoardFields board = stored.fields(name);
        return new BoardView(stored.id(), stored.version(), board, board.moisture().known(), board.toLayout().leftShare());
    }
}
