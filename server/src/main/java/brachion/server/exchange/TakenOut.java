package brachion.server.exchange;

import brachion.server.recipe.Workshops;
import brachion.server.storage.LongWork;
import brachion.server.storage.TableFile;
import brachion.server.trial.TrialFields;
import brachion.server.trial.Trials;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.function.Consumer;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes the trials out, of the shop's own or of another shop, one by one, so that any number of them takes little memory. */
@Service
@Transactional(readOnly = true, timeout = LongWork.SECONDS)
class TakenOut {

    private static final String SHEET = "Bends";

    private final Trials trials;
    private final Workshops workshops;
    private final TrialsDocument document;

    TakenOut(Trials trials, Workshops workshops, TrialsDocument document) {
        this.trials = trials;
        this.workshops = workshops;
        this.document = document;
    }

    /** As a table: a heading, then a line for each trial. */
    public void table(Units units, Long otherShop, OutputStream file) throws IOException {
        TrialWriter writer = writer(units);
        try (Writer text = new BufferedWriter(new OutputStreamWriter(file, StandardCharsets.UTF_8)); CSVPrinter table = new CSVPrinter(text, CSVFormat.RFC4180)) {
            text.write(TableFile.MARK);
            table.printRecord(writer.headings());
            each(otherShop, trial -> table.printRecord(writer.cells(trial).stream().map(HarmlessCell::out)));
        }
    }

    /** The same as a workbook. */
    public void workbook(Units units, Long otherShop, OutputStream file) throws IOException {
        TrialWriter writer = writer(units);
        try (Workbook.Writing book = new Workbook.Writing(file, SHEET, writer.headings())) {
            each(otherShop, trial -> book.line(writer.cells(trial)));
        }
    }

    /** As one JSON document, each trial exactly as it is written down. */
    public void document(Long otherShop, OutputStream file) throws IOException {
        try (TrialsDocument.Writing writing = document.writing(file)) {
            each(otherShop, writing::trial);
        }
    }

    private TrialWriter writer(Units units) {
        return new TrialWriter(units, workshops.now().woods());
    }

    private interface Use {
        void of(TrialFields trial) throws IOException;
    }

    private void each(Long otherShop, Use use) throws IOException {
        Consumer<TrialFields> taking = trial -> {
            try {
                use.of(trial);
            } catch (IOException full) {
                throw new UncheckedIOException(full);
            }
        };
        try {
            trials.written(otherShop, taking);
        } catch (UncheckedIOException full) {
            throw full.getCause();
        }
    }
}
