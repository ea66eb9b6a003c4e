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

    /** One row: a trial, or why it is none. */
    private record OfRow(TrialFields trial, Left left) {
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
        List<TrialFields> some = new ArrayList<>();
        int[] done = {0};
        Runnable handOver = () -> {
            done[0] += some.size();
            UnderWay.at(done[0], 0);
            use.accept(here.without(List.of(), some, List.of()));
            some.clear();
        };
        document.read(file, workshops.now(), trial -> {
            some.add(trial);
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
        // a table of headings alone is handed over too, with its headings
        for (int from = 0; from == 0 || from < all; from += AT_ONCE) {
            UnderWay.at(from, all);
            List<OfRow> read = sheet.rows().subList(from, Math.min(all, from + AT_ONCE)).parallelStream().map(row -> ofRow(reader, sheet, row)).toList();
            use.accept(here.without(sheet.headings(), read.stream().filter(each -> each.trial != null).map(OfRow::trial).toList(),
                    read.stream().filter(each -> each.trial == null).map(OfRow::left).toList()));
        }
    }

    private static OfRow ofRow(TrialReader reader, Sheet sheet, Row row) {
        TrialReader.Outcome outcome = reader.read(sheet.headings(), row);
        return outcome.trial() == null ? new OfRow(null, new Left(row, outcome.faults())) : new OfRow(outcome.trial(), null);
    }

    TrialReader reader(Workshop workshop) {
        return new TrialReader(validator, workshop);
    }

    /** What is written down here already. A bend that was made twice alike is twice in both. */
    private final class Written {

        private final Map<Fingerprint, Integer> here = new HashMap<>();

        Written(Long otherShop) {
            trials.written(null, this::is);
            if (otherShop != null) {
                trials.written(otherShop, this::is);
            }
        }

        private void is(TrialFields trial) {
            here.merge(document.fingerprint(trial), 1, Integer::sum);
        }

        Portion without(List<Heading> headings, List<TrialFields> read, List<Left> left) {
            List<TrialFields> coming = here.isEmpty() ? List.copyOf(read)
                    : read.stream().filter(trial -> here.merge(document.fingerprint(trial), -1, Integer::sum) < 0).toList();
            return new Portion(headings, coming, left, read.size() - coming.size());
        }
    }
}
