package brachion.server.trial;

import brachion.core.quantity.PhysicalBound;
import brachion.core.trial.AlongBend;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.Within;
import brachion.server.storage.Absent;
import jakarta.persistence.Convert;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;

/**
 * How the trial ended. The curve after release is given by its radius, or as it was measured: by a chord and its rise, or by a chord
 * and the gap to the pattern at its ends; the radius then follows.
 *
 * @param severity         how badly the piece suffered
 * @param flaw             what was seen; null just when the piece is clean
 * @param releasedRadiusMm inner radius after release from the form [mm], null when not measured
 * @param releasedChordMm  straight edge across the inner face after release [mm], null when the radius was measured otherwise
 * @param releasedRiseMm   how far the face stands off the middle of that edge [mm]
 * @param releasedGapMm    how far the ends of that edge stand off the pattern [mm]
 * @param twistDegrees     twist from end to end [°], null when nobody looked
 * @param cupMm            how hollow it is across its width [mm], null when nobody looked
 * @param flawAt           where along the bend the flaw was, null when nobody wrote it down
 * @param also             what else was seen, each no worse than the piece; null when nothing was
 * @param mended           how it was mended, null when it was not
 * @param nextTime         what to do otherwise next time, null when nothing was written down
 */
@Embeddable
public record OutcomeFields(
        @NotNull(message = "Say how it ended.") @Enumerated(EnumType.STRING) Severity severity,
        @Enumerated(EnumType.STRING) Flaw flaw,
        @Within(PhysicalBound.INNER_RADIUS_MM) Double releasedRadiusMm,
        @Within(PhysicalBound.CHORD_MM) Double releasedChordMm,
        @Within(PhysicalBound.RISE_MM) Double releasedRiseMm,
        @Within(PhysicalBound.GAP_MM) Double releasedGapMm,
        @Within(PhysicalBound.TWIST_DEGREES) Double twistDegrees,
        @Within(PhysicalBound.CUP_MM) Double cupMm,
        @Enumerated(EnumType.STRING) AlongBend flawAt,
        @Convert(converter = SeenFields.AsDocument.class) @Size(max = MOST_SEEN, message = "Up to " + MOST_SEEN + " more things can be seen on a piece.")
        List<@NotNull @Valid SeenFields> also,
        @Size(max = 200, message = "How it was mended may be up to 200 characters long.") String mended,
        @Size(max = 500, message = "What to do otherwise may be up to 500 characters long.") String nextTime) {

    private static final int MOST_SEEN = 6;
    private static final String CHORD = "outcome.releasedChordMm";

    /** Nothing was seen where on a clean piece; an empty text is none. */
    public OutcomeFields {
        flawAt = flaw == null ? null : flawAt;
        also = also == null ? List.of() : List.copyOf(also);
        mended = Absent.given(mended);
        nextTime = Absent.given(nextTime);
    }

    /** An outcome of which no more was written down. */
    public OutcomeFields(Severity severity, Flaw flaw, Double releasedRadiusMm) {
        this(severity, flaw, releasedRadiusMm, null, null, null, null, null, null, List.of(), null, null);
    }

    /** The same with the radius that follows from how the curve was measured, where one does; on a pattern of some radius [mm]. */
    OutcomeFields measuredOn(Double patternMm) {
        if (releasedChordMm == null || patternMm == null) {
            return this;
        }
        try {
            double radiusMm = measured(patternMm).curve(CHORD).radiusMm();
            return new OutcomeFields(severity, flaw, radiusMm, releasedChordMm, releasedRiseMm, releasedGapMm, twistDegrees, cupMm, flawAt, also, mended, nextTime);
        } catch (RefusedFieldException saidWhenItIsChecked) {
            return this;
        }
    }

    private MeasuredCurveFields measured(Double patternMm) {
        return new MeasuredCurveFields(patternMm, releasedChordMm, releasedRiseMm, releasedGapMm);
    }

    /** Refuses what contradicts itself, naming the field; the pattern is that of the bend [mm]. */
    void requireSense(double patternMm) {
        if (severity == Severity.BROKEN && (releasedRadiusMm != null || releasedChordMm != null)) {
            throw new RefusedFieldException("outcome.releasedRadiusMm",
                    "A broken piece has no radius after release: clear it, or change how it ended.");
        }
        if (releasedChordMm != null || releasedRiseMm != null || releasedGapMm != null) {
            measured(patternMm).curve(CHORD);
        }
    }

    Outcome toOutcome() {
        if ((severity == Severity.CLEAN) != (flaw == null)) {
            throw new RefusedFieldException("outcome.flaw", severity == Severity.CLEAN
                    ? "A clean piece has no flaw: take the flaw away or change how it ended."
                    : "Say what was seen on the piece.");
        }
        for (int i = 0; i < also.size(); i++) {
            requireSense(i);
        }
        return new Outcome(severity, Optional.ofNullable(flaw), also.stream().map(SeenFields::toSeen).toList());
    }

    private void requireSense(int place) {
        SeenFields seen = also.get(place);
        if (seen.severity() == Severity.CLEAN || seen.severity().compareTo(severity) > 0) {
            throw new RefusedFieldException("outcome.also[" + place + "].severity", "What else was seen is a flaw, and no worse than the piece.");
        }
        if (seen.flaw() == flaw || also.subList(0, place).stream().anyMatch(before -> before.flaw() == seen.flaw())) {
            throw new RefusedFieldException("outcome.also[" + place + "].flaw", "That is said already.");
        }
    }
}
