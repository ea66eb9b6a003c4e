package brachion.server.job;

import brachion.server.problem.NotHereException;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.Workshops;
import brachion.server.rig.RigItems;
import brachion.server.rig.UsedFields;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the jobs. */
@Service
@Transactional
class JobService implements Jobs {

    /** What is due first stands first; what nobody waits for comes after, the newest before. */
    private static final Comparator<JobView> PRESSING = Comparator
            .comparing((JobView view) -> view.job().dueOn(), Comparator.nullsLast(Comparator.<LocalDate>naturalOrder()))
            .thenComparing(Comparator.comparing(JobView::id).reversed());

    private final JobRepository repository;
    /** Asked for late: those who keep pieces ask for the jobs, too. */
    private final ObjectProvider<PiecesOfJobs> keepers;
    private final Workshops workshops;
    private final RigItems rig;
    private final CurvesForJobs curves;
    private final Clock clock;

    JobService(JobRepository repository, ObjectProvider<PiecesOfJobs> keepers, Workshops workshops, RigItems rig, CurvesForJobs curves, Clock clock) {
        this.curves = curves;
        this.rig = rig;
        this.repository = repository;
        this.keepers = keepers;
        this.workshops = workshops;
        this.clock = clock;
    }

    @Override
    @Transactional(readOnly = true)
    public void requireThere(String field, Long job) {
        if (job != null && repository.findById(job).filter(JobEntity::present).isEmpty()) {
            throw new RefusedFieldException(field, "There is no job " + job + ".");
        }
    }

    @Override
    @Transactional(readOnly = true)
    public One one(long job) {
        JobFields fields = present(job).fields();
        return new One(fields, JobView.progress(fields, pieces(List.of(job)).getOrDefault(job, List.of())));
    }

    @Override
    @Transactional(readOnly = true)
    public Map<Long, String> names(Collection<Long> named) {
        return repository.findAllById(named).stream().collect(Collectors.toMap(JobEntity::id, JobEntity::name));
    }

    @Override
    @Transactional(readOnly = true)
    public List<UsedFields> madeWith(long job) {
        return repository.findById(job).filter(JobEntity::present).map(stored -> stored.fields().madeWith()).orElse(List.of());
    }

    @Override
    public long add(JobFields fields) {
        return takeOn(fields).id();
    }

    @Transactional(readOnly = true)
    public List<JobView> all() {
        List<JobEntity> stored = repository.findByDeletedAtIsNull();
        Map<Long, List<PieceOfJob>> pieces = pieces(stored.stream().map(JobEntity::id).toList());
        return stored.stream().map(job -> JobView.of(job, pieces.getOrDefault(job.id(), List.of()))).sorted(PRESSING).toList();
    }

    private Map<Long, List<PieceOfJob>> pieces(Collection<Long> jobs) {
        Map<Long, List<PieceOfJob>> all = new HashMap<>();
        keepers.orderedStream().forEach(keeper -> keeper.ofJobs(jobs).forEach((job, pieces) -> all.computeIfAbsent(job, none -> new ArrayList<>()).addAll(pieces)));
        return all;
    }

    public JobView takeOn(JobFields fields) {
        requireSense(fields);
        return view(repository.saveAndFlush(new JobEntity(fields, clock.instant())));
    }

    public JobView change(long id, int version, JobFields fields) {
        requireSense(fields);
        return change(id, version, stored -> stored.write(fields, clock.instant()));
    }

    private void requireSense(JobFields fields) {
        fields.recipe().toRecipe(workshops.now());
        rig.requireThere("madeWith", fields.madeWith());
        if (fields.curveId() != null && !curves.knows(fields.curveId())) {
            throw new RefusedFieldException("curveId", "There is no curve " + fields.curveId() + ".");
        }
    }

    public JobView close(long id, int version) {
        return change(id, version, stored -> stored.discard(clock.instant()));
    }

    public JobView takeUpAgain(long id) {
        JobEntity stored = repository.findById(id).orElseThrow(() -> missing(id));
        stored.bringBack();
        return view(repository.saveAndFlush(stored));
    }

    private JobView view(JobEntity stored) {
        return JobView.of(stored, pieces(List.of(stored.id())).getOrDefault(stored.id(), List.of()));
    }

    private JobView change(long id, int version, Consumer<JobEntity> change) {
        JobEntity stored = present(id);
        stored.requireVersion(version, "This job was changed elsewhere since you opened it. Look at it again and repeat your change.");
        change.accept(stored);
        return view(repository.saveAndFlush(stored));
    }

    private JobEntity present(long id) {
        return repository.findById(id).filter(JobEntity::present).orElseThrow(() -> missing(id));
    }

    private static NotHereException missing(long id) {
        return new NotHereException("There is no job " + id + ".");
    }
}
