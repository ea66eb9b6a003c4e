package brachion.server.day;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;

/**
 * What is to be planned.
 *
 * @param jobs  jobs whose pieces are to be planned; pieces on the bench are in any case
 * @param moved pieces somebody wants to begin no sooner than some moment, null for none
 * @param anew  whether nothing needs to stay where people count on it
 */
record AskedFields(@NotNull @Size(max = 50, message = "Up to 50 jobs are planned together.") List<@NotNull @Valid JobAskedFields> jobs,
                   @Size(max = 200, message = "Up to 200 pieces are moved.") List<@NotNull @Valid MovedFields> moved, boolean anew) {

    AskedFields {
        moved = moved == null ? List.of() : List.copyOf(moved);
    }

    /**
     * A job.
     *
     * @param id      its key
     * @param toStart how many of its pieces are to be begun, null for as many as its odds ask for
     */
    record JobAskedFields(@NotNull Long id, @Min(value = 0, message = PIECES) @Max(value = 200, message = PIECES) Integer toStart) {

        private static final String PIECES = "Up to 200 pieces of a job are begun.";
    }

    /**
     * A piece that is moved.
     *
     * @param jobId    the job it is of
     * @param number   which of its pieces
     * @param noSooner what comes next on it begins no sooner than that
     */
    record MovedFields(@NotNull Long jobId, @NotNull Integer number, @NotNull Instant noSooner) {
    }
}
