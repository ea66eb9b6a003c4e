package brachion.server.rack;

import brachion.server.species.WoodUse;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What woods mean to the rack: a wood that hung there stays. */
@Component
class RackOfWoods implements WoodUse {

    private final DryingPieceRepository repository;

    RackOfWoods(DryingPieceRepository repository) {
        this.repository = repository;
    }

    @Override
    public Optional<String> of(String speciesId) {
        return WoodUse.counted(repository.countByPieceSpeciesId(speciesId), "piece on the rack", "pieces on the rack");
    }
}
