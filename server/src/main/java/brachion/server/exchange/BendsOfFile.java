package brachion.server.exchange;

import brachion.core.method.Workshop;
import brachion.server.recipe.Workshops;
import brachion.server.storage.UnderWay;
import brachion.server.trial.TrialFields;
import brachion.server.trial.Trials;
import jakarta.validation.Validator;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;

/** Reads the bends of a file of any kind, some at a time, and tells those that are written down here already. */
@Component
class BendsOfFile {

    /** Rows read and handed over at once. */
    private static final int AT_ONCE = 1000;

    private final Trials trials;
    private final Validator validator;
    private final Workshops workshops;
    private final NotebookService notebooks;
    private final TrialsDocument document;

    BendsOfFile(Trials trials, Validator validator, Workshops workshops, NotebookService notebooks, TrialsDocument document) {
        this.trials = trials;
        this.validator = validator;
        this.workshops = workshops;
        this.notebooks = notebooks;
        this.document = document;
    }

    /** A row that was not read. */
    record Left(Row row, List<Fault> faults) {
    }

    /**
     * Some rows of a file.
     *
     * @param headings    what stands over them
     * @param trials      what can come in
     * @param left        what cannot, row by row
     * @param alreadyHere how many are written down here word for word
     */
    record Portion(List<Heading> headings, List<TrialFields> trials, List<Left> left, int alreadyHere) {
    }

    /** One row: a trial with what tells it from others, or why it is none. */
    private record OfRow(TrialFields trial, Fingerprint fingerprint, Left left) {
    }

    /**
     * Reads a file through.
     *
     * @param otherShop key of the shop whose bends they are, null for this one's own
     * @param use       takes what was read, portion by portion, in the order of the file
     */
    void each(InputStream file, Long otherShop, Consumer<Portion> use) throws IOException {
        BufferedInputStream buffered = new BufferedInputStream(file);
        if (TrialsDocument.isNext(buffered)) {
            ofDocument(buffered, new Written(otherShop), use);
        } else {
            ofTable(RawTable.bytes(buffered), new Written(otherShop), use);
        }
    }

    private void ofDocument(InputStream file, Written here, Consumer<Portion> use) throws IOException {
        List<OfRow> some = new ArrayList<>();
        int[] done = {0};
        Runnable handOver = () -> {
            done[0] += some.size();
            UnderWay.at(done[0], 0);
            use.accept(here.without(List.of(), some));
            some.clear();
        };
        document.read(file, workshops.now(), trial -> {
            some.add(here.tellApart(trial));
            if (some.size() == AT_ONCE) {
                handOver.run();
            }
        });
        handOver.run();
    }

    private void ofTable(byte[] file, Written here, Consumer<Portion> use) {
        Sheet sheet = notebooks.sheet(file);
        TrialReader reader = reader(workshops.now());
        int all = sheet.rows().size();
        CompletableFuture<List<OfRow>> next = someRows(reader, sheet, 0, here);
        // a table of headings alone is handed over too, with its headings
        for (int from = 0; from == 0 || from < all; from += AT_ONCE) {
            UnderWay.at(from, all);
            List<OfRow> read = next.join();
            // the next rows are read while these are written down
            next = someRows(reader, sheet, from + AT_ONCE, here);
            use.accept(here.without(sheet.headings(), read));
        }
    }

    private static CompletableFuture<List<OfRow>> someRows(TrialReader reader, Sheet sheet, int from, Written here) {
        int all = sheet.rows().size();
        List<Row> rows = sheet.rows().subList(Math.min(all, from), Math.min(all, from + AT_ONCE));
        return CompletableFuture.supplyAsync(() -> rows.parallelStream().map(row -> ofRow(reader, sheet, row, here)).toList());
    }

    private static OfRow ofRow(TrialReader reader, Sheet sheet, Row row, Written here) {
        TrialReader.Outcome outcome = reader.read(sheet.headings(), row);
        return outcome.trial() == null ? new OfRow(null, null, new Left(row, outcome.faults())) : here.tellApart(outcome.trial());
    }

    TrialReader reader(Workshop workshop) {
        return new TrialReader(validator, workshop);
    }

    /** What is written down here already. A bend that was made twice alike is twice in both. */
    private final class Written {

        private final Map<Fingerprint, Integer> here = new HashMap<>();
        private final boolean none;

        Written(Long otherShop) {
            trials.written(null, this::is);
            if (otherShop != null) {
                trials.written(otherShop, this::is);
            }
            none = here.isEmpty();
        }

        /** A trial with what tells it from those here, where there are any. */
        OfRow tellApart(TrialFields trial) {
            return new OfRow(trial, none ? null : document.fingerprint(trial), null);
        }

        private void is(TrialFields trial) {
            here.merge(document.fingerprint(trial), 1, Integer::sum);
        }

        Portion without(List<Heading> headings, List<OfRow> read) {
            List<OfRow> trials = read.stream().filter(row -> row.trial != null).toList();
            List<TrialFields> coming = trials.stream().filter(row -> row.fingerprint == null || here.merge(row.fingerprint, -1, Integer::sum) < 0).map(OfRow::trial).toList();
            return new Portion(headings, coming, read.stream().filter(row -> row.trial == null).map(OfRow::left).toList(), trials.size() - coming.size());
        }
    }
}
