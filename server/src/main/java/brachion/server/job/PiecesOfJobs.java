package brachion.server.job;

import java.util.Collection;
import java.util.List;
import java.util.Map;

/** Somebody who keeps pieces by the job they are of. */
public interface PiecesOfJobs {

    /** The pieces of jobs, by the key of the job; none for a job of which nobody keeps any. */
    Map<Long, List<PieceOfJob>> ofJobs(Collection<Long> jobs);
}
