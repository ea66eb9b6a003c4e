package brachion.server.trial;

import brachion.core.quantity.PhysicalBound;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.Within;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.NotNull;
import java.util.Optional;

/**
 * How the trial ended.
 *
 * @param severity         how badly the piece suffered
 * @param flaw             what was seen; null just when the piece is clean
 * @param releasedRadiusMm inner radius after release from the form [mm], null when not measured
 */
@Embeddable
public record OutcomeFields(
        @NotNull(message = "Say how it ended.") @Enumerated(EnumType.STRING) Severity severity,
        @Enumerated(EnumType.STRING) Flaw flaw,
        @Within(PhysicalBound.INNER_RADIUS_MM) Double releasedRadiusMm) {

    Outcome toOutcome() {
        if ((severity == Severity.CLEAN) != (flaw == null)) {
            throw new RefusedFieldException("outcome.flaw", severity == Severity.CLEAN
                    ? "A clean piece has no flaw: take the flaw away or change how it ended."
                    : "Say what was seen on the piece.");
        }
        return new Outcome(severity, Optional.ofNullable(flaw));
    }
}
