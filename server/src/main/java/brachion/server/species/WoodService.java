package brachion.server.species;

import brachion.core.wood.Species;
import brachion.core.wood.SpeciesCatalogue;
import brachion.core.wood.WoodFacts;
import brachion.server.problem.EditConflictException;
import brachion.server.problem.NotHereException;
import brachion.server.problem.RefusedFieldException;
import brachion.server.storage.CurrentShop;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the shop's own woods beside the published ones. */
@Service
@Transactional
class WoodService implements Woods {

    private record Known(List<WoodFacts> own, SpeciesCatalogue catalogue) {
    }

    private final WoodRepository repository;
    private final List<WoodUse> uses;
    private final ApplicationEventPublisher events;
    private final Clock clock;
    private final Map<String, Known> known = new ConcurrentHashMap<>();

    WoodService(WoodRepository repository, List<WoodUse> uses, ApplicationEventPublisher events, Clock clock) {
        this.repository = repository;
        this.uses = uses;
        this.events = events;
        this.clock = clock;
    }

    @Override
    @Transactional(readOnly = true)
    public SpeciesCatalogue catalogue() {
        return catalogue(repository.findByDeletedAtIsNullOrderById());
    }

    private SpeciesCatalogue catalogue(List<WoodEntity> stored) {
        List<WoodFacts> own = stored.stream().map(WoodEntity::facts).toList();
        return known.compute(CurrentShop.key(), (shop, last) -> last != null && own.equals(last.own()) ? last
                : new Known(own, SpeciesCatalogue.published().with(own))).catalogue();
    }

    /** All woods by name, the shop's own among them. */
    @Transactional(readOnly = true)
    public List<WoodView> all() {
        List<WoodEntity> stored = repository.findByDeletedAtIsNullOrderById();
        Map<String, WoodEntity> own = stored.stream().collect(Collectors.toMap(WoodEntity::speciesId, Function.identity()));
        return catalogue(stored).all().stream().map(species -> Optional.ofNullable(own.get(species.id()))
                .map(wood -> WoodView.own(species, wood)).orElseGet(() -> WoodView.published(species))).toList();
    }

    public WoodView add(WoodFields fields) {
        fields.requireSense();
        requireNewName(fields.commonName(), "");
        return store(new WoodEntity(fields));
    }

    public WoodView change(long key, int version, WoodFields fields) {
        fields.requireSense();
        WoodEntity wood = present(key, version);
        requireNewName(fields.commonName(), wood.speciesId());
        wood.change(fields);
        return store(wood);
    }

    public void takeAway(long key, int version) {
        WoodEntity wood = present(key, version);
        String used = uses.stream().flatMap(use -> use.of(wood.speciesId()).stream()).collect(Collectors.joining(" and "));
        if (!used.isEmpty()) {
            throw new EditConflictException(wood.wood().commonName() + " stays: " + used + " of it.");
        }
        wood.discard(clock.instant());
        repository.saveAndFlush(wood);
        events.publishEvent(new WoodChanged());
    }

    public WoodView bringBack(long key) {
        WoodEntity wood = repository.findById(key).orElseThrow(() -> missing(key));
        requireNewName(wood.wood().commonName(), wood.speciesId());
        wood.bringBack();
        return store(wood);
    }

    private WoodView store(WoodEntity wood) {
        WoodEntity stored = repository.saveAndFlush(wood);
        events.publishEvent(new WoodChanged());
        return WoodView.own(catalogue().require(stored.speciesId()), stored);
    }

    /** Tables know woods by their names, so a name stands for one wood. */
    private void requireNewName(String name, String speciesId) {
        Optional<Species> bearer = catalogue().all().stream()
                .filter(species -> !species.id().equals(speciesId) && species.commonName().equalsIgnoreCase(name)).findFirst();
        if (bearer.isPresent()) {
            throw new RefusedFieldException("commonName", "There is a wood of this name already: " + bearer.get().commonName()
                    + ". Give yours another, such as where it grew.");
        }
    }

    private WoodEntity present(long key, int version) {
        WoodEntity wood = repository.findById(key).filter(WoodEntity::present).orElseThrow(() -> missing(key));
        wood.requireVersion(version, "This wood was changed elsewhere since you opened it. "
                + "Your entries are still here; load the newer one to compare.");
        return wood;
    }

    private static NotHereException missing(long key) {
        return new NotHereException("There is no wood of your own with the key " + key + ".");
    }
}
