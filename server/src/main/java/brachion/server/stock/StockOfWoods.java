package brachion.server.stock;

import brachion.server.species.WoodUse;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What woods mean to the stock: a wood a board is of stays. */
@Component
class StockOfWoods implements WoodUse {

    private final StockRepository repository;

    StockOfWoods(StockRepository repository) {
        this.repository = repository;
    }

    @Override
    public Optional<String> of(String speciesId) {
        return WoodUse.counted(repository.countBySpeciesId(speciesId), "board in stock", "boards in stock");
    }
}
