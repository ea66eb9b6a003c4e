package brachion.server.find;

import brachion.server.problem.NotHereException;
import brachion.server.problem.RefusedFieldException;
import brachion.server.storage.CurrentShop;
import brachion.server.storage.Patience;
import brachion.server.trial.Trials;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds records, counts them, and keeps views of them. */
@Service
@Transactional
class FindService {

    /** Places in an order that are counted off anew for each page. */
    private static final int NEAR = 1000;
    private static final int ORDERS = 8;
    private static final Duration SCROLLED = Duration.ofSeconds(20);

    /** Keys of records in an order somebody scrolls through; for a short while, for the name of a job may change without a new revision. */
    private final Cache<Order, List<Long>> inOrder = Caffeine.newBuilder().maximumSize(ORDERS).expireAfterWrite(SCROLLED).build();
    private final JdbcTemplate database;
    private final Trials trials;
    private final Names names;
    private final SavedViewRepository views;
    private final Clock clock;

    FindService(JdbcTemplate database, Trials trials, Names names, SavedViewRepository views, Clock clock) {
        this.database = database;
        this.trials = trials;
        this.names = names;
        this.views = views;
        this.clock = clock;
    }

    private record Order(String shop, long revision, FindFields asked) {
    }

    /** So many of the records that are looked for, from some place in their order on. */
    @Transactional(readOnly = true)
    public FoundReading found(FindFields asked, int from, int many) {
        asked.requireSense();
        return new FoundReading(trials.shown(from <= NEAR ? keys(asked, from, many) : farKeys(asked, from, many)));
    }

    private List<Long> keys(FindFields asked, int from, int many) {
        Statement statement = new Statement(asked);
        return database.queryForList("select t.id" + statement.where() + Statement.order(asked) + " limit ? offset ?", Long.class, statement.parameters(many, from));
    }

    /** Whoever scrolls far down comes by many pages; what lies before them is counted off once. */
    private List<Long> farKeys(FindFields asked, int from, int many) {
        List<Long> all = inOrder.get(new Order(CurrentShop.key(), trials.revision(), asked), none -> keys(asked, 0, Integer.MAX_VALUE));
        return all.subList(Math.min(from, all.size()), Math.min(from + many, all.size()));
    }

    @Transactional(readOnly = true)
    public long count(FindFields asked) {
        asked.requireSense();
        Statement statement = new Statement(asked);
        return database.queryForObject("select count(*)" + statement.where(), Long.class, statement.parameters());
    }

    @Transactional(readOnly = true)
    public TallyReading tally(TallyFields asked) {
        asked.of().requireSense();
        Patience.overEveryRecord();
        return new Tally(database, names, asked).by(grouping("rows", asked.rows()), grouping("columns", asked.columns()));
    }

    /** The fact to count by; null for none. Refuses one nobody counts by. */
    private static Fact grouping(String field, String key) {
        if (key == null) {
            return null;
        }
        Fact fact = Facts.of(field, key);
        if (!fact.groups()) {
            throw new RefusedFieldException(field, "Records are not counted day by day; count them by month.");
        }
        return fact;
    }

    @Transactional(readOnly = true)
    public List<SavedView> views() {
        return views.findByDeletedAtIsNull().stream().map(SavedViewEntity::view).sorted(Comparator.comparing(SavedView::name, String.CASE_INSENSITIVE_ORDER)).toList();
    }

    /** Keeps a view; one of that name is this one from now on. */
    public SavedView keep(ViewFields fields) {
        fields.find().requireSense();
        grouping("rows", fields.rows());
        grouping("columns", fields.columns());
        SavedViewEntity stored = views.findByNameAndDeletedAtIsNull(fields.name()).orElseGet(() -> new SavedViewEntity(fields.name()));
        stored.write(fields);
        return views.saveAndFlush(stored).view();
    }

    public void discard(long id) {
        SavedViewEntity stored = stored(id);
        stored.discard(clock.instant());
        views.saveAndFlush(stored);
    }

    public SavedView restore(long id) {
        SavedViewEntity stored = stored(id);
        stored.bringBack();
        return views.saveAndFlush(stored).view();
    }

    private SavedViewEntity stored(long id) {
        return views.findById(id).orElseThrow(() -> new NotHereException("There is no view " + id + "."));
    }
}
