package brachion.core.shape;

/**
 * A place in the plane of the piece.
 *
 * @param xMm to the right [mm]
 * @param yMm up [mm]
 */
public record Place(double xMm, double yMm) {

    /** Where a line starts that starts nowhere else. */
    public static final Place ORIGIN = new Place(0, 0);

    /** How far it is to another [mm]. */
    public double to(Place other) {
        return Math.hypot(other.xMm - xMm, other.yMm - yMm);
    }

    /** The heading to another [rad]. */
    double headingTo(Place other) {
        return Math.atan2(other.yMm - yMm, other.xMm - xMm);
    }

    /** The place so far away [mm] in a heading [rad]. */
    public Place towards(double headingRad, double distanceMm) {
        return new Place(xMm + distanceMm * Math.cos(headingRad), yMm + distanceMm * Math.sin(headingRad));
    }

    /** The place a share of the way to another. */
    public Place between(Place other, double share) {
        return new Place(xMm + share * (other.xMm - xMm), yMm + share * (other.yMm - yMm));
    }

    /** The place turned about the origin by an angle [rad]. */
    public Place turned(double angleRad) {
        double cos = Math.cos(angleRad);
        double sin = Math.sin(angleRad);
        return new Place(xMm * cos - yMm * sin, xMm * sin + yMm * cos);
    }

    /** The place moved. */
    public Place moved(double rightMm, double upMm) {
        return new Place(xMm + rightMm, yMm + upMm);
    }
}
