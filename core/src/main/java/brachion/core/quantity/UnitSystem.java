package brachion.core.quantity;

/** What a person means by a number without a unit. */
public enum UnitSystem {
    /** Inches and degrees Fahrenheit. */
    INCH(LengthUnit.INCH, TemperatureScale.FAHRENHEIT),
    /** Millimetres and degrees Celsius. */
    METRIC(LengthUnit.MILLIMETRE, TemperatureScale.CELSIUS);

    private final LengthUnit bareLength;
    private final TemperatureScale bareTemperature;

    UnitSystem(LengthUnit bareLength, TemperatureScale bareTemperature) {
        this.bareLength = bareLength;
        this.bareTemperature = bareTemperature;
    }

    /** Unit of a bare length. */
    public LengthUnit bareLength() {
        return bareLength;
    }

    /** Scale of a bare temperature. */
    public TemperatureScale bareTemperature() {
        return bareTemperature;
    }
}
