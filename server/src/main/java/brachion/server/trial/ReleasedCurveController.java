package brachion.server.trial;

import brachion.core.quantity.PhysicalBound;
import brachion.core.trial.ReleasedCurve;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.Within;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What a straight edge or the pattern says of a released curve. */
@RestController
class ReleasedCurveController {

    /**
     * @param patternMm radius of the pattern [mm]
     * @param chordMm   straight edge across the inner face [mm]
     * @param riseMm    how far the face stands off its middle [mm], null where the gap is given
     * @param gapMm     how far its ends stand off the pattern [mm], null where the rise is given
     */
    record MeasuredCurveFields(@NotNull @Within(PhysicalBound.INNER_RADIUS_MM) Double patternMm, @NotNull @Within(PhysicalBound.CHORD_MM) Double chordMm,
                               @Within(PhysicalBound.RISE_MM) Double riseMm, @Within(PhysicalBound.GAP_MM) Double gapMm) {
    }

    @PostMapping("/api/released-curve")
    ReleasedCurve curve(@Valid @RequestBody MeasuredCurveFields measured) {
        try {
            if (measured.riseMm() != null) {
                return ReleasedCurve.ofChordAndRise(measured.chordMm(), measured.riseMm());
            }
            if (measured.gapMm() != null) {
                return ReleasedCurve.ofGap(measured.patternMm(), measured.chordMm(), measured.gapMm());
            }
        } catch (IllegalArgumentException noCircle) {
            throw new RefusedFieldException("chordMm", OutcomeFields.NO_CIRCLE);
        }
        throw new RefusedFieldException("chordMm", OutcomeFields.CHORD_ALONE);
    }
}
