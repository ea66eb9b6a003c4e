package brachion.server.trial;

import brachion.core.trial.Trial;


/**
 * One trial was written down and nothing else changed.
 *
 * @param revision revision of the records with it
 * @param trial    the trial
 */
public record TrialLogged(long revision, Trial trial) {
}
