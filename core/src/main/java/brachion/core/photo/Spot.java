package brachion.core.photo;

/**
 * A place on a picture, from its upper left corner.
 *
 * @param xPx to the right [px]
 * @param yPx downwards [px]
 */
public record Spot(double xPx, double yPx) {

    double to(Spot other) {
        return Math.hypot(other.xPx - xPx, other.yPx - yPx);
    }
}
