package brachion.server.find;

import brachion.core.quantity.UnitSystem;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;

/**
 * How records are counted.
 *
 * @param of      which records
 * @param rows    key of the fact they are counted by
 * @param columns key of a second fact; null for none
 * @param units   what numbers are read in, so that bands of them begin at marks a person knows
 */
record TallyFields(@NotNull @Valid FindFields of, @NotBlank String rows, String columns, @NotNull UnitSystem units) {
}
