package brachion.server.rack;

import brachion.core.wood.SpeciesCatalogue;
import brachion.server.problem.NotHereException;
import brachion.server.species.Woods;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the rack. */
@Service
@Transactional
class RackService implements Rack {

    private final DryingPieceRepository repository;
    private final Woods woods;
    private final Clock clock;

    RackService(DryingPieceRepository repository, Woods woods, Clock clock) {
        this.repository = repository;
        this.woods = woods;
        this.clock = clock;
    }

    @Override
    @Transactional(readOnly = true)
    public boolean untouched() {
        return repository.count() == 0;
    }

    @Override
    public long hang(DryingFields fields, List<WeighInFields> weighIns) {
        DryingPieceEntity piece = new DryingPieceEntity(fields);
        weighIns.forEach(piece::weigh);
        return repository.saveAndFlush(piece).id();
    }

    @Override
    public void takeDown(long id) {
        repository.findById(id).filter(DryingPieceEntity::present).ifPresent(piece -> piece.discard(clock.instant()));
    }

    @Override
    @Transactional(readOnly = true)
    public Optional<Dried> dried(long id) {
        return repository.findById(id).map(piece -> piece.view(woods.catalogue())).filter(view -> !view.readings().isEmpty()).map(view -> {
            DryingView.ReadingView last = view.readings().get(view.readings().size() - 1);
            return new Dried(view.piece().startMoisturePercent(), last.moisturePercent(), last.days(), view.readings().size());
        });
    }

    @Transactional(readOnly = true)
    public List<DryingView> pieces() {
        SpeciesCatalogue catalogue = woods.catalogue();
        return repository.findByDeletedAtIsNullOrderByIdDesc().stream().map(piece -> piece.view(catalogue)).toList();
    }

    public DryingView hang(DryingFields fields) {
        SpeciesCatalogue catalogue = woods.catalogue();
        fields.requireSpecies(catalogue);
        return repository.saveAndFlush(new DryingPieceEntity(fields)).view(catalogue);
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
        return repository.saveAndFlush(piece).view(woods.catalogue());
    }

    private DryingView change(long id, int version, Consumer<DryingPieceEntity> change) {
        DryingPieceEntity piece = repository.findById(id).filter(DryingPieceEntity::present)
                .orElseThrow(() -> missing(id));
        piece.requireVersion(version,
                "This piece was changed elsewhere since you opened it. Look at it again and repeat your change.");
        change.accept(piece);
        return repository.saveAndFlush(piece).view(woods.catalogue());
    }

    private static NotHereException missing(long id) {
        return new NotHereException("There is no piece " + id + " on the rack.");
    }
}
