package brachion.server.exchange;

import brachion.server.problem.NotHereException;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.Workshops;
import brachion.server.storage.LongWork;
import brachion.server.trial.TrialFields;
import brachion.server.trial.Trials;
import jakarta.validation.Validator;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Brings tables of trials in and writes them out. */
@Service
@Transactional
class ExchangeService {

    private final Trials trials;
    private final Validator validator;
    private final Workshops workshops;
    private final RowSetAsideRepository repository;
    private final NotebookService notebooks;
    private final TrialsDocument document;
    private final LongWork longWork;
    private final Clock clock;

    ExchangeService(Trials trials, Validator validator, Workshops workshops, RowSetAsideRepository repository, NotebookService notebooks,
                    TrialsDocument document, LongWork longWork, Clock clock) {
        this.notebooks = notebooks;
        this.document = document;
        this.longWork = longWork;
        this.trials = trials;
        this.validator = validator;
        this.workshops = workshops;
        this.repository = repository;
        this.clock = clock;
    }

    /**
     * A table, read.
     *
     * @param sheet       the table
     * @param trials      what can come in
     * @param left        what cannot, row by row
     * @param alreadyHere rows that are written down here word for word
     */
    record Reading(Sheet sheet, List<TrialFields> trials, List<Left> left, int alreadyHere) {
    }

    /** A row that was not read. */
    record Left(Row row, List<Fault> faults) {
    }

    /**
     * What was brought in.
     *
     * @param coming how many trials came in
     * @param left   how many rows cannot be read
     * @param alreadyHere how many rows are written down here word for word
     * @param trials keys of the trials that came in
     * @param rows   keys of the rows that wait now and did not before
     */
    record BroughtIn(int coming, int left, int alreadyHere, List<Long> trials, List<Long> rows) {
    }

    /** A row that waits to be mended. */
    record Kept(long id, int version, String fileName, LeftRow row) {
    }

    @Transactional(readOnly = true, timeout = LongWork.SECONDS)
    public Reading read(byte[] file) {
        if (TrialsDocument.isOne(file)) {
            return besideThoseHere(new Sheet(List.of(), List.of()), document.read(file, workshops.now()), List.of());
        }
        Sheet sheet = notebooks.sheet(file);
        List<TrialFields> read = new ArrayList<>();
        List<Left> left = new ArrayList<>();
        TrialReader reader = reader();
        for (Row row : sheet.rows()) {
            TrialReader.Outcome outcome = reader.read(sheet.headings(), row);
            if (outcome.trial() == null) {
                left.add(new Left(row, outcome.faults()));
            } else {
                read.add(outcome.trial());
            }
        }
        return besideThoseHere(sheet, read, left);
    }

    /** What of the trials that were read can come in beside those that are written down. */
    private Reading besideThoseHere(Sheet sheet, List<TrialFields> read, List<Left> left) {
        Map<TrialFields, Integer> here = new HashMap<>();
        trials.written().forEach(trial -> here.merge(trial, 1, Integer::sum));
        List<TrialFields> coming = read.stream().filter(trial -> here.merge(trial, -1, Integer::sum) < 0).toList();
        return new Reading(sheet, coming, left, read.size() - coming.size());
    }

    /**
     * Writes down what can be read and keeps the other rows, but for those that wait already.
     *
     * @param whole whether nothing comes in unless every row can be read
     */
    @Transactional(timeout = LongWork.SECONDS)
    public BroughtIn bringIn(String fileName, byte[] file, boolean whole) {
        longWork.begin();
        Reading reading = read(file);
        if (whole && !reading.left().isEmpty()) {
            int left = reading.left().size();
            throw new RefusedFieldException("file", (left == 1 ? "A row" : left + " rows") + " cannot be read, so nothing was brought in: the whole table was asked for. The first is line "
                    + reading.left().get(0).row().line() + ".");
        }
        List<Long> logged = trials.log(reading.trials());
        Set<List<String>> waiting = repository.present().stream().map(RowSetAsideEntity::content)
                .collect(Collectors.toCollection(HashSet::new));
        List<RowSetAsideEntity> fresh = new ArrayList<>();
        for (Left left : reading.left()) {
            RowSetAsideEntity row = new RowSetAsideEntity(fileName, reading.sheet().headings(), left.row(), clock.instant());
            if (waiting.add(row.content())) {
                fresh.add(row);
            }
        }
        List<Long> rows = repository.saveAllAndFlush(fresh).stream().map(RowSetAsideEntity::id).toList();
        return new BroughtIn(logged.size(), reading.left().size(), reading.alreadyHere(), logged, rows);
    }

    /** Takes back what one table brought in, trials and rows that wait. */
    @Transactional(timeout = LongWork.SECONDS)
    public void takeBack(List<Long> broughtIn, List<Long> rows) {
        trials.takeBack(broughtIn);
        List<RowSetAsideEntity> waiting = repository.findByIdIn(rows).stream().filter(RowSetAsideEntity::present).toList();
        waiting.forEach(row -> row.discard(clock.instant()));
        repository.saveAllAndFlush(waiting);
    }

    @Transactional(readOnly = true)
    public List<Kept> waiting() {
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
        return Stream.ofNullable(outcome.trial()).flatMap(trial -> trials.log(List.of(trial)).stream()).findFirst();
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

    @Transactional(readOnly = true, timeout = LongWork.SECONDS)
    public String table(Units units) {
        return new TrialWriter(units, workshops.now().woods()).table(trials.written());
    }

    @Transactional(readOnly = true, timeout = LongWork.SECONDS)
    public byte[] workbook(Units units) {
        return new TrialWriter(units, workshops.now().woods()).workbook(trials.written());
    }

    @Transactional(readOnly = true, timeout = LongWork.SECONDS)
    public byte[] document() {
        return document.write(trials.written());
    }

    private TrialReader reader() {
        return new TrialReader(validator, workshops.now());
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
