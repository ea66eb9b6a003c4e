package brachion.core.process;

import brachion.core.quantity.PhysicalBound;

/**
 * Where the work is done: its air cools a piece on the way to the form and dries it afterwards, and its height decides how
 * hot steam can be.
 *
 * @param celsius          temperature [°C]
 * @param relativeHumidity as a fraction
 * @param altitudeM        height above the sea [m]
 */
public record Shop(double celsius, double relativeHumidity, double altitudeM) {

    /** An ordinary shop at sea level; common practice. */
    public static final Shop USUAL = new Shop(18, 0.5, 0);

    /** Refuses places nobody works in. */
    public Shop {
        PhysicalBound.SHOP_C.require(celsius);
        PhysicalBound.HUMIDITY_PERCENT.require(100 * relativeHumidity);
        PhysicalBound.ALTITUDE_M.require(altitudeM);
    }

    /** The temperature of steam that has a way out [°C]. */
    public double boilingC() {
        return BoilingPoint.celsius(altitudeM);
    }
}
