package brachion.server.trial;

import brachion.server.job.PieceOfJob;
import brachion.server.job.PiecesOfJobs;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The records that are of a job, in the order they were bent. */
@Component
@Order(1)
class TrialsForJobs implements PiecesOfJobs {

    private final TrialRepository repository;

    TrialsForJobs(TrialRepository repository) {
        this.repository = repository;
    }

    @Override
    public Map<Long, List<PieceOfJob>> ofJobs(Collection<Long> jobs) {
        return repository.findByJobIdInAndDeletedAtIsNullOrderByBentOn(jobs).stream()
                .collect(Collectors.groupingBy(TrialEntity::jobId, Collectors.mapping(TrialEntity::pieceOfJob, Collectors.toList())));
    }
}
