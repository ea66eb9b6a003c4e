package brachion.core.photo;

/**
 * A length measured on a picture.
 *
 * @param mm   the length [mm]
 * @param sdMm its standard deviation [mm]
 */
public record Measured(double mm, double sdMm) {
}
