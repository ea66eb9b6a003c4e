package brachion.core.method;

/**
 * An arc that a flat strip held at both ends is pressed to, which makes it longer: by φ/sin φ − 1, with φ half the angle of the arc
 * (circle arithmetic). A shallow one is longer by 8/3·(rise/span)², the first term of that.
 *
 * <p>Check: 20 mm in 300 mm 1.19 %, 15 mm in 400 mm 0.37 % by that first term.
 *
 * @param radiusMm radius of the arc [mm]; infinite for a strip that stays flat
 * @param halfRad  half its angle [rad]
 * @param spanMm   from end to end, straight [mm]
 * @param riseMm   how far its middle stands off that line [mm]
 */
record PressedCurve(double radiusMm, double halfRad, double spanMm, double riseMm) {

    /** Ends of a closed ring meet, and no strip held at its ends gets there: beyond this it is asked as much. */
    private static final double MOST_HALF_RAD = 0.9 * Math.PI;

    /** The arc of a bend. */
    static PressedCurve of(Bend bend) {
        double half = Math.min(MOST_HALF_RAD, Math.toRadians(bend.angleDegrees()) / 2);
        double radius = bend.innerRadiusMm();
        return new PressedCurve(radius, half, 2 * radius * Math.sin(half), radius * (1 - Math.cos(half)));
    }

    /** The arc that rises so far over a span [mm]. */
    static PressedCurve rising(double riseMm, double spanMm) {
        double half = 2 * Math.atan(2 * riseMm / spanMm);
        return new PressedCurve(spanMm / (2 * Math.sin(half)), half, spanMm, riseMm);
    }

    /** By how much the strip gets longer, as a share of its length. */
    double stretch() {
        return halfRad == 0 ? 0 : halfRad / Math.sin(halfRad) - 1;
    }
}
