package brachion.server.job;

/** What jobs ask of whoever keeps curves. */
public interface CurvesForJobs {

    /** Whether there is such a curve, or was. */
    boolean knows(long curve);
}
