package brachion.server.day;

import brachion.core.bench.ItemKind;
import brachion.core.schedule.FinishingTimes.Wanted;
import brachion.core.schedule.ScheduleProblem;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What is to be scheduled in a shop, with the names of it all.
 *
 * @param from    minute 0
 * @param problem what is to be scheduled
 * @param pieces  its pieces, in its order
 * @param jobs    its jobs, in its order; the last is of all pieces that are of none
 * @param things  keys of the things in the rig, in its order
 * @param moved   pieces somebody moved, by their place, and the minute they were asked to go on at
 * @param lacking kinds of things that are needed and of which the rig has none that fits
 */
record ShopRun(Instant from, ScheduleProblem problem, List<RunPiece> pieces, List<RunJob> jobs, List<Long> things, Map<Integer, Integer> moved, Set<ItemKind> lacking) {

    /**
     * @param jobId   the job it is of, null for none
     * @param number  which of the pieces of that job
     * @param pieceId the piece on the bench, null while it is not there
     * @param name    what it is called
     */
    record RunPiece(Long jobId, int number, Long pieceId, String name) {
    }

    /**
     * @param id    key, null for the pieces that are of none
     * @param name  what it is called
     * @param dueOn by when its pieces are to be done, null when nobody waits for them
     * @param asked what is wanted of it; null of the pieces that are of none
     * @param counted how many of its pieces are good, bent, under way or to be begun
     * @param worthPlanning whether so many of its pieces come good that its days are worth planning
     */
    record RunJob(Long id, String name, LocalDate dueOn, Wanted asked, int counted, boolean worthPlanning) {
    }

    /** A moment of the schedule. */
    Instant at(int minute) {
        return from.plusSeconds(60L * minute);
    }
}
