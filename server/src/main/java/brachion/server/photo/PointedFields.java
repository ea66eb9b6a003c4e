package brachion.server.photo;

import brachion.core.photo.KnownLength;
import brachion.core.photo.PointedCurve;
import brachion.core.photo.PointedSlope.Line;
import brachion.core.quantity.PhysicalBound;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.Within;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * What was pointed at on a photograph. Whatever is missing was not.
 *
 * @param pictureToShown pixels of the photograph on one pixel of the screen, while it was pointed at
 * @param known          the two ends of something of a known length
 * @param knownMm        its length [mm]
 * @param curve          places on the curve
 * @param edge           two places along the edge of the piece
 * @param grain          two places along the grain
 * @param gap            the two ends of a gap
 */
public record PointedFields(
        @NotNull(message = SCALE) @DecimalMin(value = "0.01", message = SCALE) @DecimalMax(value = "100", message = SCALE) Double pictureToShown,
        @Size(min = 2, max = 2, message = TWO) List<@Valid @NotNull SpotFields> known,
        @Within(PhysicalBound.CHORD_MM) Double knownMm,
        @Size(min = PointedCurve.FEWEST, max = 12, message = "A curve takes between three and twelve places.") List<@Valid @NotNull SpotFields> curve,
        @Size(min = 2, max = 2, message = TWO) List<@Valid @NotNull SpotFields> edge,
        @Size(min = 2, max = 2, message = TWO) List<@Valid @NotNull SpotFields> grain,
        @Size(min = 2, max = 2, message = TWO) List<@Valid @NotNull SpotFields> gap) {

    private static final String TWO = "A line has two ends.";
    private static final String SCALE = "Say how large the photograph is shown: pixels of it on one of the screen.";

    /** Refuses ends on one another. */
    void requireSense() {
        requireApart("known", known);
        requireApart("edge", edge);
        requireApart("grain", grain);
        requireApart("gap", gap);
        if (known != null && knownMm == null) {
            throw new RefusedFieldException("knownMm", "Say how long it is.");
        }
    }

    private static void requireApart(String field, List<SpotFields> ends) {
        if (ends != null && ends.get(0).equals(ends.get(1))) {
            throw new RefusedFieldException(field, "Its two ends lie on one another: draw them apart.");
        }
    }

    KnownLength knownLength() {
        return known == null ? null : new KnownLength(known.get(0).spot(), known.get(1).spot(), knownMm);
    }

    static Line line(List<SpotFields> ends) {
        return new Line(ends.get(0).spot(), ends.get(1).spot());
    }
}
