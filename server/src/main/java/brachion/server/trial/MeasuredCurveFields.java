package brachion.server.trial;

import brachion.core.quantity.PhysicalBound;
import brachion.core.trial.ReleasedCurve;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.Within;
import jakarta.validation.constraints.NotNull;

/**
 * A released curve as it is measured: by a chord and its rise, or by a chord and the gap to the pattern at its ends.
 *
 * @param patternMm radius of the pattern [mm]
 * @param chordMm   straight edge across the inner face [mm]
 * @param riseMm    how far the face stands off its middle [mm], null where the gap is given
 * @param gapMm     how far its ends stand off the pattern [mm], null where the rise is given
 */
record MeasuredCurveFields(@NotNull @Within(PhysicalBound.INNER_RADIUS_MM) Double patternMm, @NotNull @Within(PhysicalBound.CHORD_MM) Double chordMm,
                           @Within(PhysicalBound.RISE_MM) Double riseMm, @Within(PhysicalBound.GAP_MM) Double gapMm) {

    /** The curve. Refuses one of them alone, all three, and what lies on no circle, naming a field. */
    ReleasedCurve curve(String field) {
        if (chordMm == null || (riseMm == null) == (gapMm == null)) {
            throw new RefusedFieldException(field, "A chord goes with its rise, or with the gap to the pattern: give one of the two.");
        }
        try {
            return riseMm != null ? ReleasedCurve.ofChordAndRise(chordMm, riseMm) : ReleasedCurve.ofGap(patternMm, chordMm, gapMm);
        } catch (IllegalArgumentException noCircle) {
            throw new RefusedFieldException(field, "These two lie on no circle. Measure the chord and the rise or gap once more.");
        }
    }
}
