package brachion.core.quantity;

import java.util.stream.IntStream;

/**
 * Even bands measurements are sorted into, with edges where a person would put them: at marks of the rule in inches, at ones, twos and
 * fives elsewhere. A band is known by its number, counted from zero in the unit it is read in.
 *
 * @param unit   what a measurement is divided by to come to the unit it is read in
 * @param offset what is added then
 * @param width  how wide a band is, in that unit
 */
public record Bands(double unit, double offset, double width) {

    /** The finest mark of a rule in inches that bands are set by. */
    private static final double FINEST_INCH = 1 / 16.0;
    private static final int MARKS_BELOW_AN_INCH = 4;
    private static final double[] STEPS = {1, 2, 5};
    /** What lies on an edge but for the last digits of a number belongs to the band above. */
    private static final double HAIR = 1e-9;

    /**
     * The narrowest bands by which measurements fall into no more than so many.
     *
     * @param least       the smallest of them, in the unit it is kept in
     * @param greatest    the greatest of them
     * @param measurement what is measured; null for a bare number
     * @param units       what it is read in
     * @param most        bands, 2 or more
     * @throws IllegalArgumentException for fewer bands, or numbers that are none
     */
    public static Bands of(double least, double greatest, Measurement measurement, UnitSystem units, int most) {
        if (most < 2 || !Double.isFinite(least) || !Double.isFinite(greatest) || least > greatest) {
            throw new IllegalArgumentException("No " + most + " bands from " + least + " to " + greatest);
        }
        boolean inches = measurement == Measurement.LENGTH && units == UnitSystem.INCH;
        boolean fahrenheit = measurement == Measurement.TEMPERATURE && units == UnitSystem.INCH;
        double unit = inches ? LengthUnit.INCH.millimetres() : fahrenheit ? 1 / 1.8 : 1;
        double offset = fahrenheit ? 32 : 0;
        double finest = Math.pow(10, Math.floor(Math.log10(Math.max((greatest - least) / unit / most, 1e-6))) - 1);
        return IntStream.iterate(0, step -> step + 1).mapToObj(step -> new Bands(unit, offset, inches ? ofTheRule(step) : stepsAbove(finest, step)))
                .filter(bands -> bands.of(greatest) - bands.of(least) < most).findFirst().orElseThrow();
    }

    /** Widths in inches: marks of the rule, each twice the one before, up to an inch; then ones, twos and fives. */
    private static double ofTheRule(int step) {
        return step < MARKS_BELOW_AN_INCH ? FINEST_INCH * (1 << step) : stepsAbove(1, step - MARKS_BELOW_AN_INCH);
    }

    /** The width so many steps of one, two, five above another. */
    private static double stepsAbove(double width, int step) {
        return width * STEPS[step % STEPS.length] * Math.pow(10, Math.floorDiv(step, STEPS.length));
    }

    /** Number of the band a measurement falls into. */
    public long of(double measured) {
        return (long) Math.floor((measured / unit + offset) / width + HAIR);
    }

    /** Where a band begins, in the unit the measurement is kept in; the one below ends there. A hair before its edge, so that what is counted there lies behind it. */
    public double from(long band) {
        return ((band - HAIR) * width - offset) * unit;
    }
}
