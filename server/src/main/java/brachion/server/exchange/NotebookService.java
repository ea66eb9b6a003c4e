package brachion.server.exchange;

import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.Workshops;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds out what somebody's own table means, and keeps what was said of it for the next one of its shape. */
@Service
@Transactional
class NotebookService {

    private final NotebookRepository repository;
    private final Workshops workshops;
    private final Clock clock;

    NotebookService(NotebookRepository repository, Workshops workshops, Clock clock) {
        this.repository = repository;
        this.workshops = workshops;
        this.clock = clock;
    }

    /** What a table is likely to mean, or was said to; nothing of it is kept. */
    @Transactional(readOnly = true)
    public NotebookAnswer look(InputStream file) throws IOException {
        BufferedInputStream buffered = new BufferedInputStream(file);
        if (TrialsDocument.isNext(buffered)) {
            return NotebookAnswer.OURS;
        }
        RawTable raw = RawTable.read(RawTable.bytes(buffered));
        if (Notebook.isOurs(raw)) {
            return NotebookAnswer.OURS;
        }
        Words words = new Words(workshops.now().woods());
        RawTable table = withColumns(raw, words);
        if (Notebook.isOurs(table)) {
            return NotebookAnswer.OURS;
        }
        return NotebookAnswer.of(Notebook.shape(table), new Notebook(table, kept(table), words), words);
    }

    /** A table in the columns and words known here. */
    @Transactional(readOnly = true)
    public Sheet sheet(byte[] file) {
        RawTable raw = RawTable.read(file);
        if (Notebook.isOurs(raw)) {
            return Sheet.of(raw);
        }
        RawTable table = withColumns(raw, new Words(workshops.now().woods()));
        return kept(table).map(translation -> new Translator(translation).sheet(table)).orElseGet(() -> Sheet.of(Notebook.isOurs(table) ? table : raw));
    }

    /** Lines written freely are taken apart into columns; a table has its own. */
    private static RawTable withColumns(RawTable raw, Words words) {
        return FreeLines.of(raw, words).orElseGet(raw::fromItsHeadings);
    }

    /** What was said of tables of this shape; what was said of another number of columns is of no use. */
    private Optional<Translation> kept(RawTable table) {
        return repository.findFirstByShapeOrderById(Notebook.shape(table)).filter(NotebookEntity::present).map(NotebookEntity::translation)
                .filter(translation -> translation.columns().size() == table.rows().get(0).cells().size());
    }

    /** Keeps what tables of a shape mean. */
    public void keep(String shape, Translation translation) {
        requireSense(translation);
        NotebookEntity stored = repository.findFirstByShapeOrderById(shape).orElseGet(() -> new NotebookEntity(shape));
        stored.bringBack();
        stored.write(translation);
        repository.saveAndFlush(stored);
    }

    /** Forgets it, so that the next table of the shape is looked at afresh. */
    public void forget(String shape) {
        repository.findFirstByShapeOrderById(shape).ifPresent(stored -> stored.discard(clock.instant()));
    }

    private static void requireSense(Translation translation) {
        Set<Column> taken = new HashSet<>();
        for (int i = 0; i < translation.columns().size(); i++) {
            String means = translation.columns().get(i).column();
            List<Column> targets = Translator.targets(means);
            if (targets.isEmpty() && !means.isEmpty() && !means.equals(Translation.LEFT_OUT)) {
                throw new RefusedFieldException("columns[" + i + "].column", "“" + means + "” is no column known here.");
            }
            if (!targets.stream().allMatch(taken::add)) {
                throw new RefusedFieldException("columns[" + i + "].column", "Two columns are taken for “" + means + "”.");
            }
        }
    }
}
