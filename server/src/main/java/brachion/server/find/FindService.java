package brachion.server.find;

import brachion.server.problem.NotHereException;
import brachion.server.problem.RefusedFieldException;
import brachion.server.trial.Trials;
import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds records, counts them, and keeps views of them. */
@Service
@Transactional
class FindService {

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

    /** So many of the records that are looked for, from some place in their order on. */
    @Transactional(readOnly = true)
    public FoundReading found(FindFields asked, int from, int many) {
        asked.requireSense();
        Statement statement = new Statement(asked);
        long total = database.queryForObject("select count(*)" + statement.where(), Long.class, statement.parameters());
        List<Long> keys = database.queryForList("select t.id" + statement.where() + Statement.order(asked) + " limit ? offset ?", Long.class, statement.parameters(many, from));
        return new FoundReading(trials.shown(keys), total);
    }

    @Transactional(readOnly = true)
    public TallyReading tally(TallyFields asked) {
        asked.of().requireSense();
        Fact rows = grouping("rows", asked.rows());
        return new Tally(database, names, asked).by(rows, asked.columns() == null ? null : grouping("columns", asked.columns()));
    }

    private static Fact grouping(String field, String key) {
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
