package brachion.server.find;

import brachion.server.trial.TrialView;
import jakarta.validation.constraints.NotNull;
import java.util.List;

/**
 * Records that were looked for.
 *
 * @param trials so many of them
 * @param total  how many there are in all
 */
record FoundReading(@NotNull List<TrialView> trials, long total) {
}
