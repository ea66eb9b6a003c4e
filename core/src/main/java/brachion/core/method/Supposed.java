package brachion.core.method;

import brachion.core.quantity.Measurement;
import java.util.Optional;

/**
 * What nobody wrote down of a bend: it is supposed to have been as usual, and may have been otherwise. What is usual is chosen by us from
 * common practice; of a setting it is what {@link Setting.Measured#usual} says.
 */
public enum Supposed {
    /** How the stock was dried. */
    SEASONING,
    /** How wide it is. */
    WIDTH,
    /** How far round it was bent. */
    ANGLE,
    /** How long it was carried from the heat to the form. */
    CARRY,
    /** How hot the heat was. */
    HEAT;

    /** How stock is dried where nobody said. */
    public static final Seasoning USUAL_SEASONING = Seasoning.AIR_DRIED;
    /** How wide it is, an inch [mm]. */
    public static final double USUAL_WIDTH_MM = 25.4;
    /** How far round it is bent [°]. */
    public static final double USUAL_ANGLE_DEGREES = 90;

    /** What a setting says, where that may be supposed: every way of heating has one temperature, and a carry at most. */
    public static Optional<Supposed> of(Setting<?> setting) {
        if (!(setting instanceof Setting.Measured measured) || measured.usual().isEmpty() || !measured.need().unconditional()) {
            return Optional.empty();
        }
        if (measured.measurement() == Measurement.TEMPERATURE) {
            return Optional.of(HEAT);
        }
        return measured.measurement() == Measurement.SECONDS ? Optional.of(CARRY) : Optional.empty();
    }
}
