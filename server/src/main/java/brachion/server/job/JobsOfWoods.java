package brachion.server.job;

import brachion.server.species.WoodUse;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What woods mean to the jobs: a wood a job was ever planned of stays. */
@Component
class JobsOfWoods implements WoodUse {

    private final JobRepository repository;

    JobsOfWoods(JobRepository repository) {
        this.repository = repository;
    }

    @Override
    public Optional<String> of(String speciesId) {
        return WoodUse.counted(repository.plannedOf(speciesId), "job", "jobs");
    }
}
