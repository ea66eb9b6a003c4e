package brachion.server.rig;

import brachion.core.bench.ItemKind;
import brachion.server.problem.NotHereException;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the things in the rig. */
@Service
@Transactional
class RigItemService implements RigItems {

    private final RigItemRepository repository;
    private final RigService boxes;
    private final Clock clock;

    RigItemService(RigItemRepository repository, RigService boxes, Clock clock) {
        this.boxes = boxes;
        this.repository = repository;
        this.clock = clock;
    }

    /**
     * A thing in the rig as it is shown.
     *
     * @param id      key
     * @param version state it was in when read; give it back with a change
     * @param item    the thing
     */
    record RigItemView(long id, int version, @NotNull RigItemFields item) {
    }

    @Override
    @Transactional(readOnly = true)
    public Map<Long, RigItemFields> all() {
        return byKey(repository.findByDeletedAtIsNullOrderById());
    }

    @Override
    @Transactional(readOnly = true)
    public Map<Long, RigItemFields> of(Collection<Long> keys) {
        return keys.isEmpty() ? Map.of() : byKey(repository.findAllById(keys));
    }

    @Override
    public long add(RigItemFields item) {
        return takeIn(item).id();
    }

    @Transactional(readOnly = true)
    public List<RigItemView> views() {
        return repository.findByDeletedAtIsNullOrderById().stream().map(RigItemService::view).toList();
    }

    public RigItemView takeIn(RigItemFields item) {
        item.requireSense();
        RigItemView stored = store(new RigItemEntity(item));
        if (item.kind() == ItemKind.STEAM_BOX) {
            boxes.named(stored.id());
        }
        return stored;
    }

    public RigItemView change(long id, int version, RigItemFields item) {
        item.requireSense();
        return change(id, version, stored -> stored.write(item));
    }

    public RigItemView takeAway(long id, int version) {
        return change(id, version, stored -> stored.discard(clock.instant()));
    }

    public RigItemView putBack(long id) {
        RigItemEntity stored = repository.findById(id).orElseThrow(() -> missing(id));
        stored.bringBack();
        return store(stored);
    }

    private RigItemView change(long id, int version, Consumer<RigItemEntity> change) {
        RigItemEntity stored = repository.findById(id).filter(RigItemEntity::present).orElseThrow(() -> missing(id));
        stored.requireVersion(version, "This was changed elsewhere since you opened it. Look at it again and repeat your change.");
        change.accept(stored);
        return store(stored);
    }

    private RigItemView store(RigItemEntity item) {
        return view(repository.saveAndFlush(item));
    }

    private static Map<Long, RigItemFields> byKey(List<RigItemEntity> items) {
        Map<Long, RigItemFields> all = new LinkedHashMap<>();
        items.forEach(item -> all.put(item.id(), item.item()));
        return all;
    }

    private static RigItemView view(RigItemEntity item) {
        return new RigItemView(item.id(), item.version(), item.item());
    }

    private static NotHereException missing(long id) {
        return new NotHereException("There is no thing " + id + " in the rig.");
    }
}
