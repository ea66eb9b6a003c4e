package brachion.core.bench;

import brachion.core.method.Glue;
import brachion.core.method.Recipe;
import brachion.core.method.Sheet;
import java.util.OptionalDouble;

/**
 * What the label of the glue at hand says.
 *
 * @param openMinutes  how long it stays open at 20 °C [min]; empty when nobody wrote it down
 * @param clampedHours how long it stays in the clamps [h]; empty when nobody wrote it down
 */
public record GlueAtHand(OptionalDouble openMinutes, OptionalDouble clampedHours) {

    private static final double MINUTE_S = 60;
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

    /** How long it stays open while a piece is made with it [min]: by its label, else as its kind does; empty when neither is known. */
    public OptionalDouble openMinutes(Recipe plan) {
        OptionalDouble label = openSeconds(plan.shop().celsius());
        return label.isPresent() ? OptionalDouble.of(label.getAsDouble() / MINUTE_S) : plan.method().sheet(plan).value(Sheet.Measure.OPEN_TIME);
    }

    /** How long it stays open in a shop [°C], by its label [s]; empty when nobody wrote it down. */
    OptionalDouble openSeconds(double shopC) {
        return openMinutes.isPresent() ? OptionalDouble.of(Glue.inShop(openMinutes.getAsDouble(), shopC) * MINUTE_S) : OptionalDouble.empty();
    }
}
