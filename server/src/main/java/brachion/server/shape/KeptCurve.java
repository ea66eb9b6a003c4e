package brachion.server.shape;

import jakarta.validation.constraints.NotNull;

/**
 * A kept curve as it is shown.
 *
 * @param id    key
 * @param name  what it is called
 * @param curve the curve
 */
record KeptCurve(long id, @NotNull String name, @NotNull KeptCurveFields curve) {
}
