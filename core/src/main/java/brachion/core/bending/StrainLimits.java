package brachion.core.bending;

/**
 * How far a piece may be stretched and squeezed before about one in twenty breaks.
 *
 * @param tension     stretch the outer face bears, as a strain
 * @param compression squeeze the inner face bears, as a positive strain
 */
public record StrainLimits(double tension, double compression) {
}
