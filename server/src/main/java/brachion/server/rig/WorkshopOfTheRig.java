package brachion.server.rig;

import brachion.core.method.Workshop;
import brachion.server.recipe.Workshops;
import brachion.server.species.Woods;
import org.springframework.stereotype.Component;

/** The shop is described where its rig is. */
@Component
class WorkshopOfTheRig implements Workshops {

    private final Woods woods;
    private final Rig rig;

    WorkshopOfTheRig(Woods woods, Rig rig) {
        this.woods = woods;
        this.rig = rig;
    }

    @Override
    public Workshop now() {
        return new Workshop(woods.catalogue(), rig.shop());
    }
}
