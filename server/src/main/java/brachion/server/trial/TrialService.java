package brachion.server.trial;

import brachion.core.method.MethodKind;
import brachion.core.risk.SetAside;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import brachion.core.method.Workshop;
import brachion.server.job.Jobs;
import brachion.server.problem.NewerRecordException;
import brachion.server.problem.NotHereException;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.RecipeFields;
import brachion.server.recipe.Workshops;
import brachion.server.storage.LongWork;
import brachion.server.trial.NamesOfTheShop.Keys;
import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.hibernate.Session;
import org.hibernate.StatelessSession;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the trials. Every change counts up the revision in the same transaction. */
@Service
@Transactional
class TrialService implements Trials {

    /** Trials looked up in one statement. */
    private static final int AT_ONCE = 500;

    private final TrialRepository repository;
    private final EntityManager entities;
    private final NamesOfTheShop names;
    private final OtherShopService otherShops;
    private final Jobs jobs;
    private final Workshops workshops;
    private final ApplicationEventPublisher events;
    private final LongWork longWork;
    private final Clock clock;

    TrialService(TrialRepository repository, EntityManager entities, NamesOfTheShop names, OtherShopService otherShops, Jobs jobs, Workshops workshops, ApplicationEventPublisher events,
                 LongWork longWork, Clock clock) {
        this.longWork = longWork;
        this.repository = repository;
        this.entities = entities;
        this.otherShops = otherShops;
        this.names = names;
        this.jobs = jobs;
        this.workshops = workshops;
        this.events = events;
        this.clock = clock;
    }

    @Override
    @Transactional(readOnly = true)
    public long revision() {
        return repository.revision();
    }

    @Override
    @Transactional(readOnly = true, timeout = LongWork.SECONDS)
    public Recorded recorded() {
        longWork.begin();
        long revision = repository.revision();
        Workshop workshop = workshops.now();
        List<Trial> trials = new ArrayList<>();
        List<SetAside> refused = new ArrayList<>();
        OtherShopService.AsCounted shops = otherShops.asCounted();
        each(repository::presentAfter, stored -> {
            if (stored.otherShop() != null && shops.leftOut().contains(stored.otherShop())) {
                return;
            }
            try {
                trials.add(stored.trial(workshop, shops.names()));
            } catch (RefusedFieldException | NewerRecordException | IllegalArgumentException outOfBounds) {
                refused.add(SetAside.cannotBeComputed(stored.id(), stored.thicknessMm()));
            }
        });
        return new Recorded(revision, trials, refused);
    }

    /** Some trials of those that come after a key, by their keys. */
    private interface Following {
        List<TrialEntity> after(long key, Limit limit);
    }

    /** Looks at trials page by page, so that any number of them takes little memory. */
    private void each(Following trials, Consumer<TrialEntity> look) {
        List<TrialEntity> some;
        long after = 0;
        do {
            some = trials.after(after, Limit.of(AT_ONCE));
            for (TrialEntity trial : some) {
                look.accept(trial);
                after = trial.id();
            }
            some.forEach(entities::detach);
        } while (some.size() == AT_ONCE);
    }

    @Override
    @Transactional(readOnly = true)
    public One one(long id) {
        TrialEntity stored = present(id);
        Workshop workshop = workshops.now();
        Map<Long, String> shops = otherShops.names();
        return new One(stored.trial(workshop, shops), stored.planned(workshop, shops));
    }

    @Override
    @Transactional(readOnly = true)
    public List<TrialView> shown(List<Long> ids) {
        Map<Long, TrialEntity> stored = repository.named(ids).stream().collect(Collectors.toMap(TrialEntity::id, Function.identity()));
        return ids.stream().map(stored::get).filter(Objects::nonNull).map(TrialEntity::view).toList();
    }

    @Override
    @Transactional(readOnly = true)
    public boolean has(long id) {
        return repository.findById(id).filter(TrialEntity::present).isPresent();
    }

    @Override
    public void changed() {
        repository.countChange();
    }

    @Override
    @Transactional(readOnly = true)
    public boolean untouched() {
        return repository.count() == 0;
    }

    @Override
    @Transactional(timeout = LongWork.SECONDS)
    public List<Long> log(List<TrialFields> trials, CameFrom from) {
        longWork.begin();
        if (trials.isEmpty()) {
            return List.of();
        }
        requireSense(trials);
        Function<RecipeFields, Keys> keys = names.keysOf(trials.stream().map(TrialFields::recipe).toList());
        List<TrialEntity> stored = trials.stream().map(fields -> {
            TrialEntity trial = new TrialEntity(fields, keys.apply(fields.recipe()), clock.instant());
            trial.came(from);
            return trial;
        }).toList();
        insert(stored);
        repository.countChange();
        return stored.stream().map(TrialEntity::id).toList();
    }

    /** Whoever read them, and however many are alike. */
    private void requireSense(List<TrialFields> trials) {
        Workshop workshop = workshops.now();
        TrialFields before = null;
        for (TrialFields trial : trials) {
            if (trial != before) {
                trial.requireSense(workshop);
            }
            before = trial;
        }
    }

    /** There may be very many, and nobody changes them in this transaction: nothing of them is remembered. */
    private void insert(List<TrialEntity> trials) {
        if (trials.stream().anyMatch(TrialEntity::wentOtherwise)) {
            // rows of lists between those of trials would travel one by one
            repository.saveAllAndFlush(trials).forEach(entities::detach);
            return;
        }
        entities.flush();
        try (StatelessSession rows = entities.unwrap(Session.class).statelessWithOptions().connection().open()) {
            rows.insertMultiple(trials);
        }
    }

    @Override
    @Transactional(timeout = LongWork.SECONDS)
    public int takeBack(List<Long> trials) {
        longWork.begin();
        int taken = 0;
        for (int from = 0; from < trials.size(); from += AT_ONCE) {
            List<TrialEntity> some = repository.findByIdInAndDeletedAtIsNull(trials.subList(from, Math.min(trials.size(), from + AT_ONCE)));
            some.forEach(trial -> trial.discard(clock.instant()));
            repository.saveAllAndFlush(some);
            taken += some.size();
        }
        if (taken > 0) {
            repository.countChange();
        }
        return taken;
    }

    @Override
    @Transactional(readOnly = true, timeout = LongWork.SECONDS)
    public void written(Long otherShop, Consumer<TrialFields> use) {
        longWork.begin();
        each((key, limit) -> repository.presentOfAfter(otherShop, key, limit), trial -> use.accept(trial.fields()));
    }

    @Override
    @Transactional(timeout = LongWork.SECONDS)
    public void takeBackTable(long table, Instant at) {
        longWork.begin();
        repository.discardOfTable(table, at);
        repository.countChange();
    }

    @Override
    @Transactional(timeout = LongWork.SECONDS)
    public void bringBackTable(long table, Instant takenBackAt) {
        longWork.begin();
        repository.bringBackOfTable(table, takenBackAt);
        repository.countChange();
    }

    @Override
    @Transactional(readOnly = true)
    public Map<Long, Long> ofTables() {
        return repository.countByTable().stream().collect(Collectors.toMap(TrialRepository.CountOf::getKey, TrialRepository.CountOf::getTrials));
    }

    @Transactional(readOnly = true)
    public Page<TrialView> search(String speciesId, MethodKind method, Severity severity, PageRequest page) {
        return repository.search(speciesId, method == null ? null : method.name(), severity, page).map(TrialEntity::view);
    }

    @Transactional(readOnly = true)
    public List<TrialRepository.SeverityCount> countBySeverity() {
        return repository.countBySeverity();
    }

    @Transactional(readOnly = true)
    public long countOfOtherShops() {
        return repository.countByOtherShop().stream().mapToLong(TrialRepository.CountOf::getTrials).sum();
    }

    private Keys keys(TrialFields fields) {
        return names.keysOf(List.of(fields.recipe())).apply(fields.recipe());
    }

    @Transactional(readOnly = true)
    public TrialView view(long id) {
        return present(id).view();
    }

    public TrialView log(TrialFields fields, Long job) {
        jobs.requireThere("job", job);
        Workshop workshop = workshops.now();
        fields.requireSense(workshop);
        TrialEntity trial = new TrialEntity(fields, keys(fields), clock.instant());
        trial.isOfJob(job);
        TrialView logged = store(trial);
        events.publishEvent(new TrialLogged(repository.revision(), fields.toTrial(logged.id(), workshop)));
        return logged;
    }

    @Override
    public long logOne(TrialFields fields, Long job) {
        return log(fields, job).id();
    }

    @Override
    public void wereFor(List<Long> trials, long job) {
        jobs.requireThere("job", job);
        trials.forEach(id -> present(id).isOfJob(job));
    }

    /** Says for which job a trial was, or that it was for none. */
    public TrialView isFor(long id, int version, Long job) {
        jobs.requireThere("job", job);
        TrialEntity trial = present(id, version);
        trial.isOfJob(job);
        // no forecast changes by it
        return repository.saveAndFlush(trial).view();
    }

    public TrialView correct(long id, int version, TrialFields fields) {
        fields.requireSense(workshops.now());
        return change(id, version, trial -> trial.write(fields, keys(fields)));
    }

    public TrialView delete(long id, int version) {
        return change(id, version, trial -> trial.discard(clock.instant()));
    }

    public TrialView restore(long id) {
        TrialEntity trial = repository.findById(id).orElseThrow(() -> missing(id));
        trial.bringBack();
        return store(trial);
    }

    private TrialView change(long id, int version, Consumer<TrialEntity> change) {
        TrialEntity trial = present(id, version);
        change.accept(trial);
        return store(trial);
    }

    private TrialEntity present(long id, int version) {
        TrialEntity trial = present(id);
        trial.requireVersion(version, "This trial was changed elsewhere since you opened it. "
                + "Your entries are still here; load the newer one to compare.");
        return trial;
    }

    private TrialView store(TrialEntity trial) {
        TrialView stored = repository.saveAndFlush(trial).view();
        repository.countChange();
        return stored;
    }

    private TrialEntity present(long id) {
        return repository.findById(id).filter(TrialEntity::present).orElseThrow(() -> missing(id));
    }

    private static NotHereException missing(long id) {
        return new NotHereException("There is no trial " + id + ".");
    }
}
