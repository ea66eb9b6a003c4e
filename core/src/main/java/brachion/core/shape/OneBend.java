package brachion.core.shape;

import brachion.core.shape.Stretch.Arc;

/**
 * Arcs of a chain that follow one another to the same side.
 *
 * @param first         place of the first of them in the chain
 * @param last          place of the last of them
 * @param tightestMm    inner radius where it is tightest [mm]
 * @param angleDegrees  how far round all of them go [°]
 * @param turn          the side they turn to
 * @param fromMm        where it begins, along the middle of the piece [mm]
 * @param lengthMm      how long it is there [mm]
 * @param tightestAtMm  where it is tightest: the middle of the tightest arc [mm]
 */
public record OneBend(int first, int last, double tightestMm, double angleDegrees, Turn turn, double fromMm, double lengthMm, double tightestAtMm) {

    OneBend and(Arc arc, int place, double arcFromMm, double arcLengthMm) {
        boolean tighter = arc.innerRadiusMm() < tightestMm;
        return new OneBend(first, place, Math.min(tightestMm, arc.innerRadiusMm()), angleDegrees + arc.angleDegrees(), turn, fromMm,
                lengthMm + arcLengthMm, tighter ? arcFromMm + arcLengthMm / 2 : tightestAtMm);
    }

    /** Where it ends [mm]. */
    public double toMm() {
        return fromMm + lengthMm;
    }
}
