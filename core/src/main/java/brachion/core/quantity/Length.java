package brachion.core.quantity;

import java.util.Locale;

/**
 * A length, kept in millimetres.
 *
 * @param millimetres the length in mm; finite and not negative
 */
public record Length(double millimetres) {

    /** Refuses lengths that are negative, infinite or not a number. */
    public Length {
        if (!(millimetres >= 0) || Double.isInfinite(millimetres)) {
            throw new IllegalArgumentException("A length must be zero or more millimetres, not " + millimetres);
        }
    }

    /** Lengths made from other units are kept to the nanometre, so that 6 in is 152.4 mm and not a hair less. */
    private static final double STEPS_PER_MM = 1e6;

    /** A length of so many of a unit, to the nearest nanometre. */
    public static Length of(double amount, LengthUnit unit) {
        return new Length(Math.rint(amount * unit.millimetres() * STEPS_PER_MM) / STEPS_PER_MM);
    }

    /**
     * Reads a length as a maker writes it: {@code 3/16}, {@code 1 1/8"}, {@code 1-1/8 in}, {@code 4.8 mm},
     * {@code 4,8 mm}, {@code 12cm}, {@code 2'6"}.
     *
     * @param text     what was typed
     * @param bareUnit the unit of a number that carries none; a bare fraction is always inches
     * @throws UnreadableQuantityException when the text is no length, or could be two different ones
     */
    public static Length parse(String text, LengthUnit bareUnit) {
        return LengthReading.read(text, bareUnit);
    }

    /** The length in inches. */
    public double inches() {
        return millimetres / LengthUnit.INCH.millimetres();
    }

    /** The length as the nearest workshop fraction of an inch. */
    public InchFraction inchFraction() {
        return InchFraction.nearest(this);
    }

    /** The length in millimetres with one decimal below 100 mm and none above, such as {@code 4.8 mm}. */
    public String metric() {
        boolean tenths = millimetres < 99.95;
        String number = String.format(Locale.ROOT, tenths ? "%.1f" : "%.0f", millimetres);
        return (number.endsWith(".0") ? number.substring(0, number.length() - 2) : number) + " mm";
    }
}
