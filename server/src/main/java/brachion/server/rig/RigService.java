package brachion.server.rig;

import brachion.core.bench.ItemKind;
import brachion.core.process.Shop;
import brachion.server.problem.EditConflictException;
import brachion.server.problem.NotHereException;
import brachion.server.problem.RefusedFieldException;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps the steam boxes of the shop, which stand in one air. Until somebody saves one, the usual rig stands in its place, with version −1; so it does for a
 * box that has a name and nothing more.
 */
@Service
@Transactional
class RigService {

    private static final int NEVER_SAVED = -1;

    private final RigRepository repository;
    private final RigItemRepository items;
    private final ApplicationEventPublisher events;

    RigService(RigRepository repository, RigItemRepository items, ApplicationEventPublisher events) {
        this.repository = repository;
        this.items = items;
        this.events = events;
    }

    /**
     * A steam box as it is kept.
     *
     * @param version state it was in when read; give it back with a change
     * @param itemId  the thing in the rig it is, null while it has no name
     * @param planned whether plans go by it
     * @param rig     the box with its steam, and the shop
     */
    record KeptRig(int version, @Schema(nullable = true) Long itemId, boolean planned, RigFields rig) {

        static KeptRig of(RigEntity entity) {
            return new KeptRig(entity.version(), entity.itemId(), entity.planned(), entity.rig());
        }

        /** The temperature its chamber comes to [°C]; empty until somebody has described it. */
        OptionalDouble reachesC() {
            return version == NEVER_SAVED ? OptionalDouble.empty() : OptionalDouble.of(rig.toRig().reachesC());
        }
    }

    /** The box that is a thing in the rig, or the one plans go by where that is null. */
    @Transactional(readOnly = true)
    public KeptRig kept(Long item) {
        if (item == null) {
            return repository.findFirstByPlannedTrueOrderById().map(KeptRig::of).orElse(new KeptRig(NEVER_SAVED, null, true, RigFields.USUAL));
        }
        RigItemFields box = box(item);
        return repository.findFirstByItemIdOrderById(item).map(KeptRig::of).orElseGet(() -> {
            RigFields usual = RigFields.USUAL.inTheShopOf(kept(null).rig());
            return new KeptRig(NEVER_SAVED, item, false, box.lengthMm() == null ? usual : usual.ofLength(box.lengthMm()));
        });
    }

    /** Keeps a box; the shop it stands in is that of all boxes. */
    public KeptRig keep(Long item, int version, RigFields rig) {
        KeptRig before = kept(item);
        if (before.version() != version) {
            throw new EditConflictException("The rig was changed elsewhere since you opened it. "
                    + "Your entries are still here; load the newer one to compare.");
        }
        Shop shop = kept(null).rig().shop();
        Optional<RigEntity> stored = item == null ? repository.findFirstByPlannedTrueOrderById() : repository.findFirstByItemIdOrderById(item);
        RigEntity entity = stored.orElseGet(() -> new RigEntity(item, repository.findFirstByPlannedTrueOrderById().isEmpty()));
        entity.change(rig);
        repository.saveAndFlush(entity);
        repository.findAllByOrderById().stream().filter(other -> !other.id().equals(entity.id())).forEach(other -> other.change(other.rig().inTheShopOf(rig)));
        repository.flush();
        if (!rig.shop().equals(shop)) {
            events.publishEvent(new ShopChanged());
        }
        return KeptRig.of(entity);
    }

    /** Plans go by this box from now on. */
    public KeptRig planBy(long item) {
        box(item);
        RigEntity chosen = repository.findFirstByItemIdOrderById(item)
                .orElseThrow(() -> new RefusedFieldException("item", "Nobody said what this box can do yet: keep it first."));
        repository.findAllByOrderById().forEach(each -> each.plansGoBy(each.id().equals(chosen.id())));
        repository.flush();
        return KeptRig.of(chosen);
    }

    /** The box that was kept before it had a name is this one. */
    void named(long item) {
        repository.findFirstByItemIdIsNullOrderById().ifPresent(box -> box.is(item));
    }

    private RigItemFields box(long item) {
        return items.findById(item).filter(RigItemEntity::present).map(RigItemEntity::item).filter(thing -> thing.kind() == ItemKind.STEAM_BOX)
                .orElseThrow(() -> new NotHereException("There is no steam box " + item + " in the rig."));
    }
}
