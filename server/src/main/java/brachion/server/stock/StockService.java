package brachion.server.stock;

import brachion.server.job.Jobs;
import brachion.server.problem.NotHereException;
import brachion.server.problem.RefusedFieldException;
import brachion.server.species.Woods;
import brachion.server.trial.BoardNames;
import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the boards. */
@Service
@Transactional
class StockService implements Stock {

    private final StockRepository repository;
    private final BoardNames names;
    private final Woods woods;
    private final Jobs jobs;
    private final Clock clock;

    StockService(StockRepository repository, BoardNames names, Woods woods, Jobs jobs, Clock clock) {
        this.jobs = jobs;
        this.repository = repository;
        this.names = names;
        this.woods = woods;
        this.clock = clock;
    }

    @Override
    @Transactional(readOnly = true)
    public boolean untouched() {
        return repository.count() == 0;
    }

    @Override
    @Transactional(readOnly = true)
    public boolean has(long id) {
        return repository.findById(id).filter(StockBoardEntity::present).isPresent();
    }

    @Override
    public long add(BoardFields fields) {
        return lay(fields).id();
    }

    @Transactional(readOnly = true)
    public List<BoardView> boards() {
        List<StockBoardEntity> stored = repository.findByDeletedAtIsNull();
        Map<Long, String> called = names.names(stored.stream().map(StockBoardEntity::boardId).toList());
        return stored.stream().map(board -> BoardView.of(board, called.get(board.boardId())))
                .sorted(Comparator.comparing(view -> view.board().name(), String.CASE_INSENSITIVE_ORDER)).toList();
    }

    public BoardView lay(BoardFields fields) {
        fields.requireSense(woods.catalogue());
        requireJobs(fields, Set.of());
        long board = names.keyOf(fields.name());
        Optional<StockBoardEntity> there = repository.findByBoardId(board);
        if (there.isPresent() && there.get().present()) {
            throw new RefusedFieldException("name", "There is a board “" + fields.name() + "” in stock already. Choose another name.");
        }
        // one of that name that was taken out of the stock is this one again
        StockBoardEntity stored = there.orElseGet(() -> new StockBoardEntity(board));
        stored.bringBack();
        stored.write(fields);
        return view(repository.saveAndFlush(stored));
    }

    public BoardView change(long id, int version, BoardFields fields) {
        fields.requireSense(woods.catalogue());
        return change(id, version, stored -> {
            requireJobs(fields, stored.jobs());
            names.call(stored.boardId(), fields.name());
            stored.write(fields);
        });
    }

    public BoardView takeOut(long id, int version) {
        return change(id, version, stored -> stored.discard(clock.instant()));
    }

    public BoardView putBack(long id) {
        StockBoardEntity stored = repository.findById(id).orElseThrow(() -> missing(id));
        stored.bringBack();
        return view(repository.saveAndFlush(stored));
    }

    /** Refuses a job nobody has; one that is done with meanwhile stays named. */
    private void requireJobs(BoardFields fields, Set<Long> named) {
        fields.blanks().stream().map(LaidFields::jobId).filter(Objects::nonNull).distinct().filter(job -> !named.contains(job)).forEach(job -> jobs.requireThere("blanks", job));
    }

    private BoardView view(StockBoardEntity stored) {
        return BoardView.of(stored, names.names(List.of(stored.boardId())).get(stored.boardId()));
    }

    private BoardView change(long id, int version, Consumer<StockBoardEntity> change) {
        StockBoardEntity stored = repository.findById(id).filter(StockBoardEntity::present).orElseThrow(() -> missing(id));
        stored.requireVersion(version, "This board was changed elsewhere since you opened it. Look at it again and repeat your change.");
        change.accept(stored);
        return view(repository.saveAndFlush(stored));
    }

    private static NotHereException missing(long id) {
        return new NotHereException("There is no board " + id + " in stock.");
    }
}
