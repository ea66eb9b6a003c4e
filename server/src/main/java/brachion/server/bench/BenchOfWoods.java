package brachion.server.bench;

import brachion.server.species.WoodUse;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What woods mean to the bench: a wood that lay there stays. */
@Component
class BenchOfWoods implements WoodUse {

    private final BenchRepository repository;

    BenchOfWoods(BenchRepository repository) {
        this.repository = repository;
    }

    @Override
    public Optional<String> of(String speciesId) {
        return WoodUse.counted(repository.ofSpecies(speciesId), "piece on the bench", "pieces on the bench");
    }
}
