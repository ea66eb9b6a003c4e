package brachion.core.quantity;

/** The scale a bare temperature is read in. */
public enum TemperatureScale {
    /** Degrees Celsius. */
    CELSIUS,
    /** Degrees Fahrenheit. */
    FAHRENHEIT
}
