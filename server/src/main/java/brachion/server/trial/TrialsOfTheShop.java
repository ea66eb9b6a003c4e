package brachion.server.trial;

import brachion.server.rig.ShopChanged;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** What the shop means to the trials: another one makes the fit out of date. */
@Component
class TrialsOfTheShop {

    private final TrialRepository repository;

    TrialsOfTheShop(TrialRepository repository) {
        this.repository = repository;
    }

    @EventListener
    void changed(ShopChanged change) {
        repository.countChange();
    }
}
