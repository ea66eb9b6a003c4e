package brachion.server.rig;

import brachion.core.process.Shop;
import brachion.server.problem.EditConflictException;
import brachion.server.storage.CurrentShop;
import java.util.OptionalDouble;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the rig. Until somebody saves one, the usual rig stands in its place, with version −1. */
@Service
@Transactional
class RigService implements Rig {

    private static final int NEVER_SAVED = -1;

    private final RigRepository repository;
    private final ApplicationEventPublisher events;

    RigService(RigRepository repository, ApplicationEventPublisher events) {
        this.repository = repository;
        this.events = events;
    }

    /**
     * The rig as it is kept.
     *
     * @param version state it was in when read; give it back with a change
     * @param rig     the rig
     */
    record KeptRig(int version, RigFields rig) {
    }

    @Override
    @Transactional(readOnly = true)
    public Shop shop() {
        return kept().rig().shop();
    }

    @Override
    @Transactional(readOnly = true)
    public OptionalDouble reachesC() {
        KeptRig kept = kept();
        return kept.version() == NEVER_SAVED ? OptionalDouble.empty() : OptionalDouble.of(kept.rig().toRig().reachesC());
    }

    @Transactional(readOnly = true)
    public KeptRig kept() {
        return repository.findById(CurrentShop.key()).map(entity -> new KeptRig(entity.version(), entity.rig()))
                .orElse(new KeptRig(NEVER_SAVED, RigFields.USUAL));
    }

    public KeptRig keep(int version, RigFields rig) {
        KeptRig before = kept();
        if (before.version() != version) {
            throw new EditConflictException("The rig was changed elsewhere since you opened it. "
                    + "Your entries are still here; load the newer one to compare.");
        }
        RigEntity entity = repository.findById(CurrentShop.key()).orElseGet(() -> new RigEntity(rig));
        entity.change(rig);
        RigEntity stored = repository.saveAndFlush(entity);
        if (!rig.shop().equals(before.rig().shop())) {
            events.publishEvent(new ShopChanged());
        }
        return new KeptRig(stored.version(), stored.rig());
    }
}
