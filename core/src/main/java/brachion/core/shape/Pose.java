package brachion.core.shape;

/**
 * Where a line is and where it heads.
 *
 * @param place      the place
 * @param headingRad its heading [rad]
 */
public record Pose(Place place, double headingRad) {

    /** At the origin, heading right. */
    public static final Pose START = new Pose(Place.ORIGIN, 0);

    private static final double STRAIGHT = 1e-8;

    /**
     * After a run of constant curvature: the chord of an arc of length L and curvature κ is L·sin(κL/2)/(κL/2) long and heads halfway
     * between both ends.
     */
    public Pose after(Run run) {
        double half = run.turnRad() / 2;
        double chord = Math.abs(half) < STRAIGHT ? run.lengthMm() : run.lengthMm() * Math.sin(half) / half;
        return new Pose(place.towards(headingRad + half, chord), headingRad + 2 * half);
    }

    /** So far to the left of it [mm], heading the same way. */
    public Pose leftBy(double distanceMm) {
        return new Pose(place.towards(headingRad + Math.PI / 2, distanceMm), headingRad);
    }
}
