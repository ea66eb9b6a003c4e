package brachion.server.exchange;

import brachion.server.problem.NotHereException;
import brachion.server.recipe.Workshops;
import brachion.server.trial.CameFrom;
import brachion.server.trial.Trials;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Rows that could not be read and wait to be mended. */
@Service
@Transactional
class WaitingRows {

    private final Trials trials;
    private final BendsOfFile bends;
    private final BroughtInRepository tables;
    private final Workshops workshops;
    private final RowSetAsideRepository repository;
    private final Clock clock;

    WaitingRows(Trials trials, BendsOfFile bends, BroughtInRepository tables, Workshops workshops, RowSetAsideRepository repository, Clock clock) {
        this.trials = trials;
        this.bends = bends;
        this.tables = tables;
        this.workshops = workshops;
        this.repository = repository;
        this.clock = clock;
    }

    /** A row that waits to be mended. */
    record Kept(long id, int version, String fileName, LeftRow row) {
    }

    @Transactional(readOnly = true)
    public List<Kept> all() {
        TrialReader reader = reader();
        return repository.present().stream().map(row -> kept(row, reader)).toList();
    }

    /**
     * Reads a row again with its cells changed.
     *
     * @return the key of the trial it became; empty when it still cannot be read, its new cells kept
     */
    public Optional<Long> mend(long id, int version, List<LeftRow.Cell> cells) {
        RowSetAsideEntity row = present(id);
        row.requireVersion(version, "This row was changed elsewhere since you opened it. Load it again to compare.");
        row.write(cells);
        TrialReader.Outcome outcome = reader().read(row.headings(), row.row());
        if (outcome.trial() != null) {
            row.discard(clock.instant());
        }
        repository.saveAndFlush(row);
        return Stream.ofNullable(outcome.trial()).flatMap(trial -> trials.log(List.of(trial), origin(row)).stream()).findFirst();
    }

    private CameFrom origin(RowSetAsideEntity row) {
        return row.table().flatMap(tables::findById).map(BroughtInEntity::asOrigin).orElse(CameFrom.HERE);
    }

    public void discard(long id) {
        RowSetAsideEntity row = present(id);
        row.discard(clock.instant());
        repository.saveAndFlush(row);
    }

    public Kept restore(long id) {
        RowSetAsideEntity row = repository.findById(id).orElseThrow(() -> missing(id));
        row.bringBack();
        return kept(repository.saveAndFlush(row), reader());
    }

    @Transactional(readOnly = true)
    public Kept view(long id) {
        return kept(present(id), reader());
    }

    private TrialReader reader() {
        return bends.reader(workshops.now());
    }

    private static Kept kept(RowSetAsideEntity row, TrialReader reader) {
        List<Fault> faults = reader.read(row.headings(), row.row()).faults();
        return new Kept(row.id(), row.version(), row.fileName(), LeftRow.of(row.headings(), row.row(), faults));
    }

    private RowSetAsideEntity present(long id) {
        return repository.findById(id).filter(RowSetAsideEntity::present).orElseThrow(() -> missing(id));
    }

    private static NotHereException missing(long id) {
        return new NotHereException("There is no row " + id + " waiting.");
    }
}
