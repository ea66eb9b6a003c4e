package brachion.server.trial;

import brachion.core.method.Recipe;
import brachion.core.risk.SetAside;
import brachion.core.trial.Trial;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/** What other capabilities may ask of the record of bends. */
public interface Trials {

    /** Counts every change to the records. */
    long revision();

    /** Counts a change that was made past this interface. */
    void changed();

    /** All trials that were not deleted, with the revision they are of. */
    Recorded recorded();

    /** Whether nothing was ever written down, deleted trials included. */
    boolean untouched();

    /**
     * Writes several trials down at once, all or none; gives their keys in the same order.
     *
     * @param trials held to the rules that hold for one that is typed in ({@link TrialFields#requireSense}), those a reader held to them already too
     */
    List<Long> log(List<TrialFields> trials, CameFrom from);

    /** Takes several trials back at once, as if they had never been written down; those that are gone already are passed over. Gives how many it were. */
    int takeBack(List<Long> trials);

    /** Writes one trial down, for a job or, where that is null, for none; gives its key. */
    long logOne(TrialFields trial, Long job);

    /** Trials that were for a job. */
    void wereFor(List<Long> trials, long job);

    /** One trial; refuses a key nobody has, and a trial that can no longer be computed with. */
    One one(long id);

    /** Trials of some keys as they are shown, in the order of the keys; those that were deleted are passed over. */
    List<TrialView> shown(List<Long> ids);

    /** Whether there is one of that key that was not deleted. */
    boolean has(long id);

    /**
     * Takes back what came in with a table and is still there.
     *
     * @param at when, by which it can be brought back
     */
    void takeBackTable(long table, Instant at);

    /** Brings back what was taken back with a table at a moment. */
    void bringBackTable(long table, Instant takenBackAt);

    /** How many trials of each table are still there, by its key; none where there are none. */
    Map<Long, Long> ofTables();

    /** Hands over all trials of the shop's own, or those of another shop, that were not deleted as they were written down, oldest first. */
    void written(Long otherShop, Consumer<TrialFields> use);

    /**
     * One trial.
     *
     * @param trial   as it was done
     * @param planned what was planned
     */
    record One(Trial trial, Recipe planned) {
    }

    /**
     * Trials at one revision.
     *
     * @param revision the revision
     * @param trials   the trials
     * @param refused  those that can no longer be computed with, such as of a wood that is gone
     */
    record Recorded(long revision, List<Trial> trials, List<SetAside> refused) {
    }
}
