package brachion.core.photo;

import java.util.Optional;

/**
 * Slope of grain from two lines on a picture, one along the edge of the piece and one along the grain: 1 in n with n = 1/tan of the
 * angle between them (USDA Forest Service, Wood Handbook FPL-GTR-282, ch. 5). The ends of each line are off on their own, so its
 * direction is by √2·σ over its length.
 *
 * @param run      n [-], empty where the grain is as straight as can be pointed at
 * @param steepest the n that two standard deviations more would give: the grain is hardly steeper
 * @param degrees  the angle [°]
 * @param sdDegrees its standard deviation [°]
 */
public record PointedSlope(Optional<Double> run, double steepest, double degrees, double sdDegrees) {

    /** A line on the picture. */
    public record Line(Spot from, Spot to) {

        /** Refuses a line from a place to itself. */
        public Line {
            if (!(from.to(to) > 0)) {
                throw new IllegalArgumentException("A line needs two places apart");
            }
        }

        private double length() {
            return from.to(to);
        }
    }

    /**
     * Between two lines.
     *
     * @param edge  along the edge of the piece
     * @param grain along the grain
     * @param sdPx  standard deviation of a place pointed at [px]
     */
    public static PointedSlope between(Line edge, Line grain, double sdPx) {
        double ex = edge.to().xPx() - edge.from().xPx();
        double ey = edge.to().yPx() - edge.from().yPx();
        double gx = grain.to().xPx() - grain.from().xPx();
        double gy = grain.to().yPx() - grain.from().yPx();
        // neither line has a direction: which end was pointed at first says nothing
        double angle = Math.atan2(Math.abs(ex * gy - ey * gx), Math.abs(ex * gx + ey * gy));
        double sd = Math.sqrt(2) * sdPx * Math.hypot(1 / edge.length(), 1 / grain.length());
        double most = Math.min(angle + 2 * sd, Math.PI / 2);
        return new PointedSlope(angle > 2 * sd ? Optional.of(1 / Math.tan(angle)) : Optional.empty(), 1 / Math.tan(most), Math.toDegrees(angle), Math.toDegrees(sd));
    }
}
