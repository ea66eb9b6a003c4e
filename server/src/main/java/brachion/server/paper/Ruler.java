package brachion.server.paper;

import brachion.core.quantity.Length;
import brachion.core.quantity.LengthUnit;
import brachion.core.quantity.UnitSystem;

/**
 * Lengths as they are read off a rule.
 *
 * @param units inches or millimetres
 */
public record Ruler(UnitSystem units) {

    private static final int MARKS_PER_INCH = 16;

    /** A length as it was given. */
    public String exact(double mm) {
        return units == UnitSystem.INCH ? new Length(mm).inchFraction().toString() : new Length(mm).metric();
    }

    /** A length that was worked out, to the sixteenth or the millimetre. */
    public String about(double mm) {
        double mark = units == UnitSystem.INCH ? LengthUnit.INCH.millimetres() / MARKS_PER_INCH : 1;
        return exact(Math.round(mm / mark) * mark);
    }
}
