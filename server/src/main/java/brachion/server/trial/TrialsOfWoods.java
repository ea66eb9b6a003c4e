package brachion.server.trial;

import brachion.server.species.WoodChanged;
import brachion.server.species.WoodUse;
import java.util.Optional;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** What woods mean to the trials: a wood with trials stays, and a changed one makes the fit out of date. */
@Component
class TrialsOfWoods implements WoodUse {

    private final TrialRepository repository;

    TrialsOfWoods(TrialRepository repository) {
        this.repository = repository;
    }

    @Override
    public Optional<String> of(String speciesId) {
        return WoodUse.counted(repository.countOfWood(speciesId), "trial", "trials");
    }

    @EventListener
    void changed(WoodChanged change) {
        repository.countChange();
    }
}
