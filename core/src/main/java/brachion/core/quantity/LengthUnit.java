package brachion.core.quantity;

/** Units of length a maker writes, with their size in millimetres (the inch is exact since 1959). */
public enum LengthUnit {
    /** Millimetre. */
    MILLIMETRE(1.0),
    /** Centimetre. */
    CENTIMETRE(10.0),
    /** Metre. */
    METRE(1000.0),
    /** International inch. */
    INCH(25.4),
    /** International foot. */
    FOOT(304.8);

    private final double millimetres;

    LengthUnit(double millimetres) {
        this.millimetres = millimetres;
    }

    /** Size of one unit in mm. */
    public double millimetres() {
        return millimetres;
    }
}
