package brachion.core.shape;

/**
 * A stretch of a line that curves the same all along.
 *
 * @param lengthMm    its length [mm]
 * @param curvature one over its radius [1/mm]; above zero where it turns left, zero where it is straight
 */
public record Run(double lengthMm, double curvature) {

    /** A line as flat as this is straight: over three metres it leaves the straight by a thousandth of a millimetre [1/mm]. */
    private static final double FLAT = 1e-9;

    /** Refuses what is no length. */
    public Run {
        if (!(lengthMm > 0) || !Double.isFinite(lengthMm) || !Double.isFinite(curvature)) {
            throw new IllegalArgumentException("A run has a length above zero and a curvature, not " + lengthMm + " mm and " + curvature + " 1/mm");
        }
    }

    /** How far it turns [rad], above zero to the left. */
    public double turnRad() {
        return lengthMm * curvature;
    }

    /** Whether it is straight. */
    public boolean straight() {
        return Math.abs(curvature) < FLAT;
    }

    /** The run beside it, so far to the left [mm]: concentric, so as long as its radius says. */
    Run leftBy(double distanceMm) {
        double share = 1 - distanceMm * curvature;
        if (!(share > 0)) {
            throw new IllegalArgumentException("Beside an arc of " + 1 / Math.abs(curvature) + " mm there is no line " + distanceMm + " mm further in");
        }
        return new Run(lengthMm * share, curvature / share);
    }

    /** The same the other way round. */
    Run reversed() {
        return new Run(lengthMm, -curvature);
    }

    /** A run on the same circle that turns by an angle [rad]. */
    public Run turning(double angleRad) {
        return new Run(Math.abs(angleRad / curvature), curvature);
    }

    /** The part of it up to a length [mm]. */
    Run upTo(double mm) {
        return new Run(mm, curvature);
    }
}
