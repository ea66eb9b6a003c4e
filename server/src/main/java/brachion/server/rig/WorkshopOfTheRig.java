package brachion.server.rig;

import brachion.core.method.Workshop;
import brachion.server.recipe.Workshops;
import brachion.server.species.Woods;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The shop is described where its rig is. */
@Component
class WorkshopOfTheRig implements Workshops {

    private final Woods woods;
    private final RigService rig;

    WorkshopOfTheRig(Woods woods, RigService rig) {
        this.woods = woods;
        this.rig = rig;
    }

    @Override
    @Transactional(readOnly = true)
    public Workshop now() {
        RigService.KeptRig kept = rig.kept(null);
        return new Workshop(woods.catalogue(), kept.rig().shop(), kept.reachesC());
    }
}
