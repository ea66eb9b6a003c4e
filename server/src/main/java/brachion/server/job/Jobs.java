package brachion.server.job;

import brachion.core.job.Progress;
import brachion.server.rig.UsedFields;
import java.util.Collection;
import java.util.List;
import java.util.Map;

/** What other capabilities may ask of the jobs. */
public interface Jobs {

    /** Refuses a key nobody has, naming the field that holds it; null is no job. */
    void requireThere(String field, Long job);

    /** One job; refuses a key nobody has. */
    One one(long job);

    /** What jobs are called, those that are done with as well, by their keys. */
    Map<Long, String> names(Collection<Long> jobs);

    /** What of the rig the pieces of a job are to be made with; nothing where nobody said, and of a job that is done with. */
    List<UsedFields> madeWith(long job);

    /** Takes a job on; gives its key. */
    long add(JobFields fields);

    /**
     * One job.
     *
     * @param job      what is wanted
     * @param progress how far it is
     */
    record One(JobFields job, Progress progress) {
    }
}
