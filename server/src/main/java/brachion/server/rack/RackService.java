package brachion.server.rack;

import brachion.server.problem.NotHereException;
import java.time.Clock;
import java.util.List;
import java.util.function.Consumer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the rack. */
@Service
@Transactional
class RackService implements Rack {

    private final DryingPieceRepository repository;
    private final Clock clock;

    RackService(DryingPieceRepository repository, Clock clock) {
        this.repository = repository;
        this.clock = clock;
    }

    @Override
    @Transactional(readOnly = true)
    public boolean untouched() {
        return repository.count() == 0;
    }

    @Override
    public void hang(DryingFields fields, List<WeighInFields> weighIns) {
        DryingPieceEntity piece = new DryingPieceEntity(fields);
        weighIns.forEach(piece::weigh);
        repository.saveAndFlush(piece);
    }

    @Transactional(readOnly = true)
    public List<DryingView> pieces() {
        return repository.findByDeletedAtIsNullOrderByIdDesc().stream().map(DryingPieceEntity::view).toList();
    }

    public DryingView hang(DryingFields fields) {
        fields.requireKnownSpecies();
        return repository.saveAndFlush(new DryingPieceEntity(fields)).view();
    }

    public DryingView weigh(long id, int version, WeighInFields weighIn) {
        return change(id, version, piece -> piece.weigh(weighIn));
    }

    public DryingView takeBackLastWeighIn(long id, int version) {
        return change(id, version, DryingPieceEntity::takeBackLastWeighIn);
    }

    public DryingView takeOff(long id, int version) {
        return change(id, version, piece -> piece.discard(clock.instant()));
    }

    public DryingView putBack(long id) {
        DryingPieceEntity piece = repository.findById(id).orElseThrow(() -> missing(id));
        piece.bringBack();
        return repository.saveAndFlush(piece).view();
    }

    private DryingView change(long id, int version, Consumer<DryingPieceEntity> change) {
        DryingPieceEntity piece = repository.findById(id).filter(DryingPieceEntity::present)
                .orElseThrow(() -> missing(id));
        piece.requireVersion(version,
                "This piece was changed elsewhere since you opened it. Look at it again and repeat your change.");
        change.accept(piece);
        return repository.saveAndFlush(piece).view();
    }

    private static NotHereException missing(long id) {
        return new NotHereException("There is no piece " + id + " on the rack.");
    }
}
