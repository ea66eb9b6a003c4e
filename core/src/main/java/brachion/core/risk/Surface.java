package brachion.core.risk;

/** A function of several parameters whose highest point is sought. */
interface Surface {

    Local at(double[] point);

    /**
     * The function near a point.
     *
     * @param height   its value
     * @param gradient first derivatives
     * @param hessian  second derivatives; near enough to steer by, where they are not exact
     */
    record Local(double height, double[] gradient, Arrow hessian) {
    }
}
