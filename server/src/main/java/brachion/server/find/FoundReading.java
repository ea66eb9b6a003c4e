package brachion.server.find;

import brachion.server.trial.TrialView;
import jakarta.validation.constraints.NotNull;
import java.util.List;

/**
 * Records that were looked for.
 *
 * @param trials so many of them
 */
record FoundReading(@NotNull List<TrialView> trials) {
}
