package brachion.server.trial;

import brachion.server.problem.NotHereException;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.RecipeFields;
import brachion.server.recipe.Renamed;
import brachion.server.storage.CurrentShop;
import brachion.server.storage.LongWork;
import jakarta.persistence.EntityManager;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.annotation.Lazy;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the people, boards and sources of a shop: each has a key, found by its name and given to a new one. */
@Service
@Transactional
class NamesOfTheShop implements BoardNames {

    /** Names looked up in one statement. */
    private static final int AT_ONCE = 500;
    /** Reads what others gave since this transaction began, too. */
    private static final String LATEST = " lock in share mode";

    private final EntityManager entities;
    private final JdbcTemplate database;
    private final TrialRepository trials;
    private final LongWork longWork;
    private final List<BoardUse> boardUses;
    private final ApplicationEventPublisher events;

    NamesOfTheShop(EntityManager entities, JdbcTemplate database, TrialRepository trials, LongWork longWork, @Lazy List<BoardUse> boardUses,
                   ApplicationEventPublisher events) {
        this.events = events;
        this.longWork = longWork;
        this.boardUses = boardUses;
        this.entities = entities;
        this.database = database;
        this.trials = trials;
    }

    /** The three of a trial; null where nobody wrote it down. */
    record Keys(PersonEntity person, BoardEntity board, SourceEntity source) {
    }

    /** The keys of what recipes name, each recipe's by itself; names that are new get theirs. */
    Function<RecipeFields, Keys> keysOf(List<RecipeFields> recipes) {
        Map<String, NamedEntity> people = keys(NameKind.PERSON, recipes.stream().map(RecipeFields::person).toList());
        Map<String, NamedEntity> boards = keys(NameKind.BOARD, recipes.stream().map(RecipeFields::board).toList());
        Map<String, NamedEntity> sources = keys(NameKind.SOURCE, recipes.stream().map(RecipeFields::source).toList());
        return recipe -> new Keys((PersonEntity) people.get(recipe.person()), (BoardEntity) boards.get(recipe.board()),
                (SourceEntity) sources.get(recipe.source()));
    }

    private Map<String, NamedEntity> keys(NameKind kind, Collection<String> named) {
        List<String> wanted = named.stream().filter(Objects::nonNull).distinct().toList();
        Map<String, NamedEntity> keys = new HashMap<>(known(kind, wanted, ""));
        List<String> fresh = wanted.stream().filter(name -> !keys.containsKey(name)).toList();
        // Whoever else gives the same name at this moment gives it once. Names are looked for without a lock first: two who both
        // lock the place of a name that is not there would wait for each other.
        database.batchUpdate("insert ignore into " + kind.table() + " (version, shop, name) values (0, ?, ?)",
                fresh.stream().map(name -> new Object[] {CurrentShop.key(), name}).toList());
        keys.putAll(known(kind, fresh, LATEST));
        return keys;
    }

    private Map<String, NamedEntity> known(NameKind kind, List<String> names, String reading) {
        Map<String, NamedEntity> known = new HashMap<>();
        for (int from = 0; from < names.size(); from += AT_ONCE) {
            List<String> some = names.subList(from, Math.min(names.size(), from + AT_ONCE));
            for (NamedEntity one : select(kind, some, reading)) {
                known.put(one.name(), one);
            }
        }
        return known;
    }

    @SuppressWarnings("unchecked")
    private List<NamedEntity> select(NameKind kind, List<String> names, String reading) {
        return entities.createNativeQuery("select * from " + kind.table() + " where shop = :shop and name in (:names)" + reading,
                kind.type()).setParameter("shop", CurrentShop.key()).setParameter("names", names).getResultList();
    }

    @Override
    public long keyOf(String name) {
        return keys(NameKind.BOARD, List.of(name)).get(name).id();
    }

    @Override
    @Transactional(readOnly = true)
    public Map<Long, String> names(Collection<Long> keys) {
        return entities.createQuery("from BoardEntity where id in :keys", BoardEntity.class).setParameter("keys", keys).getResultStream()
                .collect(Collectors.toMap(BoardEntity::id, BoardEntity::name));
    }

    @Override
    public void call(long key, String name) {
        BoardEntity board = entities.find(BoardEntity.class, key);
        if (!board.name().equals(name)) {
            rename(NameKind.BOARD, key, board.version(), name, false);
        }
    }

    /**
     * A name with its key.
     *
     * @param id      its key
     * @param version state it was in when read; give it back with a change
     * @param name    what it is called
     * @param trials  how many trials carry it
     */
    record Named(long id, int version, String name, long trials) {
    }

    /** Those that the shop's own trials carry, by name: hands and boards of another shop are nobody's here. */
    @Transactional(readOnly = true)
    public List<Named> all(NameKind kind) {
        return entities.createQuery("select n.id, n.version, n.name, count(t) from TrialEntity t join t." + kind.table() + " n "
                        + "where t.deletedAt is null and t.otherShopId is null group by n.id, n.version, n.name order by n.name", Object[].class).getResultStream()
                .map(row -> new Named((Long) row[0], (Integer) row[1], (String) row[2], (Long) row[3])).toList();
    }

    /**
     * Gives another name to one, in all its trials.
     *
     * @param asOne whether one that is called so already and this one are to be taken for one
     * @throws RefusedFieldException when there is one of that name and they are not to be one
     */
    @Transactional(timeout = LongWork.SECONDS)
    public void rename(NameKind kind, long id, int version, String to, boolean asOne) {
        longWork.begin();
        NamedEntity named = Optional.<NamedEntity>ofNullable(entities.find(kind.type(), id))
                .orElseThrow(() -> new NotHereException("There is no " + kind.table() + " with the key " + id + "."));
        named.requireVersion(version, "This was renamed elsewhere since you opened it. Look at it again and repeat your change.");
        String from = named.name();
        Optional<NamedEntity> same = Optional.ofNullable(known(kind, List.of(to), "").get(to)).filter(other -> !other.id().equals(id));
        if (same.isPresent() && !asOne) {
            throw new RefusedFieldException("name", "There is “" + to + "” already. Take both for one, or choose another name.");
        }
        if (same.isPresent()) {
            if (kind == NameKind.BOARD) {
                boardUses.forEach(use -> use.takenForOne(id, same.get().id()));
            }
            database.update("update trial set " + kind.table() + "_id = ? where " + kind.table() + "_id = ?", same.get().id(), id);
            entities.remove(named);
        } else {
            named.rename(to);
        }
        entities.flush();
        events.publishEvent(new Renamed(Renamed.What.valueOf(kind.name()), from, to));
        trials.countChange();
    }
}
