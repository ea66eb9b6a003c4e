package brachion.server.find;

import jakarta.validation.constraints.NotNull;

/**
 * A kept view as it is shown.
 *
 * @param id   key
 * @param name what it is called
 * @param view what it shows
 */
record SavedView(long id, @NotNull String name, @NotNull ViewFields view) {
}
