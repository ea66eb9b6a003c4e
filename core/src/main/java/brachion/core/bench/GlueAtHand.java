package brachion.core.bench;

import brachion.core.method.Glue;
import java.util.OptionalDouble;

/**
 * What the label of the glue at hand says.
 *
 * @param openMinutes  how long it stays open at 20 °C [min]; empty when nobody wrote it down
 * @param clampedHours how long it stays in the clamps [h]; empty when nobody wrote it down
 */
public record GlueAtHand(OptionalDouble openMinutes, OptionalDouble clampedHours) {

    /** A glue nothing is known of but its kind. */
    public static final GlueAtHand UNKNOWN = new GlueAtHand(OptionalDouble.empty(), OptionalDouble.empty());

    /** What was measured of a glue in the rig. */
    public static GlueAtHand of(RigItem glue) {
        return new GlueAtHand(glue.of(Trait.OPEN_TIME), glue.of(Trait.CLAMPED));
    }

    /** How long it stays in the clamps [s]. */
    public double clampedSeconds() {
        return clampedHours.orElse(Glue.CLAMPED_H) * 3600;
    }

    /** How long it stays open in a shop [°C], by its label [s]; empty when nobody wrote it down. */
    public OptionalDouble openSeconds(double shopC) {
        return openMinutes.isPresent() ? OptionalDouble.of(Glue.inShop(openMinutes.getAsDouble(), shopC) * 60) : OptionalDouble.empty();
    }
}
