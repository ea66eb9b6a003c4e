package brachion.core.quantity;

/**
 * Inches and a fraction in lowest terms, as read off a workshop rule divided to 1/64 in.
 *
 * @param whole       whole inches
 * @param numerator   0 when there is no fraction
 * @param denominator 1, 2, 4, 8, 16, 32 or 64
 * @param exact       whether the fraction is the length itself and not merely the nearest mark
 */
public record InchFraction(long whole, int numerator, int denominator, boolean exact) {

    /** Marks to the inch on the finest scale of the rule. */
    public static final int MARKS_PER_INCH = 64;

    /** Closer to a mark than this [mm], a length counts as lying on it; far below what a rule can show. */
    private static final double EXACT_WITHIN_MM = 1e-6;

    static InchFraction nearest(Length length) {
        long marks = Math.round(length.inches() * MARKS_PER_INCH);
        double markMm = marks * LengthUnit.INCH.millimetres() / MARKS_PER_INCH;
        boolean exact = Math.abs(markMm - length.millimetres()) <= EXACT_WITHIN_MM;
        long whole = marks / MARKS_PER_INCH;
        int numerator = (int) (marks % MARKS_PER_INCH);
        int denominator = MARKS_PER_INCH;
        while (denominator > 1 && numerator % 2 == 0) {
            numerator /= 2;
            denominator /= 2;
        }
        return new InchFraction(whole, numerator, denominator, exact);
    }

    /** The length this fraction stands for. */
    public Length length() {
        return Length.of(whole + (double) numerator / denominator, LengthUnit.INCH);
    }

    /** As written at the bench: {@code 3/16"}, {@code 1 1/8"}, {@code 2"}. */
    @Override
    public String toString() {
        if (numerator == 0) {
            return whole + "\"";
        }
        String fraction = numerator + "/" + denominator + "\"";
        return whole == 0 ? fraction : whole + " " + fraction;
    }
}
