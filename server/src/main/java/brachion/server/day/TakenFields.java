package brachion.server.day;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;

/**
 * A proposal that is taken.
 *
 * @param asked  what was asked
 * @param from   the moment it was made for
 * @param order  its order
 * @param begins when each stretch of work begins in it, as it was shown
 */
record TakenFields(@NotNull @Valid AskedFields asked, @NotNull Instant from, @NotNull @Size(max = 4000) List<@NotNull Integer> order, @NotNull @Size(max = 4000) List<@NotNull Instant> begins) {
}
