package brachion.core.wood;

/**
 * Minimum inner radii of good steamed stock 25 mm thick, at which breakages do not pass 5 per cent.
 *
 * @param unsupportedMm        radius without a strap [mm]
 * @param unsupportedEstimated whether that radius is our estimate and not a published one
 * @param supportedMm          radius with a close-fitting strap and end stops [mm]
 * @param supportedEstimated   whether that radius is our estimate
 */
public record BendingRadii(double unsupportedMm, boolean unsupportedEstimated,
                           double supportedMm, boolean supportedEstimated) {

    /** Thickness of the stock the radii speak of [mm]. */
    public static final double STOCK_THICKNESS_MM = 25.0;

    /** Whether either radius is an estimate. */
    public boolean estimated() {
        return unsupportedEstimated || supportedEstimated;
    }
}
