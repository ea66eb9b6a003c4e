package brachion.server.exchange;

import brachion.server.exchange.BendsOfFile.Left;
import brachion.server.exchange.BendsOfFile.Portion;
import brachion.server.problem.NotHereException;
import brachion.server.problem.RefusedFieldException;
import brachion.server.storage.LongWork;
import brachion.server.storage.UnderWay;
import brachion.server.trial.OtherShops;
import brachion.server.trial.TrialFields;
import brachion.server.trial.Trials;
import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Brings tables of trials in, and takes them back. */
@Service
@Transactional(timeout = LongWork.SECONDS)
class ExchangeService {

    private final Trials trials;
    private final OtherShops otherShops;
    private final BendsOfFile bends;
    private final RowSetAsideRepository rows;
    private final BroughtInRepository tables;
    private final LongWork longWork;
    private final Clock clock;

    ExchangeService(Trials trials, OtherShops otherShops, BendsOfFile bends, RowSetAsideRepository rows, BroughtInRepository tables, LongWork longWork,
                    Clock clock) {
        this.trials = trials;
        this.otherShops = otherShops;
        this.bends = bends;
        this.rows = rows;
        this.tables = tables;
        this.longWork = longWork;
        this.clock = clock;
    }

    /**
     * What a table holds.
     *
     * @param headings    what stands over its columns
     * @param coming      how many trials can come in
     * @param trials      the first of them
     * @param left        how many rows cannot be read
     * @param rows        the first of them
     * @param alreadyHere how many rows are written down here word for word
     */
    record Reading(List<Heading> headings, int coming, List<TrialFields> trials, int left, List<Left> rows, int alreadyHere) {
    }

    /**
     * What was brought in.
     *
     * @param table       its key, by which it is taken back; null when nothing of it was new
     * @param coming      how many trials came in
     * @param left        how many rows cannot be read
     * @param alreadyHere how many rows are written down here word for word
     */
    record BroughtInAnswer(Long table, int coming, int left, int alreadyHere) {
    }

    /**
     * A table that was brought in.
     *
     * @param id        its key
     * @param fileName  what its file was called
     * @param broughtAt when
     * @param trials    how many of its trials are there
     * @param otherShop the shop whose bends they are, null for the own ones
     */
    record TableView(long id, String fileName, Instant broughtAt, long trials, String otherShop) {
    }

    /** Looks into a table; keeps nothing of it. */
    @Transactional(readOnly = true, timeout = LongWork.SECONDS)
    public Reading look(InputStream file, String otherShop, int shown) throws IOException {
        longWork.begin();
        Counted all = new Counted();
        List<TrialFields> first = new ArrayList<>();
        List<Left> left = new ArrayList<>();
        List<Heading> headings = new ArrayList<>();
        bends.each(file, otherShops.known(otherShop), portion -> {
            all.add(portion);
            portion.trials().stream().limit(shown - first.size()).forEach(first::add);
            portion.left().stream().limit(shown - left.size()).forEach(left::add);
            if (headings.isEmpty()) {
                headings.addAll(portion.headings());
            }
        });
        return new Reading(headings, all.coming, first, all.left, left, all.alreadyHere);
    }

    /** How much of each there was so far. */
    private static final class Counted {

        private int coming;
        private int left;
        private int alreadyHere;

        void add(Portion portion) {
            coming += portion.trials().size();
            left += portion.left().size();
            alreadyHere += portion.alreadyHere();
        }
    }

    /**
     * Writes down what can be read and keeps the other rows, but for those that wait already.
     *
     * @param otherShop whose bends they are, null for the shop's own
     * @param whole     whether nothing comes in unless every row can be read
     */
    public BroughtInAnswer bringIn(String fileName, InputStream file, String otherShop, boolean whole) throws IOException {
        longWork.begin();
        Coming coming = new Coming(fileName, otherShop == null ? null : otherShops.keyOf(otherShop), whole);
        bends.each(file, coming.otherShop, coming);
        return coming.done();
    }

    /** Writes a table down as it is read. */
    private final class Coming implements Consumer<Portion> {

        private final String fileName;
        private final Long otherShop;
        private final boolean whole;
        private final Counted all = new Counted();
        private final Set<List<String>> waiting = rows.present().stream().map(RowSetAsideEntity::content).collect(Collectors.toCollection(HashSet::new));
        private BroughtInEntity table;
        private Left firstLeft;

        Coming(String fileName, Long otherShop, boolean whole) {
            this.fileName = fileName;
            this.otherShop = otherShop;
            this.whole = whole;
        }

        @Override
        public void accept(Portion portion) {
            all.add(portion);
            if (firstLeft == null && !portion.left().isEmpty()) {
                firstLeft = portion.left().get(0);
            }
            if (whole && firstLeft != null) {
                // only how many more there are is still of interest
                return;
            }
            if (!portion.trials().isEmpty()) {
                trials.log(portion.trials(), table().asOrigin());
            }
            List<RowSetAsideEntity> fresh = new ArrayList<>();
            for (Left left : portion.left()) {
                RowSetAsideEntity row = new RowSetAsideEntity(table(), portion.headings(), left.row());
                if (waiting.add(row.content())) {
                    fresh.add(row);
                }
            }
            rows.saveAllAndFlush(fresh);
        }

        private BroughtInEntity table() {
            if (table == null) {
                table = tables.saveAndFlush(new BroughtInEntity(fileName, now(), otherShop));
            }
            return table;
        }

        BroughtInAnswer done() {
            if (whole && firstLeft != null) {
                throw new RefusedFieldException("file", (all.left == 1 ? "A row" : all.left + " rows")
                        + " cannot be read, so nothing was brought in: the whole table was asked for. The first is line " + firstLeft.row().line() + ".");
            }
            UnderWay.keep(all.coming);
            return new BroughtInAnswer(table == null ? null : table.id(), all.coming, all.left, all.alreadyHere);
        }
    }

    /** Tables that were brought in, the latest first. */
    @Transactional(readOnly = true)
    public List<TableView> tables() {
        Map<Long, Long> trialsOf = trials.ofTables();
        Map<Long, String> names = otherShops.names();
        return tables.present().stream().map(table -> new TableView(table.id(), table.fileName(), table.broughtAt(), trialsOf.getOrDefault(table.id(), 0L),
                table.otherShop().map(names::get).orElse(null))).toList();
    }

    /** Takes back what one table brought in, trials and rows that wait; what is gone already stays so. */
    public void takeBack(long id) {
        longWork.begin();
        BroughtInEntity table = tables.findById(id).orElseThrow(() -> missing(id));
        if (table.present()) {
            table.discard(now());
            tables.saveAndFlush(table);
            trials.takeBackTable(id, table.discardedAt());
            rows.discardOfTable(id, table.discardedAt());
        }
    }

    /** Brings back what was taken back with a table. */
    public void bringBack(long id) {
        longWork.begin();
        BroughtInEntity table = tables.findById(id).orElseThrow(() -> missing(id));
        if (!table.present()) {
            trials.bringBackTable(id, table.discardedAt());
            rows.bringBackOfTable(id, table.discardedAt());
            table.bringBack();
            tables.saveAndFlush(table);
        }
    }

    /** As the database keeps it: what is discarded together is found again by its moment. */
    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }

    private static NotHereException missing(long id) {
        return new NotHereException("There is no table " + id + " that was brought in.");
    }
}
