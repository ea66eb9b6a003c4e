package brachion.server.photo;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * What is said of a photograph.
 *
 * @param caption what it shows, empty when nobody said
 * @param pointed what was pointed at, null when nothing was
 */
public record PhotoFields(@NotNull(message = "What it shows may be empty, but not missing.")
                   @Size(max = 200, message = "What it shows may be up to 200 characters long.") String caption,
                   @Valid PointedFields pointed) {
}
