package brachion.core.shape;

/** A smooth curve by a parameter from 0 to 1. */
interface PlaneCurve {

    /** Where it is and where it heads. */
    Pose at(double parameter);

    /** Its curvature there [1/mm], above zero where it turns left. */
    double curvature(double parameter);

    /** Curvature of a curve from its first and second derivatives. */
    static double curvature(double dx, double dy, double ddx, double ddy) {
        double speed = Math.hypot(dx, dy);
        return (dx * ddy - dy * ddx) / (speed * speed * speed);
    }
}
