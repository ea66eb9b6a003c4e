package brachion.server.bench;

import brachion.server.trial.OutcomeFields;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * How a piece ended.
 *
 * @param outcome what is seen on it
 * @param note    anything else, up to 2,000 characters; may be empty
 */
record VerdictFields(@NotNull(message = "How it ended is needed.") @Valid OutcomeFields outcome,
                     @NotNull @Size(max = 2000, message = "A note may be up to 2,000 characters long.") String note) {
}
