package brachion.server.shape;

import brachion.core.quantity.PhysicalBound;
import brachion.core.shape.Stretch;
import brachion.core.shape.Stretch.Arc;
import brachion.core.shape.Stretch.Straight;
import brachion.core.shape.Turn;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.Within;
import jakarta.validation.constraints.NotNull;

/**
 * A part of a curve.
 *
 * @param kind          straight or arc
 * @param lengthMm      length of a straight [mm]; none for an arc
 * @param innerRadiusMm radius of the squeezed face of an arc [mm]; none for a straight
 * @param angleDegrees  how far an arc goes round [°]
 * @param turn          to which side
 */
record StretchFields(
        @NotNull(message = "Say whether it is straight or an arc.") Kind kind,
        @Within(PhysicalBound.STRAIGHT_MM) Double lengthMm,
        @Within(PhysicalBound.ARC_RADIUS_MM) Double innerRadiusMm,
        @Within(PhysicalBound.ARC_DEGREES) Double angleDegrees,
        Turn turn) {

    /** What a part is. */
    enum Kind {
        /** Straight on. */
        STRAIGHT,
        /** Round a curve. */
        ARC
    }

    /** It as the core knows it. */
    Stretch toStretch(String field) {
        if (kind == Kind.STRAIGHT) {
            return new Straight(given(field + ".lengthMm", lengthMm, "The length of a straight is needed."));
        }
        return new Arc(given(field + ".innerRadiusMm", innerRadiusMm, "The radius of an arc is needed."),
                given(field + ".angleDegrees", angleDegrees, "The angle of an arc is needed."),
                given(field + ".turn", turn, "Say to which side the arc turns."));
    }

    private static <T> T given(String field, T value, String missing) {
        if (value == null) {
            throw new RefusedFieldException(field, missing);
        }
        return value;
    }

    /** A part of the core as it travels. */
    static StretchFields of(Stretch stretch) {
        return stretch instanceof Arc arc ? new StretchFields(Kind.ARC, null, arc.innerRadiusMm(), arc.angleDegrees(), arc.turn())
                : new StretchFields(Kind.STRAIGHT, ((Straight) stretch).lengthMm(), null, null, null);
    }
}
