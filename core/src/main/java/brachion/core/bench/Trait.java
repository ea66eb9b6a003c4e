package brachion.core.bench;

/** What can be measured of a thing in the rig, in the unit it is kept in. */
public enum Trait {
    /** Inner radius of the curve it gives [mm]. */
    RADIUS,
    /** Angle through which it bends a piece [°]. */
    ANGLE,
    /** Width of the stock it takes [mm]. */
    WIDTH,
    /** Length of the stock it takes [mm]. */
    LENGTH,
    /** Its own thickness [mm]. */
    THICKNESS,
    /** How far it opens [mm]. */
    REACH,
    /** How long it stays open at 20 °C [min]. */
    OPEN_TIME,
    /** How long it stays in the clamps [h]. */
    CLAMPED,
    /** Temperature of its air [°C]. */
    CELSIUS,
    /** Relative humidity of its air [%]. */
    HUMIDITY
}
