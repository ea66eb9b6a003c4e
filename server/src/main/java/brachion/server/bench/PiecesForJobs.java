package brachion.server.bench;

import brachion.core.bench.PieceLife;
import brachion.core.bench.Tap;
import brachion.core.method.Workshop;
import brachion.core.trial.Severity;
import brachion.server.job.PieceOfJob;
import brachion.server.job.PiecesOfJobs;
import brachion.server.recipe.Workshops;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The pieces on the bench that are of a job. */
@Component
@Order(2)
class PiecesForJobs implements PiecesOfJobs {

    private final BenchRepository repository;
    private final Workshops workshops;

    PiecesForJobs(BenchRepository repository, Workshops workshops) {
        this.repository = repository;
        this.workshops = workshops;
    }

    @Override
    public Map<Long, List<PieceOfJob>> ofJobs(Collection<Long> jobs) {
        Workshop workshop = workshops.now();
        return repository.findByJobIdInAndDeletedAtIsNullAndTrialIdIsNullOrderById(jobs).stream()
                .collect(Collectors.groupingBy(BenchPieceEntity::jobId, Collectors.mapping(piece -> piece(piece, workshop), Collectors.toList())));
    }

    private static PieceOfJob piece(BenchPieceEntity piece, Workshop workshop) {
        PieceLife life = piece.told(BenchService.typical(piece, workshop));
        Severity seen = life.at(Tap.BROKE).isPresent() ? Severity.BROKEN
                : life.at(Tap.FEATHERS).isPresent() || life.at(Tap.CREASE).isPresent() ? Severity.FLAW : Severity.CLEAN;
        return PieceOfJob.onBench(piece.name(), piece.id(), life.step(), seen);
    }
}
