package brachion.server.trial;

import brachion.server.problem.NotHereException;
import brachion.server.problem.RefusedFieldException;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the shops whose records came in. Their records are never taken for one's own. */
@Service
@Transactional
class OtherShopService implements OtherShops {

    private static final long NOBODY = 0;

    private final OtherShopRepository repository;
    private final TrialRepository trials;

    OtherShopService(OtherShopRepository repository, TrialRepository trials) {
        this.repository = repository;
        this.trials = trials;
    }

    /**
     * Somebody else's shop.
     *
     * @param id      its key
     * @param version state it was in when read; give it back with a change
     * @param name    what it is called
     * @param counted whether forecasts count its records
     * @param trials  how many of its records are here
     */
    record OtherShopView(long id, int version, String name, boolean counted, long trials) {
    }

    /**
     * The shops as the fit sees them.
     *
     * @param names    their names by key
     * @param leftOut  keys of those that are not counted
     */
    record AsCounted(Map<Long, String> names, Set<Long> leftOut) {
    }

    @Override
    public long keyOf(String name) {
        return repository.findByName(name).orElseGet(() -> repository.saveAndFlush(new OtherShopEntity(name))).id();
    }

    @Override
    @Transactional(readOnly = true)
    public Long known(String name) {
        return name == null ? null : (Long) repository.findByName(name).map(OtherShopEntity::id).orElse(NOBODY);
    }

    @Override
    @Transactional(readOnly = true)
    public Map<Long, String> names() {
        return asCounted().names();
    }

    @Override
    @Transactional(readOnly = true)
    public void requireThere(Long key) {
        if (key != null) {
            one(key);
        }
    }

    AsCounted asCounted() {
        List<OtherShopEntity> all = repository.all();
        return new AsCounted(all.stream().collect(Collectors.toMap(OtherShopEntity::id, OtherShopEntity::name)),
                all.stream().filter(shop -> !shop.counted()).map(OtherShopEntity::id).collect(Collectors.toSet()));
    }

    /** Those that records here are of, by name. */
    @Transactional(readOnly = true)
    public List<OtherShopView> all() {
        Map<Long, Long> trialsOf = trials.countByOtherShop().stream().collect(Collectors.toMap(TrialRepository.CountOf::getKey, TrialRepository.CountOf::getTrials));
        return repository.all().stream().filter(shop -> trialsOf.containsKey(shop.id())).map(shop -> view(shop, trialsOf.get(shop.id()))).toList();
    }

    /** Calls it so, and counts its records or leaves them out. */
    public void change(long id, int version, String name, boolean counted) {
        OtherShopEntity shop = one(id);
        shop.requireVersion(version, "This was changed elsewhere since you opened it. Look at it again and repeat your change.");
        if (repository.findByName(name).filter(other -> !other.id().equals(id)).isPresent()) {
            throw new RefusedFieldException("name", "There is “" + name + "” already. Choose another name.");
        }
        shop.rename(name);
        shop.isCounted(counted);
        repository.saveAndFlush(shop);
        trials.countChange();
    }

    private OtherShopEntity one(long id) {
        return repository.findById(id).orElseThrow(() -> new NotHereException("There is no other shop with the key " + id + "."));
    }

    private static OtherShopView view(OtherShopEntity shop, long trials) {
        return new OtherShopView(shop.id(), shop.version(), shop.name(), shop.counted(), trials);
    }
}
