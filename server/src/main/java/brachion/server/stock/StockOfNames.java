package brachion.server.stock;

import brachion.server.problem.RefusedFieldException;
import brachion.server.trial.BoardUse;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What it means to the stock that two names are of one board. */
@Component
class StockOfNames implements BoardUse {

    private final StockRepository repository;

    StockOfNames(StockRepository repository) {
        this.repository = repository;
    }

    @Override
    public void takenForOne(long board, long other) {
        Optional<StockBoardEntity> stored = repository.findByBoardId(board);
        if (stored.isPresent() && repository.findByBoardId(other).isPresent()) {
            throw new RefusedFieldException("name", "Both lie in stock, each as a board of its own. Only one that is not can be taken for another.");
        }
        stored.ifPresent(one -> {
            one.isNow(other);
            repository.saveAndFlush(one);
        });
    }
}
