package brachion.core.shape;

/**
 * A cubic Bézier curve. Where a control point lies on its end, the curve heads for the next one.
 *
 * @param p0 where it starts
 * @param p1 what it heads for
 * @param p2 what it comes from
 * @param p3 where it ends
 */
public record CubicBezier(Place p0, Place p1, Place p2, Place p3) implements PlaneCurve {

    /** A control point on an end leaves no direction there; so far inside the curve there is one again. */
    private static final double INSIDE = 1e-4;

    /** A quadratic Bézier curve, raised to a cubic. */
    public static CubicBezier quadratic(Place from, Place control, Place to) {
        return new CubicBezier(from, from.between(control, 2 / 3.0), to.between(control, 2 / 3.0), to);
    }

    @Override
    public Pose at(double u) {
        double v = 1 - u;
        double a = v * v * v;
        double b = 3 * v * v * u;
        double c = 3 * v * u * u;
        double d = u * u * u;
        Place place = new Place(a * p0.xMm() + b * p1.xMm() + c * p2.xMm() + d * p3.xMm(), a * p0.yMm() + b * p1.yMm() + c * p2.yMm() + d * p3.yMm());
        Place slope = first(u);
        Place direction = slope.to(Place.ORIGIN) > 1e-9 ? slope : first(inside(u));
        return new Pose(place, Place.ORIGIN.headingTo(direction));
    }

    @Override
    public double curvature(double u) {
        double inside = inside(u);
        Place first = first(inside);
        double v = 1 - inside;
        double ddx = 6 * (v * (p2.xMm() - 2 * p1.xMm() + p0.xMm()) + inside * (p3.xMm() - 2 * p2.xMm() + p1.xMm()));
        double ddy = 6 * (v * (p2.yMm() - 2 * p1.yMm() + p0.yMm()) + inside * (p3.yMm() - 2 * p2.yMm() + p1.yMm()));
        return PlaneCurve.curvature(first.xMm(), first.yMm(), ddx, ddy);
    }

    private static double inside(double u) {
        return Math.min(1 - INSIDE, Math.max(INSIDE, u));
    }

    private Place first(double u) {
        double v = 1 - u;
        return new Place(3 * (v * v * (p1.xMm() - p0.xMm()) + 2 * v * u * (p2.xMm() - p1.xMm()) + u * u * (p3.xMm() - p2.xMm())),
                3 * (v * v * (p1.yMm() - p0.yMm()) + 2 * v * u * (p2.yMm() - p1.yMm()) + u * u * (p3.yMm() - p2.yMm())));
    }
}
