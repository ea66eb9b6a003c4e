package brachion.server.photo;

import brachion.server.bench.Bench;
import brachion.server.bench.PieceJudged;
import brachion.server.problem.NotHereException;
import brachion.server.problem.RefusedFieldException;
import brachion.server.problem.RefusedRequestException;
import brachion.server.stock.Stock;
import brachion.server.trial.Trials;
import java.time.Clock;
import java.util.List;
import java.util.concurrent.Semaphore;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the photographs. */
@Service
@Transactional
class PhotoService implements Photos {

    private static final int MOST = 40;

    private final PhotoRepository repository;
    private final Images images;
    private final Trials trials;
    private final Stock stock;
    private final Bench bench;
    private final Clock clock;
    /** Pixels take much room: one photograph is decoded at a time. */
    private final Semaphore decoding = new Semaphore(1);

    PhotoService(PhotoRepository repository, Images images, Trials trials, Stock stock, Bench bench, Clock clock) {
        this.repository = repository;
        this.images = images;
        this.trials = trials;
        this.stock = stock;
        this.bench = bench;
        this.clock = clock;
    }

    @Override
    public void addToTrial(long trial, PhotoFields said, byte[] picture) {
        add(new Subject(trial, null, null), said, picture);
    }

    @Override
    public void addToBoard(long board, PhotoFields said, byte[] picture) {
        add(new Subject(null, board, null), said, picture);
    }

    @Transactional(readOnly = true)
    public List<PhotoView> of(Subject subject) {
        return stored(subject).stream().map(PhotoView::of).toList();
    }

    @Transactional(readOnly = true)
    public PhotoView one(long id) {
        return PhotoView.of(present(id));
    }

    public PhotoView add(Subject subject, PhotoFields fields, byte[] sent) {
        if (!isHere(subject)) {
            throw new NotHereException("What this photograph is of is not here.");
        }
        if (stored(subject).size() >= MOST) {
            throw new RefusedFieldException("photo", "There are " + MOST + " photographs here; more are not taken. Remove one first.");
        }
        Picture picture = decoded(sent);
        PhotoEntity stored = new PhotoEntity(subject, clock.instant(), picture);
        stored.write(fields);
        repository.saveAndFlush(stored);
        images.keep(stored.id(), picture);
        return PhotoView.of(stored);
    }

    private boolean isHere(Subject subject) {
        if (subject.piece() != null) {
            return bench.has(subject.piece());
        }
        return subject.trial() != null ? trials.has(subject.trial()) : stock.has(subject.board());
    }

    /** Photographs taken on the way are of the record a piece becomes. */
    @EventListener
    public void became(PieceJudged judged) {
        repository.findByPieceId(judged.piece()).forEach(photo -> photo.isOfRecord(judged.trial()));
    }

    private Picture decoded(byte[] sent) {
        if (!decoding.tryAcquire()) {
            throw new RefusedRequestException(HttpStatus.TOO_MANY_REQUESTS, "Another photograph is just being taken in. Send it again in a moment.");
        }
        try {
            return Picture.of(sent);
        } finally {
            decoding.release();
        }
    }

    public PhotoView change(long id, int version, PhotoFields fields) {
        if (fields.pointed() != null) {
            fields.pointed().requireSense();
        }
        PhotoEntity stored = present(id, version);
        stored.write(fields);
        return PhotoView.of(repository.saveAndFlush(stored));
    }

    public PhotoView remove(long id, int version) {
        PhotoEntity stored = present(id, version);
        stored.discard(clock.instant());
        return PhotoView.of(repository.saveAndFlush(stored));
    }

    public PhotoView putBack(long id) {
        PhotoEntity stored = repository.findById(id).orElseThrow(() -> missing(id));
        stored.bringBack();
        return PhotoView.of(repository.saveAndFlush(stored));
    }

    @Transactional(readOnly = true)
    public byte[] jpeg(long id, ImageSize size) {
        return images.jpeg(present(id).id(), size);
    }

    private List<PhotoEntity> stored(Subject subject) {
        if (subject.piece() != null) {
            return repository.findByPieceIdAndDeletedAtIsNullOrderById(subject.piece());
        }
        return subject.trial() != null ? repository.findByTrialIdAndDeletedAtIsNullOrderById(subject.trial())
                : repository.findByStockIdAndDeletedAtIsNullOrderById(subject.board());
    }

    private PhotoEntity present(long id) {
        return repository.findById(id).filter(PhotoEntity::present).orElseThrow(() -> missing(id));
    }

    private PhotoEntity present(long id, int version) {
        PhotoEntity stored = present(id);
        stored.requireVersion(version, "This photograph was changed elsewhere since you opened it. Look at it again and repeat your change.");
        return stored;
    }

    private static NotHereException missing(long id) {
        return new NotHereException("There is no photograph " + id + ".");
    }
}
